import { unsavedChanges } from '../../draft/draft-slice.ts';
import { beforeEach, describe, expect, test } from '@jest/globals';
import { screen, waitFor } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import type { CableEntry, CoaxEntry } from '@gorvane/core/cable/construction.ts';
import { fill, openAt, write } from '../../../test/open-at.tsx';
import { addOwnCable } from '../../data/cables.ts';
import { database } from '../../data/database.ts';
import { exportEverything } from '../../data/export-archive.ts';
import { takeSoundFile } from '../../data/import-archive.ts';
import { startEmpty } from '../../data/start-empty.ts';

beforeEach(() => fill());

const stored = async () => (await database.cables.toArray())[0]!.entry;
const retype = async (label: string, text: string) => {
  const field = await screen.findByLabelText(label);
  await write(field, `${text}{Enter}`);
};
const becomes = (part: Partial<CableEntry> | object) =>
  waitFor(async () => expect(await stored()).toMatchObject(part), { timeout: 4000 });

async function openLayers() {
  const { store } = openAt(`/lab/cables/${await addOwnCable()}`);
  await userEvent.click(await screen.findByRole('button', { name: 'Enter its layers too' }));
  await screen.findByLabelText('Conductor diameter');
  return store;
}

describe('layers typed over', () => {
  test('a conductor keeps its metal when its size changes, and its size when the metal does', async () => {
    await openLayers();
    await retype('Conductor diameter', '2.7 mm');
    await becomes({ conductor: { diameterMm: 2.7, strandLayers: [{ metal: 'copper', thicknessMm: 1.35 }] } });
    await userEvent.selectOptions(screen.getByLabelText('Conductor metal'), 'copper-clad aluminium');
    await becomes({
      conductor: { diameterMm: 2.7, strandLayers: [{ metal: 'aluminium' }, { metal: 'copper' }] },
    });
    await userEvent.selectOptions(screen.getByLabelText('Strands'), '7');
    await becomes({ conductor: { strands: 7, diameterMm: 2.7 } });
    const { conductor } = (await stored()) as CoaxEntry;
    const radius = conductor.strandLayers.reduce((sum, { thicknessMm }) => sum + thicknessMm, 0);
    expect(radius).toBeCloseTo(2.7 / 6, 6);
  });

  test('the velocity factor becomes the permittivity; foil, braid and jacket are its own', async () => {
    await openLayers();
    await retype('Velocity factor', '0.8');
    await becomes({ dielectric: { permittivity: 1.5625 } });
    await userEvent.selectOptions(screen.getByLabelText('Dielectric'), 'PTFE');
    await becomes({ dielectric: { material: 'PTFE', permittivity: 1.5625 } });
    await userEvent.click(screen.getByLabelText('Foil under the braid'));
    await waitFor(async () => expect(((await stored()) as CoaxEntry).foil).toBeUndefined());
    await retype('Braid coverage, %', '85');
    await becomes({ braids: [{ coverage: 0.85 }] });
    await retype('Braid wire', '0.12');
    await becomes({ braids: [{ wireDiameterMm: 0.12, coverage: 0.85 }] });
    await retype('Outside diameter', '0.4 in');
    await becomes({ jacket: { diameterMm: 10.16 } });
    await userEvent.click(screen.getByLabelText('For outdoors'));
    await becomes({ jacket: { outdoor: false } });
  });

  test.each([
    ['Conductor diameter', '0', /above 0/],
    ['Braid coverage, %', '120', /a coverage, 40 to 99/],
    ['Impedance, ohm', 'fifty', /an impedance, 10 to 300/],
    ['Loss points, dB per 100 m', '100 MHz', /two or more points/],
    ['Name', ' ', /a name/],
  ])('%s "%s" changes nothing', async (label, text, message) => {
    const store = await openLayers();
    await waitFor(async () => expect((await stored()).structure).toBe('coax'));
    const before = await stored();
    await retype(label, text);
    expect(await screen.findByText(message)).toBeTruthy();
    // Nothing waits to be saved, and nothing was.
    expect(Object.values(store.getState().draft.records).flatMap(unsavedChanges)).toEqual([]);
    expect(await stored()).toEqual(before);
  });

  test('a change is taken back with Ctrl+Z', async () => {
    await openLayers();
    await retype('Name', 'Reel ten');
    await becomes({ name: 'Reel ten' });
    await userEvent.click(screen.getByRole('heading', { name: 'Line lab' }));
    await userEvent.keyboard('{Control>}z{/Control}');
    await becomes({ name: 'Cable from a data sheet' });
  });
});

test('a copied cable of cores can be renamed, and says what it cannot', async () => {
  const { router } = openAt('/lab/cables/mic-pair');
  await userEvent.click(await screen.findByRole('button', { name: 'Copy and change' }));
  await waitFor(() => expect(router.state.location.pathname).not.toMatch(/mic-pair$/));
  expect(await screen.findByText(/their layers are not typed over yet/)).toBeTruthy();
  await retype('Name', 'Stage reel');
  await becomes({ name: 'Stage reel', structure: 'cores' });
});

test('own cables travel with the archive', async () => {
  await addOwnCable();
  const bytes = await exportEverything();
  await startEmpty();
  expect(await database.cables.count()).toBe(0);
  await takeSoundFile(bytes);
  expect((await stored()).name).toBe('Cable from a data sheet');
});
