import { z } from 'zod';

/** What slides on the cable, by what it is. Rules about parts go by this, never by what a part is called. */
export const partKinds = [
  'ferrule',
  'gland nut',
  'washer',
  'gasket',
  'back nut',
  'O-ring',
  'coupling',
  'coupling nut',
  'reducer',
  'splice boot',
  'bushing',
  'chuck',
  'boot',
  'insulating tube',
  'handle',
  'relief spring',
  'shrink',
  'label sleeve',
  'split shrink',
  'core shrink',
  'edge shrink',
  'braided sleeve',
  'sleeve shrink',
  'choke',
  'choke tube',
  'choke shrink',
  'relief shrink',
  'jacket seal',
  'colour band',
  'marker ring',
  'tube',
  'plug cover',
] as const;
export const partKindSchema = z.enum(partKinds);
export type PartKind = z.infer<typeof partKindSchema>;
