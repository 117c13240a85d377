/** What is said of joints that a screw or a spring holds, and of what holds the jacket, by kind: see `joint.ts`. */

const blockHeld = 'Block on its header or in soft jaws, screws up; the cable tied down behind it.';

export const clampedJointWords = {
  'set screw': {
    held: 'Insert in a stand or on its mating part, screws up; the cable on a rest at the same height.',
    cues: ['the screw gets firm within a quarter of a turn', 'the core no longer turns in the hole'],
    good: 'all strands under the screw, insulation just outside',
    faults: {
      'strand out': 'a strand outside the hole',
      'on insulation': 'insulation under the screw: no contact',
      'not home': 'a long bare piece outside, the core too short in the hole',
    },
  },
  'opposed screws': {
    held: 'Plug in soft jaws by its shank, one screw toward you.',
    cues: [
      'both screws have met the strands before either is tight',
      'a quarter turn each, in turn, until both are firm',
    ],
    good: 'strands in the middle, both screws equally deep',
    faults: {
      'one-sided': 'one screw home, the other hardly in: strands pushed aside',
      'strand out': 'a strand outside the barrel',
      'on insulation': 'insulation under the screws: no contact',
    },
  },
  'rising clamp': {
    held: blockHeld,
    cues: [
      'the cage is seen to rise',
      'the screw gets firm within a quarter of a turn',
      'the core no longer turns',
    ],
    good: 'core in the cage, insulation just outside',
    faults: {
      'not home': 'the core lies under the cage, not in it: the screw gets firm and holds nothing',
      'strand out': 'a strand beside the cage, toward the next position',
      'on insulation': 'insulation in the cage: no contact',
    },
  },
  'spring clamp': {
    held: blockHeld,
    cues: [
      'the release stays down while the core goes in',
      'the core stops at the bottom',
      'let go: the spring is felt to bite',
    ],
    good: 'core at the bottom, insulation just outside',
    faults: {
      'strand out': 'a strand bent back outside the hole',
      'on insulation': 'the spring bites insulation: no contact',
      'not home': 'bare core outside, the spring holds its end only',
    },
  },
  tabs: {
    held: 'Plug in soft jaws by its body; a finger keeps the jacket down between the tabs.',
    cues: ['first one tab down, then the other over it', 'the jacket gives a little and no longer turns'],
    good: 'both tabs on the jacket, snug, not through it',
    faults: {
      'on the cores': 'tabs closed on bare cores or the shield tail',
      loose: 'the jacket turns or slides in the tabs',
      'cut in': 'a tab has cut through the jacket',
    },
  },
  'half shells': {
    held: 'Plug in soft jaws by its body; a finger keeps the jacket down in the lower shell.',
    cues: ['both halves meet along their whole edge', 'the teeth are felt to take the jacket'],
    good: 'halves closed evenly, teeth in the jacket',
    faults: {
      'on the cores': 'the teeth reach past the jacket edge on to cores',
      askew: 'the halves gape at one end',
      loose: 'the jacket slides between the teeth',
    },
  },
  chuck: {
    held: 'Shell in soft jaws or in the fist; the cable straight behind it.',
    cues: ['the jaws close on the jacket as the boot comes down', 'it gets firm evenly'],
    good: 'jacket seen past the jaws on both sides',
    faults: {
      'on the cores': 'the jaws close on cores: jacket edge behind them',
      loose: 'the jacket slides in the jaws',
    },
  },
  'screw cover': {
    held: 'Body flat in soft jaws, cover up.',
    cues: ['both screws start by hand', 'the cover comes down flat as they are turned in turn'],
    good: 'cover flat all round, jacket under it',
    faults: {
      askew: 'the cover stands open on one side: a screw crossed, or a lump under it',
      'on the cores': 'the cover presses on cores, not on the jacket',
    },
  },
} as const;
