import type { Connector } from '../connector/connector.ts';
import { seriesAndSex } from '../connector/connector.ts';

const counts = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight'];

/** From which end to which: N plug to N plug; 3.5 mm TRS plug to two 6.35 mm TS plugs. */
export function endsInWords([near, ...far]: readonly Connector[]): string {
  const names = far.map(seriesAndSex);
  const kinds = [...new Set(names)].map((name) => {
    const count = names.filter((other) => other === name).length;
    return count === 1 ? name : `${counts[count]!} ${name}s`;
  });
  return `${seriesAndSex(near!)} to ${kinds.join(' and ')}`;
}

/** What a lead is called until somebody gives it a name: N plug to N plug, low-loss foam 10 mm. */
export function automaticName(connectors: readonly Connector[], cable: { readonly name: string }): string {
  const words = `${endsInWords(connectors)}, ${cable.name}`;
  return `${words.charAt(0).toUpperCase()}${words.slice(1)}`;
}
