import type { SpeakerLine } from '../speaker/speaker-line.ts';
import { loopShare, speakerTargets } from '../speaker/speaker-verdict.ts';
import { droopDb, longestAudioRun, runCapacitance, upperCorner } from '../audio/audio-run.ts';
import { pickupResponse } from '../audio/pickup.ts';
import { conductorOf, resistancePerMetre } from '../cable/conductors.ts';
import { inductancePerMetre } from '../cable/electrical.ts';
import { lineFigures } from '../cable/line-figures.ts';
import { pairFigures } from '../cable/pair.ts';
import type { LayeredCable } from '../cable/cable.ts';
import { lightingLimits } from '../bus/lighting-bus.ts';
import type { House } from '../house/house.ts';
import { leadCable } from '../lead/lead-cable.ts';
import type { Lead, LeadEnd } from '../lead/lead.ts';
import { endsOfPiece } from '../lead/lead.ts';
import type { Explained, Term } from '../quantity/explained.ts';
import { awgFromArea } from '../quantity/gauge.ts';
import { dampingFactor, longestRun, speakerLoss } from '../speaker/speaker-line.ts';

/** A figure of a lead that carries audio, data or power to a loudspeaker. */
export interface SignalFigure {
  readonly label: string;
  readonly figure: Explained;
  readonly verdict: 'fits' | 'tight' | 'does not fit' | null;
  /** What it means at the bench. */
  readonly note: string;
}

/** Highest frequency of audio, hertz, and the droop that is spoken of there, dB. */
const audioTop = 20e3;
const audioDroop = 0.5;
/** Less droop than this is not told apart, dB. */
const leastSaid = 0.1;

/** A usual magnetic pickup with its controls open, into an amplifier. Engineering values. */
const usualPickup = {
  resistance: 6e3,
  inductance: 3,
  selfCapacitance: 100e-12,
  volumePot: 250e3,
  volumePosition: 1,
  tone: { resistance: 250e3, capacitance: 22e-9 },
  amplifierInput: 1e6,
};

const assumed = (label: string, value: number, kind: Term['kind']): Term => ({
  label,
  value,
  kind,
  assumed: true,
});

/** Longest way that a signal of a lead takes, metres: its piece's legs together. */
function longestPiece(lead: Lead) {
  const long = (legIds: readonly string[]) =>
    legIds.reduce((sum, id) => sum + lead.legs.find((leg) => leg.id === id)!.finishedLength, 0);
  const piece = lead.pieces.reduce((a, b) => (long(b.legIds) > long(a.legIds) ? b : a));
  return { cable: leadCable(lead, piece.cableId), length: long(piece.legIds), piece };
}

/** Figures of the Line lab for this lead: corner and droop, resonance, level loss and damping, or what a bus allows. */
export function signalFigures(lead: Lead, house: House): SignalFigure[] {
  const { cable, length, piece } = longestPiece(lead);
  switch (lead.signal) {
    case 'balanced':
    case 'unbalanced':
    case 'stereo':
      return audioFigures(lead, cable, length);
    case 'speaker':
      return speakerFigures(lead, cable, length, endsOfPiece(lead, piece)[0]!, house);
    case 'lighting':
      return lightingFigures(cable, length, house);
    default:
      return [];
  }
}

