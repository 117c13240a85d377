import type { Page } from '@playwright/test';
import { expect, expectAccessible, heading, openPlace, openProof, test } from './desk.ts';

/** Sets these faults and no others, and lets the instruments read all of the plan. */
async function readWith(desk: Page, ...faults: readonly (string | RegExp)[]): Promise<void> {
  const off = desk.getByRole('button', { name: 'Take all faults off' });
  if (await off.isVisible()) await off.click();
  for (const fault of faults) await desk.getByLabel(fault, { exact: true }).check();
  await letRead(desk);
}

async function letRead(desk: Page): Promise<void> {
  const button = desk.getByRole('button', { name: 'Let the instruments read' });
  await button.click();
  await expect(desk.getByRole('button', { name: 'Stop' })).toBeHidden();
  await expect(button).toBeVisible();
}

const verdict = (desk: Page) => desk.locator('.verdict-large');
const explained = (desk: Page) => desk.getByRole('region', { name: 'What explains it' });

test('coax: open, broken, shorted, crushed, wet, wrong cable and a bad joint are found and placed', async ({
  desk,
}) => {
  await openProof(desk, 'Receiver patch lead');
  await test.step('sound, it is Good by three instruments, and says that one is out of calibration', async () => {
    await readWith(desk);
    await expect(verdict(desk)).toHaveText(/Good/);
    await expect(desk.getByText(/out of calibration/).first()).toBeVisible();
    await expect(desk.getByRole('row', { name: /^Insertion loss over the band.*Good/ })).toBeVisible();
    await expect(desk.getByText('Nothing on the run reflects that should not.')).toBeVisible();
    await expectAccessible(desk);
  });
  await test.step('an open joint: its sweep shows the end; without it two explanations are left', async () => {
    await readWith(desk, 'centre open at end B');
    await expect(explained(desk).getByText('By reflection it is at end B.')).toBeVisible();
    await expect(explained(desk).getByText('Centre open at end A')).toBeHidden();
    await desk.getByRole('button', { name: /^Take off the readings of .*analyser/ }).click();
    await expect(desk.getByText('2 explanations are equally small')).toBeVisible();
  });
  await test.step('broken in the cable: placed by capacitance and by reflection alike', async () => {
    await desk.getByRole('button', { name: 'Take all faults off' }).click();
    await desk.getByLabel('centre broken in the cable, at 40 %').check();
    await desk.getByRole('button', { name: 'Let the meter read both' }).click();
    await expect(explained(desk).getByText(/By capacitance it is in the cable, 1\.3\d+ m ±/)).toBeVisible();
    await letRead(desk);
    await expect(explained(desk).getByText(/By reflection it is in the cable, 1\.3\d+ m ±/)).toBeVisible();
    await expect(desk.getByRole('row', { name: /1\.3\d* m ±.*likely: open/ })).toBeVisible();
  });
  await test.step('a trace over time shows it at the same place', async () => {
    await desk.getByRole('button', { name: 'Reflection trace' }).click();
    await expect(desk.getByRole('row', { name: /1\.[34]\d* m ±.*likely: open/ })).toHaveCount(2);
  });
  await test.step('shorted in the cable: resistance from both ends', async () => {
    await readWith(desk, 'centre and shield touch in the cable, at 40 %');
    await expect(explained(desk).getByText(/By resistance it is in the cable, 1\.3\d+ m ±/)).toBeVisible();
    await expect(desk.getByRole('row', { name: /m ±.*likely: short/ }).first()).toBeVisible();
  });
  for (const [fault, found] of [
    ['cable pressed flat at 40 %', /1\.3\d* m ±.*likely: pressed flat/],
    [/^water in the cable/, /m ±.*likely: water/],
    [/^cable is RG-59/, /near end.*likely: another cable/],
  ] as const)
    await test.step(String(fault), async () => {
      await readWith(desk, fault);
      await expect(desk.getByRole('row', { name: found })).toBeVisible();
    });
  await test.step('a bad joint: resistance of its own path', async () => {
    await readWith(desk, 'centre joint with 400 mohm too much at end B');
    await expect(desk.getByRole('row', { name: /^Resistance, centre.*Out/ })).toBeVisible();
    await expect(verdict(desk)).toHaveText(/Out/);
    const joints = desk.getByRole('region', { name: 'Bad joints' });
    await expect(
      joints.getByText(/^Centre joint with 4\d\d mohm too much at end B|39\d mohm/).first(),
    ).toBeVisible();
    await expect(
      joints.getByRole('button', { name: 'Go back to: Cut to the conductor, end B' }),
    ).toBeVisible();
    await expectAccessible(desk);
  });
  await test.step('a film that leaks', async () => {
    await readWith(desk, 'centre and outer leak, 22 kohm, at end A');
    await expect(desk.getByRole('row', { name: /^Insulation at 500 V.*Out/ })).toBeVisible();
  });
});

