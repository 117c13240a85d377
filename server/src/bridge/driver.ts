import type { InstrumentAnswer, InstrumentRequest } from '@gorvane/core/instrument/messages.ts';
import { toBase64 } from '@gorvane/core/instrument/number-block.ts';
import type { VirtualSetup } from '@gorvane/core/instrument/virtual-setup.ts';
import type { Device } from '@gorvane/core/reading/reading.ts';
import { connectedBelow } from '@gorvane/core/reading/reading.ts';
import { readBlock, scpiInfinity, scpiNotANumber, textBlock, writePairs } from '../scpi/message.ts';
import type { ScpiClient } from '../scpi/scpi-client.ts';
import { InstrumentError } from '../scpi/scpi-client.ts';
import type { InstrumentConfig } from './config.ts';

/** What a running job is told and tells. */
export interface JobContext {
  readonly cancelled: () => boolean;
  readonly progress: (done: number, of: number) => void;
}

/** A reading that was stopped by who asked for it: the instrument is none the worse. */
export class ReadingStopped extends InstrumentError {
  constructor() {
    super('Stopped. Nothing was taken.');
  }
}

/** Which requests each kind of instrument takes. */
const takes: Readonly<Record<InstrumentConfig['kind'], readonly InstrumentRequest['kind'][]>> = {
  'continuity tester': ['matrix', 'wiggle'],
  meter: ['ohms', 'farads', 'insulation'],
  analyser: ['sweep', 'trace', 'rejection'],
};

/** Who an instrument is: its own words, and what the configuration adds. @throws InstrumentError */
export async function identify(client: ScpiClient, config: InstrumentConfig): Promise<Device> {
  client.send('*CLS');
  const [maker = '', model = '', serial = ''] = (await client.askText('*IDN?')).split(',');
  const said = config.simulated ? await saidOfItself(client, config.kind) : {};
  return {
    name: `${maker} ${model}`.trim().slice(0, 120) || config.label,
    kind: config.kind,
    serial: serial.trim().slice(0, 60),
    calibrated: config.calibrated ?? null,
    due: config.due ?? null,
    correction: config.correction ?? null,
    simulated: config.simulated,
    uncertainty: config.uncertainty ?? {},
    ...said,
  };
}

async function saidOfItself(client: ScpiClient, kind: InstrumentConfig['kind']): Promise<Partial<Device>> {
  const calibrated = await client.askText('CAL:DATE?');
  const due = await client.askText('CAL:DUE?');
  const words = (await client.askText('CAL:ACC?')).split(',');
  const of = (quantity: string) => {
    const at = words.indexOf(quantity);
    return at < 0 ? undefined : { relative: Number(words[at + 1]), fixed: Number(words[at + 2]) };
  };
  const [ohms, farads, insulation, loss] = ['OHMS', 'FARAds', 'INSulation', 'LOSS'].map(of);
  const directivity = of('DIRectivity')?.fixed;
  const correction = kind === 'analyser' ? await client.askText('SENS:CORR:TYPE?') : null;
  return {
    calibrated,
    due,
    correction: correction?.replaceAll('"', '') ?? null,
    uncertainty: {
      ...(ohms && { ohms }),
      ...(farads && { farads }),
      ...(insulation && { insulation }),
      ...(loss && { loss }),
      ...(directivity !== undefined && { directivity }),
    },
  };
}

/** Reads what was asked. Every answer is checked whole before it is handed on; the error queue is asked after. @throws InstrumentError */
export async function readInstrument(
  client: ScpiClient,
  config: InstrumentConfig,
  request: InstrumentRequest,
  virtual: VirtualSetup | undefined,
  context: JobContext,
): Promise<InstrumentAnswer> {
  if (!takes[config.kind].includes(request.kind))
    throw new InstrumentError(`${config.label} is a ${config.kind}: it does not read a ${request.kind}.`);
  if (config.simulated) {
    if (!virtual)
      throw new InstrumentError(`${config.label} has nothing on its bench: expected a lead to read.`);
    client.send('SIM:LEAD ', textBlock(JSON.stringify(virtual)));
  }
  const answer = await readers[request.kind](client, request as never, config, context);
  const said = await client.askText('SYST:ERR?');
  if (!/^[+-]?0+\s*(,|$)/.test(said)) throw new InstrumentError(`${config.label} reports error ${said}.`);
  return answer;
}

type Reader<Kind extends InstrumentRequest['kind']> = (
  client: ScpiClient,
  request: Extract<InstrumentRequest, { kind: Kind }>,
  config: InstrumentConfig,
  context: JobContext,
) => Promise<InstrumentAnswer>;

