import type { Practice } from './practice.ts';

/** A question of practice that has schools. */
export type SchoolKey = Exclude<keyof Practice, 'leaveOut' | 'alsoAsk'>;

/** One question: its reason, what follows from either answer, and the answers, the default first. */
export interface School<Key extends SchoolKey = SchoolKey> {
  readonly key: Key;
  readonly label: string;
  /** The reason and what follows from either choice. */
  readonly reason: string;
  readonly options: readonly { readonly value: Practice[Key]; readonly label?: string }[];
}

const question = <Key extends SchoolKey>(
  key: Key,
  label: string,
  reason: string,
  options: School<Key>['options'],
): School => ({ key, label, reason, options }) as unknown as School;

const words = <Value extends string>(...values: Value[]) => values.map((value) => ({ value }));

/** Where good technicians disagree: each with its reason, the default first. */
export const schools: readonly School[] = [
  question(
    'stripping',
    'Stripping',
    'a prep tool holds about ± 0.3 mm; a blade ± 0.8 mm, and adds a nick inspection worth having',
    [
      { value: 'tool', label: 'rotary prep tool' },
      { value: 'blade', label: 'blade' },
    ],
  ),
  question(
    'proofLevel',
    'How far a proof goes',
    'as far as the instruments in Stores reach it asks what they can decide; a proof by load or by sweep that is asked for names the instrument that is missing. The level is said with every verdict',
    words('as far as the instruments reach', 'by look and meter', 'by meter and load', 'by sweep'),
  ),
  question('threading', 'Threading', 'early forgets nothing; late keeps parked parts out of the way', [
    { value: 'early', label: 'everything before the first cut' },
    { value: 'late', label: 'each part just before it would be too late' },
  ]),
  question(
    'shieldFixing',
    'Fixing the shield',
    'crimp is quick and spares the dielectric; a clamp is used again and needs no die; solder is strongest and seals; screw-on needs no tool. The finder of ends puts the chosen kind first',
    words('what the job asks', 'crimp', 'clamp gland', 'solder', 'screw-on'),
  ),
  question(
    'contactSolder',
    'Solder into a contact',
    'through the hole it is seen to flow; a bead round the edge is for plain sleeves, and leaves more to scrape',
    words('through the hole where there is one', 'a bead round the edge'),
  ),
  question(
    'tipOrder',
    'Tip and ferrule of a hollow-tip plug',
    'ferrule first holds the cable still while the tip is soldered; tip first leaves the body loose to look under',
    words('ferrule first, then the tip', 'tip first, then the ferrule'),
  ),
  question(
    'braidAtFerrule',
    'Braid at the ferrule',
    'trimmed to the shoulder the ferrule closes against the body; left long, all of it is held, and what shows is trimmed after the crimp',
    words('trim to the shoulder', 'leave all of it under the ferrule'),
  ),
  question(
    'shrinkFrom',
    'Shrink from',
    'from the connector outward drives air out at the cable; toward the connector keeps the heat off it; from the middle outward traps no air in a long boot',
    [
      { value: 'as the part asks', label: 'what suits the part' },
      ...words('the connector outward', 'the cable toward the connector', 'the middle outward'),
    ],
  ),
  question(
    'stripLengths',
    'Strip lengths',
    'measured, a wrong card shows; tried against the connector, a wrong drawing shows. Both cost a minute',
    words('measure and trial fit', 'measure to the drawing', 'the connector as the gauge'),
  ),
  question(
    'centreContact',
    'Centre contact',
    'crimped where it is made for it and the die is there; solder needs no die and warms the dielectric',
    words('as it is made', 'solder'),
  ),
  question(
    'ferruleCrimp',
    'Ferrule crimp',
    'hard against the body with a small bell at the cable end: no sharp edge on the braid. A gap left at both ends keeps the die off body and jacket, and is a little weaker. Over the whole length grips most and leaves two edges',
    words('bell at the cable end', 'over its whole length', 'a small gap at both ends'),
  ),
  question(
    'secondCrimp',
    'Second crimp',
    'never over a good one; with an inexact die some allow one more, turned, and record it',
    words('never', 'once more, turned, with an inexact die'),
  ),
  question(
    'bodyHoles',
    'Holes of a soldered UHF body',
    'all: bond, strength, weather. None is accepted indoors at low power and spares the dielectric',
    words('all', 'none'),
  ),
  question(
    'braidTack',
    'Braid before a soldered body',
    'tacked, no strand comes loose while the body turns; custom more than electrical need',
    words('tack above the house power', 'comb and trim'),
  ),
  question(
    'screwOnCore',
    'Core before a screw-on body',
    'tinned it finds the tip; bare where the bore is too tight',
    words('twist and tin', 'leave bare'),
  ),
  question(
    'tightening',
    'Tightening',
    'a torque is the same on Friday as on Monday; by feel needs no tool',
    words('torque', 'feel'),
  ),
  question(
    'coring',
    'Coring a trunk cable',
    'by hand the conductor cannot be grabbed and twisted; a drill is quicker and can snatch',
    words('hand', 'drill'),
  ),
  question(
    'solder',
    'Solder',
    'lead-free is hotter by about 30 °C and dwells longer; leaded only where the rules allow it',
    words('lead-free', 'leaded'),
  ),
  question(
    'cups',
    'Solder cups',
    'filled and reflowed the core is held at once; fed into a dry cup where the core is too thick to enter a full one',
    words('fill and reflow', 'seat and feed'),
  ),
  question(
    'cupFill',
    'Filling the cups',
    'one by one the flux is fresh at each joint; all first leaves a hand free for the cores, and the second heat is shorter',
    words('one by one', 'all first'),
  ),
  question(
    'lugOrder',
    'Lugs of a jack',
    'what lies underneath is soldered while it can be reached: sleeve or shield, then ring, then tip. The tip first keeps the iron away from what is done already',
    words('what lies underneath first', 'the tip first'),
  ),
  question(
    'lugJoint',
    'Joint on a lug',
    'both tinned they melt into one in a second or two; a core that is held in the lug needs no third hand, and takes longer to heat through',
    words('tin both, then reflow', 'hold, heat and feed'),
  ),
  question(
    'pushOn',
    'Pushing a connector on',
    'straight, the fingers of the contact are not wrung; a slight twist helps the stem under a tight braid, and may ruck the foil',
    words('straight', 'with a slight twist'),
  ),
  question(
    'contactHeight',
    'Height of the contact',
    'a gauge gives a figure; a look against the mating face finds what is plainly out; a mating trial shows that it meets, and can hurt the mating part where it does not',
    [
      { value: 'by gauge', label: 'by gauge where one is in Stores, else by look' },
      { value: 'by look' },
      { value: 'by a mating trial' },
    ],
  ),
  question(
    'tinning',
    'Cores before a cup or lug',
    'tinned, no strand strays; short of the insulation, so that it stays flexible. Under clamps never',
    words('tin', 'leave bare'),
  ),
  question(
    'spareCore',
    'Spare core',
    'folded back under shrink the lead can be changed later; cut flush there is nothing to come loose',
    words('fold back', 'cut flush'),
  ),
  question(
    'shieldTail',
    'Shield tail against the cores',
    'shorter it takes the pull and stays clear of the contacts; longer, where it is a protective bond, it lets go last',
    words('shorter than the cores', 'longer than the cores'),
  ),
  question(
    'lightingTail',
    'Screen tail of lighting leads',
    'twisted is quick; a stranded link flexes where a twisted braid breaks, on hard-worked touring leads',
    words('twist the braid', 'solder a stranded link'),
  ),
  question(
    'secondPair',
    'Second pair of lighting leads',
    'part of the standard pinout, and testers look for it. Decides pin plans that are made from now on',
    words('wire', 'leave empty'),
  ),
  question(
    'innerShrink',
    'Sleeves inside a connector',
    'clear, so that the joint can be seen; coloured, so that it is told apart',
    words('clear', 'coloured'),
  ),
  question(
    'sleeveCut',
    'Braided sleeve',
    'fitted over-long it is never short, and is trimmed where the shrink covers the cut; measured first it is cut once, away from the jacket',
    words('fit over-long, then cut', 'measure first'),
  ),
  question(
    'sleeveHold',
    'Ends of a braided sleeve',
    'shrink holds it; adhesive under it where it is dragged over floors',
    words('shrink', 'shrink and adhesive'),
  ),
  question(
    'weatherSeal',
    'Weather seal',
    'adhesive shrink is quick; tape welds to itself and can be cut off again; both where water stands',
    words('shrink, and both when buried or at sea', 'adhesive shrink', 'self-amalgamating tape', 'both'),
  ),
  question(
    'heatSource',
    'Heat for shrink',
    'a flame scorches and lights gel, sleeve and foam: only where hot air is not to be had',
    words('hot air', 'open flame'),
  ),
  question(
    'outerSeal',
    'Outer seal',
    'after the test an end can still be opened; before it, the shrink is the strain relief while testing',
    words('after the full test', 'before, as strain relief'),
  ),
  question(
    'coilFrom',
    'Over-under coil starts from',
    'where the plug is inside, the socket comes off the coil first and the lead is run out from the source; the other way round it is run out from the far end. With two ends alike it is end A',
    words('the plug', 'the socket'),
  ),
];
