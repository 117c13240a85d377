/** A dimension of the connector that a gauge card asks for. Lengths are measured along the axis from the rear lip. */
export interface FeatureDefinition {
  readonly label: string;
  /** Letter in the formulas of the strip. */
  readonly symbol: string;
  readonly how: string;
  /** Smallest and largest value that can be, metres. */
  readonly min: number;
  readonly max: number;
}

const mm = 1e-3;

function feature(
  label: string,
  symbol: string,
  how: string,
  minMm: number,
  maxMm: number,
): FeatureDefinition {
  return { label, symbol, how, min: minMm * mm, max: maxMm * mm };
}

/** Every dimension that some method asks for, by its name. A method says which it needs. */
const definitions = {
  jacketOffset: feature(
    'Jacket edge to rear lip',
    'j',
    '0 where the jacket butts against the lip, negative where the lip goes over it',
    -60,
    10,
  ),
  lipToShoulder: feature(
    'Rear lip to shoulder plane',
    'r',
    'to the front of the body behind the coupling',
    1,
    150,
  ),
  lipToMatingPlane: feature(
    'Rear lip to mating plane',
    'r',
    'to the reference plane of the interface',
    1,
    160,
  ),
  lipToTip: feature('Rear lip to tip', 'r', 'to the foremost point', 1, 170),
  bodyOutside: feature('Largest outside diameter', 'O', 'over the coupling', 2, 120),
  contactTolerance: feature(
    'Contact setback allowed',
    'u',
    'how far the contact may stand before or behind its place',
    0.05,
    2,
  ),

  stemLength: feature('Stem length', 's', 'rear lip to the shoulder behind it', 2, 60),
  stemOutside: feature('Stem outside diameter', 'D', 'over the knurl', 0.5, 30),
  stemBore: feature('Stem bore', 'b', 'the dielectric goes through it', 0.5, 30),
  stopDepth: feature(
    'Depth to stop',
    'd',
    'rear lip to the insulator that the contact flange or the dielectric meets',
    2,
    120,
  ),
  ferruleLength: feature('Ferrule length', 'f', 'over all', 3, 60),
  ferruleBore: feature('Ferrule bore', 'B', 'inside diameter before crimping', 1, 40),
  ferruleWall: feature('Ferrule wall', 'w', 'thickness', 0.1, 3),

  pinFlange: feature('Contact flange', 't', 'thickness of the flange at the rear of the contact', 0, 5),
  pinBoreDepth: feature(
    'Contact bore depth',
    'p',
    'rear face of the contact to the bottom of its bore',
    1,
    30,
  ),
  pinBore: feature('Contact bore', 'c', 'inside diameter of the contact', 0.1, 20),
  pinOutside: feature('Contact outside diameter', 'q', 'at the part that takes the conductor', 0.2, 25),
  inspectionHoleFar: feature(
    'Inspection hole, far edge',
    'h',
    'rear face of the contact to the far edge of its hole',
    0.2,
    20,
  ),
  spacerLength: feature(
    'Insulator before the contact',
    'z',
    'thickness of the disc or bush that goes on the conductor first',
    0.3,
    12,
  ),
  contactReach: feature(
    'Stop to bottom of contact',
    'k',
    'from the insulator stop to the bottom of the captive contact',
    1,
    40,
  ),

  couplingBore: feature('Coupling bore', 'K', 'smallest inside diameter of the loose coupling ring', 2, 60),
  tipBore: feature('Tip bore', 'c', 'inside diameter of the hollow tip', 0.5, 6),
  tipOutside: feature('Tip outside diameter', 'q', 'of the hollow tip', 1, 8),
  threadLength: feature(
    'Rear thread',
    'a',
    'length of the thread that bites the jacket, from the rear lip',
    2,
    40,
  ),
  threadBore: feature('Rear thread, inside', 'T', 'diameter over its crests', 2, 30),
  bodyBore: feature('Body bore', 'b', 'inside diameter where the shield lies', 1, 60),
  holeCentre: feature('Solder holes or windows', 'e', 'rear lip to their centres', 2, 60),
  holeDiameter: feature('Diameter of a hole', 'm', 'solder hole or window in the body', 0.5, 8),

  noseLength: feature('Reducer nose', 'n', 'shoulder of the reducer to the front of its nose', 2, 30),
  noseOutside: feature('Reducer nose, outside', 'N', 'diameter over its thread', 3, 20),
  reducerBore: feature('Reducer bore', 'b', 'the jacket goes through it', 1, 15),
  reducerHead: feature('Reducer head', 'g', 'rear face to its shoulder', 1, 20),

  nutBore: feature('Nut bore', 'B', 'inside diameter of the gland or back nut', 1, 70),
  nutOutside: feature('Nut outside', 'Q', 'across its corners', 3, 110),
  stackLength: feature(
    'Compressed stack',
    'a',
    'rear face of the nut to the front face of the clamp, tightened',
    2,
    60,
  ),
  washerBore: feature('Washer bore', 'W', 'hole of the flat washer', 1, 40),
  gasketBore: feature('Gasket or O-ring bore', 'G', 'before it is squeezed', 1, 70),
  clampBore: feature('Clamp bore', 'b', 'the dielectric goes through the braid clamp', 0.5, 40),
  coneLength: feature('Clamp cone', 'l', 'along the axis, from its rear edge to its front face', 0.5, 20),
  coneRim: feature('Clamp rim', 'R', 'diameter that the fanned braid must not pass', 2, 60),
  insulatorSeat: feature(
    'Insulator seat',
    'i',
    'front face of the clamp to the face that the contact flange meets',
    0,
    20,
  ),

  tubeSeat: feature('Tube seat', 'd', 'rear lip to the step that the tube meets', 1, 30),
  pitch: feature('Pitch of the corrugation', 'P', 'valley to valley of the cable', 2, 20),
  ringValley: feature(
    'Valleys under the ring',
    'v',
    'jacket edge to the valley that takes the compression ring',
    2,
    120,
  ),
  flareDiameter: feature('Flare', 'F', 'diameter of the outer conductor after flaring', 5, 80),
  ringOutside: feature('Compression ring, outside', 'R', 'when it lies in its valley', 5, 90),
  conductorProud: feature(
    'Conductor beyond the outer',
    'k',
    'how far it stands before the cut face of the outer conductor',
    0,
    60,
  ),
  innerTubeBore: feature('Bore of the inner conductor', 'c', 'that the screwed contact takes', 1, 25),

  coringDepth: feature('Coring depth', 'k', 'sheath end to where the dielectric is cut back', 5, 80),
  insertionDepth: feature('Sheath seat', 'd', 'rear lip to the stop that the sheath meets', 5, 80),
  seizingDepth: feature('Seizing depth', 'p', 'sheath stop to the front of the seizing nut', 5, 80),
  seizingBore: feature('Seizing bore', 'c', 'the conductor goes through it', 1, 10),
  mandrelOutside: feature(
    'Mandrel',
    'M',
    'outside diameter of the sleeve that goes into the cored sheath',
    4,
    40,
  ),

  postLength: feature('Post length', 's', 'shoulder of the post to its rear edge', 3, 30),
  postOutside: feature('Post outside', 'D', 'over its barb', 2, 12),
  postBore: feature('Post bore', 'b', 'dielectric with its foil goes through it', 2, 12),
  sleeveBore: feature('Sleeve bore', 'B', 'inside the body, before it is compressed', 4, 15),

  entryBore: feature(
    'Entry',
    'E',
    'smallest opening that the jacket goes through: boot, bushing or rear of the shell',
    2,
    40,
  ),
  clampFront: feature('Clamp, front edge', 'a', 'rear lip to the front of the chuck, tabs or jaws', 2, 90),
  clampLength: feature('Clamp length', 'l', 'how much of the jacket it holds', 1, 40),
  clampLeast: feature('Clamp, thinnest jacket', 'n', 'that it still grips', 0.5, 40),
  clampMost: feature('Clamp, thickest jacket', 'N', 'that it closes on', 1, 40),
  contactMouth: feature(
    'Mouth of the contact',
    'm',
    'rear lip to the mouth of the cup, the hole of the lug or the front of the clamp',
    0,
    110,
  ),
  ringMouth: feature('Ring lug', 'm2', 'rear lip to the hole of the ring lug', 1, 90),
  sleeveMouth: feature(
    'Sleeve lug',
    'm3',
    'rear lip to the hole of the sleeve lug or the seat of the shield',
    1,
    90,
  ),
  tipAcross: feature(
    'Tip lug, off the axis',
    'y',
    'from the axis of the plug to the hole of the tip lug',
    0,
    12,
  ),
  ringAcross: feature('Ring lug, off the axis', 'y2', 'from the axis to the hole of the ring lug', 0, 12),
  sleeveAcross: feature(
    'Sleeve lug, off the axis',
    'y3',
    'from the axis to the hole of the sleeve lug or the seat of the shield',
    0,
    15,
  ),
  contactDepth: feature(
    'Depth of the contact',
    'p',
    'mouth of the cup or barrel to its bottom; of a lug, its hole',
    0.5,
    30,
  ),
  contactBore: feature(
    'Bore of the contact',
    'c',
    'inside of the cup, hole of the lug, opening of the clamp',
    0.3,
    12,
  ),
  contactOutside: feature('Contact, outside', 'q', 'of the metal that is heated or clamps', 0.5, 16),
  breakout: feature('Breakout', 'B', 'jacket edge to the rear lip, along the cores', 5, 400),
} as const satisfies Record<string, FeatureDefinition>;

export type FeatureName = keyof typeof definitions;

export const featureNames = Object.keys(definitions) as [FeatureName, ...FeatureName[]];

export function featureDefinition(name: FeatureName): FeatureDefinition {
  return definitions[name];
}