const readers: { readonly [Kind in InstrumentRequest['kind']]: Reader<Kind> } = {
  matrix: async (client, { points }) => {
    client.send(`ROUT:POIN ${points}`);
    const ohms = await askFigures(client, 'MEAS:MATR?', (points * (points - 1)) / 2);
    return { kind: 'matrix', ohms };
  },
  wiggle: async (client, { pairs, seconds }, _config, { cancelled, progress }) => {
    const drops = pairs.map(() => 0);
    const closed = pairs.map(() => true);
    const started = Date.now();
    const question = `MEAS:RES? ${writePairs(pairs)}`;
    let reads = 0;
    for (let past = 0; past < seconds * 1000 && !cancelled(); past = Date.now() - started) {
      const ohms = await askFigures(client, question, pairs.length);
      reads++;
      ohms.forEach((value, n) => {
        const isClosed = value !== null && value < connectedBelow;
        if (closed[n] && !isClosed) drops[n]!++;
        closed[n] = isClosed;
      });
      progress(Math.min(past, seconds * 1000), seconds * 1000);
      await new Promise((resolve) => setTimeout(resolve, wigglePause));
    }
    if (cancelled()) throw new ReadingStopped();
    return { kind: 'wiggle', seconds: (Date.now() - started) / 1000, reads, drops };
  },
  ohms: async (client, { pair, farEnd }, { simulated }) => {
    if (simulated) client.send(`SIM:FAR ${farEnd ?? 0}`);
    const [ohms = null] = await askFigures(client, `MEAS:RES? ${writePairs([pair])}`, 1);
    return { kind: 'ohms', ohms };
  },
  farads: async (client, { pair }) => {
    const [farads = null] = await askFigures(client, `MEAS:CAP? ${writePairs([pair])}`, 1);
    return { kind: 'farads', farads };
  },
  insulation: async (client, { volts }, { simulated }) => {
    if (simulated) client.send('SIM:FAR 0');
    const [ohms = null] = await askFigures(client, `MEAS:INS? ${volts}`, 1);
    return { kind: 'insulation', ohms };
  },
  sweep: async (client, { from, to, points }, _config, { cancelled, progress }) => {
    client.send(`SENS:FREQ:STAR ${from};STOP ${to};:SENS:SWE:POIN ${points};:FORM:DATA REAL,64`);
    client.send('INIT:IMM');
    await client.askText('*OPC?', sweepTime);
    const reference = Number(await client.askText('CALC:REF?'));
    const parameters: string[] = [];
    for (const name of ['S11', 'S21', 'S12', 'S22']) {
      if (cancelled()) throw new ReadingStopped();
      parameters.push(toBase64(await askSeries(client, `CALC:DATA? ${name}`, 2 * points)));
      progress(parameters.length, 4);
    }
    if (!(reference > 0)) throw new InstrumentError('The analyser does not say its reference impedance.');
    return { kind: 'sweep', from, to, points, reference, parameters };
  },
  rejection: async (client, { chokeId, frequency }, { simulated }) => {
    if (simulated) client.send(`SIM:CLIP "${chokeId}"`);
    const [from, to] = [frequency * (1 - besides), frequency * (1 + besides)];
    client.send(`SENS:FREQ:STAR ${from};STOP ${to};:SENS:SWE:POIN 3;:FORM:DATA REAL,64`);
    client.send('INIT:IMM');
    await client.askText('*OPC?', sweepTime);
    const [, , re, im] = await askSeries(client, 'CALC:DATA? S21', 6);
    return { kind: 'rejection', decibels: -20 * Math.log10(Math.max(1e-9, Math.hypot(re!, im!))) };
  },
  trace: async (client, { span, points }) => {
    const volts = await askSeries(client, `CALC:TRAC:DATA? ${span},${points}`, points);
    const emf = Number(await client.askText('CALC:TRAC:EMF?'));
    const sourceResistance = Number(await client.askText('CALC:TRAC:SOUR?'));
    const riseTime = Number(await client.askText(`CALC:TRAC:RISE? ${span},${points}`));
    if (!(emf > 0 && sourceResistance > 0 && riseTime > 0))
      throw new InstrumentError('The analyser does not say what step it sends.');
    return { kind: 'trace', span, points, emf, sourceResistance, riseTime, volts: toBase64(volts) };
  },
};

/** Between two reads of a wiggle test, milliseconds: a drop that a hand makes lasts longer. */
const wigglePause = 20;
/** A figure at one frequency is swept by so much of it to either side. */
const besides = 0.01;
/** A sweep may take so long, milliseconds. */
const sweepTime = 60_000;

/** A decimal number as IEEE 488.2 lets an instrument write it (NR1, NR2, NR3). */
const decimal = /^[+-]?(\d+\.?\d*|\.\d+)(e[+-]?\d+)?$/i;

/** So many figures, each 0 or more; null where the instrument shows none. @throws InstrumentError */
async function askFigures(client: ScpiClient, question: string, count: number): Promise<(number | null)[]> {
  const words = (await client.askText(question)).split(',');
  // An empty field is a number to JavaScript, and would be a connection of 0 ohm.
  const figures = words.map((word) => (decimal.test(word.trim()) ? Number(word) : NaN));
  const wrong = figures.findIndex((value) => !(value >= -1e-3));
  if (figures.length !== count || wrong >= 0)
    throw new InstrumentError(
      `Asked ${question.split(' ')[0]}: expected ${count} figures, found ${wrong >= 0 ? `"${words[wrong]!.slice(0, 20)}"` : figures.length}. Nothing was taken.`,
    );
  return figures.map((value) =>
    value >= scpiInfinity || value === scpiNotANumber ? null : Math.max(0, value),
  );
}

async function askSeries(client: ScpiClient, question: string, count: number): Promise<Float64Array> {
  const series = readBlock(await client.ask(question));
  const wrong = series.findIndex((value) => !Number.isFinite(value));
  if (series.length !== count || wrong >= 0)
    throw new InstrumentError(
      `Asked ${question.split(' ')[0]}: expected ${count} numbers, found ${wrong >= 0 ? 'one that is none' : series.length}. Nothing was taken.`,
    );
  return series;
}
