import type { Instrument, Quantity } from '@gorvane/core/house/instrument.ts';
import { readersOf } from '@gorvane/core/house/instrument.ts';
import { formatResistance, parseResistance } from '@gorvane/core/quantity/resistance.ts';
import { QuantityError } from '@gorvane/core/quantity/quantity-error.ts';
import { NativeSelect } from '@mantine/core';
import { Link } from 'react-router';
import { QuantityField } from '../../../controls/quantity-field.tsx';
import type { ReadWith as Chosen } from './use-read-with.ts';

interface ReadWithProps {
  readonly instruments: readonly Instrument[];
  readonly readWith: Chosen;
  /** What of this lead is read off by eye. */
  readonly quantities: readonly Quantity[];
  readonly onLeads: (ohms: number | undefined) => void;
  readonly onChoose: (quantity: Quantity | 'load', id: string) => void;
}

const labels: Readonly<Record<Quantity, string>> = {
  ohms: 'Ohms',
  farads: 'Capacitance',
  insulation: 'Insulation',
  loss: 'Loss',
  match: 'Match',
  length: 'Length by reflection',
};

/** With what the figures below are read: each quantity by one instrument of Stores; two leads are shorted first. */
export function ReadWith({ instruments, readWith, quantities, onLeads, onChoose }: ReadWithProps) {
  const { chosen, loads, leadsOhms } = readWith;
  const meter = chosen.ohms;
  return (
    <div className="read-with">
      {quantities.map((quantity) => {
        const readers = readersOf(instruments, quantity);
        return (
          readers.length > 0 && (
            <InstrumentSelect
              key={quantity}
              label={`${labels[quantity]} with`}
              from={readers}
              value={chosen[quantity]!.id}
              onChoose={(id) => onChoose(quantity, id)}
            />
          )
        );
      })}
      {quantities.includes('match') && chosen.match && loads.length > 0 && (
        <InstrumentSelect
          label="Into the load"
          from={loads}
          value={chosen.load!.id}
          onChoose={(id) => onChoose('load', id)}
        />
      )}
      {meter?.ohms?.wires === 2 && (
        <QuantityField
          field={`prove/leads/${meter.id}`}
          label="Its leads on each other show"
          description={
            leadsOhms === undefined
              ? 'until it is typed nothing is Out for too many ohms'
              : 'taken off every reading, today'
          }
          written={leadsOhms === undefined ? '' : formatResistance(leadsOhms)}
          onRead={(text) => onLeads(text.trim() === '' ? undefined : readLeads(text))}
        />
      )}
      {!meter && quantities.includes('ohms') && (
        <p className="soft">
          No ohm meter is in <Link to="/stores#owned-instruments">Stores</Link>: ohms that are typed are taken
          as by four wires, ± 0.5 % and 1 mohm.
        </p>
      )}
    </div>
  );
}

/** Leads of more than this are broken or not on each other, ohm. */
const mostLeads = 20;

function readLeads(text: string): number {
  const ohms = parseResistance(text);
  if (!(ohms <= mostLeads))
    throw new QuantityError(
      text,
      `what the meter shows with its leads on each other, up to ${mostLeads} ohm`,
    );
  return ohms;
}

interface InstrumentSelectProps {
  readonly label: string;
  readonly from: readonly Instrument[];
  readonly value: string;
  readonly onChoose: (id: string) => void;
}

function InstrumentSelect({ label, from, value, onChoose }: InstrumentSelectProps) {
  return (
    <NativeSelect
      label={label}
      value={value}
      data={from.map(({ id, name }) => ({ value: id, label: name }))}
      onChange={({ currentTarget }) => onChoose(currentTarget.value)}
    />
  );
}
