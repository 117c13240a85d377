/** What is said of joints that are soldered, by kind: see `joint.ts`. */

const insertInStand =
  'Insert in a stand or on its mating part, solder side up; the cable on a rest at the same height.';
const plugInVice = 'Plug in soft jaws by its body, the cable on a rest at the same height.';
const contactInVice =
  'Cable upright in soft jaws, contact up, nothing touching the contact but iron and wire.';
const coreMelted = 'insulation run back or swollen from the joint';

export const solderedJointWords = {
  cup: {
    held: insertInStand,
    cues: [
      'the flux stops bubbling: the cup is liquid to its bottom',
      'the core sinks in and the solder closes round it',
      'wire away first, then the iron',
      'still until it dulls',
    ],
    good: 'full to the rim, core at the bottom',
    faults: {
      'short fill': 'a dip or a hole beside the core, strands seen below the rim',
      'over-filled': 'solder over the rim or down the outside',
      cold: 'a dull ball, grainy, not wetted to the wall',
      spike: 'a tail of solder where the iron left',
      melted: coreMelted,
    },
  },
  'lug with a hole': {
    held: plugInVice,
    cues: [
      'lug and core both shine as they take the tin',
      'one smooth fillet from core to lug',
      'wire away first, then the iron',
      'still until it dulls',
    ],
    good: 'core through the hole, wetted on both sides',
    faults: {
      cold: 'a ball on the core, the lug dull beside it',
      'over-filled': 'a lump that reaches the next lug or stands higher than the tube allows',
      'strand out': 'a strand stands off toward the next lug',
      melted: coreMelted,
    },
  },
  'flat lug': {
    held: plugInVice,
    cues: [
      'lug and core both shine as they take the tin',
      'both melt as one when the iron touches',
      'still until it dulls',
    ],
    good: 'lies flat along the lug, wetted its whole length',
    faults: {
      cold: 'the core lies on the solder, not in it',
      'over-filled': 'a lump over the edge of the lug',
      'strand out': 'a wire of the shield or a strand beside the lug',
      melted: coreMelted,
    },
  },
  'grooved lug': {
    held: plugInVice,
    cues: ['the groove shines along its whole length', 'the core sinks into it', 'still until it dulls'],
    good: 'core down in the groove, solder level with its edges',
    faults: {
      'short fill': 'the core bridges the groove, daylight under it',
      'over-filled': 'solder over the edges of the groove',
      'strand out': 'a strand outside the groove',
      melted: coreMelted,
    },
  },
  recess: {
    held: 'Body flat in soft jaws, recess up; the cable on a rest at the same height.',
    cues: [
      'the body itself melts the wire, not the iron',
      'solder runs under the whole shield',
      'still until it dulls: the body gives its heat back slowly',
    ],
    good: 'flat, no higher than the recess',
    faults: {
      'over-filled': 'a lump that keeps the cover off',
      cold: 'solder lies on the body and has not run under',
      melted: 'insulation of the core soft or glassy',
    },
  },
  'pin hole': {
    held: contactInVice,
    cues: [
      'the contact melts the wire at its hole',
      'solder is drawn in and shows at the hole',
      'wire away first, then the iron',
      'still until it dulls',
    ],
    good: 'level in the hole, outside clean, no gap behind',
    faults: {
      'over-filled': 'a bead or spike on the outside of the contact',
      'stands off': 'a gap between flange and dielectric',
      melted: 'dielectric swollen or pushed into a collar',
    },
  },
  bead: {
    held: contactInVice,
    cues: [
      'the contact melts the wire at its edge',
      'a thin line of solder runs once round',
      'wire away first, then the iron',
      'still until it dulls',
    ],
    good: 'a thin even ring at the edge, no gap behind',
    faults: {
      'one-sided': 'solder on one side of the edge only',
      'over-filled': 'a ridge thicker than the contact',
      'stands off': 'a gap between flange and dielectric',
      melted: 'dielectric swollen or pushed into a collar',
    },
  },
  'hollow tip': {
    held: 'Plug in soft jaws by its body, tip up and leaning a little toward you.',
    cues: [
      'the side of the tip is hot enough to melt the wire at its mouth',
      'solder is drawn down, then stands at the mouth',
      'wire away first, then the iron',
      'still until it dulls',
    ],
    good: 'a small dome at the mouth, outside bright and bare',
    faults: {
      'short fill': 'a hole at the mouth, the core seen down inside',
      'over-filled': 'a ridge or drop on the outside of the tip',
      spike: 'a tail of solder at the mouth',
    },
  },
  'body hole': {
    held: 'Body in soft jaws by its rear, the hole up; cotton glove or pliers for the other hand.',
    cues: [
      'solder on the tip goes flat: the body is hot',
      'it runs from the rim on to the braid',
      'the hole fills level and draws in a little',
      'tip away, still until it dulls',
    ],
    good: 'level, drawn in a little, wetted to rim and braid',
    faults: {
      cold: 'a ball on the body that can be flicked off',
      'short fill': 'a skin over the hole, hollow under it',
      melted: 'dielectric pushing out at the front or into the hole',
    },
  },
  'tube in a body': {
    held: 'Tube and body clamped together in the fixture, joint toward you, a rest under the cable.',
    cues: [
      'the far side melts the wire: both are hot',
      'solder runs round by itself',
      'off at once',
      'still until it dulls',
    ],
    good: 'a thin fillet all round',
    faults: {
      'one-sided': 'the fillet stops half way round',
      'over-filled': 'solder on the thread or under the nut',
      melted: 'dielectric pushed out at the front',
    },
  },
  'joined cores': {
    held: 'Both cables flat under clips, the joint in the air between them.',
    cues: [
      'the joint melts the wire, not the iron',
      'strands still seen under the solder',
      'still until it dulls',
    ],
    good: 'wetted right through, strands still seen',
    faults: {
      cold: 'solder sits on the outside as a ball',
      'strand out': 'a strand stands off and will pierce the sleeve',
      melted: coreMelted,
    },
  },
} as const;