test('feeder, semi-rigid and choke: crushed, open, and beads of another material', async ({ desk }) => {
  await test.step('roof repeater feeder: pressed flat', async () => {
    await openProof(desk, 'Roof repeater feeder');
    await readWith(desk, /^cable pressed flat/);
    const shown = desk.getByRole('region', { name: 'What the reflection shows' });
    await expect(shown.getByText(/likely pressed flat/i).first()).toBeVisible();
  });
  await test.step('timing antenna pigtail: centre open at end B', async () => {
    await openProof(desk, 'Timing antenna pigtail');
    await readWith(desk, 'centre open at end B');
    await expect(explained(desk).getByText('Centre open at end B.')).toBeVisible();
  });
  await test.step('radio feed line: a choke of other beads fails in its own fixture', async () => {
    await openProof(desk, 'Marine radio feed line');
    await readWith(desk, 'beads of another material near end B');
    await expect(
      desk.getByRole('row', { name: /^Common-mode rejection of the choke.*Out/ }).first(),
    ).toBeVisible();
    await desk.getByLabel('Room temperature').fill('36');
    await desk.keyboard.press('Tab');
    await expect(
      desk.getByRole('row', { name: /^Resistance, centre/ }).getByText(/^9\d\.\d mohm/),
    ).toBeVisible();
  });
});

test('a loose joint drops while it is moved, and a test can be stopped', async ({ desk }) => {
  await openProof(desk, 'Receiver patch lead');
  await desk.getByLabel('centre joint loose at end A: drops when it is moved').check();
  await desk.getByRole('button', { name: /^Wiggle test/ }).click();
  await desk.getByRole('button', { name: 'Stop' }).click();
  await expect(desk.getByText('Stopped. Nothing was taken.')).toBeVisible();
  await desk.getByRole('button', { name: 'Try again' }).click();
  await expect(
    desk.getByText(/intermittent: centre, end A to end B dropped \d+ times/).first(),
  ).toBeVisible();
  await expect(verdict(desk)).toHaveText(/Out/);
});

test('lighting: a pair reversed, a pair split, pins mirrored', async ({ desk }) => {
  await openProof(desk, 'Gangway lighting lead');
  await readWith(desk);
  await expect(verdict(desk)).toHaveText(/Good/);
  await readWith(desk, 'red and green changed over at end B');
  await expect(
    explained(desk)
      .getByText(/red and green changed over|green and red changed over/i)
      .first(),
  ).toBeVisible();
  await readWith(desk, 'white and red changed over at end A', 'white and red changed over at end B');
  await expect(desk.getByRole('row', { name: /^Continuity and shorts.*Good/ })).toBeVisible();
  await expect(desk.getByRole('row', { name: /^Pair 1 is twisted together.*Out/ }).first()).toBeVisible();
  await readWith(desk, 'all contacts counted from the other side at end B');
  await expect(
    explained(desk)
      .getByText(/counted from the other side/i)
      .first(),
  ).toBeVisible();
  await expectAccessible(desk);
});

