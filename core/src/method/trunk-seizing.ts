import type { FeatureName } from '../connector/features.ts';
import { featureTerm, featureValue } from '../connector/gauge-card.ts';
import { cableTugStep, noShortStep, tighteningSetting } from '../build/join-steps.ts';
import type { RecipeInput } from '../build/recipe.ts';
import { cutOffAgain, goBack, stripAgain } from '../build/recipe.ts';
import type { StepDraft } from '../build/step-draft.ts';
import { lookHold } from '../build/step-draft.ts';
import { cutFigure, measureStep, nickStep } from '../build/strip-steps.ts';
import { bendRadius } from '../cable/body.ts';
import type { FitCheck } from '../fit/clearance.ts';
import { judgeClearance } from '../fit/clearance.ts';
import { conductorIn, holeTerm, jacketThrough } from '../fit/coax-checks.ts';
import { formatMillimetres } from '../quantity/length.ts';
import { ring } from '../strip/section.ts';
import { reader } from '../strip/solid.ts';
import type { StripPlan } from '../strip/strip-plan.ts';
import { cutOf } from '../strip/strip-plan.ts';
import { cableTerm, clearanceTerm, lengthOf, writeStrip } from '../strip/write-strip.ts';
import type { EndInput, Method, MethodPart } from './method.ts';

/** Conductor shows this far beyond the seizing nut. Engineering value. */
const beyondSeizing = 1.5e-3;
/** Sheath stays this far from its stop. Engineering value. */
const sheathClearance = 0.5e-3;
/** The mandrel ends this far short of the cored depth. Engineering value. */
const mandrelClearance = 2e-3;
/** A buried boot reaches this far past the bare sheath on either side. House default. */
const bootPastSheath = 75e-3;
/** Seizing nut and sheath nut, N m. Engineering values. */
const torques = { seizing: 12, sheath: 30 };

const source = 'seated joint of a trunk connector: rear lip, sheath stop, mandrel, seizing nut';

const sheathOf = ({ cable }: EndInput) => cable.tube?.outside ?? cable.jacket.diameter;
const boreOf = ({ cable }: EndInput) =>
  cable.tube ? cable.tube.outside - 2 * cable.tube.wall : cable.dielectric.diameter;

/**
 * Strip, counted from the jacket edge, which stays `j` behind the nut: sheath `xt = j + d - g`; cored back to
 * `xd = xt - k`; conductor `xc = j + d + p + show`. Metres.
 */
