/** What is said at a push-on connector: made from names and figures alone. */

export const chamferWords = ({ where }: { readonly where: string }) => ({
  title: `Chamfer the conductor, ${where}`,
  text: {
    firstTime:
      'Break the edge of the conductor with the deburring tool or a fine file, a short even taper with no burr. Wipe chips off the dielectric.',
    experienced: 'Short even taper, no burr, wipe.',
  },
  why: 'A square edge catches in the captive contact and bends its fingers.',
  caution: 'Glasses on: chips fly.',
  good: ['taper all round'],
  bad: ['burr', 'chips on the dielectric'],
});

export const insertWords = ({ where, twists }: { readonly where: string; readonly twists: boolean }) => ({
  title: `Push the connector on, ${where}`,
  text: {
    firstTime: `Leave the braid folded back. ${twists ? 'Slide the connector on with a slight twist' : 'Push the connector straight on, without turning'}: conductor into the captive contact, stem over dielectric and foil, until it stops and the jacket edge is at the lip. Lay the braid forward over the stem, evenly, and trim what stands over the shoulder.`,
    experienced: `${twists ? 'On with a slight twist' : 'Straight on'} till it stops, braid forward over the stem, trim.`,
  },
  why: 'There is no contact to look at: how far it went is the only sign. From here on nothing more can be threaded.',
  good: ['jacket edge at the lip', 'braid even on the stem'],
  bad: ['gap at the lip over 1 mm', 'foil rucked up before the stem'],
});

export const seatedWords = ({ where }: { readonly where: string }) => ({
  title: `Check that it is seated, ${where}`,
  text: {
    firstTime:
      'The jacket edge stands at the rear lip all round, and the contact in the mating face has not moved forward.',
    experienced: 'Jacket at the lip, contact not moved.',
  },
  why: 'A conductor that missed the fingers pushes the contact out.',
  good: ['jacket at the lip all round'],
  bad: ['contact pushed forward', 'cable comes back when let go'],
});

export const foilEndWords = {
  tooLong: 'A tongue of foil folds over the stop and touches the contact.',
  tooShort: 'The foil ends inside the stem and the shield has a gap there.',
};

export const dielectricCutWords = {
  tooLong: 'It meets the stop before the jacket is at the lip: braid stays bare behind the ferrule.',
  tooShort: 'An air gap before the captive contact spoils the match.',
};

export const conductorCutWords = {
  tooLong: 'It bottoms in the captive contact and pushes it forward.',
  tooShort: 'The captive contact grips too little of it: it fails when warm.',
};

export const traitsWords = {
  because: 'fastest on low-loss cable: no contact to fix, the same every time',
};

export const seatedAdvice = 'Pull the connector off straight, look at its fingers, and strip again.';

export const setbackAdvice = 'Pull the connector off straight and look at strip and fingers.';

export const noShortAdvice = 'Pull it off and look for a wire or foil before the stem.';

export const fixedSetbackAdvice =
  'It cannot be moved any more: cut the connector off and make the end again.';

/** What is usually behind an open or a short here. */
export const usualFaults = {
  open: 'the conductor missed the fingers of the contact, a broken conductor, braid not under the ferrule',
  short: 'a wire or a tongue of foil in front of the stem, crushed dielectric',
};

/** Why a kind of cable is refused. */
export const refusalWords = {
  conductorStrandedDoesNot: 'Its conductor is stranded: it does not enter a captive contact.',
} as const;

/** Why one dimension of the card is smaller than another. */
export const ruleWords = {
  contactHasWall: 'a contact has a wall',
  contactShorterThanBody: 'the contact is shorter than the body',
} as const;

/** What is held at until it is answered. */
export const holdLabels = {
  seated: 'Seated',
} as const;
