import {
  refusalWords,
  ruleWords,
  bootWords,
  innerFerruleWords,
  braidToTrimWords,
  braidToCoverWords,
} from '../words/ferrule.ts';
import { shieldThickness } from '../cable/braid.ts';
import type { CoaxCable } from '../cable/cable.ts';
import type { FeatureName } from '../connector/features.ts';
import type { FeatureRule } from '../connector/gauge-card.ts';
import { featureTerm, featureValue } from '../connector/gauge-card.ts';
import type { SectionRing } from '../strip/section.ts';
import { ring } from '../strip/section.ts';
import { reader } from '../strip/solid.ts';
import type { CutDraft } from '../strip/write-strip.ts';
import { clearanceTerm, lengthOf } from '../strip/write-strip.ts';
import type { RecipeInput } from '../recipe/recipe.ts';
import type { StepDraft } from '../recipe/step-draft.ts';
import type { MethodPart, ReliefPlace } from './method.ts';
import type { EndInput } from '../end/end-input.ts';

/** Braid stays this far from the shoulder, so that the ferrule can close against it. Engineering value. */
const braidClearance = 0.4e-3;
/** Braid left past the shoulder where a house trims it after the crimp. Engineering value. */
const braidLeft = 1e-3;
/** Least part of the stem that braid must cover for the crimp to hold it. Engineering value. */
const leastBraidCover = 0.85;

/** Conductor stays this far from the bottom of the contact bore, so that the contact can sit on the dielectric. */
export const conductorClearance = 0.3e-3;

const source = 'seated joint of a crimp ferrule: rear lip, stem, shoulder';

/** Whether a ferrule can be crimped on a cable at all: over a braid on a dielectric, not over a tube. */
export function refusesFerrule(cable: CoaxCable): string | null {
  if (cable.tube) return refusalWords.outerConductorTubeThere;
  if (cable.conductiveLayer > 0) return refusalWords.audioCableConductiveLayer;
  return cable.braids.length > 0 ? null : refusalWords.hasBraidHold;
}

/** Outside diameter of a ferrule once crimped, metres: a hexagon of the die, over its corners. */
function crimpedFerruleOutside(die: number): number {
  return die * (2 / Math.sqrt(3));
}

/** Braid laid on the stem, over all, metres. */
export function overStem({ card, cable }: EndInput): number {
  return featureValue(card, 'stemOutside') + 2 * shieldThickness(cable);
}

/** Cable behind the jacket edge that ferrule and stem cover, metres. */
export function ferruleCovers({ card }: EndInput): number {
  const value = reader(card);
  return Math.max(0, value('ferruleLength') - value('stemLength') - value('jacketOffset'));
}

/** Braid on the stem: it ends just behind the shoulder, `xb = j + s - g`, metres from the jacket edge. */
export function ferruleBraidCut({ card, house }: EndInput, label = 'Braid end'): CutDraft {
  const j = featureValue(card, 'jacketOffset');
  const s = featureValue(card, 'stemLength');
  const long = house.practice.braidAtFerrule === 'leave all of it under the ferrule';
  if (long)
    return {
      layer: 'braid',
      label,
      position: lengthOf(
        j + s + braidLeft,
        'j + s + left',
        [
          featureTerm(card, 'jacketOffset'),
          featureTerm(card, 'stemLength'),
          clearanceTerm('Left to be trimmed after the crimp', braidLeft),
        ],
        source,
      ),
      plus: braidLeft,
      minus: braidLeft,
      ...braidToTrimWords,
    };
  return {
    layer: 'braid',
    label,
    position: lengthOf(
      j + s - braidClearance,
      'j + s - g',
      [
        featureTerm(card, 'jacketOffset'),
        featureTerm(card, 'stemLength'),
        clearanceTerm('Braid clearance', braidClearance),
      ],
      source,
    ),
    plus: braidClearance,
    minus: Math.max(0, s * (1 - leastBraidCover) - braidClearance),
    ...braidToCoverWords,
  };
}

