import {
  conductorInWords,
  contactFixingWords,
  dielectricInWords,
  ferruleOverBraidWords,
  ferruleOverStemWords,
  gripWords,
  jacketThroughWords,
  takesSolderWords,
} from '../words/clearance.ts';
import { dieWords } from '../words/die.ts';
import { braidMetal, shieldThickness } from '../cable/braid.ts';
import type { FeatureName } from '../connector/features.ts';
import { featureTerm, featureValue } from '../connector/gauge-card.ts';
import type { EndInput } from '../end/end-input.ts';
import type { Term } from '../quantity/explained.ts';
import { cableTerm } from '../strip/write-strip.ts';
import { overFoil } from '../strip/cable-rings.ts';
import type { FitCheck, MeasuredFit } from './clearance.ts';
import { judgeClearance } from './clearance.ts';
import { conductorMetal } from '../cable/electrical.ts';
import { judgeClosing, ringArea } from './crimp-closing.ts';
import { dieTolerance, judgeDie, nearestDie } from './die.ts';

const mm = 1e-3;

/** A feature of the end's gauge card as the term of a fit check, in lower case. */
export function holeTerm({ card }: EndInput, name: FeatureName): Term {
  const { symbol: _symbol, ...term } = featureTerm(card, name);
  return { ...term, label: term.label.toLowerCase() };
}

/** Jacket through a part that slides over it. Clearances are engineering values. */
export function jacketThrough(
  input: EndInput,
  name: FeatureName,
  part: string,
  loose = 1 * mm,
  id = 'entry',
): FitCheck {
  return judgeClearance({
    id,
    hole: holeTerm(input, name),
    shaft: cableTerm('jacket diameter', input.cable.jacket.diameter),
    free: 0.1 * mm,
    loose,
    ...jacketThroughWords(part),
  });
}

/** The braid laid on a stem or nose, as a term. */
export function braidOnStem(input: EndInput, name: FeatureName = 'stemOutside'): Term {
  const stem = holeTerm(input, name);
  return {
    ...cableTerm('braid on the stem', stem.value + 2 * shieldThickness(input.cable)),
  };
}

/** The ferrule over braid and stem, and over the length of the stem. */
export function ferruleChecks(input: EndInput): FitCheck[] {
  const length = holeTerm(input, 'ferruleLength');
  const stem = holeTerm(input, 'stemLength');
  const cover = Math.max(0, (length.value - stem.value) * 1e3).toFixed(1);
  return [
    judgeClearance({
      id: 'ferrule',
      hole: holeTerm(input, 'ferruleBore'),
      shaft: braidOnStem(input),
      free: 0.1 * mm,
      loose: 1 * mm + 0.1 * featureValue(input.card, 'ferruleBore'),
      ...ferruleOverBraidWords,
    }),
    judgeClearance({
      id: 'ferrule-length',
      hole: length,
      shaft: stem,
      free: 1 * mm,
      loose: 14 * mm,
      ...ferruleOverStemWords(cover),
    }),
  ];
}

/** The dielectric, with foil that stays on it, in a bore. */
export function dielectricIn(
  input: EndInput,
  name: FeatureName,
  part: string,
  loose = 0.5 * mm,
): MeasuredFit {
  const { cable } = input;
  return judgeClearance({
    id: 'dielectric',
    hole: holeTerm(input, name),
    shaft: cableTerm(cable.foil ? 'dielectric with foil' : 'dielectric diameter', overFoil(cable)),
    free: 0.05 * mm,
    loose,
    ...dielectricInWords(part),
  });
}

/** The conductor in the bore that takes it. */
export function conductorIn(input: EndInput, name: FeatureName, part: string, loose = 0.3 * mm): FitCheck {
  const { conductor } = input.cable;
  return judgeClearance({
    id: 'conductor',
    hole: holeTerm(input, name),
    shaft: cableTerm('conductor diameter', conductor.diameter),
    free: 0.02 * mm,
    loose,
    ...conductorInWords(part, conductor.strands > 1),
  });
}

