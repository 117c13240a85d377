/** What is said at the whole lead: cut, thread, shrink, label, coil: made from names and figures alone. */

/** Tubes and sleeves are cut with the cable. */
const tubeWords = (tubes: number) =>
  tubes === 0 ? '' : ' Cut every tube and sleeve to length, and tick each as you cut it.';

export const cutWords = ({
  isRepair,
  print,
  tubes,
  isBraided,
  lies,
}: {
  readonly isRepair: boolean;
  readonly print: string;
  /** Tubes and sleeves to cut. */
  readonly tubes: number;
  readonly isBraided: boolean;
  /** One end lies in a wall or a trench. */
  readonly lies: boolean;
}) => ({
  title: lies
    ? 'Look over the cable that lies there'
    : isRepair
      ? 'Look over the lead'
      : 'Count the parts and cut the cable',
  text: {
    firstTime: lies
      ? `Draw out what cable there is and measure it: every try takes the figure below, and nothing can be added. Cut back to round cable and bright copper, square, and no further.${tubeWords(tubes)}`
      : isRepair
        ? `The lead comes with an end fitted. Look the jacket over along its whole length, and cut back to bright copper where it is dark or wet.${tubeWords(tubes)}`
        : `Lay out every part of the kit and count. Check the cable as it comes off the reel. Measure, and cut square: rotate or saw lightly, never squeeze. Make no mark on the length that you keep.${print}${tubeWords(tubes)}`,
    experienced: lies
      ? 'Measure what is spare, cut back to bright copper, no further.'
      : isRepair
        ? 'Cut back to bright copper.'
        : `Count the kit, measure, cut square without squeezing.${tubes === 0 ? '' : ' Tubes and sleeves too.'}`,
  },
  why: 'A cable cut short cannot be lengthened; dark or wet copper does not crimp or solder.',
  caution: `Cut away from the hand.${isBraided ? ' The hot knife burns and its fumes are sharp: extraction on.' : ''}`,
  good: ['round, square ends', 'copper bright'],
  bad: ['oval end', 'dark or wet copper', 'jacket scuffed'],
});

export const bendWords = () => ({
  title: 'Bend the cable',
  text: {
    firstTime:
      'Mark where each bend begins, measured along the tube from end A. Bend round the former once, steadily, and never back: copper hardens. Check that the tube stayed round.',
    experienced: 'Mark, bend once round the former, never back.',
  },
  why: 'A bent tube that is bent again cracks or goes oval, and the match goes with it.',
  good: ['round in the bend', 'in one plane'],
  bad: ['flattened or kinked', 'bent back'],
});

export const threadWords = () => ({
  text: {
    firstTime:
      'Slide the parts on in this order, each facing as it says. Park them well back from the end. Tick each with your hand on it.',
    experienced: 'In this order. Tick with your hand on it.',
  },
  why: 'A part left off now means cutting a finished end off again.',
  good: ['every part of the list on the cable, in this order'],
  bad: ['right part, wrong way round', 'wrong side of another part'],
});

export const proveWords = () => ({
  title: 'Prove the lead',
  text: {
    firstTime: 'Open Prove. Take the readings, or let the tester read. The verdict brings you back here.',
    experienced: 'Readings in Prove.',
  },
  why: 'After the shrink an end is past rescue.',
  caution:
    'Nothing connected at either end. The insulation test puts hundreds of volts on the lead: discharge it after.',
});

export const shrinkWords = ({
  lined,
  endName,
  heated,
  flame,
  sealWhy,
  turns,
}: {
  readonly lined: boolean;
  readonly endName: string;
  readonly heated: string;
  readonly flame: boolean;
  readonly sealWhy: string;
  /** There is a coupling that must still turn. */
  readonly turns: boolean;
}) => ({
  title: `Shrink the ${lined ? 'seal' : 'relief'}, end ${endName}`,
  text: {
    firstTime: `${lined ? 'Clean and dry the jacket and the body. ' : ''}Slide the shrink against the body, over its rear and on to the jacket. Heat ${heated}, ${flame ? 'flame' : 'gun'} moving, until it grips all round${lined ? ' and adhesive shows at both edges' : ''}.${turns ? ' The coupling stays bare.' : ''}`,
    experienced: `Against the body, ${heated}${lined ? ', adhesive at both edges' : ''}.${turns ? ' Coupling bare.' : ''}`,
  },
  why: lined
    ? `${sealWhy} Water creeps in under a shrink that is not lined.`
    : 'It takes the bend off the rear of the connector.',
  caution: flame
    ? 'An open flame scorches jacket and foam and lights gel, dust and sleeve: clear the place, keep it moving, hot parts burn.'
    : 'Hot air and a hot body burn: hold the cable, let it cool. Never overheat PTFE: its fumes are toxic.',
  good: ['grips all round', 'even, no bubble', ...(lined ? ['adhesive shows all round'] : [])],
  bad: ['blister or scorch', turns ? 'over the coupling' : 'rear of the connector bare'],
});

