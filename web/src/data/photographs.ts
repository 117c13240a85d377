import { checksum } from '@gorvane/core/record/checksum.ts';
import { useLiveQuery } from 'dexie-react-hooks';
import { useEffect, useMemo } from 'react';
import { database } from './database.ts';
import { recordTables } from './summaries.ts';
import { recordHappenings } from './units.ts';

/** Longest side that a picture is kept with, pixels: enough to see a fillet, small enough for thousands. */
const longestSide = 1600;
/** No camera of a bench makes larger files. */
const largestFile = 40e6;

/** A file that is no picture, with what was found and what was expected. */
export class PictureError extends Error {
  constructor(message: string) {
    super(message);
    this.name = 'PictureError';
  }
}

/** Scales a picture down and writes it as JPEG; a small one keeps its size. @throws PictureError */
async function scaled(file: File): Promise<{ bytes: Uint8Array; width: number; height: number }> {
  if (file.size > largestFile)
    throw new PictureError(
      `"${file.name}" has ${Math.round(file.size / 1e6)} MB; a picture of at most ${largestFile / 1e6} MB is expected.`,
    );
  const picture = await createImageBitmap(file).catch(() => {
    throw new PictureError(
      `"${file.name}" is not a picture that this browser reads. Expected JPEG, PNG or WebP.`,
    );
  });
  const shrink = Math.min(1, longestSide / Math.max(picture.width, picture.height));
  const [width, height] = [
    Math.max(1, Math.round(picture.width * shrink)),
    Math.max(1, Math.round(picture.height * shrink)),
  ];
  const canvas = new OffscreenCanvas(width, height);
  canvas.getContext('2d')!.drawImage(picture, 0, 0, width, height);
  picture.close();
  const jpeg = await canvas.convertToBlob({ type: 'image/jpeg', quality: 0.85 });
  return { bytes: new Uint8Array(await jpeg.arrayBuffer()), width, height };
}

/** Attaches a picture to a step of a unit: scaled, kept by its checksum, named in the record. @throws PictureError; nothing is kept then. */
export async function addPhotograph(
  unitId: string,
  stepId: string | null,
  file: File,
  caption: string,
): Promise<void> {
  const { bytes, width, height } = await scaled(file);
  const hash = checksum(bytes);
  await database.transaction('rw', [...recordTables, database.blobs], async () => {
    await database.blobs.put({ hash, bytes });
    await recordHappenings(unitId, () => [
      { kind: 'photograph', stepId, hash, caption: caption.trim(), width, height },
    ]);
  });
}

/** A picture or file that a record names, by its checksum; undefined where it did not come here. */
export const keptBytes = async (hash: string): Promise<Uint8Array | undefined> =>
  (await database.blobs.get(hash))?.bytes;

/** An address under which a kept picture can be shown; undefined while it is read, null where it is not here. */
export function usePicture(hash: string): string | null | undefined {
  const bytes = useLiveQuery(async () => (await keptBytes(hash)) ?? null, [hash]);
  const address = useMemo(
    () => bytes && URL.createObjectURL(new Blob([bytes.slice()], { type: 'image/jpeg' })),
    [bytes],
  );
  useEffect(() => () => void (address && URL.revokeObjectURL(address)), [address]);
  return bytes === undefined ? undefined : (address ?? null);
}
