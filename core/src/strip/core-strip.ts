import {
  conductiveLayerWords,
  insulationWords,
  metalTooLong,
  metalTooShort,
  slackWords,
} from '../words/core-strip.ts';
import { twistedDiameter } from '../cable/conductors.ts';
import type { FeatureName } from '../connector/features.ts';
import { featureTerm, featureValue } from '../connector/gauge-card.ts';
import type { AnyEndInput, ContactJoint, PieceConductor } from '../end/end-input.ts';
import type { Term } from '../quantity/explained.ts';
import type { SectionRing } from './section.ts';
import type { CoreRoute, StripPlan } from './strip-plan.ts';
import type { CutDraft } from './write-strip.ts';
import { clearanceTerm, lengthOf, writeStrip } from './write-strip.ts';

/** How the contacts of an end take their conductors. */
export interface CoreSeat {
  /** A cup is filled, a lug is passed through, a clamp closes on bare strands. */
  readonly fixing: 'cup' | 'lug' | 'clamp';
  /** The feature that says where a contact's mouth lies, from the rear lip. */
  readonly mouthOf: (contact: string) => FeatureName;
  /** The feature that says how far a lug lies off the axis; where there is none, contacts lie as on their mating face. */
  readonly acrossOf?: (contact: string) => FeatureName;
  /** Bare metal that may show before the contact; insulation never enters it. */
  readonly gap: number;
  /** Kept free at the bottom of a cup or clamp; how far past the hole of a lug, negative. */
  readonly bottom: number;
  /** All conductors are left of one length: nothing takes the pull before the rest. */
  readonly oneLength?: boolean;
  /** Blades pierce the insulation: nothing is bared. */
  readonly pierced?: boolean;
}

/** The jacket stands this far out of what holds it, metres: its edge is seen. Engineering value. */
const pastClamp = 1e-3;
/** What is left slack beside what takes the pull, of the cores or of the shield tail. Engineering value. */
const tailPull = 1.5e-3;
/** What is left of a spare core that is folded back under a shrink. Engineering value. */
const foldedBack = 12e-3;

const source =
  'seated joint: jacket in its clamp, core along its way to the contact, bare in it to its bottom';

/** Where the rear lip lies against the jacket edge: the clamp's front and a little, or the breakout where nothing clamps. */
export function rearLipOf({ card }: AnyEndInput): { value: number; terms: Term[] } {
  if (card.features.breakout)
    return { value: featureValue(card, 'breakout'), terms: [featureTerm(card, 'breakout')] };
  const front = featureTerm(card, 'clampFront');
  return {
    value: -(front.value + pastClamp),
    terms: [
      { ...front, value: -front.value },
      { ...clearanceTerm('Jacket past the clamp', -pastClamp), assumed: true },
    ],
  };
}

/** Bare metal of a joint twisted into one, metres across. */
export function bareDiameter({ conductors }: ContactJoint): number {
  const [only, second] = conductors;
  if (!second) return only!.diameter;
  return twistedDiameter(conductors.reduce((sum, { area }) => sum + area, 0));
}

const isTail = ({ conductors }: ContactJoint) => conductors.every(({ kind }) => kind === 'shield');

/** The conductors of a joint in words: white and white 2; shield of cable B and cable C. */
export function conductorNames(conductors: readonly PieceConductor[]): string {
  const first = conductors[0];
  return conductors
    .map(({ label, ofCable }, index) => {
      if (ofCable === null) return label;
      return index > 0 && label === first!.label ? ofCable : `${label} of ${ofCable}`;
    })
    .join(' and ');
}

interface Way {
  readonly joint: ContactJoint;
  readonly mouth: { value: number; terms: Term[] };
  /** The same straight along the axis. */
  readonly straight: number;
  readonly depth: Term;
}

