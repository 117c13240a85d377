// Where this address has no database yet, what it begins with is asked for while the program is still on its way.
globalThis.firstData = (async () => {
  if ((await indexedDB.databases()).length > 0) return undefined;
  const { firstData } = await (await fetch('/start.json')).json();
  return { demo: firstData === 'demo' ? await fetch('/demo.json') : undefined };
})().catch(() => undefined);