test('audio, stereo, speaker and control: each with a fault of its own', async ({ desk }) => {
  await test.step('microphone: a core broken in the cable', async () => {
    await openProof(desk, 'Waiting-hall microphone lead');
    await readWith(desk, 'blue broken in the cable, at 40 %');
    await desk.getByRole('button', { name: 'Let the meter read both' }).click();
    await expect(
      explained(desk)
        .getByText(/Blue broken in the cable|By capacitance it is in the cable/)
        .first(),
    ).toBeVisible();
  });
  await test.step('deck-band: tip and sleeve touch', async () => {
    await openProof(desk, 'Deck-band patch lead');
    await readWith(desk, 'tip and sleeve touch at end B');
    await expect(
      explained(desk)
        .getByText(/tip and sleeve touch/i)
        .first(),
    ).toBeVisible();
  });
  await test.step('ticket desk: left and right changed over', async () => {
    await openProof(desk, 'Ticket-desk lead');
    await readWith(desk, 'centre of cable B and centre of cable C changed over at end A');
    await expect(
      explained(desk)
        .getByText(/centre of cable B and centre of cable C changed over at end A/i)
        .first(),
    ).toBeVisible();
  });
  await test.step('lounge speaker: plus and minus changed over', async () => {
    await openProof(desk, 'Lounge speaker lead');
    await readWith(desk, 'red and black changed over at end B');
    await expect(verdict(desk)).toHaveText(/Out/);
    await expect(explained(desk)).toBeVisible();
  });
  await test.step('controller tail: two cores changed over', async () => {
    await openProof(desk, 'Announcement controller tail');
    await readWith(desk, 'red and black changed over at end B');
    await expect(
      explained(desk)
        .getByText(/red and black changed over|black and red changed over/i)
        .first(),
    ).toBeVisible();
    await expectAccessible(desk);
  });
});

test('instruments that misbehave: a clear message, nothing recorded, and a second try', async ({ desk }) => {
  await openProof(desk, 'Receiver patch lead');
  for (const [temper, said] of [
    ['babbling', /talks unasked/],
    ['half an answer', /Only \d+ bytes of its answer came/],
    ['hangs up', /closed the connection/],
    ['dead', /No whole answer within 4 s. Nothing came/],
  ] as const) {
    await desk.getByLabel('How its instruments behave').selectOption(temper);
    await desk.getByRole('button', { name: 'Let the instruments read' }).click();
    await expect(desk.getByText(said).first()).toBeVisible();
    await expect(desk.getByText('6 of 6 pairs not measured').first()).toBeVisible();
  }
  await expectAccessible(desk);
  await desk.getByLabel('How its instruments behave').selectOption('well');
  await desk.getByRole('button', { name: 'Try again' }).click();
  await expect(verdict(desk)).toHaveText(/Good/);
});

test('files: sweep, matrix and trace are dropped; bad ones change nothing and say why', async ({ desk }) => {
  await openProof(desk, 'Receiver patch lead');
  const files = (name: string, text: string) =>
    desk
      .locator('input[type=file]')
      .setInputFiles({ name, mimeType: 'text/plain', buffer: Buffer.from(text) });
  await files('bad.s2p', '# Hz S RI R 50\n1e6 0 0 1 0 1 0 nonsense 0\n');
  await expect(desk.getByText(/bad\.s2p: Line 2, column 17: found "nonsense"/)).toBeVisible();
  await files('bad.csv', 'from,to,ohms\nA centre,B brim,1\n');
  await expect(desk.getByText(/bad\.csv: Line 2, column 2: found "B brim"/)).toBeVisible();
  await expect(desk.getByText('6 of 6 pairs not measured').first()).toBeVisible();
  await files(
    'matrix.csv',
    ';A centre;A outer;B centre;B outer\nA centre;;open;0,09;open\nA outer;;;open;0,02\nB centre;;;;open\n',
  );
  await expect(desk.getByRole('row', { name: /^Continuity and shorts.*Good/ })).toBeVisible();
  const sweep = Array.from(
    { length: 201 },
    (_, n) => `${1 + n} 0.01 0 0.95 ${-2 * n} 0.95 ${-2 * n} 0.01 0`,
  ).join('\n');
  await files('own.s2p', `# MHz S MA R 50\n${sweep}\n`);
  await expect(desk.getByRole('heading', { name: 'Sweep, own.s2p' })).toBeVisible();
  const volts = Array.from({ length: 400 }, (_, n) => `${n * 0.1},${n < 120 ? 500 : 1000}`).join('\n');
  await files('trace.csv', `# emf: 1 V\ntime (ns),voltage (mV)\n${volts}\n`);
  await expect(desk.getByRole('heading', { name: 'Reflection against distance, trace.csv' })).toBeVisible();
  await expect(desk.getByRole('row', { name: /m ±.*likely: open/ })).toBeVisible();
  await desk.reload();
  await expect(desk.getByRole('heading', { name: 'Sweep, own.s2p' })).toBeVisible();
  await expectAccessible(desk);
});

