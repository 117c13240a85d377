import type { House } from '@gorvane/core/house/house.ts';
import type { Instrument, InstrumentKind } from '@gorvane/core/house/instrument.ts';
import { instrumentKinds } from '@gorvane/core/house/instrument.ts';
import { newInstrument } from '@gorvane/core/house/new-instrument.ts';
import {
  bandText,
  insulationText,
  offText,
  parseBand,
  parseImpedance,
  parseInsulation,
  parseLeft,
  parseOff,
  readsText,
} from '@gorvane/core/house/instrument-text.ts';
import { isOverdue } from '@gorvane/core/reading/overdue.ts';
import { QuantityError } from '@gorvane/core/quantity/quantity-error.ts';
import { formatResistance } from '@gorvane/core/quantity/resistance.ts';
import { Button, NativeSelect, TextInput } from '@mantine/core';
import { useState } from 'react';
import { Empty } from '../../controls/empty.tsx';
import { QuantityField } from '../../controls/quantity-field.tsx';
import { newId, timeNow } from '../../data/database.ts';
import type { Draft } from '../../draft/use-draft.ts';

type Reads = 'ohms' | 'farads' | 'insulation' | 'loss' | 'match' | 'length' | 'impedance' | 'band';

/** What may be said of each kind. */
const fieldsOf: Readonly<Record<InstrumentKind, readonly Reads[]>> = {
  multimeter: ['ohms', 'farads', 'insulation'],
  'milliohm meter': ['ohms'],
  'capacitance meter': ['farads'],
  'insulation tester': ['insulation', 'ohms'],
  'continuity tester': ['ohms'],
  'antenna analyser': ['match', 'loss', 'length', 'band'],
  'network analyser': ['match', 'loss', 'length', 'band'],
  'dummy load': ['impedance', 'match', 'band'],
  terminator: ['impedance'],
  reflectometer: ['length'],
  oscilloscope: ['length'],
  'depth gauge': [],
};

/** What leads are proved with: each instrument with what it reads, how far that may be off, and its calibration. */
export function Instruments({ house }: { readonly house: Draft<House> }) {
  const { instruments } = house.record;
  const [kind, setKind] = useState<InstrumentKind>('milliohm meter');
  return (
    <section aria-labelledby="owned-instruments" className="strippers">
      <h2 id="owned-instruments">Proved with</h2>
      <p>
        A proof asks what these can decide and says its level: by look and meter, by meter and load, by sweep.
        What is not here is not asked, and the certificate says why.
      </p>
      {instruments.length === 0 && (
        <Empty title="No instrument">
          <p>Add the meter that lies on the bench: until then a proof is continuity by ear and eye.</p>
        </Empty>
      )}
      {instruments.map((instrument) => (
        <InstrumentRow key={instrument.id} house={house} instrument={instrument} />
      ))}
      <div className="stripper-add">
        <NativeSelect
          label="Kind of a new instrument"
          value={kind}
          data={[...instrumentKinds]}
          onChange={({ currentTarget: { value } }) =>
            setKind(instrumentKinds.find((each) => each === value) ?? kind)
          }
        />
        <Button
          onClick={() =>
            house.edit(`a ${kind}`, (now) => ({
              ...now,
              instruments: [...now.instruments, newInstrument(kind, newId())],
            }))
          }
        >
          Add the instrument
        </Button>
      </div>
    </section>
  );
}

interface InstrumentRowProps {
  readonly house: Draft<House>;
  readonly instrument: Instrument;
}

function InstrumentRow({ house, instrument }: InstrumentRowProps) {
  const { name, kind, serial, assumed, due } = instrument;
  const reads = readsText(instrument);
  return (
    <details className="stripper">
      <summary>
        {name}
        <span className="soft">
          {[...(kind === name ? [] : [kind]), ...(serial ? [serial] : []), ...(reads ? [reads] : [])].join(
            ', ',
          )}
        </span>
        {assumed && <span className="not-yet">◌ assumed: say what yours is</span>}
        {isOverdue(instrument, timeNow()) && (
          <span className="not-yet">▲ out of calibration since {due}</span>
        )}
      </summary>
      <InstrumentFields house={house} instrument={instrument} />
      <div className="stripper-actions">
        <Button
          variant="subtle"
          onClick={() =>
            house.edit(`the ${name} away`, (now) => ({
              ...now,
              instruments: now.instruments.filter(({ id }) => id !== instrument.id),
            }))
          }
        >
          Remove the {name}
        </Button>
      </div>
    </details>
  );
}

