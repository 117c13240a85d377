import type { FeatureName } from '../connector/features.ts';
import { featureTerm, featureValue } from '../connector/gauge-card.ts';
import type { FitCheck } from '../fit/clearance.ts';
import { judgeClearance } from '../fit/clearance.ts';
import { conductorIn, holeTerm, jacketThrough } from '../fit/coax-checks.ts';
import { ring } from '../strip/section.ts';
import { reader } from '../strip/solid.ts';
import type { StripPlan } from '../strip/strip-plan.ts';
import { cableTerm, clearanceTerm, lengthOf, writeStrip } from '../strip/write-strip.ts';
import type { EndInput, Method, MethodPart } from './method.ts';
import { trunkSeizingSteps } from './trunk-seizing-steps.ts';

/** Conductor shows this far beyond the seizing nut. Engineering value. */
const beyondSeizing = 1.5e-3;
/** Sheath stays this far from its stop. Engineering value. */
const sheathClearance = 0.5e-3;
/** The mandrel ends this far short of the cored depth. Engineering value. */
const mandrelClearance = 2e-3;

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

function parts(input: EndInput): MethodPart[] {
  const { card, connector, cable } = input;
  const nut = featureValue(card, 'nutOutside');
  if (connector.sex !== 'splice') return [];
  const supplied = Math.max(1.15 * nut, 1.15 * cable.jacket.diameter);
  return [
    {
      kind: 'splice boot',
      form: 'boot',
      back: 14e-3,
      opening: supplied,
      outside: supplied + 4e-3,
      fixedOutside: nut + 5e-3,
    },
  ];
}

/** Foam and fused discs are cored by different tools, and their connectors differ in mandrel. */
function dielectricKind({ cable, connector }: EndInput): FitCheck {
  const { material } = cable.dielectric;
  const good = connector.forDielectric === material;
  return {
    id: 'dielectric-kind',
    label: 'Made for this dielectric',
    verdict: good ? 'fits' : 'does not fit',
    hole: { label: `connector: ${connector.forDielectric ?? 'any'}`, value: NaN, kind: 'length' },
    shaft: { label: `cable: ${material}`, value: NaN, kind: 'length' },
    margin: NaN,
    consequence: good
      ? ''
      : `The cable is ${material}: it asks for another coring tool and another connector.`,
  };
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
    shieldBy: 'clamp gland',
    because: 'the way on aluminium trunk, which takes no solder: nuts seize conductor and sheath',
    reusable: true,
    heat: 'none',
    needs: ['coring tool of the size', 'spanners', 'fine saw'],
    shopTools: ['coring tool', 'seizing spanners', 'fine saw'],
  },
  usualFaults: {
    open: 'a conductor not seized, twisted off by a turning body, a sheath nut that does not grip',
    short: 'chips between conductor and sheath, a bent conductor',
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
    dielectricKind(input),
    ...sheathChecks(input),
    conductorIn(input, 'seizingBore', 'seizing nut', 0.5e-3),
    ...(input.connector.sex === 'splice'
      ? [jacketThrough(input, 'bodyOutside', 'splice boot', Infinity, 'boot')]
      : []),
  ],
  strip,
  parts,
  relief: ({ card, cable, connector }) =>
    connector.sex === 'splice'
      ? null
      : { over: Math.max(cable.jacket.diameter, featureValue(card, 'nutOutside')), covered: 16e-3 },
  steps: trunkSeizingSteps,
};
