/** What is said of crimps and of bodies that close on the cable, by kind: see `joint.ts`. */

export const crimpedJointWords = {
  ferrule: {
    held: 'Cable in line with the jaws; a finger keeps the ferrule against the body until the tool bites.',
    cues: ['square to the cable', 'closed until the ratchet lets go', 'opened without a tug'],
    good: 'against the body, even flats, the cable end left open a little',
    faults: {
      'stands off': 'a gap between ferrule and body, braid seen in it',
      'crimped twice': 'two sets of flats, metal thinned',
      'die too large': 'flats hardly seen, the ferrule turns',
      'die too small': 'ears along the seams, cut into the braid',
    },
  },
  contact: {
    held: 'Cable in the fist, the tool on the bench; a fingertip keeps the flange against the dielectric until the tool bites.',
    tug: 'Cable in the fist close behind the contact; the contact between thumb and finger, or in smooth pliers.',
    cues: [
      'the conductor shows in the inspection hole',
      'closed until the ratchet lets go',
      'straight as it leaves the jaws',
    ],
    good: 'conductor in the hole, no gap behind, straight',
    faults: {
      'not home': 'no conductor in the inspection hole',
      'stands off': 'a gap between flange and dielectric',
      'crimped twice': 'two sets of marks, the barrel bent',
      'die too large': 'the contact turns on the conductor',
    },
  },
  'lug barrel': {
    held: 'Tool on the bench, barrel in its die, seam up; the core pushed in with the other hand.',
    tug: 'Cable in the fist; the fork in smooth pliers.',
    cues: ['strands show at the front', 'one stroke, until the ratchet lets go'],
    good: 'strands at the front, mark in the middle',
    faults: {
      'on insulation': 'insulation inside the barrel: few strands held',
      'strand out': 'a strand outside the barrel',
      'crimped twice': 'two marks, the barrel split',
    },
  },
  'wire-end ferrule': {
    held: 'Tool on the bench; ferrule and core pushed into the jaws together.',
    tug: 'Cable in the fist; the sleeve in smooth pliers.',
    cues: ['strands level with the front of the sleeve', 'one stroke, until the ratchet lets go'],
    good: 'strands at the front, collar over the insulation',
    faults: {
      'not home': 'an empty front: the strands end inside',
      'strand out': 'a strand bent back outside the sleeve',
      'die too large': 'the sleeve slides off',
    },
  },
  'modular plug': {
    held: 'Plug between thumb and finger, tab underneath; the cores pushed with the other hand until it is in the tool.',
    cues: ['every core seen at the front wall', 'one stroke, to the stop'],
    good: 'every core at the wall, every blade down, clamp on the jacket',
    faults: {
      'not home': 'a core short of the front wall: its blade bites nothing',
      'on the cores': 'the clamp is down on cores, the jacket outside',
    },
  },
  gland: {
    held: 'Body still in soft jaws or under its own spanner; only the nut turns.',
    cues: ['three turns by hand before any spanner', 'it gets firm evenly as the gasket closes'],
    good: 'gasket closed on the jacket, body not turned',
    faults: {
      turned: 'body turned with the nut: braid wrung off the clamp',
      askew: 'nut crossed, gasket squeezed out on one side',
      'not home': 'the nut is firm and the cable still slides',
    },
  },
  'screwed body': {
    held: 'Cable in the vice, standing out a hand’s width; the body turned by hand, steadily.',
    cues: [
      'the thread bites and drags evenly',
      'straight: the body does not wander round the cable',
      'the conductor comes out at the tip',
    ],
    good: 'straight on the cable, conductor out at the tip',
    faults: {
      'not home': 'the conductor does not reach the tip, or braid is not under every hole',
      askew: 'body at an angle, jacket cut on one side',
    },
  },
  'screwed reducer': {
    held: 'Reducer by its head in smooth pliers; the body turned by hand.',
    cues: ['thread starts by hand', 'the shoulder meets the body all round'],
    good: 'shoulder against the body, braid in every hole',
    faults: {
      'stands off': 'a gap between shoulder and body',
      turned: 'braid dragged round and torn at the nose',
    },
  },
  'push-on body': {
    held: 'Cable in soft jaws, end up; the connector pushed down in line with it.',
    cues: ['a slight drag as the fingers take the conductor', 'a firm stop', 'the jacket edge is at the lip'],
    good: 'jacket edge at the lip all round',
    faults: {
      'not home': 'a gap at the lip over 1 mm',
      askew: 'foil or braid rucked up before the stem',
    },
  },
  'compression sleeve': {
    held: 'Plug straight in the tool, conductor in its slot; the cable in line behind it.',
    cues: ['the sleeve slides forward evenly', 'closed to the stop, once'],
    good: 'sleeve closed to its ring, dielectric flush inside',
    faults: {
      'stands off': 'dielectric back from the face of the post',
      askew: 'sleeve closed at an angle',
    },
  },
  'feeder nut': {
    held: 'Body still under its own spanner; only the nut turns. The cable straight for half a metre.',
    cues: ['starts by hand', 'gets firm evenly, then the torque is reached'],
    good: 'nut at its torque, body not turned',
    faults: {
      turned: 'body turned with the nut: flare torn, contact wrung off',
      askew: 'nut crossed, O-ring pinched',
    },
  },
  'seizing nut': {
    held: 'Body still under its own spanner; one nut turns at a time.',
    cues: ['seizing nut first', 'back nut to its torque', 'the body has not moved'],
    good: 'conductor seized, sheath nut closed, body not turned',
    faults: {
      turned: 'body turned with a nut: conductor twisted',
      'not home': 'conductor not seen past the seizing nut',
    },
  },
} as const;
