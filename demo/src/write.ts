import { mkdirSync, writeFileSync } from 'node:fs';
import { writeArchive } from '@gorvane/core/file/archive.ts';
import { ferryLanding } from './ferry-landing.ts';

/** Writes the demo archive where the web build picks it up. */
const target = new URL('../../web/public/demo.zip', import.meta.url);
mkdirSync(new URL('.', target), { recursive: true });
writeFileSync(target, writeArchive(ferryLanding(), '2026-11-24T07:00:00.000Z'));
