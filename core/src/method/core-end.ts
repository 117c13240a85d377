import {
  ruleWords,
  refusalWords,
  cableTugAdvice,
  closeWords,
  holdsJacketWords,
  pullWords,
} from '../words/core-end.ts';
import type { JointKind } from '../recipe/joint.ts';
import type { PartKind } from '../thread/part-kind.ts';
import type { LayeredCable } from '../cable/cable.ts';
import type { FeatureName } from '../connector/features.ts';
import type { FeatureRule } from '../connector/gauge-card.ts';
import { featureValue } from '../connector/gauge-card.ts';
import type { CoreRecipe } from '../recipe/core-steps.ts';
import { goBack } from '../recipe/recipe.ts';
import type { StepDraft } from '../recipe/step-draft.ts';
import { lookHold } from '../recipe/step-draft.ts';
import { jacketsAcross } from '../fit/core-checks.ts';
import type { SectionRing } from '../strip/section.ts';
import { ring } from '../strip/section.ts';
import type { MethodPart } from './method.ts';
import type { PartForm } from '../thread/part-form.ts';
import type { AnyEndInput } from '../end/end-input.ts';

/** What ends with a clamp on the jacket ask of their gauge card. */
export const clampFeatures: readonly FeatureName[] = ['clampLength', 'clampLeast', 'clampMost', 'entryBore'];
export const outsideFeatures: readonly FeatureName[] = [
  'lipToShoulder',
  'lipToMatingPlane',
  'lipToTip',
  'bodyOutside',
];

export const clampRules: readonly FeatureRule[] = [
  {
    smaller: 'clampLeast',
    larger: 'clampMost',
    at: 'clampLeast',
    because: ruleWords.clampTakesRangeJackets,
  },
  {
    smaller: 'clampFront',
    larger: 'contactMouth',
    at: 'clampFront',
    because: ruleWords.contactsLieFrontClamp,
  },
  {
    smaller: 'clampLength',
    larger: 'clampFront',
    at: 'clampLength',
    because: ruleWords.clampLiesWithinConnector,
  },
];

export const contactRules: readonly FeatureRule[] = [
  { smaller: 'contactBore', larger: 'contactOutside', at: 'contactBore', because: ruleWords.contactHasWall },
  {
    smaller: 'contactMouth',
    larger: 'lipToTip',
    at: 'contactMouth',
    because: ruleWords.contactLiesWithinConnector,
  },
];

/** Why a cable with a solid outer conductor, or none that bends, is not for an end with several contacts. */
export function refusesTube(cable: LayeredCable): string | null {
  return cable.structure === 'coax' && (cable.tube !== null || cable.jacket.diameter > 9e-3)
    ? refusalWords.madeFlexibleCableOne
    : null;
}

/** A cable of cores is what it takes. */
export function refusesCoax(cable: LayeredCable): string | null {
  return cable.structure === 'coax' ? refusalWords.clampsInsulatedCoresCoaxial : null;
}

/** A part that the jacket is pushed through, a little looser than it. */
export function jacketPart(
  input: AnyEndInput,
  kind: PartKind,
  form: PartForm,
  back: number,
  {
    opening = 'entryBore',
    outside = 0.9,
    face,
  }: { opening?: FeatureName; outside?: number; face?: string } = {},
): MethodPart {
  const body = featureValue(input.card, 'bodyOutside');
  return {
    kind,
    form,
    back,
    opening: featureValue(input.card, opening),
    outside: body * outside,
    fixedOutside: body * outside,
    ...(face ? { face } : {}),
  };
}

/** Which of two sizes holds this jacket: the smaller up to the middle of what the clamp takes. */
export function reliefSize(input: AnyEndInput): 'smaller' | 'larger' | undefined {
  if (input.contents.relief === 'one size') return undefined;
  const middle = (featureValue(input.card, 'clampLeast') + featureValue(input.card, 'clampMost')) / 2;
  return jacketsAcross(input) <= middle ? 'smaller' : 'larger';
}

/** The ring of jaws that a boot or bushing closes on the jacket. */
export function chuckPart(input: AnyEndInput): MethodPart {
  const value = (name: FeatureName) => featureValue(input.card, name);
  const chuck = jacketPart(input, 'chuck', 'ring', value('clampFront') - value('clampLength') / 2, {
    opening: 'clampMost',
    outside: 0.8,
    face: 'jaws',
  });
  return { ...chuck, size: reliefSize(input) };
}

/** The jacket in its clamp inside the shell, up to the insert that carries the contacts: what the cores run through. */
export function shellRings(
  input: AnyEndInput,
  lip: number,
  { shell = true, insulator = true } = {},
): SectionRing[] {
  const value = (name: FeatureName) => featureValue(input.card, name);
  const jacket = jacketsAcross(input);
  const body = value('bodyOutside');
  const tip = lip + value('lipToTip');
  const mouth = lip + value('contactMouth');
  const clamp = lip + value('clampFront');
  return [
    ring('cable', 'jacket', 'jacket', [lip - 12e-3, 0], [0, jacket], ['grip']),
    ring(
      'connector',
      'clamp',
      'metal',
      [clamp - value('clampLength'), clamp],
      [jacket, Math.max(jacket + 2e-3, body * 0.75)],
      ['grip'],
    ),
    ...(shell ? [ring('connector', 'shell', 'brass', [lip, tip], [body * 0.82, body])] : []),
    ...(insulator
      ? [ring('connector', 'insert', 'insulator', [mouth, tip - 2e-3], [body * 0.1, body * 0.8])]
      : []),
  ];
}

/** The shell closed over the joints: the moment after which nothing can be threaded. */
export function closeStep(
  input: CoreRecipe,
  joint: JointKind | null,
  text: StepDraft['text'],
  more: Partial<StepDraft> = {},
): StepDraft {
  return {
    role: 'insert',
    work: 'seat',
    joint,
    stage: 'Join',
    ...closeWords({ endName: input.endName }),
    text,
    requires: [...input.requires],
    ...more,
  };
}

/** A pull on the cable with the connector held: the clamp takes it, not the joints. */
export function pullStep(input: CoreRecipe, clamp: string, joint: JointKind): StepDraft {
  return {
    role: 'cable-tug',
    work: 'tug',
    joint,
    stage: 'Join',
    ...pullWords({ endName: input.endName, clamp }),
    hold: lookHold(holdsJacketWords(clamp), goBack('insert', cableTugAdvice({ clamp }))),
  };
}
