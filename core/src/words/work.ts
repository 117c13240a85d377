/** What is said of each kind of work, whatever it is done to: made of nothing but its kind. */

/** How work of a kind is held, so that two hands are enough. */
export const heldHow = {
  cut: 'Cable flat on the bench, a hand on either side of the cut.',
  bend: 'Tube on the former, its short side in soft jaws; both hands pull slowly.',
  thread: 'Cable end up and free. Parked parts beyond your hand, a clip behind them so that none slides off.',
  strip: 'Cable in soft jaws, standing out a hand’s width, the end toward you.',
  braid: 'Cable in soft jaws, end up, the light behind it.',
  tin: 'Cable in the vice, bare end up and leaning away: both hands are free for iron and wire.',
  solder:
    'Connector in a heat-proof stand or vice, the cable laid on a rest at the same height: both hands are free for iron and wire.',
  crimp:
    'Cable in line with the jaws and resting on the bench; a finger keeps the part where it belongs until the tool bites.',
  seat: 'Body in soft jaws or in the fist; the cable pushed straight with the other hand.',
  screw: 'Body in soft jaws or a spanner on its flats; only the nut turns.',
  measure: 'Part and instrument both resting on the bench; nothing held in the air.',
  look: 'Under lamp and magnifier, turned in the fingers.',
  tug: 'Body in soft jaws or in the fist; the other hand pulls along the axis, not sideways.',
  shrink: 'Cable across a heat-proof rest, turned with one hand, the gun in the other.',
  tape: 'Cable hung between two clips, so that the roll can pass round it.',
  label: 'Lead lying straight, both ends in sight.',
  lay: 'Both hands on the cable: nothing hangs on an end or a joint.',
  coil: 'Standing, the first end in the left hand, the lead free on the floor.',
  prove: 'Lead laid out, nothing connected but the instrument.',
} as const;

/** What is seen while it goes well, in the order in which it is seen. */
export const flowCues = {
  cut: [],
  bend: [],
  thread: [],
  strip: ['the blade runs free when it is through', 'a hard pull means that it is not: look for a nick'],
  braid: [],
  tin: ['flux bubbles', 'solder runs between the strands', 'their shape is still seen under it'],
  solder: [
    'a wet bridge of solder between tip and metal',
    'the metal is heated, not the solder',
    'the ball spreads and is drawn in',
    'wire away first, then the iron',
    'still until it dulls',
  ],
  crimp: ['square to the cable', 'closed until the ratchet lets go', 'opened without a tug'],
  seat: ['straight', 'a firm stop that is felt, not forced'],
  screw: ['two turns by hand before any spanner', 'it gets firm evenly, not at once'],
  measure: [],
  look: [],
  tug: [],
  shrink: [
    'it dulls, then shines as it grips',
    'moving on before it blisters',
    'left alone until it is cold',
  ],
  tape: ['stretched to half its width', 'it welds to itself under the thumb'],
  label: [],
  lay: [],
  coil: [],
  prove: [],
} as const;

/** Care of the tip, at every joint. */
export const tipCare = {
  solder:
    'Wipe the tip and tin it before this joint; flood it with solder before it is parked. Black or pitted: change it.',
  tin: 'Wipe the tip and tin it first; flood it before it is parked.',
} as const;
