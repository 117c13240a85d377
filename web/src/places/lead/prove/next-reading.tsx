import { pointNumber } from '@gorvane/core/instrument/reading-plan.ts';
import type { NextMeasurement } from '@gorvane/core/prove/next-measurement.ts';
import type { CapacitanceWanted } from '@gorvane/core/prove/place.ts';
import type { Readings } from '@gorvane/core/reading/reading.ts';
import { pairKey } from '@gorvane/core/reading/reading.ts';
import type { Wiring } from '@gorvane/core/wiring/wiring.ts';
import { formatCapacitance, parseCapacitance } from '@gorvane/core/quantity/capacitance.ts';
import { Button } from '@mantine/core';
import { QuantityField } from '../../../controls/quantity-field.tsx';
import { useBridge } from '../../../data/bridge.ts';
import type { ReadingJob } from './use-instruments.ts';

interface NextReadingProps {
  readonly next: NextMeasurement;
  readonly wiring: Wiring;
  readonly hand: Readings;
  readonly onHand: (hand: Readings) => void;
  readonly onRead: (jobs: readonly ReadingJob[]) => void;
}

/** The reading that tells explanations apart: what to put where, what it would show, and the button or field for it. */
export function NextReading({ next, ...rest }: NextReadingProps) {
  return (
    <div className="advice">
      <strong>Measure next</strong>
      {next.code === 'capacitance from each end' && <Capacitances wanted={next.wanted} {...rest} />}
      {next.code === 'resistance from each end' && (
        <p>
          Ohms into the short from each end, four-wire: the lower one is nearer to it. Type them in the table
          below.
        </p>
      )}
      {next.code === 'look at each end' && (
        <p>
          Direct current cannot tell these apart. Look at ends {next.ends.join(' and ')} against the plan.
        </p>
      )}
    </div>
  );
}

function Capacitances({
  wanted,
  wiring,
  hand,
  onHand,
  onRead,
}: Omit<NextReadingProps, 'next'> & { readonly wanted: readonly CapacitanceWanted[] }) {
  const meter = useBridge().instruments.find(({ kind, device }) => kind === 'meter' && device);
  const labelOf = (id: string) => wiring.points.find((point) => point.id === id)!.label;
  const typed = ({ from, to }: CapacitanceWanted) =>
    (hand.farads ?? []).find((reading) => pairKey(reading.from, reading.to) === pairKey(from, to))?.farads;
  const type = ({ from, to }: CapacitanceWanted, text: string) => {
    const others = (hand.farads ?? []).filter(
      (reading) => pairKey(reading.from, reading.to) !== pairKey(from, to),
    );
    const farads = text.trim() === '' ? [] : [{ from, to, farads: parseCapacitance(text) }];
    onHand({ ...hand, farads: [...others, ...farads] });
  };
  return (
    <>
      <p>
        Capacitance between the open conductor and its neighbour, from each end: the whole means that it is
        broken at the other end, next to nothing that it is broken here, in between that it is broken in the
        cable.
      </p>
      {wanted.map((each) => (
        <QuantityField
          key={each.endId}
          label={`${labelOf(each.from)} to ${labelOf(each.to)}`}
          description={`whole ${formatCapacitance(each.whole)}, here ${formatCapacitance(each.stray)}`}
          field={`prove/farads/${each.from}-${each.to}`}
          written={typed(each) === undefined ? '' : formatCapacitance(typed(each)!)}
          onRead={(text) => type(each, text)}
          readWhenLeft
        />
      ))}
      {meter && (
        <Button
          onClick={() =>
            onRead(
              wanted.map(({ from, to }): ReadingJob => ({
                instrument: meter,
                label: `Capacitance, ${labelOf(from)} to ${labelOf(to)}`,
                before: `Meter on ${labelOf(from)} and ${labelOf(to)}, nothing at the other end.`,
                request: { kind: 'farads', pair: [pointNumber(wiring, from), pointNumber(wiring, to)] },
                between: { from, to },
              })),
            )
          }
        >
          Let the meter read both
        </Button>
      )}
    </>
  );
}
