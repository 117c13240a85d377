import { Table } from '../../controls/table.tsx';
import { parseShrink } from '@gorvane/core/house/shrink.ts';
import { decimalOf } from '@gorvane/core/quantity/number.ts';
import { houseId } from '@gorvane/core/house/house-id.ts';
import { draftKey } from '../../draft/draft-slice.ts';
import { useUndoPlace } from '../../draft/use-undo-place.ts';
import type { House } from '@gorvane/core/house/house.ts';
import { shopTools } from '@gorvane/core/house/house.ts';
import { formatMillimetres, parseLength } from '@gorvane/core/quantity/length.ts';
import { formatPower, parsePower } from '@gorvane/core/quantity/power.ts';
import { QuantityError } from '@gorvane/core/quantity/quantity-error.ts';
import { Checkbox, NativeSelect, SegmentedControl, TextInput } from '@mantine/core';
import { QuantityField } from '../../controls/quantity-field.tsx';
import { useBenchDraft, useHouseDraft } from '../../draft/use-draft.ts';
import { DataPanel } from './data-panel.tsx';
import { Devices } from './devices.tsx';
import { Limits } from './limits.tsx';
import type { Bench } from '@gorvane/core/house/bench.ts';
import type { Draft } from '../../draft/use-draft.ts';
import type { PanelProps } from './panel-props.ts';
import { Practice } from './practice.tsx';
import './house.css';

/** How this house works, what the shop has, and its data in and out. */
export function HousePage() {
  const house = useHouseDraft();
  const bench = useBenchDraft();
  useUndoPlace(draftKey('house', houseId));
  if (!house || !bench) return null;
  return (
    <>
      <div className="page-head">
        <h1>House</h1>
        <span className="soft">{house.record.name}</span>
      </div>
      <div className="house">
        <Benches house={house} bench={bench} />
        <Practice house={house} />
        <Limits house={house} />
        <Shop house={house} />
        <Devices house={house} />
        <DataPanel />
      </div>
    </>
  );
}

/** Names of the shop, and what is this bench's own: who works here, its serials, how its screen writes. */
function Benches({ house: { record, edit }, bench }: PanelProps & { readonly bench: Draft<Bench> }) {
  const { record: own, edit: editOwn } = bench;
  return (
    <section aria-labelledby="bench-names">
      <h2 id="bench-names">Bench and units of measure</h2>
      <TextInput
        label="Name of the house"
        value={record.name}
        onChange={({ currentTarget: { value } }) =>
          edit('name of the house', (now) => ({ ...now, name: value }))
        }
      />
      <TextInput
        label="Bench names"
        description="with commas between"
        defaultValue={record.benchNames.join(', ')}
        onChange={({ currentTarget: { value } }) => {
          const benchNames = value
            .split(',')
            .map((name) => name.trim())
            .filter(Boolean);
          if (benchNames.length > 0) edit('bench names', (now) => ({ ...now, benchNames }));
        }}
      />
      <NativeSelect
        label="This bench"
        description="stands behind every entry of a record"
        value={own.name}
        data={[...new Set([own.name, ...record.benchNames])]}
        onChange={({ currentTarget: { value } }) => editOwn('this bench', (now) => ({ ...now, name: value }))}
      />
      <div>
        <p>Lengths are written</p>
        <SegmentedControl
          aria-label="Lengths are written"
          value={own.firstUnit}
          onChange={(value) =>
            editOwn('first unit', (now) => ({ ...now, firstUnit: value === 'in' ? 'in' : 'mm' }))
          }
          data={[
            { value: 'mm', label: 'millimetre first' },
            { value: 'in', label: 'inch first' },
          ]}
        />
      </div>
      <div>
        <p>Light</p>
        <SegmentedControl
          aria-label="Light"
          value={own.theme}
          onChange={(value) =>
            editOwn('light', (now) => ({ ...now, theme: value === 'night' ? 'night' : 'paper' }))
          }
          data={[
            { value: 'paper', label: 'paper' },
            { value: 'night', label: 'night bench' },
          ]}
        />
      </div>
    </section>
  );
}

