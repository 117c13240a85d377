import { houseId } from '@gorvane/core/house/house-id.ts';
import type { TimeForm } from '@gorvane/core/quantity/time.ts';
import { clocks, dayForms, formatTime } from '@gorvane/core/quantity/time.ts';
import { draftKey } from '../../draft/draft-slice.ts';
import { programVersion } from '@gorvane/core/record/program-version.ts';
import { UndoButton } from '../../controls/undo-button.tsx';
import { useUndoPlace } from '../../draft/use-undo-place.ts';
import { formatMillimetres, parseLength } from '@gorvane/core/quantity/length.ts';
import { formatPower, parsePower } from '@gorvane/core/quantity/power.ts';
import { QuantityError } from '@gorvane/core/quantity/quantity-error.ts';
import { Button, NativeSelect, SegmentedControl, TextInput } from '@mantine/core';
import { Link } from 'react-router';
import { QuantityField } from '../../controls/quantity-field.tsx';
import { useBenchDraft, useHouseDraft } from '../../draft/use-draft.ts';
import { useInstall } from '../../controls/install.ts';
import { DataPanel } from './data-panel.tsx';
import { Devices } from './devices.tsx';
import { Limits } from './limits.tsx';
import type { Bench } from '@gorvane/core/house/bench.ts';
import type { Draft } from '../../draft/use-draft.ts';
import type { PanelProps } from './panel-props.ts';
import { PapersPanel } from './papers.tsx';
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
        <span className="soft">
          {house.record.name}, Gorvane {programVersion}
        </span>
        <div className="actions">
          <UndoButton />
        </div>
      </div>
      <div className="house">
        <Benches house={house} bench={bench} />
        <Practice house={house} />
        <Limits house={house} />
        <Figures house={house} />
        <Devices house={house} />
        <PapersPanel />
        <DataPanel />
      </div>
    </>
  );
}

/** Names of the shop, and what is this bench's own: who works here, its serials, how its screen writes. */
function Benches({ house: { record, edit, key }, bench }: PanelProps & { readonly bench: Draft<Bench> }) {
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
      <QuantityField
        field={`${key}/bench-names`}
        label="Bench names"
        description="with commas between"
        written={record.benchNames.join(', ')}
        onRead={(text) => {
          const benchNames = namesOf(text);
          edit('bench names', (now) => ({ ...now, benchNames }));
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
      <NativeSelect
        label="Days are written"
        value={own.times.day}
        data={dayForms.map((day) => ({ value: day, label: dayWords(day) }))}
        onChange={({ currentTarget: { value } }) =>
          editOwn('how days are written', (now) => ({
            ...now,
            times: { ...now.times, day: dayForms.find((day) => day === value)! },
          }))
        }
      />
      <div>
        <p>Clock</p>
        <SegmentedControl
          aria-label="Clock"
          value={own.times.clock}
          onChange={(value) =>
            editOwn('clock', (now) => ({
              ...now,
              times: { ...now.times, clock: value === '12 h' ? '12 h' : '24 h' },
            }))
          }
          data={[...clocks]}
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
      <Install />
    </section>
  );
}

/** Where the browser offers it: a window of its own, from the computer's own list of programs. */
function Install() {
  const install = useInstall();
  if (!install) return null;
  return (
    <div>
      <Button variant="default" onClick={() => void install()}>
        Install on this computer
      </Button>
      <p className="soft">
        Opens in a window of its own, without the network, too. The data stay where they are.
      </p>
    </div>
  );
}

/** @throws QuantityError where there is none. */
function namesOf(text: string): string[] {
  const names = text
    .split(',')
    .map((name) => name.trim())
    .filter(Boolean);
  if (names.length === 0) throw new QuantityError(text, 'at least one name, such as Bench one');
  return names;
}

/** A day in this form, as an example. */
const dayWords = (day: TimeForm['day']) =>
  formatTime('2026-11-24T12:00', { day, clock: '24 h' }).replace(' 12:00', '');

/** Figures of the house that planners ask for. */
function Figures({ house: { record, edit, key } }: PanelProps) {
  return (
    <section aria-labelledby="figures">
      <h2 id="figures">Figures of this house</h2>
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
      <QuantityField
        field={`${key}/boot`}
        label="Boot of a buried splice, past the bare sheath"
        description="on either side"
        written={`${formatMillimetres(record.bootOverlap, 0)} mm`}
        onRead={(text) => {
          const bootOverlap = parseLength(text);
          if (!(bootOverlap >= 0.05 && bootOverlap <= 1)) throw new QuantityError(text, '50 mm to 1 m');
          edit('boot of a splice', (now) => ({ ...now, bootOverlap }));
        }}
      />
      <QuantityField
        field={`${key}/coil`}
        label="Diameter of coils in the store"
        description="empty: as leads of a length usually are, 250 mm up to 5 m, 350 mm up to 30 m"
        written={record.storeCoil === null ? '' : `${formatMillimetres(record.storeCoil, 0)} mm`}
        onRead={(text) => {
          const storeCoil = text.trim() === '' ? null : parseLength(text);
          if (storeCoil !== null && !(storeCoil >= 0.1 && storeCoil <= 2))
            throw new QuantityError(text, '100 mm to 2 m');
          edit('coils in the store', (now) => ({ ...now, storeCoil }));
        }}
      />
      <p>
        Dies, tools, shrink and solder wire are in <Link to="/stores#shop">Stores</Link>.
      </p>
    </section>
  );
}
