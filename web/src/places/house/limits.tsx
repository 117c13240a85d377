import type { House } from '@gorvane/core/house/house.ts';
import { usualLimits } from '@gorvane/core/house/usual-shop.ts';
import { parseDecibels } from '@gorvane/core/quantity/decibel.ts';
import { QuantityError } from '@gorvane/core/quantity/quantity-error.ts';
import { formatResistance, parseResistance } from '@gorvane/core/quantity/resistance.ts';
import { formatTemperature, parseTemperature } from '@gorvane/core/quantity/temperature.ts';
import { parseScalar } from '@gorvane/core/quantity/scalar.ts';
import { QuantityField } from '../../controls/quantity-field.tsx';
import type { PanelProps } from './panel-props.ts';

const percent = (part: number) => `${Number((part * 100).toPrecision(3))} %`;

/** A part of 0 to `most`, typed in per cent. @throws QuantityError */
function parsePercent(text: string, most: number): number {
  const expected = `0 to ${percent(most)}: a house is only ever tighter than the default`;
  return parseScalar(text.replace(/%\s*$/, ''), { min: 0, max: most * 100, expected }) / 100;
}

/** Limits of this house: tighter than the defaults, frozen with the plan of every unit that is started from now on. */
export function Limits({ house: { record, edit } }: PanelProps) {
  const { limits } = record;
  const change = (label: string, next: Partial<House['limits']>) =>
    edit(label, (now) => ({ ...now, limits: { ...now.limits, ...next } }));
  return (
    <section aria-labelledby="limits">
      <h2 id="limits">Limits of this house</h2>
      <p className="soft">
        Only ever tighter than the defaults. A unit keeps the limits that stood when it was started.
      </p>
      <QuantityField
        label="Room temperature"
        description="that limits are planned for; the one at the proof is typed there"
        field="house/room"
        written={formatTemperature(record.roomCelsius)}
        onRead={(text) => edit('room temperature', (now) => ({ ...now, roomCelsius: readRoom(text) }))}
      />
      <QuantityField
        label="Resistance over computed copper, at most"
        description={`default ${percent(usualLimits.cableAllowance - 1)}: what clad wire and braids may have; drawn copper and fine strands have 2 %. Contacts are allowed beside`}
        field="house/limits/cable"
        written={percent(limits.cableAllowance - 1)}
        onRead={(text) =>
          change('resistance limit', {
            cableAllowance: 1 + parsePercent(text, usualLimits.cableAllowance - 1),
          })
        }
      />
      <QuantityField
        label="Loss of a cable over its nominal table, at most"
        description={`default ${percent(usualLimits.lossTolerance)}`}
        field="house/limits/loss"
        written={percent(limits.lossTolerance)}
        onRead={(text) =>
          change('loss limit', { lossTolerance: parsePercent(text, usualLimits.lossTolerance) })
        }
      />
      <QuantityField
        label="Return loss beyond what class and tolerances ask"
        description="default 0 dB"
        field="house/limits/return-loss"
        written={`${limits.returnLossExtra} dB`}
        onRead={(text) => change('return loss limit', { returnLossExtra: readExtra(text) })}
      />
      <QuantityField
        label="Insulation of every lead, at least"
        description="empty: as its connectors ask"
        field="house/limits/insulation"
        written={limits.insulation === null ? '' : formatResistance(limits.insulation)}
        onRead={(text) =>
          change('insulation limit', { insulation: text.trim() === '' ? null : readInsulation(text) })
        }
      />
    </section>
  );
}

function readRoom(text: string): number {
  const value = parseTemperature(text);
  if (!(value >= -20 && value <= 60))
    throw new QuantityError(text, 'the temperature of a room, -20 to 60 °C');
  return value;
}

function readExtra(text: string): number {
  const value = parseDecibels(text);
  if (!(value >= 0 && value <= 20))
    throw new QuantityError(text, '0 to 20 dB: only ever tighter than the default');
  return value;
}

function readInsulation(text: string): number {
  const value = parseResistance(text);
  if (!(value >= 0 && value <= 1e12))
    throw new QuantityError(text, 'a resistance up to 1 Tohm, such as 2 Gohm');
  return value;
}
