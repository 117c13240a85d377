import type { Unit } from '@gorvane/core/unit/unit.ts';
import { exportUnit } from '../data/export-archive.ts';
import { saveFile } from './save-file.ts';

/** Hands a unit to the downloads as a file that another bench reads in. Returns the name of the file. */
export async function saveUnitFile(unit: Unit): Promise<string> {
  const name = `${unit.serial}.gorvane.zip`;
  saveFile(await exportUnit(unit.id), name, 'application/zip');
  return name;
}
