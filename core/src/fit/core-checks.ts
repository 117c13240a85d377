import type { ContactPart } from '../words/clearance.ts';
import { clampClosesWords, clampHoldsWords, inContactWords, jacketEntryWords } from '../words/clearance.ts';
import type { FeatureName } from '../connector/features.ts';
import { featureTerm } from '../connector/gauge-card.ts';
import type { AnyEndInput } from '../end/end-input.ts';
import type { Term } from '../quantity/explained.ts';
import { bareDiameter, conductorNames } from '../strip/core-strip.ts';
import { cableTerm } from '../strip/write-strip.ts';
import { bundleDiameter } from '../cable/bundle.ts';
import type { FitCheck } from './clearance.ts';
import { judgeClearance } from './clearance.ts';

const mm = 1e-3;

function holeTerm({ card }: AnyEndInput, name: FeatureName): Term {
  const { symbol: _symbol, ...term } = featureTerm(card, name);
  return { ...term, label: term.label.toLowerCase() };
}

/** All jackets of an end side by side, metres. */
export function jacketsAcross({ cables }: AnyEndInput): number {
  return bundleDiameter(cables.map(({ jacket }) => jacket.diameter));
}

const jacketTerm = (input: AnyEndInput) =>
  cableTerm(input.cables.length > 1 ? 'jackets side by side' : 'jacket diameter', jacketsAcross(input));

/** The jacket through boot, bushing or rear of the shell. */
export function jacketEntry(input: AnyEndInput, part: string): FitCheck {
  return judgeClearance({
    id: 'entry',
    hole: holeTerm(input, 'entryBore'),
    shaft: jacketTerm(input),
    free: 0.1 * mm,
    loose: Infinity,
    ...jacketEntryWords(part),
  });
}

/** The clamp has to close on the jacket and hold it: the jacket between the thinnest and the thickest that it takes. */
export function clampRange(input: AnyEndInput, part: string): FitCheck[] {
  const jacket = jacketTerm(input);
  return [
    judgeClearance({
      id: 'clamp closes',
      hole: holeTerm(input, 'clampMost'),
      shaft: jacket,
      free: 0.2 * mm,
      loose: Infinity,
      ...clampClosesWords(part),
    }),
    judgeClearance({
      id: 'clamp holds',
      hole: jacket,
      shaft: holeTerm(input, 'clampLeast'),
      free: 0.2 * mm,
      loose: Infinity,
      ...clampHoldsWords(part),
    }),
  ];
}

/** What goes into each contact: its cores twisted into one against its bore; strands beside a cup are a defect. */
export function conductorsInContacts(
  input: AnyEndInput,
  part: ContactPart,
  { loose = Infinity, free = 0.15 * mm, insulated = false } = {},
): FitCheck[] {
  return input.joints.map((joint) => {
    const name = conductorNames(joint.conductors);
    const many = joint.conductors.length > 1;
    const [first] = joint.conductors;
    const across = insulated && first?.insulation ? first.insulation : bareDiameter(joint);
    return judgeClearance({
      id: `contact ${joint.contact.id}`,
      hole: holeTerm(input, 'contactBore'),
      shaft: cableTerm(
        many
          ? `${joint.conductors.length} conductors twisted`
          : insulated
            ? 'over the insulation'
            : 'strands',
        across,
      ),
      free,
      loose,
      ...inContactWords(name, joint.conductors.length, part, joint.contact.id),
    });
  });
}