/** Braid on the stem, the stem, and the ferrule crimped on them and belled over the jacket. */
export function ferruleRings(input: EndInput): SectionRing[] {
  const value = reader(input.card);
  const j = value('jacketOffset');
  const shoulder = j + value('stemLength');
  const [stem, over] = [value('stemOutside'), overStem(input)];
  const wall = 2 * value('ferruleWall');
  const bell = value('ferruleBore');
  return [
    ring('cable', 'braid', 'braid', [0, shoulder - braidClearance], [stem, over], ['crimp']),
    ring('connector', underBraidOf(input), 'metal', [j, shoulder], [value('stemBore'), stem]),
    ring('connector', 'ferrule', 'brass', [0, shoulder], [over, over + wall], ['crimp']),
    ring(
      'connector',
      'ferrule bell',
      'brass',
      [shoulder - value('ferruleLength'), 0],
      [bell, bell + wall],
      ['crimp'],
    ),
  ];
}

/** What the gauge card of every ferrule connector asks for beyond its first few. */
export const ferruleFeatures: readonly FeatureName[] = [
  'jacketOffset',
  'lipToShoulder',
  'lipToMatingPlane',
  'stemOutside',
  'stemBore',
  'ferruleBore',
  'ferruleWall',
  'bodyOutside',
];

export const ferruleRules: readonly FeatureRule[] = [
  {
    smaller: 'stemLength',
    larger: 'stopDepth',
    at: 'stopDepth',
    because: ruleWords.stopLiesFurtherThan,
  },
  { smaller: 'stemBore', larger: 'stemOutside', at: 'stemBore', because: ruleWords.stemHasWall },
  {
    smaller: 'stemOutside',
    larger: 'ferruleBore',
    at: 'ferruleBore',
    because: ruleWords.ferruleGoesOverStem,
  },
  { smaller: 'stopDepth', larger: 'lipToTip', at: 'lipToTip', because: ruleWords.tipLiesBeforeStop },
];

/** The crimp ferrule as a threaded part, and what shrink finds behind the body. */
export function ferrulePart({ card, connector }: EndInput): MethodPart {
  const bore = featureValue(card, 'ferruleBore');
  return {
    kind: 'ferrule',
    form: 'ferrule',
    back: 5e-3,
    opening: bore,
    outside: bore + 2 * featureValue(card, 'ferruleWall'),
    fixedOutside: crimpedFerruleOutside(connector.ferruleDie!),
  };
}

/** What the braid lies on: the stem of the body, or a loose inner ferrule. */
export const underBraidOf = ({ contents }: Pick<EndInput, 'contents'>) => contents.underBraid;

/** A loose inner ferrule goes on from the open end, when the strip has been looked at. */
export function innerFerruleSteps({ contents, cable, endName }: RecipeInput): StepDraft[] {
  return contents.underBraid === 'stem'
    ? []
    : [
        {
          role: 'inner-ferrule',
          work: 'seat',
          stage: 'Join',
          ...innerFerruleWords({ endName, hasFoil: cable.foil !== null }),
        },
      ];
}

/** The boot that comes in the bag: pushed over the ferrule when the end is finished. */
export function bootParts(input: EndInput): MethodPart[] {
  if (input.contents.boot === 'none') return [];
  const outside = crimpedFerruleOutside(input.connector.ferruleDie!) + 3e-3;
  const boot: MethodPart = {
    kind: 'boot',
    form: 'boot',
    back: 5e-3 + featureValue(input.card, 'ferruleLength'),
    opening: input.cable.jacket.diameter + 0.3e-3,
    outside,
    fixedOutside: outside,
    face: 'wide end',
  };
  return [boot];
}

/** The last step of an end whose bag has a boot. */
export function bootSteps({ contents, endName }: RecipeInput): StepDraft[] {
  return contents.boot === 'none'
    ? []
    : [{ role: 'boot', work: 'seat', stage: 'Join', ...bootWords({ endName }) }];
}

export function ferruleRelief({ card, connector }: EndInput): ReliefPlace {
  return {
    over: crimpedFerruleOutside(connector.ferruleDie!),
    covered: featureValue(card, 'ferruleLength'),
  };
}
