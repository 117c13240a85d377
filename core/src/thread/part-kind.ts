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

const splitKinds: readonly PartKind[] = [
  'shrink',
  'split shrink',
  'core shrink',
  'edge shrink',
  'label sleeve',
  'splice boot',
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
];

/** Whether a part is made in a split or wrap-round kind too: sleeves and beads are, the parts of a connector are not. */
export const comesSplit = (kind: PartKind): boolean => splitKinds.includes(kind);
