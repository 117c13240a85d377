import type { Connector } from './connector.ts';

/** One thing about a bag that is asked as pictures: what it is called and what each answer means. */
interface ContentQuestion {
  readonly label: string;
  readonly answers: Readonly<Record<string, string>>;
}

/** What may lie in a bag beside the body, and how its parts are made: each answer changes parts, strip or steps. */
export const contentQuestions = {
  coupling: {
    label: 'Coupling ring',
    answers: {
      'loose ring': 'a ring of its own: it is threaded before the body',
      captive: 'it turns on the body and does not come off',
    },
  },
  contact: {
    label: 'Centre contact',
    answers: {
      crimp: 'loose, with a barrel to crimp',
      'solder hole': 'loose, soldered through the hole in its side',
      'no hole': 'loose, without a hole: a bead of solder round its edge',
    },
  },
  spacer: {
    label: 'Insulator before the contact',
    answers: {
      none: 'the contact sits on the dielectric itself',
      one: 'a disc or bush goes on the conductor first',
    },
  },
  clamp: {
    label: 'Braid clamp',
    answers: {
      'over the braid': 'a ring with a cone: the braid is fanned back over it',
      'under the braid': 'a sleeve that goes under the braid, which is trimmed at its rim',
    },
  },
  washers: {
    label: 'Washers',
    answers: {
      none: 'gasket and nut only',
      one: 'one, its hole goes over the jacket',
      two: 'two: the smaller hole goes over the braid, the larger over the jacket',
    },
  },
  cap: {
    label: 'Back cap',
    answers: {
      plain: 'the gland nut alone',
      'heat-shedding': 'a ribbed nut that sheds heat',
      both: 'a plain one and a ribbed one',
    },
  },
  underBraid: {
    label: 'What goes under the braid',
    answers: {
      stem: 'the stem of the body itself',
      'inner ferrule': 'a thin sleeve of its own, put on before the body',
    },
  },
  holder: {
    label: 'What holds the jacket',
    answers: {
      tabs: 'tabs that are bent round it',
      'half shells': 'two half shells with teeth',
      chuck: 'a chuck that the handle closes',
    },
  },
  relief: {
    label: 'Springs, chucks or bushings',
    answers: { 'one size': 'one', 'two sizes': 'a smaller and a larger one' },
  },
  bootColour: {
    label: 'Colour of the boot',
    answers: {
      black: 'black',
      red: 'red',
      blue: 'blue',
      green: 'green',
      yellow: 'yellow',
      white: 'white',
    },
  },
  boot: {
    label: 'Boot',
    answers: { none: 'the shrink is all that takes the bend', one: 'a boot to push over the finished end' },
  },
  shrink: {
    label: 'Shrink',
    answers: { none: 'it comes from the shop’s own sizes', one: 'a piece that comes with the connector' },
  },
} as const satisfies Record<string, ContentQuestion>;

export type ContentName = keyof typeof contentQuestions;
/** What a bag holds, every question answered. */
export type Contents = { readonly [N in ContentName]: keyof (typeof contentQuestions)[N]['answers'] };

export const contentNames = Object.keys(contentQuestions) as [ContentName, ...ContentName[]];

/** A question about a bag. */
export const contentQuestion = (name: ContentName): ContentQuestion => contentQuestions[name];

/** The answers that somebody has given; what is not in it is assumed to be as usual. */
export type AnsweredContents = Partial<Contents>;

/** The answers that a question has for a connector: a ring needs a bore, a crimp its die, a size of spring a spring. */
export function answersFor(name: ContentName, connector: Connector): string[] {
  const answers = Object.keys(contentQuestions[name].answers);
  if (name === 'contact' && connector.pinDie === null) return answers.filter((answer) => answer !== 'crimp');
  const isTabbed =
    connector.method === 'solder lugs' &&
    (connector.relief === undefined || connector.relief === 'half shells');
  if (name === 'relief' && isTabbed) return ['one size'];
  const hasRing = connector.features.couplingBore !== undefined;
  return name === 'coupling' && !hasRing ? ['captive'] : answers;
}

/** What the usual bag of a connector holds, so that nothing must be answered. Custom of the trade. */
export function usualContents(connector: Connector): Contents {
  const uhf = connector.series.series === 'UHF';
  const ring = connector.features.couplingBore !== undefined && connector.method !== 'clamp gland';
  const hole = connector.features.inspectionHoleFar !== undefined;
  return {
    coupling: ring ? 'loose ring' : 'captive',
    contact: connector.contactFixing === 'crimp' ? 'crimp' : hole ? 'solder hole' : 'no hole',
    spacer: 'none',
    clamp: uhf ? 'under the braid' : 'over the braid',
    washers: 'one',
    underBraid: 'stem',
    cap: 'plain',
    holder: connector.relief === 'half shells' || connector.relief === 'chuck' ? connector.relief : 'tabs',
    relief: 'one size',
    bootColour: 'black',
    boot: 'none',
    shrink: 'none',
  };
}
