/** How the parts of an end are called that must go together, and what happens where they do not: from names and figures. */

const capital = (text: string) => text[0]!.toUpperCase() + text.slice(1);

/** The jacket through a part of a coaxial end that slides over it. */
export const jacketThroughWords = (part: string) => ({
  label: `Jacket through the ${part}`,
  tooTight: `The ${part} will not go on the jacket: choose the connector for this cable size.`,
  tight: `The ${part} goes on with a push and may roll the jacket back: turn it as it goes.`,
  tooLoose: `The ${part} is for a thicker cable and will not hold this jacket.`,
});

/** The jacket through the entry of an end with several contacts. */
export const jacketEntryWords = (part: string) => ({
  label: `Jacket through the ${part}`,
  tooTight: `The jacket does not go through the ${part}: take a connector with a larger entry, or a thinner cable.`,
  tight: `The ${part} goes on hard: turn it as it goes, dry or with a little water.`,
  tooLoose: '',
});

export const ferruleOverBraidWords = {
  label: 'Ferrule over braid and stem',
  tooTight: 'The ferrule will not pass over the braid on the stem.',
  tight: 'The ferrule takes the braid with it: hold the braid flat while it goes over.',
  tooLoose: 'The ferrule crimps air: the braid will not be held.',
} as const;

/** `cover`: jacket under the ferrule, millimetres as written. */
export const ferruleOverStemWords = (cover: string) => ({
  label: 'Ferrule over the stem, onto the jacket',
  tooTight: 'The ferrule is shorter than the stem: braid stays bare.',
  tight: `The ferrule covers only ${cover} mm of jacket: little relief.`,
  tooLoose: 'The ferrule is much longer than the stem: it is another connector’s.',
});

export const dielectricInWords = (part: string) => ({
  label: `Dielectric in the ${part}`,
  tooTight: `The ${part} will not go over the dielectric: it would peel it.`,
  tight: `The ${part} goes over the dielectric with a twist; watch that it does not push the dielectric back.`,
  tooLoose: `The dielectric rattles in the ${part}: the contact is not centred and the match suffers.`,
});

export const conductorInWords = (part: string, isStranded: boolean) => ({
  label: `Conductor in the ${part}`,
  tooTight: `The conductor will not enter the ${part}.`,
  tight: isStranded
    ? 'Twist the strands tight, or one stays outside.'
    : 'The conductor enters only when it is straight and free of burr.',
  tooLoose: `The ${part} is for a thicker conductor and will not hold this one.`,
});

export const clampClosesWords = (part: string) => ({
  label: `${capital(part)} closes on the jacket`,
  tooTight: 'It does not close, and the shell does not go home.',
  tight: 'It closes hard: check that it does not cut the jacket.',
  tooLoose: '',
});

export const clampHoldsWords = (part: string) => ({
  label: `${capital(part)} holds the jacket`,
  tooTight:
    'The cable slides in it and the joints take the pull: build the jacket up with shrink, or take the other chuck.',
  tight: 'It only just grips: a ring of shrink under it helps.',
  tooLoose: '',
});

/** What takes the conductor of a contact. */
export type ContactPart = 'cup' | 'lug' | 'hole' | 'clamp' | 'barrel' | 'groove';

const goesInHard: Readonly<Record<ContactPart, string>> = {
  cup: 'It only just goes in: leave the cup empty, tin the conductor thinly or not at all, seat it, then feed the solder.',
  lug: 'It only just goes through: tin it thinly or not at all, put it through, then feed the solder.',
  hole: 'It only just goes through: tin it thinly or not at all, put it through, then feed the solder.',
  clamp: 'It only just goes in: twist the strands tight, or one stays beside the clamp.',
  barrel: 'It only just goes in: twist the strands tight, or one stays beside the barrel.',
  groove: 'It goes into its groove hard: push it home to the end before it is pressed.',
};

/** Only of those that have to close on it. */
const tooThinFor: Readonly<Partial<Record<ContactPart, string>>> = {
  clamp: 'The clamp does not close on so thin a conductor: double it back, or use a wire-end ferrule.',
  barrel: 'The barrel does not close on so thin a conductor: take a terminal of its size, or double it back.',
};

/** Conductors, `count` of them twisted into one, in a contact. */
export const inContactWords = (conductors: string, count: number, part: ContactPart, contact: string) => ({
  label: `${capital(conductors)} in ${part} ${contact}`,
  tooTight:
    count > 1
      ? `${count} conductors do not go into one ${part}: join them to one pigtail, or use a larger connector.`
      : part === 'groove'
        ? 'The core does not go into its groove: take a plug that is made for its insulation.'
        : `The conductor does not go into the ${part}; cutting strands off is a defect: take a cable with thinner cores, or a connector with a larger ${part}.`,
  tight: goesInHard[part],
  tooLoose: tooThinFor[part] ?? '',
});

export const gripWords = {
  label: (part: string) => `Grip of the ${part}`,
  hardly: (part: string) => `The ${part} has hardly anything to bite: the cable pulls out.`,
  deep: (part: string) => `The ${part} cuts deep: it turns hard and may tear what it bites.`,
} as const;

export const takesSolderWords = {
  label: { shell: 'Shell takes solder', shield: 'Shield takes solder' },
  aluminium: 'Aluminium takes no solder: choose a crimped or clamped end.',
  nickel:
    'Nickel takes solder badly: file the rims of the holes bright and use flux, or choose a silver-plated shell.',
} as const;

/** Why a contact is soldered or crimped. */
export const contactFixingWords = {
  madeForSolder: 'It is made to be soldered.',
  housePractice: 'House practice solders contacts.',
  noDie: 'The shop has no exact die for it.',
  madeForCrimp: 'It is made to be crimped, and the shop has its die.',
} as const;
