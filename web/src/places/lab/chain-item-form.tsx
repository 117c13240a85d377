import { inMillimetres } from '@gorvane/core/quantity/multiple.ts';
import type { Cable } from '@gorvane/core/cable/cable.ts';
import type { ChainItem } from '@gorvane/core/line/chain.ts';
import { connectorSeries } from '@gorvane/core/connector/series.ts';
import { formatCapacitance, parseCapacitance } from '@gorvane/core/quantity/capacitance.ts';
import { formatMetres, parsePositiveLength } from '@gorvane/core/quantity/length.ts';
import { formatResistance, parseResistance } from '@gorvane/core/quantity/resistance.ts';
import { formatInductance, parseInductance, parseScalar } from '@gorvane/core/quantity/scalar.ts';
import { Button, NativeSelect, Slider } from '@mantine/core';
import { useState } from 'react';
import { QuantityField } from '../../controls/quantity-field.tsx';

interface ChainItemFormProps {
  readonly item: ChainItem;
  readonly place: number;
  readonly last: boolean;
  readonly cables: readonly Cable[];
  /** A finished change. */
  readonly onChange: (item: ChainItem) => void;
  /** What a slider passes on its way; null when it is let go. */
  readonly onLive: (item: ChainItem | null) => void;
  readonly onRemove: () => void;
  readonly onMove: (by: 1 | -1) => void;
}

/** The chosen item: its values, its place, and taking it out. */
export function ChainItemForm(props: ChainItemFormProps) {
  const { place, last, onRemove, onMove } = props;
  return (
    <div className="chain-form">
      <h2>Item {place + 1}</h2>
      <ItemValues {...props} />
      <div className="result-actions">
        <Button size="compact-sm" variant="default" disabled={place === 0} onClick={() => onMove(-1)}>
          Toward the source
        </Button>
        <Button size="compact-sm" variant="default" disabled={last} onClick={() => onMove(1)}>
          Toward the far end
        </Button>
        <Button size="compact-sm" variant="default" onClick={onRemove}>
          Take out
        </Button>
      </div>
    </div>
  );
}

function ItemValues(props: ChainItemFormProps) {
  const { item, place, cables, onChange } = props;
  const field = `lab/chain/${place}/${item.kind}`;
  switch (item.kind) {
    case 'cable':
      return (
        <>
          <NativeSelect
            label="Cable"
            value={item.cableId}
            data={cables.map(({ id, name }) => ({ value: id, label: name }))}
            onChange={({ currentTarget: { value } }) => onChange({ ...item, cableId: value })}
          />
          <QuantityField
            field={`${field}/length`}
            label="Length"
            description="metres unless said"
            written={formatMetres(item.length)}
            onRead={(text) => onChange({ ...item, length: parsePositiveLength(text, 10_000, 'm') })}
          />
          <LengthSlider key={place} {...props} item={item} />
        </>
      );
    case 'connector':
      return (
        <NativeSelect
          label="Connector or adapter"
          value={item.seriesId}
          data={connectorSeries.map(({ id, name }) => ({ value: id, label: name }))}
          onChange={({ currentTarget: { value } }) => onChange({ ...item, seriesId: value })}
        />
      );
    case 'section':
      return (
        <>
          <QuantityField
            field={`${field}/impedance`}
            label="Impedance"
            written={formatResistance(item.impedance)}
            onRead={(text) =>
              onChange({
                ...item,
                impedance: parseScalar(
                  text,
                  { min: 1, max: 10_000, expected: 'an impedance, 1 to 10000 ohm' },
                  'ohm',
                ),
              })
            }
          />
          <QuantityField
            field={`${field}/length`}
            label="Length"
            description="millimetres unless said"
            written={`${Number(inMillimetres(item.length).toPrecision(6))} mm`}
            onRead={(text) => onChange({ ...item, length: parsePositiveLength(text, 100) })}
          />
          <QuantityField
            field={`${field}/velocity`}
            label="Velocity factor"
            written={String(item.velocityFactor)}
            onRead={(text) =>
              onChange({
                ...item,
                velocityFactor: parseScalar(text, {
                  min: 0.1,
                  max: 1,
                  expected: 'a velocity factor, 0.1 to 1',
                }),
              })
            }
          />
        </>
      );
    case 'series inductor':
      return (
        <QuantityField
          field={field}
          label="Inductance"
          written={formatInductance(item.value)}
          onRead={(text) => onChange({ ...item, value: Math.min(1, parseInductance(text)) })}
        />
      );
    case 'shunt capacitor':
      return (
        <QuantityField
          field={field}
          label="Capacitance"
          description="pF unless said"
          written={formatCapacitance(item.value)}
          onRead={(text) => onChange({ ...item, value: parseCapacitance(text) })}
        />
      );
    case 'series resistor':
    case 'shunt resistor':
      return (
        <QuantityField
          field={field}
          label="Resistance"
          written={formatResistance(item.value)}
          onRead={(text) =>
            onChange({
              ...item,
              value: Math.min(
                1e6,
                Math.max(item.kind === 'shunt resistor' ? 1e-3 : 0, parseResistance(text)),
              ),
            })
          }
        />
      );
    case 'file':
      return <p className="soft">{item.name}: ports 1 and 2, the others in their own reference.</p>;
  }
}

/** The slider goes to so many times the length, in so many steps. */
const longer = 3;
const steps = 500;

/** Length by hand: the curves follow while it moves. Its range is fixed when it is taken up. */
function LengthSlider({
  item,
  onLive,
  onChange,
}: ChainItemFormProps & { readonly item: Extract<ChainItem, { kind: 'cable' }> }) {
  const [range] = useState(() => Math.max(1, Math.ceil(item.length * longer)));
  const step = range / steps;
  const [live, setLive] = useState<number | undefined>();
  const take = (value: number) => Math.max(step, value);
  return (
    <Slider
      thumbLabel="Length, metres"
      min={0}
      max={range}
      step={step}
      value={Math.min(range, live ?? item.length)}
      label={(value) => formatMetres(Number(value.toPrecision(4)))}
      onChange={(value) => {
        setLive(value);
        onLive({ ...item, length: take(value) });
      }}
      onChangeEnd={(value) => {
        setLive(undefined);
        onLive(null);
        onChange({ ...item, length: Number(take(value).toPrecision(4)) });
      }}
    />
  );
}