/** From the jacket edge to a contact's mouth, the fan-out across included. */
function wayTo(input: AnyEndInput, seat: CoreSeat, joint: ContactJoint): Way {
  const { card } = input;
  const lip = rearLipOf(input);
  const along = featureTerm(card, seat.mouthOf(joint.contact.id));
  const straight = lip.value + along.value;
  const across = card.features.breakout ? 0 : Math.hypot(...placeAcross(input, seat, joint));
  const fan = Math.hypot(straight, across) - straight;
  const slack = seat.oneLength ? 0 : slackOf(input, joint);
  return {
    joint,
    straight,
    depth: featureTerm(card, 'contactDepth'),
    mouth: {
      value: straight + fan + slack,
      terms: [
        ...lip.terms,
        along,
        ...(fan > 0.05e-3
          ? [{ ...clearanceTerm('Fanned out to the contact', fan, 'f'), assumed: true }]
          : []),
        ...(slack > 0
          ? [
              {
                ...clearanceTerm(isTail(joint) ? slackWords.tail : slackWords.core, slack),
                assumed: true,
              },
            ]
          : []),
      ],
    },
  };
}

/** Where a contact takes its conductor, seen along the axis, metres from it. */
function placeAcross(
  { card }: AnyEndInput,
  seat: CoreSeat,
  { contact }: ContactJoint,
): readonly [number, number] {
  return seat.acrossOf ? [featureValue(card, seat.acrossOf(contact.id)), 0] : contact.at;
}

/** What the school says is left slack: the cores, so that the shield tail takes the pull, or the tail, so that it lets go last. */
function slackOf({ joints, house }: AnyEndInput, joint: ContactJoint): number {
  const slackened = house.practice.shieldTail === 'shorter than the cores' ? !isTail(joint) : isTail(joint);
  return slackened && joints.some(isTail) ? tailPull : 0;
}

/** Cuts of one joint: where the insulation ends, and where the metal. */
function cutsOf(seat: CoreSeat, { joint, mouth, depth }: Way, apart: number): CutDraft[] {
  const name = conductorNames(joint.conductors);
  const insulation = Math.max(...joint.conductors.map(({ insulation: over }) => over ?? 0));
  const gap = clearanceTerm('Gap before the contact', seat.gap);
  const bottom = clearanceTerm(seat.bottom < 0 ? 'Through the lug' : 'Free at the bottom', seat.bottom);
  const end: CutDraft = {
    layer: isTail(joint) ? 'tail' : 'core',
    of: isTail(joint) ? '' : name,
    label: isTail(joint) ? 'Shield tail end' : `Core end, ${name}`,
    position: lengthOf(
      mouth.value + depth.value - seat.bottom,
      'way to the contact + p - b',
      [...mouth.terms, depth, bottom],
      source,
    ),
    plus: Math.max(Math.abs(seat.bottom), seat.gap),
    minus: Math.max(0.3e-3, 0.3 * depth.value),
    tooLong: metalTooLong[seat.fixing],
    tooShort: metalTooShort,
  };
  if (isTail(joint) || seat.pierced) return [end];
  return [
    {
      layer: 'insulation',
      of: name,
      label: `Insulation end, ${name}`,
      position: lengthOf(mouth.value - seat.gap, 'way to the contact - g', [...mouth.terms, gap], source),
      plus: seat.gap,
      minus: Math.max(0.3e-3, Math.min(insulation, bareAllowed(joint, apart)) - seat.gap),
      tooLong: seat.fixing === 'clamp' ? insulationWords.inClamp : insulationWords.inSolder,
      tooShort: insulationWords.tooShort,
    },
    end,
  ];
}

/** Bare metal before a contact that cannot reach its neighbour's, though both lean toward one another: metres. */
const bareAllowed = (joint: ContactJoint, apart: number) => Math.max(0, apart - bareDiameter(joint)) / 2;

/** From a contact to the nearest other one that takes a conductor, metres: lugs lie one behind the other. */
function toNeighbour(input: AnyEndInput, seat: CoreSeat, joint: ContactJoint): number {
  const place = (of: ContactJoint) => [
    ...placeAcross(input, seat, of),
    seat.fixing === 'lug' ? featureValue(input.card, seat.mouthOf(of.contact.id)) : 0,
  ];
  const own = place(joint);
  const others = input.joints.filter(({ contact }) => contact !== joint.contact);
  return Math.min(
    ...others.map((other) => Math.hypot(...place(other).map((value, axis) => value - own[axis]!))),
  );
}

