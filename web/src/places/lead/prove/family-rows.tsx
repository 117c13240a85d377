import type { FamilyCheck } from '@gorvane/core/prove/family-checks.ts';
import type { Proof } from '@gorvane/core/prove/proof.ts';
import type { Readings } from '@gorvane/core/reading/reading.ts';
import { formatCapacitance, parseCapacitance } from '@gorvane/core/quantity/capacitance.ts';
import { formatDecibels, parseDecibels } from '@gorvane/core/quantity/decibel.ts';
import { formatMetres, parsePositiveLength } from '@gorvane/core/quantity/length.ts';
import { QuantityError } from '@gorvane/core/quantity/quantity-error.ts';
import { formatResistance } from '@gorvane/core/quantity/resistance.ts';
import { QuantityField } from '../../../controls/quantity-field.tsx';
import { VerdictMark } from '../../../controls/verdict.tsx';
import { ohmsFrom } from './typed-ohms.ts';

interface RowProps {
  readonly unitId: string;
  readonly proof: Proof;
  readonly readings: Readings;
  readonly onReadings: (readings: Readings) => void;
}

/** A rejection, dB, 0 or more. @throws QuantityError */
function readDecibels(text: string): number {
  const value = parseDecibels(text);
  if (!(value >= 0 && value <= 200))
    throw new QuantityError(text, 'a rejection of 0 to 200 dB, as a positive number');
  return value;
}

const writeFamily = {
  resistance: formatResistance,
  capacitance: formatCapacitance,
  decibel: formatDecibels,
} as const;
const readFamily = { resistance: ohmsFrom, capacitance: parseCapacitance, decibel: readDecibels } as const;

/** A reading that only this family of leads is proved by. */
export function FamilyRow({
  check,
  unitId,
  proof,
  readings,
  onReadings,
}: { readonly check: FamilyCheck } & RowProps) {
  const found = readings.family?.[check.id];
  const write = writeFamily[check.quantity];
  const read = (text: string): number | null | undefined =>
    text.trim() === '' ? undefined : readFamily[check.quantity](text);
  return (
    <tr>
      <th scope="row" colSpan={2}>
        {check.label}
        <div className="soft">{check.how}</div>
      </th>
      <td>
        <QuantityField
          aria-label={check.label}
          field={`prove/${unitId}/${check.id}`}
          written={found === undefined ? '' : found === null ? 'open' : write(found)}
          onRead={(text) => {
            const { [check.id]: _old, ...others } = readings.family ?? {};
            const value = read(text);
            onReadings({
              ...readings,
              instrument: 'by hand',
              family: value === undefined ? others : { ...others, [check.id]: value },
            });
          }}
        />
      </td>
      <td className="reading">
        {'choke' in check ? `at least ${write(check.min)}` : `${write(check.min)} to ${write(check.max)}`}
      </td>
      <td>
        <VerdictMark verdict={proof.checks.find(({ id }) => id === check.id)!.verdict} />
      </td>
    </tr>
  );
}

/** Length by what comes back, of leads that it tells something of. */
export function LengthRow({ unitId, proof, readings, onReadings }: RowProps) {
  const check = proof.checks.find(({ key }) => key.kind === 'length');
  if (!check) return null;
  const [least, most] = check.judged!.between!;
  return (
    <tr>
      <th scope="row" colSpan={2}>
        Length by what comes back
      </th>
      <td>
        <QuantityField
          aria-label="Length by reflection"
          placeholder="m"
          field={`prove/${unitId}/length`}
          written={readings.length === undefined ? '' : formatMetres(readings.length)}
          onRead={(text) => {
            const { length: _old, ...rest } = readings;
            onReadings(text.trim() === '' ? rest : { ...rest, length: parsePositiveLength(text, 2000, 'm') });
          }}
        />
      </td>
      <td className="reading">
        {formatMetres(least)} to {formatMetres(most)}
      </td>
      <td>
        <VerdictMark verdict={check.verdict} />
      </td>
    </tr>
  );
}