export const crotchWords = ({
  endName,
  heated,
  heatSource,
  lined,
}: {
  readonly endName: string;
  readonly heated: string;
  readonly heatSource: 'hot air' | 'open flame';
  readonly lined: boolean;
}) => ({
  title: `Shrink the crotch, end ${endName}`,
  text: {
    firstTime: `Slide the shrink forward until it covers the jacket edge and the first of the cores, half and half. Heat ${heated}, ${heatSource === 'open flame' ? 'flame' : 'gun'} moving${lined ? ', until adhesive shows between the cores' : ', until it grips'}. Both cores come out equally long.`,
    experienced: `Half on the jacket, half on the cores${lined ? ', adhesive between them' : ''}.`,
  },
  why: 'It keeps the jacket from running back and takes the bend off the cores.',
  caution: 'Hot air burns: hold the cable, let it cool.',
  good: ['covers the jacket edge', 'cores equally long'],
  bad: ['blister or scorch', 'jacket edge seen'],
});

export const tapeWords = ({
  endName,
  overShrink,
  sealWhy,
}: {
  readonly endName: string;
  readonly overShrink: boolean;
  readonly sealWhy: string;
}) => ({
  title: `Wrap self-amalgamating tape, end ${endName}`,
  text: {
    firstTime: `${overShrink ? 'When the shrink is cold, start' : 'Start'} on the jacket, stretch the tape to about half its width, and wind toward the connector and back, each turn over half of the last. Press the end on unstretched. Outdoors a layer of plain tape keeps the sun off it.`,
    experienced: 'From the jacket up and back, half overlap, stretched; end unstretched.',
  },
  why: `${sealWhy} It welds to itself and can be cut off again.`,
  good: ['no gap, no fold', 'coupling bare'],
  bad: ['wound unstretched', 'dirt or grease under it'],
});

export const couplingWords = ({ endName }: { readonly endName: string }) => ({
  title: `Turn the coupling, end ${endName}`,
  text: {
    firstTime: 'Let it cool. Turn the coupling through its whole travel.',
    experienced: 'Cool, then turn it.',
  },
  why: 'A coupling held by shrink or tape cannot be mated.',
  good: ['turns freely'],
  bad: ['drags or is stuck'],
});

export const phaseWords = () => ({
  title: 'Trim to the set',
  text: {
    firstTime:
      'Measure the delay of every unit of the set from its closed end, the other end open, all at one temperature. Line lab, Phase set, says how much to trim from each to meet the shortest. Trim a little less than that, and measure again.',
    experienced: 'Delay of all, trim to the shortest, measure again.',
  },
  why: 'After the second end is closed nothing can be trimmed.',
  good: ['all delays within the figure', 'same reel for the whole set'],
  bad: ['PTFE measured warm and cold: it has a knee near 19 °C'],
});

export const finishedLengthWords = ({
  asked,
  planes,
}: {
  readonly asked: string;
  readonly planes: string;
}) => ({
  title: 'Measure the finished length',
  text: {
    firstTime: `Lay the lead straight along the rule, without pulling. Read from ${planes}. Asked: ${asked}; what was cut for slack and for another try may come on top.`,
    experienced: `Straight along the rule, ${planes}.`,
  },
  why: 'A lead that is too short is found here, not where it goes.',
  good: ['straight, not stretched'],
  bad: ['read over a bend', 'from the wrong plane'],
});

