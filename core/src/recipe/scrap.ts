import { z } from 'zod';
import type { CoaxConnector, Connector } from '../connector/connector.ts';
import { seriesAndSex } from '../connector/connector.ts';
import { partKindSchema } from '../thread/part-kind.ts';

/** Something that is thrown away when work is done again: what it is, and what it is kept as in the stores. */
export const scrapSchema = z.object({
  kind: z.enum([
    ...partKindSchema.options,
    'connector',
    'connector with contact',
    'contact',
    'crimp lug',
    'cable',
    'tape',
  ]),
  name: z.string(),
});
export type Scrap = z.infer<typeof scrapSchema>;

/** Records of before say scrap in words only: they are facts and stay as they are. */
export const recordedScrapSchema = z.array(z.union([z.string(), scrapSchema]));
export type RecordedScrap = z.infer<typeof recordedScrapSchema>[number];

export const cableScrap: Scrap = { kind: 'cable', name: 'cable' };
export const tapeScrap: Scrap = { kind: 'tape', name: 'tape' };
export const contactScrap: Scrap = { kind: 'contact', name: 'centre contact' };
export const ferruleScrap: Scrap = { kind: 'ferrule', name: 'ferrule' };
export const connectorScrap = (connector: Connector | CoaxConnector): Scrap => ({
  kind: 'connector',
  name: seriesAndSex(connector),
});

/** What scrap is called at the bench, with commas. */
export function scrapWords(scrap: readonly RecordedScrap[]): string {
  return scrap
    .map((item) => {
      if (typeof item === 'string') return item;
      return item.kind === 'connector with contact' ? `${item.name} with contact` : item.name;
    })
    .join(', ');
}
