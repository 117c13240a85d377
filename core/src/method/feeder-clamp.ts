import type { FeatureName } from '../connector/features.ts';
import { featureTerm, featureValue } from '../connector/gauge-card.ts';
import type { FitCheck } from '../fit/clearance.ts';
import { judgeClearance } from '../fit/clearance.ts';
import { conductorIn, holeTerm, jacketThrough } from '../fit/coax-checks.ts';
import { ring } from '../strip/section.ts';
import { couplingRing, reader } from '../strip/solid.ts';
import type { StripPlan } from '../strip/strip-plan.ts';
import { cableTerm, clearanceTerm, lengthOf, writeStrip } from '../strip/write-strip.ts';
import type { EndInput, Method, MethodPart } from './method.ts';
import { feederClampSteps } from './feeder-clamp-steps.ts';

/** Foam is cleaned this far back from the cut edge, so that the flare is metal to metal. Engineering value. */
const foamBack = 1.5e-3;
/** The body of the contact begins this far before the conductor. Engineering value. */
const contactRoom = 1.2e-3;

const source =
  'seated joint of a corrugated clamp: ring in its valley, saw plane on the crest before it, conductor end';

/** Outside of the corrugated tube, metres. */
const outerOf = ({ cable }: EndInput) => cable.tube?.outside ?? cable.jacket.diameter;

/**
 * Strip, counted from the jacket edge: the ring lies in the valley at `v`; the outer is sawn on the crest half a pitch
 * before it, `xt = v + P/2`; foam cleaned back, `xd = xt - g`; conductor `xc = xt + k`; the rear lip is `j = v - d`. Metres.
 */
