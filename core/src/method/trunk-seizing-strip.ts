import type { StripDraft } from '../strip/write-strip.ts';
import type { SectionRing } from '../strip/section.ts';
import { tubeCutWords, dielectricCutWords, conductorCutWords } from '../words/trunk-seizing.ts';
import type { FeatureName } from '../connector/features.ts';
import { featureTerm } from '../connector/gauge-card.ts';
import { ring } from '../strip/section.ts';
import { reader } from '../strip/solid.ts';
import type { StripPlan } from '../strip/strip-plan.ts';
import { clearanceTerm, lengthOf, writeStrip } from '../strip/write-strip.ts';
import type { EndInput } from '../end/end-input.ts';

/** Conductor shows this far beyond the seizing nut. Engineering value. */
const beyondSeizing = 1.5e-3;
/** Sheath stays this far from its stop. Engineering value. */
const sheathClearance = 0.5e-3;
/** The mandrel ends this far short of the cored depth. Engineering value. */
const mandrelClearance = 2e-3;

const source = 'seated joint of a trunk connector: rear lip, sheath stop, mandrel, seizing nut';

export const sheathOf = ({ cable }: EndInput) => cable.tube?.outside ?? cable.jacket.diameter;
export const boreOf = ({ cable }: EndInput) =>
  cable.tube ? cable.tube.outside - 2 * cable.tube.wall : cable.dielectric.diameter;

/** Where everything lies along the axis, and the radii that follow, metres. */
function placesOf(input: EndInput) {
  const { card, connector } = input;
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
  return {
    j,
    d,
    sheathEnd,
    coring,
    dielectricEnd,
    conductorEnd,
    seizing,
    end,
    sheathTerms,
    sheath,
    inside,
    stop,
    mandrel,
    nutIn,
    nutOut,
    plane,
    seizingEnd,
    bodyBore,
    isSplice,
  };
}

type Places = ReturnType<typeof placesOf>;

/**
 * Strip, counted from the jacket edge, which stays `j` behind the nut: sheath `xt = j + d - g`; cored back to
 * `xd = xt - k`; conductor `xc = j + d + p + show`. Metres.
 */
export function stripTrunkSeizing(input: EndInput): StripPlan {
  const at = placesOf(input);
  const { j, stop, seizingEnd } = at;
  return writeStrip(
    {
      endId: input.endId,
      rearLip: j,
      covered: 0,
      shield: 'solid',
      cutWith: 'coring',
      cuts: cutsOf(input, at),
      section: [...cableSection(input, at), ...connectorSection(input, at)],
      planes: [
        { label: 'jacket edge', at: 0 },
        { label: 'rear lip', at: j },
        { label: 'sheath stop', at: stop },
        { label: 'seizing nut', at: seizingEnd },
      ],
    },
    input.stripper,
  );
}

/** Where each layer ends, with its tolerance and what a cut beyond it does. */
function cutsOf(input: EndInput, at: Places): StripDraft['cuts'] {
  const { card } = input;
  const term = (name: FeatureName) => featureTerm(card, name);
  const { sheathEnd, coring, dielectricEnd, conductorEnd, sheathTerms } = at;
  return [
    {
      layer: 'tube',
      label: 'Sheath end',
      position: lengthOf(sheathEnd, 'j + d - g', sheathTerms, source),
      plus: sheathClearance,
      minus: 2e-3,
      ...tubeCutWords,
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
      ...dielectricCutWords,
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
      ...conductorCutWords,
    },
  ];
}

/** The layers of the cable as they lie in the seated joint. */
function cableSection(input: EndInput, at: Places): SectionRing[] {
  const { cable } = input;
  const { sheathEnd, dielectricEnd, conductorEnd, sheath, inside } = at;
  return [
    ring('cable', 'jacket', 'jacket', [-18e-3, 0], [sheath, cable.jacket.diameter]),
    ring('cable', 'sheath', 'metal', [-18e-3, sheathEnd], [inside, sheath], ['nut']),
    ring('cable', 'dielectric', 'dielectric', [-18e-3, dielectricEnd], [cable.conductor.diameter, inside]),
    ring('cable', 'conductor', 'copper', [-18e-3, conductorEnd], [0, cable.conductor.diameter], ['seize']),
  ];
}

/** The parts of the connector round them. */
function connectorSection(input: EndInput, at: Places): SectionRing[] {
  const {
    j,
    d,
    coring,
    stop,
    conductorEnd,
    mandrel,
    nutIn,
    nutOut,
    seizing,
    plane,
    seizingEnd,
    bodyBore,
    end,
    isSplice,
  } = at;
  return [
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
    ring('connector', 'seizing nut', 'brass', [seizingEnd - 3e-3, seizingEnd], [seizing, mandrel], ['seize']),
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
  ];
}