function strip(input: EndInput): StripPlan {
  const { card, cable, connector } = input;
  const value = reader(card);
  const term = (name: FeatureName) => featureTerm(card, name);
  const j = value('jacketOffset');
  const d = value('insertionDepth');
  const sheathEnd = j + d - sheathClearance;
  const coring = value('coringDepth');
  const dielectricEnd = sheathEnd - coring;
  const stop = j + d;
  const conductorEnd = stop + value('seizingDepth') + beyondSeizing;
  const sheath = sheathOf(input);
  const inside = boreOf(input);
  const mandrel = value('mandrelOutside');
  const [nutIn, nutOut] = [value('nutBore'), value('nutOutside')];
  const seizing = value('seizingBore');
  const plane = j + value('lipToMatingPlane');
  const seizingEnd = stop + value('seizingDepth');
  const bodyBore = sheath + 0.6e-3;
  const end = j + value('lipToTip');
  const isSplice = connector.sex === 'splice';
  const sheathTerms = [
    term('jacketOffset'),
    term('insertionDepth'),
    { ...clearanceTerm('Clearance to the stop', sheathClearance), value: -sheathClearance },
  ];
  return writeStrip(
    {
      endId: input.endId,
      rearLip: j,
      covered: 0,
      shield: 'solid',
      cutWith: 'coring',
      cuts: [
        {
          layer: 'tube',
          label: 'Sheath end',
          position: lengthOf(sheathEnd, 'j + d - g', sheathTerms, source),
          plus: sheathClearance,
          minus: 2e-3,
          tooLong: 'It meets the stop before the mandrel is home, or buckles when the nut is turned.',
          tooShort: 'The sheath nut grips too little of it and it pulls out.',
        },
        {
          layer: 'dielectric',
          label: 'Dielectric, cored back',
          position: lengthOf(
            dielectricEnd,
            '(j + d - g) - k',
            [...sheathTerms, { ...term('coringDepth'), value: -coring }],
            source,
          ),
          plus: mandrelClearance,
          minus: 3e-3,
          tooLong: 'The mandrel meets it and the cable does not go home.',
          tooShort: 'A long air space lowers the match.',
        },
        {
          layer: 'conductor',
          label: 'Conductor end',
          position: lengthOf(
            conductorEnd,
            'j + d + p + show',
            [
              term('jacketOffset'),
              term('insertionDepth'),
              term('seizingDepth'),
              clearanceTerm('Shown beyond the seizing nut', beyondSeizing),
            ],
            source,
          ),
          plus: 1e-3,
          minus: 1e-3,
          tooLong: 'It reaches what lies beyond the seizing nut.',
          tooShort: 'It does not show beyond the seizing nut: nobody can see that it is held.',
        },
      ],
      section: [
        ring('cable', 'jacket', 'jacket', [-18e-3, 0], [sheath, cable.jacket.diameter]),
        ring('cable', 'sheath', 'metal', [-18e-3, sheathEnd], [inside, sheath], ['nut']),
        ring(
          'cable',
          'dielectric',
          'dielectric',
          [-18e-3, dielectricEnd],
          [cable.conductor.diameter, inside],
        ),
        ring(
          'cable',
          'conductor',
          'copper',
          [-18e-3, conductorEnd],
          [0, cable.conductor.diameter],
          ['seize'],
        ),
        ring('connector', 'back nut', 'brass', [j, j + 0.45 * d], [nutIn, nutOut], ['nut']),
        ring('connector', 'body', 'metal', [j + 0.45 * d, seizingEnd + 2e-3], [bodyBore, nutOut * 0.92]),
        ring('connector', 'sheath stop', 'metal', [stop, stop + 2e-3], [mandrel, bodyBore]),
        ring(
          'connector',
          'mandrel',
          'brass',
          [stop - (coring - mandrelClearance), stop],
          [mandrel - 1.6e-3, mandrel],
        ),
        ring('connector', 'insulator', 'insulator', [stop + 2e-3, seizingEnd - 3e-3], [seizing, mandrel]),
        ring(
          'connector',
          'seizing nut',
          'brass',
          [seizingEnd - 3e-3, seizingEnd],
          [seizing, mandrel],
          ['seize'],
        ),
        ...(isSplice
          ? [
              ring(
                'connector',
                'body of the other side',
                'metal',
                [conductorEnd + 3e-3, end - 8e-3],
                [bodyBore, nutOut * 0.92],
              ),
              ring('connector', 'nut of the other side', 'brass', [end - 8e-3, end], [nutIn, nutOut]),
            ]
          : [
              ring('connector', 'front body', 'metal', [seizingEnd + 2e-3, plane], [mandrel, 0.8 * nutOut]),
              ring(
                'connector',
                'pin',
                'pin',
                [conductorEnd + 1e-3, end],
                [0, input.connector.series.face.contact],
              ),
            ]),
      ],
      planes: [
        { label: 'jacket edge', at: 0 },
        { label: 'rear lip', at: j },
        { label: 'sheath stop', at: stop },
        { label: 'seizing nut', at: seizingEnd },
      ],
    },
    input.house,
  );
}

/** Length of the boot of a splice: over bare sheath and body, and well on to both jackets. */
function bootLength({ card }: EndInput): number {
  return featureValue(card, 'lipToTip') + 2 * (featureValue(card, 'jacketOffset') + bootPastSheath);
}

function parts(input: EndInput): MethodPart[] {
  const { card, connector, cable } = input;
  const nut = featureValue(card, 'nutOutside');
  if (connector.sex !== 'splice') return [];
  const supplied = Math.max(1.15 * nut, 1.15 * cable.jacket.diameter);
  return [
    {
      kind: 'splice boot',
      form: 'boot',
      back: 12e-3 + bootLength(input),
      opening: supplied,
      outside: supplied + 4e-3,
      fixedOutside: nut + 5e-3,
    },
  ];
}