function strip(input: EndInput): StripPlan {
  const { card, cable, connector } = input;
  const value = reader(card);
  const term = (name: FeatureName) => featureTerm(card, name);
  const [v, pitch] = [value('ringValley'), value('pitch')];
  const sawn = v + pitch / 2;
  const sawTerms = [term('ringValley'), { ...term('pitch'), label: 'Half a pitch', value: pitch / 2 }];
  const dielectricEnd = sawn - foamBack;
  const conductorEnd = sawn + value('conductorProud');
  const rearLip = v - value('stopDepth');
  const outer = outerOf(input);
  const bodyBore = value('bodyBore');
  const plane = rearLip + value('lipToMatingPlane');
  const seat = sawn + 0.4e-3;
  const [nutIn, nutOut] = [value('nutBore'), value('nutOutside')];
  const { conductor } = cable;
  const screwed = connector.contactFixing === 'screw';
  const contactBack = screwed ? conductorEnd - 8e-3 : conductorEnd - 6e-3;
  const contactOut = Math.max(conductor.diameter + 2e-3, 0.42 * bodyBore);
  const back = Math.max(0, -rearLip) + 14e-3;
  return writeStrip(
    {
      endId: input.endId,
      rearLip,
      covered: Math.max(0, -rearLip),
      shield: 'solid',
      cutWith: 'saw',
      cuts: [
        {
          layer: 'tube',
          label: 'Outer conductor, sawn',
          position: lengthOf(sawn, 'v + P/2', sawTerms, source),
          plus: pitch / 4,
          minus: pitch / 4,
          tooLong: 'The flare is too wide for the seat: the body does not close.',
          tooShort: 'There is too little before the ring to flare: the clamp holds nothing.',
        },
        {
          layer: 'dielectric',
          label: 'Foam, cleaned back',
          position: lengthOf(
            dielectricEnd,
            'v + P/2 - g',
            [...sawTerms, { ...clearanceTerm('Foam cleaned back', foamBack), value: -foamBack }],
            source,
          ),
          plus: foamBack - 0.3e-3,
          minus: 1.5e-3,
          tooLong: 'Foam under the flare keeps metal off metal: a bad contact and a bad match.',
          tooShort: 'An air gap before the foam spoils the match.',
        },
        {
          layer: 'conductor',
          label: 'Conductor end',
          position: lengthOf(conductorEnd, 'v + P/2 + k', [...sawTerms, term('conductorProud')], source),
          plus: 1e-3,
          minus: 1e-3,
          tooLong: 'It pushes the contact out of the mating face.',
          tooShort: 'The contact holds too little of it and heats up.',
        },
      ],
      section: [
        ring('cable', 'jacket', 'jacket', [-back, 0], [outer, cable.jacket.diameter], ['clamp']),
        ring(
          'cable',
          'outer conductor',
          'copper',
          [-back, sawn],
          [cable.dielectric.diameter, outer],
          ['clamp'],
        ),
        ring('cable', 'flare', 'copper', [sawn - 1e-3, sawn], [outer, value('flareDiameter')], ['clamp']),
        ring(
          'cable',
          'dielectric',
          'dielectric',
          [-back, dielectricEnd],
          [conductor.diameter, cable.dielectric.diameter],
        ),
        ring(
          'cable',
          'conductor',
          'copper',
          [-back, conductorEnd],
          [conductor.bore, conductor.diameter],
          ['seize'],
        ),
        ring(
          'connector',
          'compression ring',
          'brass',
          [v - pitch / 4, sawn - 1.2e-3],
          [cable.dielectric.diameter + 0.2e-3, value('ringOutside')],
          ['clamp'],
        ),
        ring('connector', 'back nut', 'brass', [rearLip, v - pitch / 4], [nutIn, nutOut]),
        ring(
          'connector',
          'O-ring on the jacket',
          'rubber',
          [rearLip + 3e-3, rearLip + 6e-3],
          [value('gasketBore'), nutIn],
          ['clamp'],
        ),
        ring(
          'connector',
          'body',
          'metal',
          [v - pitch / 4, seat],
          [Math.max(value('ringOutside'), value('flareDiameter')), nutOut],
        ),
        ring(
          'connector',
          'front body',
          'metal',
          [seat, plane],
          [bodyBore, Math.max(bodyBore + 3e-3, 0.75 * value('bodyOutside'))],
        ),
        ring(
          'connector',
          'insulator',
          'insulator',
          [Math.max(seat, conductorEnd - 2e-3), Math.max(seat, conductorEnd - 2e-3) + 4e-3],
          [contactOut, bodyBore],
        ),
        ...(screwed
          ? [
              ring(
                'connector',
                'screwed contact',
                'pin',
                [contactBack, conductorEnd],
                [0, conductor.bore],
                ['seize'],
              ),
            ]
          : [
              ring(
                'connector',
                'seized contact',
                'pin',
                [contactBack, conductorEnd],
                [conductor.diameter, contactOut],
                ['seize'],
              ),
            ]),
        ring(
          'connector',
          'contact',
          'pin',
          [conductorEnd + contactRoom, Math.max(conductorEnd + 2e-3, plane - 2e-3)],
          [0, contactOut],
        ),
        ring(
          'connector',
          'contact tip',
          'pin',
          [Math.max(conductorEnd + 2e-3, plane - 2e-3), rearLip + value('lipToTip')],
          [0, input.connector.series.face.contact],
        ),
        ...(input.connector.sex === 'plug'
          ? [couplingRing(value, rearLip, Math.max(bodyBore + 3e-3, 0.75 * value('bodyOutside')))]
          : []),
      ],
      planes: [
        { label: 'rear lip', at: rearLip },
        { label: 'jacket edge', at: 0 },
        { label: 'ring valley', at: v },
        { label: 'saw', at: sawn },
        { label: 'mating plane', at: plane },
      ],
    },
    input.house,
  );
}

function pitchCheck(input: EndInput): FitCheck {
  const hole = holeTerm(input, 'pitch');
  const pitch = input.cable.tube?.pitch ?? NaN;
  const margin = hole.value - pitch;
  const good = Math.abs(margin) <= 0.15 * pitch;
  return {
    id: 'pitch',
    label: 'Compression ring in a valley',
    verdict: good ? 'fits' : 'does not fit',
    hole,
    shaft: cableTerm('pitch of the cable', pitch),
    margin,
    consequence: good ? '' : 'The ring is for another corrugation: it does not lie in one valley.',
  };
}