function InstrumentFields({ house, instrument }: InstrumentRowProps) {
  const { id, name, kind, serial, calibrated, due } = instrument;
  const set = (label: string, change: Partial<Instrument>) =>
    house.edit(`${label}, ${name}`, (now) => ({
      ...now,
      instruments: now.instruments.map((each) =>
        each.id === id ? { ...each, assumed: false, ...change } : each,
      ),
    }));
  const field = (part: string) => `${house.key}/instrument/${id}/${part}`;
  return (
    <div className="stripper-fields">
      <QuantityField
        field={field('name')}
        label="Name"
        description="as the proof calls it"
        written={name}
        onRead={(text) => {
          const typed = text.trim();
          if (typed === '' || typed.length > 120)
            throw new QuantityError(text, 'a name of up to 120 letters');
          set('name', { name: typed });
        }}
      />
      <TextInput
        label="Serial"
        description="as it stands on certificates"
        maxLength={60}
        value={serial}
        onChange={({ currentTarget: { value } }) => set('serial', { serial: value })}
      />
      {fieldsOf[kind].map((reads) => (
        <ReadsField key={reads} reads={reads} instrument={instrument} field={field(reads)} set={set} />
      ))}
      <TextInput
        type="date"
        label="Calibrated on"
        value={calibrated ?? ''}
        onChange={({ currentTarget: { value } }) => set('calibration', { calibrated: value || null })}
      />
      <TextInput
        type="date"
        label="Holds until"
        description="empty where it is not calibrated"
        value={due ?? ''}
        onChange={({ currentTarget: { value } }) => set('end of calibration', { due: value || null })}
      />
    </div>
  );
}

type Text = Exclude<Reads, 'ohms'>;

/** One figure of an instrument as it is typed: what it is, how it is written, what is read from it. */
interface TypedFigure {
  readonly label: (instrument: Instrument) => string;
  readonly description?: string;
  readonly written: (instrument: Instrument) => string;
  readonly read: (text: string) => Partial<Instrument>;
}

const off = (of: 'farads' | 'loss' | 'length', label: string): TypedFigure => ({
  label: () => `${label}, off by at most`,
  description: 'a part and a fixed figure; empty where it reads none',
  written: (instrument) => (instrument[of] ? offText(instrument[of], of) : ''),
  read: (text) => ({ [of]: parseOff(text, of) }),
});

const figures: Readonly<Record<Text, TypedFigure>> = {
  farads: off('farads', 'Capacitance'),
  loss: off('loss', 'Loss'),
  length: off('length', 'Length by reflection'),
  insulation: {
    label: () => 'Insulation: highest voltage, off by at most',
    description: 'such as 500 V, 5 %; empty where it reads none',
    written: ({ insulation }) => (insulation ? insulationText(insulation) : ''),
    read: (text) => ({ insulation: parseInsulation(text) }),
  },
  match: {
    label: ({ impedance }) =>
      impedance === null ? 'Directivity after calibration' : 'Return loss of the load',
    description: 'dB',
    written: ({ match }) => (match === null ? '' : `${match} dB`),
    read: (text) => ({ match: parseLeft(text) }),
  },
  impedance: {
    label: () => 'Impedance',
    written: ({ impedance }) => (impedance === null ? '' : formatResistance(impedance)),
    read: (text) => ({ impedance: parseImpedance(text) }),
  },
  band: {
    label: () => 'Used from where to where',
    description: 'such as 100 kHz to 500 MHz',
    written: ({ band }) => (band ? bandText(band) : ''),
    read: (text) => ({ band: parseBand(text) }),
  },
};

interface FigureFieldProps {
  readonly instrument: Instrument;
  readonly field: string;
  readonly set: (label: string, change: Partial<Instrument>) => void;
}

function ReadsField({ reads, ...props }: FigureFieldProps & { readonly reads: Reads }) {
  if (reads === 'ohms') return <OhmsFields {...props} />;
  const { instrument, field, set } = props;
  const { label, description, written, read } = figures[reads];
  return (
    <QuantityField
      field={field}
      label={label(instrument)}
      description={description}
      written={written(instrument)}
      onRead={(text) => set(reads, read(text))}
    />
  );
}

/** Ohms, and by how many wires. */
function OhmsFields({ instrument, field, set }: FigureFieldProps) {
  return (
    <>
      <QuantityField
        field={field}
        label="Ohms, off by at most"
        description="such as 0.8 % + 0.2 ohm; empty where it reads none"
        written={instrument.ohms ? offText(instrument.ohms, 'ohms') : ''}
        onRead={(text) => {
          const off = parseOff(text, 'ohms');
          set('ohms', { ohms: off && { ...off, wires: instrument.ohms?.wires ?? 2 } });
        }}
      />
      {instrument.ohms && (
        <NativeSelect
          label="Wires to a point"
          description="two: its leads are shorted first"
          value={String(instrument.ohms.wires)}
          data={[
            { value: '2', label: 'two leads' },
            { value: '4', label: 'four wires' },
          ]}
          onChange={({ currentTarget: { value } }) =>
            set('wires', { ohms: { ...instrument.ohms!, wires: value === '4' ? 4 : 2 } })
          }
        />
      )}
    </>
  );
}