function audioFigures(lead: Lead, cable: LayeredCable, length: number): SignalFigure[] {
  const { systemImpedance: source, load } = lead.requirement;
  const { perMetre, between } = runCapacitance(cable, lead.signal === 'balanced' ? 'balanced' : 'unbalanced');
  const capacitance = perMetre * length;
  const corner = upperCorner(source, load.re, capacitance);
  const droop = droopDb(audioTop, corner);
  const terms = [
    assumed('Source', source, 'resistance'),
    assumed('Load', load.re, 'resistance'),
    { label: `Capacitance ${between}`, value: capacitance, kind: 'capacitance' as const, assumed: true },
  ];
  const origin = 'source impedance with cable capacitance, first order';
  const figures: SignalFigure[] = [
    {
      label: 'Upper corner',
      figure: {
        value: Number(corner.toPrecision(3)),
        kind: 'frequency',
        formula: '1 / (2 pi R C)',
        terms,
        source: origin,
      },
      verdict: droop <= audioDroop ? 'fits' : 'tight',
      note: `${droop < leastSaid / 2 ? `less than ${leastSaid}` : droop.toFixed(1)} dB down at 20 kHz`,
    },
    {
      label: 'Longest run',
      figure: {
        value: longestAudioRun(audioDroop, audioTop, source, load.re, perMetre),
        kind: 'distance',
        formula: 'C for the droop / C per metre',
        terms: [...terms, assumed('Droop at 20 kHz', audioDroop, 'decibel')],
        source: origin,
      },
      verdict: null,
      note: `of this cable, for ${audioDroop} dB at 20 kHz`,
    },
  ];
  if (cable.structure !== 'coax' || cable.conductiveLayer === 0) return figures;
  const { resonance } = pickupResponse({ ...usualPickup, cableCapacitance: capacitance });
  if (!resonance) return figures;
  return [
    ...figures,
    {
      label: 'Resonance with a pickup',
      figure: {
        value: Number(resonance.frequency.toPrecision(3)),
        kind: 'frequency',
        formula: 'peak of pickup, volume control, cable and input',
        terms: [terms[2]!, assumed('Pickup coil, mH', usualPickup.inductance * 1e3, 'ratio')],
        source: 'circuit of the Line lab with a usual magnetic pickup',
      },
      verdict: null,
      note: `${resonance.heightDb.toFixed(1)} dB high; more cable moves it down`,
    },
  ];
}

/** Loop resistance per metre of the cores that are used, paralleled ones together. */
function speakerLoop(lead: Lead, cable: LayeredCable, end: LeadEnd, house: House) {
  const at = (contact: string) => lead.pinPlan.filter((c) => c.endId === end.id && c.contact === contact);
  const contacts = [
    ...new Set(lead.pinPlan.filter((c) => c.endId === end.id).map(({ contact }) => contact)),
  ].slice(0, 2);
  const sides = contacts.map((contact) => {
    const cores = at(contact).map(({ conductor }) => conductor);
    return {
      ohms: 1 / cores.reduce((sum, id) => sum + 1 / resistancePerMetre(cable, id, house.roomCelsius), 0),
      area: cores.reduce((sum, id) => sum + conductorOf(cable, id).area, 0),
    };
  });
  return {
    perMetre: sides.reduce((sum, { ohms }) => sum + ohms, 0),
    area: Math.min(...sides.map(({ area }) => area)),
  };
}

function speakerFigures(
  lead: Lead,
  cable: LayeredCable,
  length: number,
  end: LeadEnd,
  house: House,
): SignalFigure[] {
  const { systemImpedance, load } = lead.requirement;
  if (lead.pinPlan.length === 0) return [];
  const { perMetre, area } = speakerLoop(lead, cable, end, house);
  const line: SpeakerLine = {
    length,
    loopResistance: perMetre,
    loopInductance:
      cable.structure === 'cores' ? pairFigures(cable).loopInductance : inductancePerMetre(cable),
    amplifierOutput: systemImpedance,
    load: { model: 'resistive', resistance: load.re },
  };
  const loop = perMetre * length;
  const loopTerm: Term = { label: 'Loop of the cable', value: loop, kind: 'resistance', assumed: true };
  const loadTerm = assumed('Load', load.re, 'resistance');
  return [
    {
      label: 'Loop resistance',
      figure: {
        value: loop,
        kind: 'resistance',
        formula: 'R(T) out and back, paralleled cores together',
        terms: [
          { label: 'Length', value: length, kind: 'distance' },
          assumed('Room', house.roomCelsius, 'temperature'),
          { label: 'Copper of one side, mm2', value: area * 1e6, kind: 'ratio', assumed: true },
        ],
        source: 'direct current, nominal copper',
      },
      verdict: loop <= loopShare * load.re ? 'fits' : 'tight',
      note: `like one core of AWG ${Math.round(awgFromArea(area))}; at most ${(loopShare * 100).toFixed(0)} % of the load`,
    },
    levelLossFigure(speakerLoss(line, 1000).levelLossDb, [
      loopTerm,
      loadTerm,
      assumed('Amplifier output', systemImpedance, 'resistance'),
    ]),
    trebleFigure(line, [loopTerm, loadTerm]),
    dampingFigure(dampingFactor(line, load.re), [loopTerm, loadTerm]),
    longestFigure(longestRun(speakerTargets.target, perMetre, load.re, systemImpedance), loadTerm),
  ];
}

