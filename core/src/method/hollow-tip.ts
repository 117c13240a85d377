import {
  usualFaults,
  ruleWords,
  traitsWords,
  stepsAdvice,
  noShortAdvice,
  insertWords,
} from '../words/hollow-tip.ts';
import { couplingFit, couplingParts } from './uhf-coupling.ts';
import { connectorScrap, ferruleScrap } from '../recipe/scrap.ts';
import { cableRings } from '../strip/cable-rings.ts';
import type { FeatureName } from '../connector/features.ts';
import { featureTerm } from '../connector/gauge-card.ts';
import { cableTugStep, noShortStep } from '../recipe/join-steps.ts';
import type { RecipeInput } from '../recipe/recipe.ts';
import { cutOffAgain, goBack } from '../recipe/recipe.ts';
import type { StepDraft } from '../recipe/step-draft.ts';
import { coaxStripSteps, trimBraidStep } from '../recipe/strip-steps.ts';
import { conductorIn, dielectricIn, jacketThrough, dieChecks, ferruleChecks } from '../fit/coax-checks.ts';
import { flush } from '../strip/joint-window.ts';
import { ring } from '../strip/section.ts';
import { couplingRing, reader, hollowTip } from '../strip/solid.ts';
import type { StripPlan } from '../strip/strip-plan.ts';
import { writeStrip } from '../strip/write-strip.ts';
import type { Method } from './method.ts';
import type { EndInput } from '../end/end-input.ts';
import { crimpFerruleSteps, ferruleRework } from './pin-and-ferrule-steps.ts';
import { dielectricCut, tipCut, tipSteps } from './uhf-tip.ts';
import {
  ferruleBraidCut,
  ferruleCovers,
  ferruleFeatures,
  bootParts,
  bootSteps,
  innerFerruleSteps,
  underBraidOf,
  ferrulePart,
  ferruleRelief,
  ferruleRings,
  ferruleRules,
  overStem,
  refusesFerrule,
} from './ferrule.ts';

/** Strip: `xb = j + s - g`, `xd = j + d - g`, `xc = j + r(tip) + proud`, metres from the jacket edge. */
function strip(input: EndInput): StripPlan {
  const { card, cable } = input;
  const value = reader(card);
  const term = (name: FeatureName) => featureTerm(card, name);
  const j = value('jacketOffset');
  const s = value('stemLength');
  const lip = { value: j, terms: [term('jacketOffset')], formula: 'j' };
  const dielectric = dielectricCut(input, lip);
  const tip = tipCut(input, lip);
  const body = Math.max(0.62 * value('bodyOutside'), overStem(input) + 1e-3);
  const plane = j + value('lipToMatingPlane');
  return writeStrip(
    {
      endId: input.endId,
      rearLip: j,
      covered: ferruleCovers(input),
      cuts: [
        ferruleBraidCut(input),
        ...(cable.foil
          ? [
              {
                ...dielectric,
                layer: 'foil' as const,
                label: 'Foil end',
                plus: flush,
                minus: dielectric.position.value - j - s,
                strokeOf: 'dielectric' as const,
              },
            ]
          : []),
        dielectric,
        tip,
      ],
      section: [
        ...cableRings(cable, {
          back: value('ferruleLength') - s + 6e-3,
          foil: dielectric.position.value,
          dielectric: dielectric.position.value,
          conductor: tip.position.value,
        }),
        ...ferruleRings(input),
        ring('connector', 'body', 'metal', [j + s, plane], [value('stemBore'), body]),
        ...hollowTip(value, j, value('stemBore')),
        couplingRing(value, j, body),
      ],
      planes: [
        { label: 'jacket edge', at: 0 },
        { label: 'shoulder', at: j + s },
        { label: 'stop', at: j + value('stopDepth') },
        { label: 'tip', at: j + value('lipToTip') },
      ],
    },
    input.stripper,
  );
}

function steps(input: RecipeInput): StepDraft[] {
  const melted = cutOffAgain(input, stepsAdvice, [connectorScrap(input.connector), ferruleScrap]);
  const ferrule = [
    ...crimpFerruleSteps(input),
    cableTugStep(input, 'ferrule', 'ferrule', ferruleRework(input)),
  ];
  const tip = tipSteps(input, melted);
  return [
    ...coaxStripSteps(input, { braid: [trimBraidStep(input)] }),
    ...innerFerruleSteps(input),
    {
      role: 'insert',
      work: 'seat',
      stage: 'Join',
      ...insertWords({ endName: input.endName, loose: input.contents.coupling === 'loose ring' }),
      requires: [...input.requires],
    },
    noShortStep(input, 'before anything is fixed', goBack('insert', noShortAdvice)),
    ...(input.house.practice.tipOrder === 'ferrule first, then the tip'
      ? [...ferrule, ...tip]
      : [...tip, ...ferrule]),
    ...bootSteps(input),
  ];
}

/** UHF plug whose tip is soldered and whose ferrule is crimped. */
export const hollowTipCrimp: Method = {
  name: 'hollow tip and ferrule',
  traits: {
    shieldBy: 'crimp',
    ...traitsWords,
    reusable: false,
    heat: 'small iron',
    needs: ['hex die for the ferrule', 'iron'],
    shopTools: ['fine iron'],
  },
  usualFaults,
  firstFeatures: ['stemLength', 'stopDepth', 'lipToTip', 'ferruleLength'],
  foldedFeatures: [...ferruleFeatures, 'tipBore', 'tipOutside', 'couplingBore'],
  contents: ['coupling', 'underBraid', 'boot', 'shrink'],
  rules: [
    ...ferruleRules,
    { smaller: 'tipBore', larger: 'tipOutside', at: 'tipBore', because: ruleWords.tipHasWall },
  ],
  refuses: refusesFerrule,
  fit: (input) => [
    jacketThrough(input, 'ferruleBore', 'ferrule'),
    ...ferruleChecks(input),
    dielectricIn(input, 'stemBore', underBraidOf(input)),
    conductorIn(input, 'tipBore', 'hollow tip', 1.6e-3),
    ...couplingFit(input),
    ...dieChecks(input),
  ],
  strip,
  parts: (input) => [ferrulePart(input), ...couplingParts(input), ...bootParts(input)],
  relief: ferruleRelief,
  steps,
};
