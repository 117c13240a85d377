import type { RecipeInput } from '../build/recipe.ts';
import type { StepDraft } from '../build/step-draft.ts';
import type { CoaxCable, LayeredCable } from '../cable/cable.ts';
import type { CableConductor } from '../cable/conductors.ts';
import type { Connector } from '../connector/connector.ts';
import type { Contact } from '../connector/contact.ts';
import type { FeatureName } from '../connector/features.ts';
import type { FeatureRule, GaugeCard } from '../connector/gauge-card.ts';
import type { MethodName } from '../connector/method-name.ts';
import type { FitCheck } from '../fit/clearance.ts';
import type { House } from '../house/house.ts';
import type { Practice } from '../house/practice.ts';
import type { Role, Signal } from '../lead/signal.ts';
import type { StripPlan } from '../strip/strip-plan.ts';

/** A conductor of one of the cables that an end takes. */
export interface PieceConductor extends CableConductor {
  readonly pieceId: string;
  readonly cable: LayeredCable;
}

/** A contact of an end with what is joined to it. */
export interface ContactJoint {
  readonly contact: Contact;
  /** What it carries; undefined where nothing says so. */
  readonly role: Role | undefined;
  readonly conductors: readonly PieceConductor[];
}

/** What the questions about one end are answered from. */
export interface EndInput<C extends LayeredCable = CoaxCable> {
  readonly endId: string;
  readonly endName: string;
  /** The thickest of the cables that it takes. */
  readonly cable: C;
  /** All of them: two where they lie side by side. */
  readonly cables: readonly LayeredCable[];
  /** The contacts that have conductors, in their order. */
  readonly joints: readonly ContactJoint[];
  /** Conductors that come out of the jacket here and go nowhere. */
  readonly spares: readonly PieceConductor[];
  readonly signal: Signal;
  /** How a right-angle body is turned against the first end, quarters clockwise. */
  readonly quarterTurns: number;
  readonly connector: Connector;
  readonly card: GaugeCard;
  readonly house: House;
  /** Power into the lead, watts: some house practice depends on it. */
  readonly power: number;
}

/** How a part that slides on the cable looks from the side. */
export type PartForm =
  'ferrule' | 'nut' | 'ring' | 'coupling' | 'boot' | 'tube' | 'sleeve' | 'beads' | 'braid';

/** A part that the method wants on the cable before the end is closed. Metres. */
export interface MethodPart {
  /** Its kind within the end; `<endId>/<kind>` is its stable id. */
  readonly kind: string;
  readonly form: PartForm;
  /** Middle of its place in the finished joint, back from the datum; the order along the cable follows it. */
  readonly back: number;
  readonly opening: number;
  readonly outside: number;
  readonly fixedOutside: number;
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
  /** Why it does not go on a kind of cable at all; null when it does. */
  readonly refuses: (cable: C) => string | null;
  readonly fit: (input: EndInput<C>) => FitCheck[];
  readonly strip: (input: EndInput<C>) => StripPlan;
  readonly parts: (input: EndInput<C>) => MethodPart[];
  /** Null where nothing is shrunk over the rear. */
  readonly relief: (input: EndInput<C>) => ReliefPlace | null;
  /** Strip and Join. */
  readonly steps: (input: RecipeInput<C>) => StepDraft[];
}

/** A method that any cable may be asked of: it refuses those that it is not for. */
export type AnyMethod = Method<LayeredCable>;
export type AnyEndInput = EndInput<LayeredCable>;