/** `0.7 mm 2.2 %`. */
function parseSolderWire(text: string): House['solderWire'] {
  const match = /^\s*([\d.,]+\s*(?:mm|in|")?)\s+([\d.,]+)\s*%?\s*$/i.exec(text);
  const expected = 'a diameter of 0.2 to 3 mm and flux of 0 to 10 %, such as 0.7 mm 2.2 %';
  if (!match) throw new QuantityError(text, expected);
  const diameter = parseLength(match[1]!);
  const fluxByMass = decimalOf(match[2]!) / 100;
  if (!(diameter >= 0.2e-3 && diameter <= 3e-3 && fluxByMass >= 0 && fluxByMass <= 0.1))
    throw new QuantityError(text, expected);
  return { diameter, fluxByMass };
}

function parseDies(text: string): number[] {
  const dies = text
    .split(/[;\n]|,\s/)
    .filter((part) => part.trim() !== '')
    .map((part) => parseLength(part));
  if (dies.some((die) => !(die > 0.5e-3 && die < 60e-3)))
    throw new QuantityError(text, 'hex sizes of 0.5 to 60 mm across flats, with ; between');
  return dies.sort((a, b) => a - b);
}

function Shop({ house: { record, edit, key } }: PanelProps) {
  return (
    <section aria-labelledby="shop">
      <h2 id="shop">What the shop has</h2>
      <QuantityField
        field={`${key}/dies`}
        label="Hex dies, mm across flats"
        description="with ; between: fit and recipes read this list"
        written={record.dies.map((die) => formatMillimetres(die, 2)).join('; ')}
        onRead={(text) => {
          const dies = parseDies(text);
          edit('dies', (now) => ({ ...now, dies }));
        }}
      />
      <fieldset className="shop-tools">
        <legend>Tools at hand: the finder of ends reads this list</legend>
        {shopTools.map((tool) => (
          <Checkbox
            key={tool}
            label={tool}
            checked={record.tools.includes(tool)}
            onChange={({ currentTarget: { checked } }) =>
              edit('tools', (now) => ({
                ...now,
                tools: shopTools.filter((other) => (other === tool ? checked : now.tools.includes(other))),
              }))
            }
          />
        ))}
      </fieldset>
      <QuantityField
        field={`${key}/solder`}
        label="Solder wire"
        description="diameter and flux by mass, such as 0.7 mm 2.2 %"
        written={`${formatMillimetres(record.solderWire.diameter, 2)} mm ${Number((record.solderWire.fluxByMass * 100).toPrecision(3))} %`}
        onRead={(text) => {
          const solderWire = parseSolderWire(text);
          edit('solder wire', (now) => ({ ...now, solderWire }));
        }}
      />
      <QuantityField
        field={`${key}/tack`}
        label="Braid is tacked above"
        description="power of the lead, where house practice tacks at all"
        written={formatPower(record.tackAbove)}
        onRead={(text) => {
          const tackAbove = parsePower(text);
          edit('power for tacking', (now) => ({ ...now, tackAbove }));
        }}
      />
      <QuantityField
        field={`${key}/squaring`}
        label="Squaring cut allowed for at each end"
        written={`${formatMillimetres(record.squaring)} mm`}
        onRead={(text) => {
          const squaring = parseLength(text);
          if (!(squaring >= 0 && squaring <= 0.1)) throw new QuantityError(text, '0 to 100 mm');
          edit('squaring cut', (now) => ({ ...now, squaring }));
        }}
      />
      <div>
        <h3>Shrink, supplied and recovered bore</h3>
        <Table>
          {record.shrink.map((tube) => (
            <tr key={tube.name}>
              <th scope="row">{tube.name}</th>
              <td className="reading">
                {formatMillimetres(tube.supplied)} / {formatMillimetres(tube.recovered)} mm
              </td>
              <td>
                <button
                  type="button"
                  className="text-button"
                  aria-label={`Remove ${tube.name}`}
                  onClick={() =>
                    edit('shrink', (now) => ({
                      ...now,
                      shrink: now.shrink.filter(({ name }) => name !== tube.name),
                    }))
                  }
                >
                  remove
                </button>
              </td>
            </tr>
          ))}
        </Table>
        <AddShrink house={{ record, edit, key }} />
      </div>
    </section>
  );
}

/** `9.5/3.2` adds a tube; its outside as supplied is taken as 0.8 mm more than its bore. */
function AddShrink({ house: { edit, key } }: PanelProps) {
  return (
    <QuantityField
      field={`${key}/shrink`}
      label="Add a size"
      description="supplied/recovered bore in mm, such as 19/6.4, then Enter; “adhesive” behind it where it is lined"
      written=""
      onRead={() => undefined}
      onTake={(text) => {
        const tube = parseShrink(text);
        edit('shrink', (now) => ({
          ...now,
          shrink: [...now.shrink.filter(({ name }) => name !== tube.name), tube].sort(
            (a, b) => a.supplied - b.supplied,
          ),
        }));
      }}
    />
  );
}
