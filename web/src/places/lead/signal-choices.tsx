import { signals, signalName } from '@gorvane/core/connector/signal.ts';
import { houseChoices, proposePinPlan } from '@gorvane/core/lead/pin-plan.ts';
import { formatResistance, parseResistance } from '@gorvane/core/quantity/resistance.ts';
import { QuantityError } from '@gorvane/core/quantity/quantity-error.ts';
import { NativeSelect } from '@mantine/core';
import { Caution } from '../../controls/caution.tsx';
import { QuantityField } from '../../controls/quantity-field.tsx';
import type { StageProps } from './stage-props.ts';

/** What drives an end and what stands at the other, in the words of the signal. */
const sides = {
  balanced: ['Source', 'Input'],
  unbalanced: ['Source', 'Input'],
  stereo: ['Source', 'Input'],
  lighting: ['Driver', 'Terminator'],
  speaker: ['Amplifier output', 'Loudspeaker'],
  control: ['Source', 'Input'],
} as const;

function readOhms(text: string): number {
  const ohms = parseResistance(text);
  if (!(ohms > 0 && Number.isFinite(ohms)))
    throw new QuantityError(text, 'a resistance above 0, such as 150 ohm or 10 kohm');
  return ohms;
}

/** What the lead carries, and between what. Mains is refused. */
export function SignalChoices({ lead, house }: StageProps) {
  const { record, edit, key } = lead;
  if (record.signal === 'radio') return null;
  const { requirement } = record;
  const [source, load] = sides[record.signal];
  const require = (label: string, change: Partial<typeof requirement>) =>
    edit(label, (now) => ({ ...now, requirement: { ...now.requirement, ...change } }));
  return (
    <>
      <NativeSelect
        label="What it carries"
        description="decides what its contacts mean"
        value={record.signal}
        data={signals
          .filter((signal) => signal !== 'radio')
          .map((value) => ({ value, label: signalName(value) }))}
        onChange={({ currentTarget: { value } }) =>
          edit('what it carries', (now) => {
            const next = { ...now, signal: signals.find((signal) => signal === value)! };
            return {
              ...next,
              pinPlan: proposePinPlan(next, house.record.devices, houseChoices(house.record)),
            };
          })
        }
      />
      <QuantityField
        field={`${key}/source`}
        label={source}
        description="ohm"
        written={formatResistance(requirement.systemImpedance)}
        onRead={(text) => require('source', { systemImpedance: readOhms(text) })}
      />
      <QuantityField
        field={`${key}/load`}
        label={load}
        description={record.signal === 'speaker' ? 'ohm; on a 100 V line it is 10 000 / watts' : 'ohm'}
        written={formatResistance(requirement.load.re)}
        onRead={(text) => require('load', { load: { re: readOhms(text), im: 0 } })}
      />
      {record.signal === 'speaker' && (
        <Caution>
          Amplifier outputs and 70 or 100 V lines can hurt: switch off before the lead is touched. Mains leads
          are not planned here: they are work for licensed hands under the local code.
        </Caution>
      )}
    </>
  );
}
