import type { FeatureName } from './features.ts';

/** How a caliper is put to a connector for a dimension. */
export type Probe = 'depth rod' | 'step' | 'outside jaws' | 'inside jaws' | 'along the outside';

/** Dimensions that are not a depth from the rear lip: the others are, by the rod. */
const probes: Readonly<Partial<Record<FeatureName, Probe>>> = {
  stemLength: 'along the outside',
  ferruleLength: 'along the outside',
  noseLength: 'along the outside',
  lipToTip: 'along the outside',
  lipToShoulder: 'along the outside',
  lipToMatingPlane: 'along the outside',
  holeCentre: 'along the outside',
  postLength: 'along the outside',
  stackLength: 'along the outside',
  coneLength: 'along the outside',
  conductorProud: 'step',
  pinFlange: 'outside jaws',
  coneRim: 'outside jaws',
  stemOutside: 'outside jaws',
  bodyOutside: 'outside jaws',
  flareDiameter: 'outside jaws',
  contactOutside: 'outside jaws',
  contactBore: 'inside jaws',
  stemBore: 'inside jaws',
  ferruleBore: 'inside jaws',
  contactTolerance: 'step',
  pitch: 'along the outside',
};

/** Where the caliper goes for a dimension of a gauge card. */
export const probeOf = (name: FeatureName): Probe => probes[name] ?? 'depth rod';