function steps(input: RecipeInput): StepDraft[] {
  const { card, cable, endName, house, strip: plan, connector } = input;
  const splice = connector.sex === 'splice';
  const drill = house.practice.coring === 'drill';
  const radius = bendRadius(cable)?.once ?? 10 * cable.jacket.diameter;
  const clad = cable.conductor.strandLayers[0]!.metal === 'aluminium';
  const both = splice ? ' Do the same on the cable that comes from the other side.' : '';
  const boot = {
    value: bootLength(input),
    kind: 'length' as const,
    formula: 'body + 2 (bare sheath + 75 mm)',
    terms: [
      {
        label: 'Body, nut to nut',
        value: featureValue(card, 'lipToTip'),
        kind: 'length' as const,
        assumed: true,
      },
      { label: 'Past the bare sheath, each side', value: bootPastSheath, kind: 'length' as const },
    ],
    source: 'house default for buried work',
  };
  return [
    {
      name: 'jacket',
      stage: 'Strip',
      title: `Square the cable and bare the sheath, end ${endName}`,
      text: {
        firstTime: `Cut the cable square with a fine saw, without pressing it oval.${both} Wipe flooding gel off with a dry cloth, ring the jacket without scoring the sheath, and pull it off at the figure below. Never bend tighter than ${formatMillimetres(radius, 0)} mm while working in the trench.`,
        experienced: `Square, gel off, jacket off, sheath not scored.${both}`,
      },
      why: 'A scored or kinked sheath breaks in the ground.',
      tools: [{ label: 'Fine saw and blade', setting: 'jacket depth only' }],
      figures: [
        { label: 'from the cut end', figure: cutOf(plan, 'conductor').position, plus: null, minus: null },
      ],
      caution:
        'Trench work, buried plant and live network power follow local codes and licensed practice: have the line powered off and proved dead. No open flame near gel.',
      good: ['round sheath, no score'],
      bad: ['oval or kinked sheath', 'gel left on it'],
    },
    {
      name: 'dielectric',
      stage: 'Strip',
      title: `Core the dielectric, end ${endName}`,
      text: {
        firstTime: `Core with the tool of this size for foam; a cable with fused discs asks for its own tool and connector. ${drill ? 'Drill slowly and let go at once when it grabs: it twists the conductor off.' : 'Turn the tool by hand, clockwise, with light pressure'} until its stop meets the sheath: this sets the depth. Clear every chip out.${both}`,
        experienced: `Core to the stop${drill ? ', slowly' : ' by hand'}, clear the chips.${both}`,
      },
      why: 'The mandrel goes where the dielectric was; it holds the sheath round against the nut.',
      tools: [{ label: 'Coring tool', setting: drill ? 'in a slow drill' : 'by hand' }],
      figures: [
        cutFigure('dielectric, from the jacket edge (behind it is minus)', cutOf(plan, 'dielectric')),
      ],
      caution: drill
        ? 'A drill can snatch and wring the wrist: brace it.'
        : 'Mind the edge of the sheath: it is sharp.',
      good: ['clean bore down to the metal'],
      bad: ['skin of foam left on the sheath', 'conductor bent or nicked'],
    },
    {
      name: 'tube',
      stage: 'Strip',
      title: `Trim and bevel the sheath, clean the conductor, end ${endName}`,
      text: {
        firstTime: `Trim the sheath to the figure below, bevel its edge and look that it is round. Scrape the residue off the conductor with ${clad ? 'a plastic scraper: copper-clad aluminium takes nothing harder' : 'something softer than it'}, until it is bright, and trim it.${both}`,
        experienced: `Bevel, round; conductor bright with ${clad ? 'plastic only' : 'a soft scraper'}, trim.${both}`,
      },
      why: clad
        ? 'A scratch through the copper rots the aluminium under it.'
        : 'Residue on the conductor is a bad contact.',
      figures: [
        cutFigure('sheath, from the jacket edge', cutOf(plan, 'tube')),
        cutFigure('conductor, from the jacket edge', cutOf(plan, 'conductor')),
      ],
      tools: [{ label: 'Bevelling tool, plastic scraper', setting: '' }],
      caution: 'Cut edges are sharp.',
      good: ['round, bevelled, bright'],
      bad: ['copper scratched through', 'burr inside the sheath'],
    },
    measureStep(input),
    nickStep(
      input,
      stripAgain(
        input,
        'Clear the chips and look again. A scratched conductor or kinked sheath: cut back to sound cable; look first how much is left.',
      ),
    ),
    {
      name: 'nut',
      stage: 'Join',
      title: `Slide the back nut on the bare sheath, end ${endName}`,
      text: {
        firstTime: `The back nut goes over the bare sheath only, its thread toward the end; it does not pass the jacket. Its ring and O-ring follow as the part asks.${both}`,
        experienced: `Back nut on the sheath, thread forward.${both}`,
      },
      why: 'After the body it can no longer be put on.',
      good: ['thread toward the end', 'O-ring in its groove'],
      bad: ['nut the wrong way round', 'nut left in the bag'],
      hold: lookHold('Back nut on, thread forward', goBack('nut', 'Slide it on now, thread toward the end.')),
    },
    {
      name: 'insert',
      stage: 'Join',
      title: `Put the cable into the body, end ${endName}`,
      text: {
        firstTime: `${splice ? 'The boot and the back nuts are on the cables: look, on both sides. ' : 'The back nut is on the cable: look. '}Push the cable over the mandrel until the sheath meets its stop and the conductor shows beyond the seizing nut. Start the back nut on its thread before the seizing nut is tightened.${both}`,
        experienced: `${splice ? 'Boot and nuts on. ' : 'Nut on. '}Home on the mandrel, conductor shows, start the back nut first.${both}`,
      },
      why: 'A back nut that is not started first can no longer be started straight. From here on nothing more can be threaded from this end.',
      requires: [...input.requires],
      figures: splice ? [{ label: 'length of the boot', figure: boot, plus: null, minus: null }] : [],
      good: ['conductor shows beyond the seizing nut', 'back nut started by hand'],
      bad: ['nut crossed', 'sheath not home'],
    },
    noShortStep(
      input,
      'before the nuts are tightened',
      goBack('insert', 'Draw the cable out and look for chips between conductor and sheath.'),
    ),
    {
      name: 'seize',
      stage: 'Join',
      title: `Tighten seizing nut, then sheath nut, end ${endName}`,
      text: {
        firstTime: `Hold the body still with one spanner and turn only nuts: first the seizing nut, then the back nut. A turning body wrings the conductor off.${both}`,
        experienced: `Body held. Seizing nut, then back nut.${both}`,
      },
      why: 'In the other order the sheath is fast while the conductor still moves.',
      tools: [
        { label: 'Seizing nut', setting: tighteningSetting(torques.seizing, house) },
        { label: 'Back nut', setting: tighteningSetting(torques.sheath, house) },
      ],
      caution: 'Mind the hands when a spanner slips.',
      good: ['body never turned', 'both nuts at their torque'],
      bad: ['body turned with the nut', 'nuts in the wrong order'],
      hold: lookHold(
        'Nuts tight in their order, body not turned',
        cutOffAgain(
          input,
          'The body turned: open both nuts, draw the cable and look at the conductor. Twisted: cut back and make the end again; the body is used again.',
          [],
        ),
      ),
    },
    cableTugStep(input, 'sheath nut', goBack('seize', 'Tighten the back nut again with the body held.')),
    ...(splice
      ? [
          {
            name: 'through',
            stage: 'Join' as const,
            title: `Look through the splice before the boot, end ${endName}`,
            text: {
              firstTime:
                'With a load on the far end of the line, read through the splice: load plus loop, steady when it is moved. Only then is the boot brought over.',
              experienced: 'Load seen through the splice, steady when moved.',
            },
            why: 'Under a shrunk boot in the ground nothing is opened again: cut back is all that is left.',
            tools: [{ label: 'Ohm meter', setting: 'lowest range' }],
            good: ['load plus loop, steady'],
            bad: ['open, short or jumping'],
            hold: lookHold(
              'Load seen through the splice',
              goBack('insert', 'Open the nuts and look at both conductors.'),
            ),
          },
          {
            name: 'boot',
            stage: 'Finish' as const,
            title: `Shrink the splice boot, end ${endName}`,
            text: {
              firstTime:
                'Clean gel and dirt off both jackets, roughen them, warm them, and bring the boot to the middle. Heat from the middle outward, so that air leaves at the ends, until adhesive shows at both. Tape over both ends. Do not bend or bury before it is cold.',
              experienced:
                'Clean, roughen, middle outward, adhesive at both ends, tape. Cold before it is moved.',
            },
            why: 'Water that creeps along the sheath ends the line within a season.',
            tools: [
              {
                label: house.practice.heatSource === 'hot air' ? 'Hot air' : 'Open flame',
                setting: 'kept moving',
              },
            ],
            figures: [{ label: 'length of the boot', figure: boot, plus: null, minus: null }],
            caution: 'Flooding gel burns: no open flame near it, hot air from a distance. Hot parts burn.',
            good: ['adhesive all round at both ends'],
            bad: ['blister, fold or scorch', 'boot short of the jacket'],
          },
        ]
      : []),
  ];
}

