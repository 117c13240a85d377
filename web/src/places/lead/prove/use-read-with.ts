import type { Instrument, Quantity } from '@gorvane/core/house/instrument.ts';
import { readersOf } from '@gorvane/core/house/instrument.ts';
import type { TypedFrom } from '@gorvane/core/reading/reading.ts';
import { useMemo } from 'react';
import { timeNow } from '../../../data/database.ts';
import { useKeptValue } from '../../../draft/use-kept-value.ts';

const quantities = ['ohms', 'farads', 'insulation', 'loss', 'match', 'length'] as const;

/** What is read off by eye with what, as it was last chosen at this bench, else the least uncertain; and the leads of the ohm meter. */
export function useReadWith(instruments: readonly Instrument[], reference: number) {
  const [ids, , changeIds] = useKeptValue<Partial<Record<Quantity | 'load', string>>>('read-with', {});
  const today = timeNow().slice(0, 10);
  const chosen = useMemo((): TypedFrom => {
    const of = (quantity: Quantity) => {
      const readers = readersOf(instruments, quantity);
      return readers.find(({ id }) => id === ids[quantity]) ?? readers[0];
    };
    const loads = loadsOf(instruments, reference);
    const load = loads.find(({ id }) => id === ids.load) ?? loads[0];
    const each = quantities.map((quantity) => [quantity, of(quantity)] as const);
    return Object.fromEntries([...each, ['load', load] as const].filter(([, instrument]) => instrument));
  }, [instruments, ids, reference]);
  // Leads that were shorted yesterday say nothing of how they sit in their sockets today.
  const meterId = chosen.ohms?.id ?? '';
  const [leads, setLeads] = useKeptValue<{ ohms: number; day: string } | null>(`leads/${meterId}`, null);
  return {
    chosen,
    loads: loadsOf(instruments, reference),
    choose: (quantity: Quantity | 'load', id: string) => changeIds((now) => ({ ...now, [quantity]: id })),
    leadsOhms: leads && leads.day === today ? leads.ohms : undefined,
    setLeads: (ohms: number | undefined) => setLeads(ohms === undefined ? null : { ohms, day: today }),
  };
}

/** Loads of the impedance of the line. */
const loadsOf = (instruments: readonly Instrument[], reference: number) =>
  instruments.filter(({ kind, impedance }) => kind === 'dummy load' && impedance === reference);

export type ReadWith = ReturnType<typeof useReadWith>;
