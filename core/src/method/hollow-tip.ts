import { cableRings } from '../strip/cable-rings.ts';
import { seriesAndSex } from '../connector/connector.ts';
import type { FeatureName } from '../connector/features.ts';
import { featureTerm } from '../connector/gauge-card.ts';
import { cableTugStep, noShortStep } from '../build/join-steps.ts';
import type { RecipeInput } from '../build/recipe.ts';
import { cutOffAgain, goBack } from '../build/recipe.ts';
import type { StepDraft } from '../build/step-draft.ts';
import { dielectricStep, jacketStep, measureSteps, nickStep, trimBraidStep } from '../build/strip-steps.ts';
import { conductorIn, dielectricIn, jacketThrough, dieChecks, ferruleChecks } from '../fit/coax-checks.ts';
import { ring } from '../strip/section.ts';
import { couplingRing, reader, hollowTip } from '../strip/solid.ts';
import type { StripPlan } from '../strip/strip-plan.ts';
import { writeStrip } from '../strip/write-strip.ts';
import type { EndInput, Method } from './method.ts';
import { crimpFerruleSteps, ferruleRework } from './pin-and-ferrule-steps.ts';
import { dielectricCut, tipCut, tipSteps } from './uhf-tip.ts';
import {
  ferruleBraidCut,
  ferruleCovers,
  ferruleFeatures,
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
                minus: dielectric.position.value - j - s,
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
    input.house,
  );
}

function steps(input: RecipeInput): StepDraft[] {
  const melted = cutOffAgain(input, 'Melted inside: cut the plug off and make the end again.', [
    seriesAndSex(input.connector),
    'ferrule',
  ]);
  const ferrule = [...crimpFerruleSteps(input), cableTugStep(input, 'ferrule', ferruleRework(input))];
  const tip = tipSteps(input, melted);
  return [
    jacketStep(input),
    trimBraidStep(input),
    dielectricStep(input),
    ...measureSteps(input),
    nickStep(input),
    {
      name: 'insert',
      work: 'seat',
      stage: 'Join',
      title: `Push the body on, end ${input.endName}`,
      text: {
        firstTime:
          'Flare the braid a little. Pass the conductor through the body and out at the tip while the stem goes under the braid, until the jacket edge is at the lip. Conductor stands 1 to 2 mm out of the tip.',
        experienced: 'Conductor out at the tip, stem under the braid, jacket at the lip.',
      },
      why: 'From here on nothing more can be threaded from this end.',
      requires: [...input.requires],
      good: ['conductor 1 to 2 mm out of the tip', 'braid even round the stem'],
      bad: ['strand caught inside the tip', 'braid pushed up before the stem'],
    },
    noShortStep(
      input,
      'before anything is fixed',
      goBack('insert', 'Pull the body off and look for a whisker or braid before the stem.'),
    ),
    ...(input.house.practice.tipOrder === 'ferrule first, then the tip'
      ? [...ferrule, ...tip]
      : [...tip, ...ferrule]),
  ];
}

/** UHF plug whose tip is soldered and whose ferrule is crimped. */
export const hollowTipCrimp: Method = {
  name: 'hollow tip and ferrule',
  traits: {
    shieldBy: 'crimp',
    because: 'one solder joint at the tip, the shield crimped: little heat for the dielectric',
    reusable: false,
    heat: 'small iron',
    needs: ['hex die for the ferrule', 'iron'],
    shopTools: ['fine iron'],
  },
  usualFaults: {
    open: 'a cold joint at the tip, a broken conductor, braid not under the ferrule',
    short: 'a strand in front of the stem, dielectric melted at the tip',
  },
  firstFeatures: ['stemLength', 'stopDepth', 'lipToTip', 'ferruleLength'],
  foldedFeatures: [...ferruleFeatures, 'tipBore', 'tipOutside'],
  rules: [
    ...ferruleRules,
    { smaller: 'tipBore', larger: 'tipOutside', at: 'tipBore', because: 'a tip has a wall' },
  ],
  refuses: refusesFerrule,
  fit: (input) => [
    jacketThrough(input, 'ferruleBore', 'ferrule'),
    ...ferruleChecks(input),
    dielectricIn(input, 'stemBore', 'stem'),
    conductorIn(input, 'tipBore', 'hollow tip', 1.6e-3),
    ...dieChecks(input),
  ],
  strip,
  parts: (input) => [ferrulePart(input)],
  relief: ferruleRelief,
  steps,
};
