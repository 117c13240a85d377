import type { PartKind } from '../thread/part-kind.ts';
import type { PartForm } from '../thread/part-form.ts';
import type { AnyEndInput, EndInput } from '../end/end-input.ts';
import type { RecipeInput } from '../recipe/recipe.ts';
import type { StepDraft } from '../recipe/step-draft.ts';
import type { CoaxCable, LayeredCable } from '../cable/cable.ts';
import type { ContentName } from '../connector/contents.ts';
import type { FeatureName } from '../connector/features.ts';
import type { Explained } from '../quantity/explained.ts';
import type { FeatureRule } from '../connector/gauge-card.ts';
import type { MethodName } from '../connector/method-name.ts';
import type { FitCheck } from '../fit/clearance.ts';
import type { Practice } from '../house/practice.ts';
import type { StripPlan } from '../strip/strip-plan.ts';

/** A part that the method wants on the cable before the end is closed. Metres. */
export interface MethodPart {
  /** Its kind within the end; `<endId>/<kind>` is its stable id. */
  readonly kind: PartKind;
  readonly form: PartForm;
  /** Which one it is, where the bag has several. */
  readonly size?: string | undefined;
  /** Middle of its place in the finished joint, back from the datum; the order along the cable follows it. */
  readonly back: number;
  readonly opening: number;
  readonly outside: number;
  readonly fixedOutside: number;
  /** Its colour, where the bag says one. */
  readonly colour?: string;
  /** Where it is cut from a length. */
  readonly cutLength?: Explained;
  /** The face that looks toward the end; absent where either way round will do. */
  readonly face?: string;
}

/** What is behind the connector once it is closed: what a relief shrink goes over. Metres. */
export interface ReliefPlace {
  /** Diameter of the rear of the connector, and how much of it the shrink covers. */
  readonly over: number;
  readonly covered: number;
}

/** What a person weighs when methods are compared. */
export interface MethodTraits {
  /** How the shield is fixed; absent where cores are what is joined. */
  readonly shieldBy?: Exclude<Practice['shieldFixing'], 'what the job asks'>;
  /** Why one would take it. */
  readonly because: string;
  readonly reusable: boolean;
  readonly heat: 'none' | 'small iron' | 'big iron';
  /** The stripped-down list of what it needs besides a strip tool. */
  readonly needs: readonly string[];
  /** What a shop must list in House for it, by name; empty where dies or hands do. */
  readonly shopTools: readonly string[];
}

/** What an open or a short at a closed end usually is, in the words of the bench. */
export interface UsualFaults {
  readonly open: string;
  readonly short: string;
}

/** A way that an end is put on a cable: adding one is adding its file and its connectors. */
export interface Method<C extends LayeredCable = CoaxCable> {
  readonly name: MethodName;
  readonly traits: MethodTraits;
  readonly usualFaults: UsualFaults;
  /** What its gauge card asks for; the first few decide the strip, the others are folded away. */
  readonly firstFeatures: readonly FeatureName[];
  readonly foldedFeatures: readonly FeatureName[];
  readonly rules: readonly FeatureRule[];
  /** What is asked of its bag; none where all that lies in it is always the same. */
  readonly contents?: readonly ContentName[];
  /** Why it does not go on a kind of cable at all; null when it does. */
  readonly refuses: (cable: C) => string | null;
  readonly fit: (input: EndInput<C>) => FitCheck[];
  readonly strip: (input: EndInput<C>) => StripPlan;
  readonly parts: (input: EndInput<C>) => MethodPart[];
  /** Barrels of single plugs that are covered by a sleeve in the colour of their pole: diameter and length, metres. */
  readonly barrel?: (input: AnyEndInput) => { readonly over: number; readonly covered: number } | null;
  /** Null where nothing is shrunk over the rear. */
  readonly relief: (input: EndInput<C>) => ReliefPlace | null;
  /** Strip and Join. */
  readonly steps: (input: RecipeInput<C>) => StepDraft[];
}

/** A method that any cable may be asked of: it refuses those that it is not for. */
export type AnyMethod = Method<LayeredCable>;
