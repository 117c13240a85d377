import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { fill, unitOf } from '../../test/open-at.tsx';
import { exportUnit } from './export-archive.ts';
import { takeSoundFile } from './import-archive.ts';
import { database } from './database.ts';
import { addPhotograph } from './photographs.ts';
import { eventsOfUnit } from './unit-records.ts';

const { id: unitId } = unitOf('OS-0003');
const file = (size = 3, name = 'joint.jpg') => {
  const made = new File([new Uint8Array([1, 2, 3])], name, { type: 'image/jpeg' });
  Object.defineProperty(made, 'size', { value: size });
  return made;
};

/** What a browser has for pictures and jsdom has not. */
function pictures({ width, height }: { width: number; height: number }) {
  const drawn: number[][] = [];
  class Canvas {
    constructor(
      readonly width: number,
      readonly height: number,
    ) {}
    getContext = () => ({
      drawImage: (_: unknown, ...place: number[]) => drawn.push(place),
    });
    convertToBlob = () =>
      Promise.resolve({ arrayBuffer: () => Promise.resolve(new Uint8Array([9, 9]).buffer) });
  }
  Object.assign(globalThis, {
    createImageBitmap: jest.fn(() =>
      width > 0
        ? Promise.resolve({ width, height, close: () => undefined })
        : Promise.reject(new Error('no')),
    ),
    OffscreenCanvas: Canvas,
  });
  return drawn;
}
const last = async () => (await eventsOfUnit(unitId)).at(-1)!.happening;

beforeEach(() => fill());
afterEach(() => {
  Reflect.deleteProperty(globalThis, 'createImageBitmap');
  Reflect.deleteProperty(globalThis, 'OffscreenCanvas');
});

describe('a photograph of a joint', () => {
  test('is scaled to 1600 pixels on its long side, kept by its checksum and named in the record', async () => {
    const drawn = pictures({ width: 4000, height: 3000 });
    await addPhotograph(unitId, null, file(), '  fillet of pin 2 ');
    expect(drawn).toEqual([[0, 0, 1600, 1200]]);
    const happening = await last();
    expect(happening).toMatchObject({
      kind: 'photograph',
      caption: 'fillet of pin 2',
      width: 1600,
      height: 1200,
    });
    if (happening.kind === 'photograph')
      expect((await database.blobs.get(happening.hash))!.bytes).toEqual(new Uint8Array([9, 9]));
  });

  test('a small one keeps its size', async () => {
    pictures({ width: 640, height: 480 });
    await addPhotograph(unitId, null, file(), '');
    expect(await last()).toMatchObject({ width: 640, height: 480 });
  });

  test('what is no picture, or far too large, is refused and nothing is kept', async () => {
    pictures({ width: 0, height: 0 });
    const before = (await eventsOfUnit(unitId)).length;
    await expect(addPhotograph(unitId, null, file(3, 'strip.csv'), '')).rejects.toThrow(
      /"strip\.csv" is not a picture/,
    );
    await expect(addPhotograph(unitId, null, file(90e6), '')).rejects.toThrow(
      /has 90 MB; a picture of at most 40 MB/,
    );
    expect((await eventsOfUnit(unitId)).length).toBe(before);
    expect(await database.blobs.count()).toBe(0);
  });

  test('travels with its unit to another bench', async () => {
    pictures({ width: 640, height: 480 });
    await addPhotograph(unitId, null, file(), 'fillet');
    const archive = await exportUnit(unitId);
    await database.blobs.clear();
    await takeSoundFile(archive);
    expect(await database.blobs.count()).toBe(1);
  });
});
