import type { StripDraft } from '../strip/write-strip.ts';
import type { SectionRing } from '../strip/section.ts';
import { tubeCutWords, dielectricCutWords, conductorCutWords } from '../words/feeder-clamp.ts';
import type { FeatureName } from '../connector/features.ts';
import { featureTerm } from '../connector/gauge-card.ts';
import { ring } from '../strip/section.ts';
import { couplingRing, reader } from '../strip/solid.ts';
import type { StripPlan } from '../strip/strip-plan.ts';
import { clearanceTerm, lengthOf, writeStrip } from '../strip/write-strip.ts';
import type { EndInput } from '../end/end-input.ts';

/** Foam is cleaned this far back from the cut edge, so that the flare is metal to metal. Engineering value. */
const foamBack = 1.5e-3;
/** The body of the contact begins this far before the conductor. Engineering value. */
const contactRoom = 1.2e-3;

const source =
  'seated joint of a corrugated clamp: ring in its valley, saw plane on the crest before it, conductor end';

/** Outside of the corrugated tube, metres. */
const outerOf = ({ cable }: EndInput) => cable.tube?.outside ?? cable.jacket.diameter;

/** Where everything lies along the axis, and the radii that follow, metres. */
function placesOf(input: EndInput) {
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
  return {
    pitch,
    sawn,
    sawTerms,
    dielectricEnd,
    conductorEnd,
    conductor,
    back,
    outer,
    v,
    rearLip,
    bodyBore,
    plane,
    seat,
    nutIn,
    nutOut,
    screwed,
    contactBack,
    contactOut,
  };
}

type Places = ReturnType<typeof placesOf>;

/**
 * Strip, counted from the jacket edge: the ring lies in the valley at `v`; the outer is sawn on the crest half a pitch
 * before it, `xt = v + P/2`; foam cleaned back, `xd = xt - g`; conductor `xc = xt + k`; the rear lip is `j = v - d`. Metres.
 */
export function stripFeederClamp(input: EndInput): StripPlan {
  const at = placesOf(input);
  const { v, sawn, rearLip, plane } = at;
  return writeStrip(
    {
      endId: input.endId,
      rearLip,
      covered: Math.max(0, -rearLip),
      shield: 'solid',
      cutWith: 'saw',
      cuts: cutsOf(input, at),
      section: [...cableSection(input, at), ...connectorSection(input, at), ...contactSection(input, at)],
      planes: [
        { label: 'rear lip', at: rearLip },
        { label: 'jacket edge', at: 0 },
        { label: 'ring valley', at: v },
        { label: 'saw', at: sawn },
        { label: 'mating plane', at: plane },
      ],
    },
    input.stripper,
  );
}

/** Where each layer ends, with its tolerance and what a cut beyond it does. */
function cutsOf(input: EndInput, at: Places): StripDraft['cuts'] {
  const { card } = input;
  const term = (name: FeatureName) => featureTerm(card, name);
  const { pitch, sawn, sawTerms, dielectricEnd, conductorEnd } = at;
  return [
    {
      layer: 'tube',
      label: 'Outer conductor, sawn',
      position: lengthOf(sawn, 'v + P/2', sawTerms, source),
      plus: pitch / 4,
      minus: pitch / 4,
      ...tubeCutWords,
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
      ...dielectricCutWords,
    },
    {
      layer: 'conductor',
      label: 'Conductor end',
      position: lengthOf(conductorEnd, 'v + P/2 + k', [...sawTerms, term('conductorProud')], source),
      plus: 1e-3,
      minus: 1e-3,
      ...conductorCutWords,
    },
  ];
}

/** The layers of the cable as they lie in the seated joint. */
function cableSection(input: EndInput, at: Places): SectionRing[] {
  const { card, cable } = input;
  const value = reader(card);
  const { sawn, dielectricEnd, conductorEnd, outer, conductor, back } = at;
  return [
    ring('cable', 'jacket', 'jacket', [-back, 0], [outer, cable.jacket.diameter], ['clamp']),
    ring('cable', 'outer conductor', 'copper', [-back, sawn], [cable.dielectric.diameter, outer], ['clamp']),
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
  ];
}

/** The parts of the connector round them. */
function connectorSection(input: EndInput, at: Places): SectionRing[] {
  const { card, cable } = input;
  const value = reader(card);
  const { v, pitch, sawn, rearLip, bodyBore, plane, seat, nutIn, nutOut } = at;
  return [
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
    ...(input.connector.sex === 'plug'
      ? [couplingRing(value, rearLip, Math.max(bodyBore + 3e-3, 0.75 * value('bodyOutside')))]
      : []),
  ];
}

/** The contact and what holds it, and the coupling. */
function contactSection(input: EndInput, at: Places): SectionRing[] {
  const { card } = input;
  const value = reader(card);
  const { conductorEnd, rearLip, bodyBore, plane, seat, conductor, screwed, contactBack, contactOut } = at;
  return [
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
  ];
}
