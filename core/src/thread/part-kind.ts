import { z } from 'zod';

/** Parts of a connector: none is made split. */
const ofConnector = [
  'ferrule',
  'gland nut',
  'washer',
  'gasket',
  'back nut',
  'O-ring',
  'coupling',
  'coupling nut',
  'reducer',
  'bushing',
  'chuck',
  'boot',
  'insulating tube',
  'handle',
  'relief spring',
  'plug cover',
] as const;

/** Sleeves and beads: each is made in a split or wrap-round kind too. */
const ofCable = [
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
] as const;

/** What slides on the cable, by what it is. Rules about parts go by this, never by what a part is called. */
export const partKindSchema = z.enum([...ofConnector, ...ofCable]);
export type PartKind = z.infer<typeof partKindSchema>;

const splitKinds: readonly PartKind[] = ofCable;

/** Whether a part is made in a split or wrap-round kind too. */
export const comesSplit = (kind: PartKind): boolean => splitKinds.includes(kind);