/** An end at which no contact takes a conductor: nothing is stripped. */
const nothingJoined: CutDraft = {
  layer: 'core',
  label: 'Cut end',
  position: lengthOf(0, 'nothing is joined here', [], 'the pin plan'),
  plus: 1e-3,
  minus: 1e-3,
  tooLong: '',
  tooShort: '',
};

/** The conductors of a joint as they come side by side: those of a star quad, shields of two cables. */
const wiresOf = ({ conductors }: ContactJoint) =>
  conductors.map(({ colour, insulation, diameter }) => ({ colour, outside: insulation ?? diameter }));

function routesOf(input: AnyEndInput, seat: CoreSeat, ways: readonly Way[]): CoreRoute[] {
  const joined = ways.map(({ joint, mouth, straight, depth }): CoreRoute => {
    const tail = isTail(joint);
    const over = Math.max(...joint.conductors.map(({ insulation }) => insulation ?? 0));
    const bare = bareDiameter(joint);
    return {
      label: conductorNames(joint.conductors),
      kind: tail ? 'shield' : 'core',
      colour: joint.conductors[0]!.colour,
      contact: joint.contact.id,
      mouth: mouth.value,
      insulationEnd: seat.pierced ? mouth.value + depth.value - seat.bottom : mouth.value - seat.gap,
      end: mouth.value + depth.value - seat.bottom,
      bare,
      outside: Math.max(over, bare + 0.4e-3),
      seatedAt: straight,
      ...(joint.conductors.length > 1 ? { wires: wiresOf(joint) } : {}),
    };
  });
  const fold = input.house.practice.spareCore === 'fold back';
  const spares = input.spares.map((spare): CoreRoute => ({
    label: spare.label,
    kind: spare.kind,
    colour: spare.colour,
    contact: null,
    mouth: fold ? foldedBack : 0,
    insulationEnd: fold ? foldedBack : 0,
    end: fold ? foldedBack : 0,
    bare: spare.diameter,
    outside: spare.insulation ?? spare.diameter,
  }));
  return [...joined, ...spares];
}

/**
 * Strip of an end with several contacts, metres from the jacket edge toward the tip: for each contact the way to its
 * mouth, where the insulation ends short of it and where the metal ends in it. Cores and shield tail differ where
 * their contacts do.
 */
export function stripCores(
  input: AnyEndInput,
  seat: CoreSeat,
  rings: (lip: number) => SectionRing[],
): StripPlan {
  const ways = input.joints.map((joint) => wayTo(input, seat, joint));
  const lip = rearLipOf(input).value;
  const { card } = input;
  const cuts = ways.flatMap((way) => cutsOf(seat, way, toNeighbour(input, seat, way.joint)));
  return writeStrip(
    {
      endId: input.endId,
      rearLip: lip,
      covered: card.features.clampFront ? featureValue(card, 'clampFront') + pastClamp : 0,
      cuts: ways.length === 0 ? [nothingJoined] : [...conductiveLayerCut(input), ...cuts],
      section: rings(lip),
      routes: routesOf(input, seat, ways),
      planes: [
        { label: 'jacket edge', at: 0 },
        { label: 'rear lip', at: lip },
        { label: 'tip', at: lip + featureValue(card, 'lipToTip') },
      ],
      // Cores are cut to the connector that lies beside them, under the eye.
      cutWith: 'lay',
    },
    input.stripper,
  );
}

/** The conductive layer of instrument cable goes right back: left on, it bridges core and shield. */
function conductiveLayerCut({ cable }: AnyEndInput): CutDraft[] {
  if (cable.structure !== 'coax' || cable.conductiveLayer === 0) return [];
  const left = 0.5e-3;
  return [
    {
      layer: 'conductive layer',
      label: 'Conductive layer end',
      position: lengthOf(
        left,
        'flush with the jacket',
        [clearanceTerm('Left before the jacket edge', left)],
        'custom of the trade',
      ),
      plus: 1e-3,
      minus: left,
      ...conductiveLayerWords,
    },
  ];
}