test('a whole order: spread, golden unit; package saved, dropped, and told from one that was changed', async ({
  desk,
}) => {
  await openPlace(desk, 'Log');
  await desk.getByRole('link', { name: 'OS-0023' }).click();
  await desk.getByRole('link', { name: 'Proofs of its order' }).click();
  await expect(heading(desk)).toHaveText(/^Proofs: /);
  const line = desk.getByRole('region', { name: 'Waiting-hall microphone lead' });
  await line.getByLabel('Golden unit to compare with').selectOption({ label: 'OS-0023' });
  await expect(line.getByRole('img', { name: /^Resistance, .*3 readings/ }).first()).toBeVisible();
  await expectAccessible(desk);
  await openPlace(desk, 'Log');
  await desk.getByRole('link', { name: 'OS-0001' }).click();
  await desk.getByRole('link', { name: 'Certificate' }).click();
  const certificate = desk.waitForEvent('download');
  await desk.getByRole('button', { name: 'Certificate (PDF)' }).click();
  expect((await certificate).suggestedFilename()).toBe('certificate-OS-0001.pdf');
  const packed = desk.waitForEvent('download');
  await desk.getByRole('button', { name: 'Data package (zip)' }).click();
  const path = await (await packed).path();
  await desk.goto('/log/check');
  await desk
    .locator('input[type=file]')
    .setInputFiles({ name: 'p.zip', mimeType: 'application/zip', buffer: await read(path) });
  await expect(desk.getByText(/p\.zip: whole\./)).toBeVisible();
  await expect(desk.getByText('the same record')).toBeVisible();
  await expectAccessible(desk);
  await dropFile(desk, 'changed.zip', changedByte(await read(path)));
  await expect(desk.getByText(/changed\.zip: (NOT as it was written|This is not a zip)/)).toBeVisible();
});

test('a lead that comes back is proved first, cut back, and keeps its history', async ({ desk }) => {
  await openPlace(desk, 'Log');
  await desk.getByRole('link', { name: 'OS-0001' }).click();
  await desk.getByRole('button', { name: 'It came back' }).click();
  await desk.getByLabel('Why it came back').fill('dead since the storm');
  await desk.getByRole('button', { name: 'Prove it first' }).click();
  await expect(desk.getByText('6 of 6 pairs not measured').first()).toBeVisible();
  await desk.getByText(/^Simulated lead/).click();
  await readWith(desk, 'centre open at end B');
  await expect(explained(desk).getByText('By reflection it is at end B.')).toBeVisible();
  await desk.getByRole('button', { name: 'Go back to: Cut to the conductor, end B' }).click();
  if (await desk.getByLabel('Who takes it shorter').isVisible()) {
    await desk.getByLabel('Who takes it shorter').fill('Mara');
    await desk.getByLabel('Why', { exact: true }).fill('cut back');
  }
  await desk.getByRole('button', { name: /^Record it and go back to: Cut to the conductor, end B/ }).click();
  await expect(heading(desk)).toHaveText('Cut to the conductor, end B');
  await desk.goto('/log');
  await desk.getByRole('link', { name: 'OS-0001' }).click();
  await expect(desk.getByText('came back once')).toBeVisible();
  await expect(desk.getByText('Came back: dead since the storm')).toBeVisible();
  await expect(desk.getByText('Record chain whole')).toBeVisible();
});

async function read(path: string): Promise<Buffer> {
  const { readFile } = await import('node:fs/promises');
  return readFile(path);
}

/** The same file with one byte of its middle turned. */
function changedByte(bytes: Buffer): Buffer {
  const changed = Buffer.from(bytes);
  const middle = Math.floor(changed.length / 2);
  changed[middle] = changed[middle]! ^ 0xff;
  return changed;
}

/** Drops a file on the page, wherever it stands. */
async function dropFile(desk: Page, name: string, bytes: Buffer): Promise<void> {
  const transfer = await desk.evaluateHandle(
    ({ name: fileName, base64 }) => {
      const raw = Uint8Array.from(atob(base64), (letter) => letter.charCodeAt(0));
      const data = new DataTransfer();
      data.items.add(new File([raw], fileName, { type: 'application/zip' }));
      return data;
    },
    { name, base64: bytes.toString('base64') },
  );
  await desk.dispatchEvent('body', 'drop', { dataTransfer: transfer });
}