/** How the contact is fixed here, and why: what the connector is made for, solder by house practice or for want of a die. */
export function contactFixing({
  connector,
  contents,
  house,
}: Pick<EndInput, 'connector' | 'contents' | 'house'>): {
  readonly how: 'crimp' | 'solder';
  readonly why: string;
} {
  const { pinDie } = connector;
  if (contents.contact !== 'crimp' || pinDie === null)
    return { how: 'solder', why: contactFixingWords.madeForSolder };
  if (house.practice.centreContact === 'solder')
    return { how: 'solder', why: contactFixingWords.housePractice };
  const nearest = nearestDie(pinDie, house.dies);
  if (nearest === undefined || Math.abs(nearest - pinDie) > dieTolerance + 1e-8)
    return { how: 'solder', why: contactFixingWords.noDie };
  return { how: 'crimp', why: contactFixingWords.madeForCrimp };
}

/** The dies that this end needs, from what the shop has. */
export function dieChecks(input: EndInput): FitCheck[] {
  const { connector, house } = input;
  const ferrule =
    connector.ferruleDie === null
      ? []
      : [
          judgeDie('ferrule-die', dieWords.forFerrule, connector.ferruleDie, house.dies),
          judgeClosing({
            id: 'ferrule-closing',
            label: dieWords.closesOnFerrule,
            metal: ferruleMetal(input),
            die: connector.ferruleDie,
            on: 'ferrule',
          }),
        ];
  const pin =
    connector.pinDie === null || contactFixing(input).how === 'solder'
      ? []
      : [
          judgeDie('pin-die', dieWords.forContact, connector.pinDie, house.dies),
          judgeClosing({
            id: 'pin-closing',
            label: dieWords.closesOnContact,
            metal:
              ringArea(featureValue(input.card, 'pinOutside'), featureValue(input.card, 'pinBore')) +
              conductorMetal(input.cable),
            die: connector.pinDie,
            on: 'contact',
          }),
        ];
  return [...ferrule, ...pin];
}

/** What lies in the ferrule's die: the ferrule, the braid under it, and the stem, which gives no way. */
function ferruleMetal({ card, cable }: EndInput): number {
  const bore = featureValue(card, 'ferruleBore');
  const ferrule = ringArea(bore + 2 * featureValue(card, 'ferruleWall'), bore);
  return ferrule + braidMetal(cable) + ringArea(featureValue(card, 'stemOutside'), 0);
}

/** Whether metal of the cable and of the shell takes solder: aluminium does not, nickel hardly. */
export function solderingCheck(input: EndInput, what: 'shell' | 'shield'): FitCheck {
  const { cable, connector } = input;
  const shield = cable.tube ? cable.tube.metal : (cable.braids[0]?.wireLayers.at(-1)?.metal ?? 'none');
  const refuses = what === 'shield' ? shield === 'aluminium' || shield === 'none' : false;
  const badly = what === 'shell' && connector.plating === 'nickel';
  const metal = what === 'shell' ? connector.plating : shield;
  return {
    id: `solder-${what}`,
    label: takesSolderWords.label[what],
    verdict: refuses ? 'does not fit' : badly ? 'tight' : 'fits',
    kind: 'yes or no',
    about: 'part',
    one: `${what}: ${metal}`,
    other: 'solder',
    consequence: refuses ? takesSolderWords.aluminium : badly ? takesSolderWords.nickel : '',
  };
}

/** A thread that bites what is screwed into it: it must be smaller, but not by much. Engineering values. */
export function biteCheck(input: EndInput, name: FeatureName, part: string, over: number): MeasuredFit {
  const hole = holeTerm(input, name);
  const shaft = cableTerm('what it bites', over);
  const bite = over - hole.value;
  const verdict =
    bite >= 0.15 * mm && bite <= 0.9 * mm ? 'fits' : bite > 0 && bite <= 1.3 * mm ? 'tight' : 'does not fit';
  return {
    id: 'bite',
    kind: 'measured',
    about: 'part',
    label: gripWords.label(part),
    verdict,
    hole,
    shaft,
    margin: -bite,
    consequence: verdict === 'fits' ? '' : bite <= 0.15 * mm ? gripWords.hardly(part) : gripWords.deep(part),
  };
}