const levelLossFigure = (value: number, terms: readonly Term[]): SignalFigure => ({
  label: 'Level loss',
  figure: {
    value,
    kind: 'decibel',
    formula: '20 lg (V without cable / V with it)',
    terms: [...terms],
    source: 'voltage divider',
  },
  verdict: value <= speakerTargets.target ? 'fits' : value <= speakerTargets.limit ? 'tight' : 'does not fit',
  note: `target ${speakerTargets.target} dB, limit ${speakerTargets.limit} dB`,
});

/** Highest frequency that is heard, hertz. */
const highestHeard = 20e3;

const trebleFigure = (line: SpeakerLine, terms: readonly Term[]): SignalFigure => ({
  label: 'Level loss at 20 kHz',
  figure: {
    value: speakerLoss(line, highestHeard).levelLossDb,
    kind: 'decibel',
    formula: '20 lg |(load + loop + j w L) / load|, amplifier counted at both',
    terms: [
      ...terms,
      {
        label: 'Loop inductance, microhenry',
        symbol: 'L',
        value: line.loopInductance * line.length * 1e6,
        kind: 'ratio',
        assumed: true,
      },
    ],
    source: 'inductance from the cross-section of the cable; skin effect left out',
  },
  verdict: null,
  note: 'with the inductance of the cable; the level loss above is at 1 kHz',
});

const dampingFigure = (value: number, terms: readonly Term[]): SignalFigure => ({
  label: 'Damping at the loudspeaker',
  figure: {
    value,
    kind: 'ratio',
    formula: 'load / (amplifier output + loop)',
    terms: [...terms],
    source: 'nominal impedances',
  },
  verdict: null,
  note: 'above about 20 nobody hears more',
});

const longestFigure = (value: number, loadTerm: Term): SignalFigure => ({
  label: 'Longest run',
  figure: {
    value,
    kind: 'distance',
    formula: 'loop for the loss / loop per metre',
    terms: [loadTerm, assumed('Level loss', speakerTargets.target, 'decibel')],
    source: 'voltage divider',
  },
  verdict: null,
  note: `of this cable, for ${speakerTargets.target} dB`,
});

function lightingFigures(cable: LayeredCable, length: number, house: House): SignalFigure[] {
  const { impedance } = lineFigures(cable);
  const reflected = Math.abs((impedance - lightingLimits.impedance) / (impedance + lightingLimits.impedance));
  const core = cable.structure === 'cores' ? cable.coreNames[0]! : 'centre';
  const loop = 2 * resistancePerMetre(cable, core, house.roomCelsius) * length;
  return [
    {
      label: 'Length of the bus',
      figure: {
        value: length,
        kind: 'distance',
        formula: 'this lead; all leads of a line add up',
        terms: [{ label: 'Most of one line', value: lightingLimits.length, kind: 'distance' }],
        source: 'house default for EIA-485 at 250 kbit/s',
      },
      verdict: length <= lightingLimits.length ? 'fits' : 'does not fit',
      note: `at most ${lightingLimits.length} m of one line, ${lightingLimits.unitLoads} unit loads, branches to ${lightingLimits.stub} m`,
    },
    {
      label: 'Echo of the cable',
      figure: {
        value: reflected,
        kind: 'ratio',
        formula: '|Z - 120| / (Z + 120)',
        terms: [assumed('Impedance of the pair', impedance, 'resistance')],
        source: 'reflection where the line changes',
      },
      verdict: reflected <= 0.07 ? 'fits' : reflected <= 0.15 ? 'tight' : 'does not fit',
      note: reflected <= 0.07 ? 'made for 120 ohm' : 'not a 120-ohm cable: edges ring on a long line',
    },
    {
      label: 'Loop resistance',
      figure: {
        value: loop,
        kind: 'resistance',
        formula: '2 R(T)',
        terms: [
          { label: 'Length', value: length, kind: 'distance' },
          assumed('Room', house.roomCelsius, 'temperature'),
        ],
        source: 'direct current, nominal copper',
      },
      verdict: null,
      note: 'a terminator at the far end reads 120 ohm and this',
    },
  ];
}