function innerCheck(input: EndInput): FitCheck {
  const { conductor } = input.cable;
  if (input.connector.contactFixing !== 'screw')
    return conductorIn(input, 'pinBore', 'seizing contact', 0.4e-3);
  return judgeClearance({
    id: 'conductor',
    label: 'Screwed contact in the inner conductor',
    hole: cableTerm('bore of the inner conductor', conductor.bore),
    shaft: holeTerm(input, 'innerTubeBore'),
    free: 0.05e-3,
    loose: 0.5e-3,
    tooTight: 'The contact does not enter the inner conductor.',
    tight: 'The contact screws in hard: deburr the inner conductor.',
    tooLoose: 'The contact does not grip in the inner conductor.',
  });
}

function parts({ card }: EndInput): MethodPart[] {
  const nut = featureValue(card, 'nutOutside');
  const ringOutside = featureValue(card, 'ringOutside');
  return [
    {
      kind: 'O-ring',
      form: 'ring',
      back: 8e-3,
      opening: featureValue(card, 'gasketBore'),
      outside: Math.min(nut, featureValue(card, 'nutBore') + 2e-3),
      fixedOutside: nut,
    },
    {
      kind: 'back nut',
      form: 'nut',
      back: 16e-3,
      opening: featureValue(card, 'nutBore'),
      outside: Math.max(nut, ringOutside),
      fixedOutside: nut,
      face: 'thread',
    },
  ];
}

/** Clamp connector on corrugated feeder: N, 7-16, UHF. */
export const feederClamp: Method = {
  name: 'feeder clamp',
  traits: {
    shieldBy: 'clamp gland',
    because: 'the only way on corrugated copper: sealed, re-usable, carries the power',
    reusable: true,
    heat: 'none',
    needs: ['fine saw', 'flaring tool', 'torque spanner'],
    shopTools: ['fine saw', 'flaring tool', 'torque spanner'],
  },
  usualFaults: {
    open: 'a loose contact, a body that turned, a flare that does not seat',
    short: 'a chip on the foam, a burr of the inner conductor',
  },
  firstFeatures: ['ringValley', 'pitch', 'conductorProud', 'flareDiameter'],
  foldedFeatures: [
    'stopDepth',
    'ringOutside',
    'nutBore',
    'nutOutside',
    'gasketBore',
    'bodyBore',
    'pinBore',
    'innerTubeBore',
    'contactTolerance',
    'lipToShoulder',
    'lipToMatingPlane',
    'lipToTip',
    'bodyOutside',
  ],
  rules: [
    {
      smaller: 'pitch',
      larger: 'ringValley',
      at: 'ringValley',
      because: 'at least one corrugation stands bare behind the ring',
    },
    {
      smaller: 'flareDiameter',
      larger: 'nutOutside',
      at: 'flareDiameter',
      because: 'the flare lies within the nut',
    },
    { smaller: 'stopDepth', larger: 'lipToTip', at: 'lipToTip', because: 'the tip lies before the ring' },
    { smaller: 'nutBore', larger: 'nutOutside', at: 'nutBore', because: 'a nut has a wall' },
  ],
  refuses: (cable) => (cable.tube?.corrugated ? null : 'It is made for corrugated feeder.'),
  fit: (input) => [
    jacketThrough(input, 'nutBore', 'back nut', 2e-3),
    judgeClearance({
      id: 'O-ring',
      label: 'O-ring on the jacket',
      hole: holeTerm(input, 'gasketBore'),
      shaft: cableTerm('jacket diameter', input.cable.jacket.diameter),
      free: 0,
      loose: 1e-3,
      tooTight: 'The O-ring is too small for this jacket.',
      tight: '',
      tooLoose: 'The O-ring does not close on this jacket: water gets in.',
    }),
    pitchCheck(input),
    innerCheck(input),
  ],
  strip,
  parts,
  relief: ({ card, cable }) => ({
    over: Math.max(cable.jacket.diameter, featureValue(card, 'nutOutside')),
    covered: 20e-3,
  }),
  steps: feederClampSteps,
};