function sheathChecks(input: EndInput): FitCheck[] {
  return [
    judgeClearance({
      id: 'entry',
      label: 'Sheath through the back nut',
      hole: holeTerm(input, 'nutBore'),
      shaft: cableTerm('sheath diameter', sheathOf(input)),
      free: 0.1e-3,
      loose: 0.9e-3,
      tooTight: 'The sheath does not enter: the connector is for a thinner trunk.',
      tight: 'The sheath enters hard: make it round first.',
      tooLoose: 'The nut does not grip this sheath.',
    }),
    judgeClearance({
      id: 'mandrel',
      label: 'Mandrel in the cored sheath',
      hole: cableTerm('inside of the sheath', boreOf(input)),
      shaft: holeTerm(input, 'mandrelOutside'),
      free: 0.1e-3,
      loose: 0.9e-3,
      tooTight: 'The mandrel does not enter the sheath.',
      tight: 'The mandrel enters hard: look for a skin of foam.',
      tooLoose: 'The mandrel does not back the sheath: the nut crushes it.',
    }),
  ];
}

/** Splice and pin connector on seamless-aluminium trunk. */
export const trunkSeizing: Method = {
  name: 'trunk seizing',
  traits: {
    because: 'the way on aluminium trunk, which takes no solder: nuts seize conductor and sheath',
    reusable: true,
    heat: 'none',
    needs: ['coring tool of the size', 'spanners', 'fine saw'],
    shopTools: ['coring tool', 'seizing spanners', 'fine saw'],
  },
  firstFeatures: ['coringDepth', 'insertionDepth', 'seizingDepth'],
  foldedFeatures: [
    'jacketOffset',
    'mandrelOutside',
    'nutBore',
    'nutOutside',
    'seizingBore',
    'lipToShoulder',
    'lipToMatingPlane',
    'lipToTip',
    'bodyOutside',
  ],
  rules: [
    { smaller: 'nutBore', larger: 'nutOutside', at: 'nutBore', because: 'a nut has a wall' },
    {
      smaller: 'seizingBore',
      larger: 'mandrelOutside',
      at: 'seizingBore',
      because: 'the conductor lies within the mandrel',
    },
    {
      smaller: 'insertionDepth',
      larger: 'lipToTip',
      at: 'insertionDepth',
      because: 'the stop lies within the body',
    },
  ],
  refuses: (cable) => (cable.tube?.metal === 'aluminium' ? null : 'It is made for seamless-aluminium trunk.'),
  fit: (input) => [
    ...sheathChecks(input),
    conductorIn(input, 'seizingBore', 'seizing nut', 0.5e-3),
    ...(input.connector.sex === 'splice'
      ? [jacketThrough(input, 'bodyOutside', 'splice boot', Infinity)]
      : []),
  ],
  strip,
  parts,
  relief: ({ card, cable, connector }) =>
    connector.sex === 'splice'
      ? null
      : { over: Math.max(cable.jacket.diameter, featureValue(card, 'nutOutside')), covered: 16e-3 },
  steps,
};