export const finishedLengthAdvice =
  'Measure once more, straight. Too short: somebody who needs it signs for it by name, or it is made anew. Too long: cut one end back and make it again.';

export const finishWords = ({
  rings,
  sleeveCount,
  length,
  polarity,
}: {
  readonly rings: string;
  /** Clear sleeves that lie on the cable for the labels. */
  readonly sleeveCount: number;
  readonly length: string;
  /** The lead has a plus and a minus. */
  readonly polarity: boolean;
}) => {
  const pole = polarity ? ' Red is plus at both ends: check it once more.' : '';
  return {
    title: 'Label the lead',
    text: {
      firstTime: `Print the label in Finish: name, serial and ${length} are on it. ${
        sleeveCount > 0
          ? 'Put it at its place, text starting at the end named first, slide its clear sleeve over it, and shrink the sleeve.'
          : 'Wrap it round the cable at its place, text starting at the end named first, its clear tail over the text.'
      }${pole}${rings}`,
      experienced: `${sleeveCount > 0 ? 'Label under its sleeve, straight, shrink.' : 'Label round the cable, tail over the text.'}${pole}${rings}`,
    },
    why: 'Two leads that look alike are told apart by their labels only.',
    caution: sleeveCount > 0 ? 'Hot air burns: keep the gun moving.' : null,
    good: ['straight, readable, same place on every lead of the batch'],
    bad: ['no serial', 'text upside down to its neighbour'],
  };
};

export const layWords = ({ wall }: { readonly wall: boolean }) => ({
  title: wall ? 'Lay the spare back and close the box' : 'Lay the cable back',
  text: {
    firstTime: wall
      ? 'Fold what is spare back behind the plate, no tighter than the figure below, so that whoever comes next can draw it out for another end. The cable is not pulled by its connector.'
      : 'Lay the cable back on its bed with the spare in a flat bow, no tighter than the figure below, the joint straight and without pull. Write the place of the joint down before it is covered. Warning tape and cover as the site asks.',
    experienced: wall
      ? 'Spare folded back, no pull on the end.'
      : 'Flat bow, joint straight, place written down.',
  },
  why: wall
    ? 'Without spare the next repair is a new cable.'
    : 'A joint under pull opens in its first winter, and nobody finds it again.',
  caution: wall
    ? 'Work in walls beside mains wiring follows local codes and licensed practice.'
    : 'Trench work and buried plant follow local codes and licensed practice: nobody steps into an open trench that is not shored.',
  good: ['no pull on the joint', 'bends wide'],
  bad: ['kinked behind the joint', 'joint hanging on the cable'],
});

export const packFlatWords = ({ leadName }: { readonly leadName: string }) => ({
  title: 'Pack and hand over',
  text: {
    firstTime: 'Cap the connectors and pack the lead flat and stiffened, as it was bent: it is never coiled.',
    experienced: 'Caps on, flat and stiffened.',
  },
  why: 'A tube that is bent a second time cracks or goes oval.',
  good: [`${leadName} as it was bent`],
  bad: ['bent in the parcel'],
});

export const coilOverUnderWords = ({
  from,
  leadName,
}: {
  /** The end that lies inside the coil: end B, the socket. */
  readonly from: string;
  readonly leadName: string;
}) => ({
  title: 'Coil and hand over',
  text: {
    firstTime: `Cap the connectors. Start at ${from}, and coil over-under to the diameter below. Tie it so that one pull opens it.`,
    experienced: `Caps on, over-under from ${from}, tie.`,
  },
  why: 'Over-under the lead runs out flat; wound one way only it kinks.',
  good: [`${leadName} coiled flat`],
  bad: ['coil twisted', 'tie cutting into the jacket'],
});

export const reworkWords = {
  advice: 'Prove lists what explains it and the step to go back to.',
};

export const couplingOutWords = ({ part }: { readonly part: object | undefined }) => ({
  advice:
    part === undefined
      ? 'Cut the tape off along its side and wind it again, clear of the coupling.'
      : 'Cut the shrink off along its side and fit a new one: a split or wrap-round kind if the end is closed.',
});

/** What is held at until it is answered. */
export const holdLabels = {
  couplingFree: 'Coupling free',
  provedGood: 'Proved Good',
  finishedLength: 'Finished length',
} as const;
