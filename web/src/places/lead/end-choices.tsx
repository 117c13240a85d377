import { isDeviceGone } from '@gorvane/core/house/device.ts';
import { connectorById } from '@gorvane/core/connector/catalogue/catalogue.ts';
import type { House } from '@gorvane/core/house/house.ts';
import type { Lead, LeadEnd } from '@gorvane/core/lead/lead.ts';
import { houseChoices, proposePinPlan } from '@gorvane/core/lead/pin-plan.ts';
import { channelNames } from '@gorvane/core/connector/signal.ts';
import { terminalBlockOf } from '@gorvane/core/connector/terminal-block.ts';
import { longestBreakout, shortestBreakout } from '@gorvane/core/lead/lead.ts';
import { formatMillimetres, parsePositiveLength } from '@gorvane/core/quantity/length.ts';
import { QuantityError } from '@gorvane/core/quantity/quantity-error.ts';
import { QuantityField } from '../../controls/quantity-field.tsx';
import { NativeSelect } from '@mantine/core';
import { Link } from 'react-router';
import { markerColours } from '../../drawing/wire-colour.ts';
import type { Draft } from '../../draft/use-draft.ts';

interface EndChoicesProps {
  readonly lead: Draft<Lead>;
  readonly end: LeadEnd;
  readonly house: House;
}

const turns = ['as the first end', 'a quarter to the right', 'opposite', 'a quarter to the left'];

/** What an end with several contacts is asked for: the device that it goes to, its channel, its ring, which way it points. */
export function EndChoices({ lead, end, house }: EndChoicesProps) {
  const { devices } = house;
  const { series, rightAngle, positions, breakout, isBlock } = facts(end);
  const change = (label: string, to: Partial<LeadEnd>, proposes = false) =>
    lead.edit(`${label} of end ${end.name}`, (now) => {
      const next = {
        ...now,
        ends: now.ends.map((other) => (other.id === end.id ? { ...other, ...to } : other)),
      };
      return proposes ? { ...next, pinPlan: proposePinPlan(next, devices, houseChoices(house)) } : next;
    });
  const suiting = devices.filter((device) => device.seriesId === series.id && device.positions <= positions);
  const isGone = isDeviceGone(devices, end.deviceId);
  const single = series.kind === 'pins' && (series.layout === 'ts' || series.layout === 'phono');
  return (
    <div className="end-choices">
      {isBlock && (
        <NativeSelect
          size="xs"
          label={`Device at end ${end.name}`}
          value={end.deviceId ?? ''}
          data={[
            {
              value: '',
              label: suiting.length > 0 ? 'none: order as counted' : 'none in House for this block',
            },
            ...suiting.map(({ id, name }) => ({ value: id, label: name })),
            ...(isGone ? [{ value: end.deviceId!, label: 'not in House any more' }] : []),
          ]}
          onChange={({ currentTarget: { value } }) => change('device', { deviceId: value || null }, true)}
        />
      )}
      {isBlock && <Link to="/house#devices">Device profiles in House</Link>}
      {single && lead.record.signal === 'stereo' && (
        <NativeSelect
          size="xs"
          label={`Channel of end ${end.name}`}
          value={end.channel ?? ''}
          data={[{ value: '', label: 'none' }, ...channelNames]}
          onChange={({ currentTarget: { value } }) =>
            change('channel', { channel: channelNames.find((name) => name === value) ?? null }, true)
          }
        />
      )}
      <EndPlace leadKey={lead.key} end={end} breakout={breakout} change={change} />
      <NativeSelect
        size="xs"
        label={`Colour ring of end ${end.name}`}
        value={end.marker ?? ''}
        data={[{ value: '', label: 'none' }, ...markerColours]}
        onChange={({ currentTarget: { value } }) => change('colour ring', { marker: value || null })}
      />
      {rightAngle && end.id !== lead.record.ends[0]!.id && (
        <NativeSelect
          size="xs"
          label={`End ${end.name} points`}
          value={String(end.quarterTurns)}
          data={turns.map((label, value) => ({ value: String(value), label }))}
          onChange={({ currentTarget: { value } }) => change('turn', { quarterTurns: Number(value) })}
        />
      )}
    </div>
  );
}

interface EndPlaceProps {
  readonly leadKey: string;
  readonly end: LeadEnd;
  /** The usual one of its connector; absent where it clamps the jacket. */
  readonly breakout: number | undefined;
  readonly change: (label: string, to: Partial<LeadEnd>) => void;
}

/** What an end goes to, and how long its cores are free where nothing clamps the jacket. */
function EndPlace({ leadKey, end, breakout, change }: EndPlaceProps) {
  return (
    <>
      <QuantityField
        field={`${leadKey}/called/${end.id}`}
        label={`End ${end.name} goes to`}
        written={end.called ?? ''}
        onRead={(text) => {
          const called = text.trim();
          if (called.length > 40) throw new QuantityError(text, 'at most 40 letters');
          change('what it goes to', { called: called === '' ? undefined : called });
        }}
      />
      {breakout !== undefined && (
        <QuantityField
          field={`${leadKey}/breakout/${end.id}`}
          label={`Breakout of end ${end.name}`}
          description={
            end.breakout === undefined ? 'assumed, the usual of its kind' : 'cores free of the jacket'
          }
          written={`${formatMillimetres(end.breakout ?? breakout)} mm`}
          onRead={(text) => {
            const asked = parsePositiveLength(text, longestBreakout);
            if (asked < shortestBreakout)
              throw new QuantityError(text, `at least ${formatMillimetres(shortestBreakout)} mm`);
            change('breakout', { breakout: asked });
          }}
        />
      )}
    </>
  );
}

function facts(end: LeadEnd) {
  const connector = connectorById(end.connectorId);
  const { series, rightAngle, contacts, features } = connector;
  return {
    series,
    rightAngle,
    positions: contacts.length,
    breakout: features.breakout,
    isBlock: terminalBlockOf(connector) !== null,
  };
}
