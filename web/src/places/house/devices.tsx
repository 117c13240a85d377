import { pinSeries } from '@gorvane/core/connector/pin-series.ts';
import type { DeviceProfile } from '@gorvane/core/house/device.ts';
import { parseLengthColours, writeLengthColours } from '@gorvane/core/house/length-colour.ts';
import { roles } from '@gorvane/core/connector/signal.ts';
import { Button, NativeSelect, TextInput } from '@mantine/core';
import { QuantityField } from '../../controls/quantity-field.tsx';
import { newId } from '../../data/database.ts';
import type { PanelProps } from './panel-props.ts';

const most = 24;

/** Devices with an order of contacts of their own, and the ring colours of this house: looked up, not remembered. */
export function Devices({ house: { record, edit, key } }: PanelProps) {
  const { devices } = record;
  const change = (label: string, next: readonly DeviceProfile[]) =>
    edit(label, (now) => ({ ...now, devices: [...next] }));
  const add = () =>
    change('device', [
      ...devices,
      {
        id: newId(),
        name: 'New device',
        seriesId: 'terminal-3.81',
        positions: 3,
        roles: { '1': 'hot', '2': 'cold', '3': 'shield' },
      },
    ]);
  return (
    <section aria-labelledby="devices">
      <h2 id="devices">Device profiles</h2>
      <p className="soft">
        Terminal blocks differ from device to device. What is written here is what a pin plan follows, before
        any convention.
      </p>
      {devices.length === 0 && (
        <p>No device has a profile yet. Add one with the order printed beside its block.</p>
      )}
      {devices.map((device) => (
        <Device
          key={device.id}
          device={device}
          onChange={(next) =>
            change(
              'device profile',
              devices.map((other) => (other.id === device.id ? next : other)),
            )
          }
          onRemove={() =>
            change(
              'device taken out',
              devices.filter((other) => other.id !== device.id),
            )
          }
        />
      ))}
      <Button variant="default" onClick={add}>
        Add a device
      </Button>
      <QuantityField
        field={`${key}/length-colours`}
        label="Ring colour by finished length"
        description="up to each length, the shortest first; a house's own"
        written={writeLengthColours(record.lengthColours)}
        onRead={(text) => {
          const lengthColours = parseLengthColours(text);
          edit('ring colours', (now) => ({ ...now, lengthColours }));
        }}
      />
    </section>
  );
}

interface DeviceProps {
  readonly device: DeviceProfile;
  readonly onChange: (device: DeviceProfile) => void;
  readonly onRemove: () => void;
}

function Device({ device, onChange, onRemove }: DeviceProps) {
  const { name, seriesId, positions } = device;
  return (
    <fieldset className="device">
      <legend>{name}</legend>
      <TextInput
        label="Device"
        value={name}
        error={name.trim() === '' ? 'a name, so that it can be found' : undefined}
        onChange={({ currentTarget: { value } }) =>
          value.trim() !== '' && onChange({ ...device, name: value })
        }
      />
      <NativeSelect
        label={`Socket of ${name}`}
        value={seriesId}
        data={pinSeries.map(({ id, series }) => ({ value: id, label: series }))}
        onChange={({ currentTarget: { value } }) =>
          onChange({ ...device, seriesId: pinSeries.find(({ id }) => id === value)!.id })
        }
      />
      <NativeSelect
        label={`Positions of ${name}`}
        value={String(positions)}
        data={Array.from({ length: most - 1 }, (_, index) => String(index + 2))}
        onChange={({ currentTarget: { value } }) => onChange({ ...device, positions: Number(value) })}
      />
      <div className="device-roles">
        {Array.from({ length: positions }, (_, index) => String(index + 1)).map((contact) => (
          <NativeSelect
            key={contact}
            size="xs"
            label={`Contact ${contact} of ${name}`}
            value={device.roles[contact] ?? 'unused'}
            data={[...roles]}
            onChange={({ currentTarget: { value } }) =>
              onChange({
                ...device,
                roles: { ...device.roles, [contact]: roles.find((role) => role === value)! },
              })
            }
          />
        ))}
      </div>
      <Button variant="subtle" onClick={onRemove}>
        Take {name} out
      </Button>
    </fieldset>
  );
}
