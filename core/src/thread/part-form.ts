/** How a part that slides on the cable looks from the side. */
export const partForms = [
  'ferrule',
  'nut',
  'ring',
  'coupling',
  'boot',
  'tube',
  'sleeve',
  'beads',
  'braid',
] as const;
export type PartForm = (typeof partForms)[number];
