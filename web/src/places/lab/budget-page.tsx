import { Table } from '../../controls/table.tsx';
import { formatMillimetres } from '@gorvane/core/quantity/length.ts';
import type { Cable } from '@gorvane/core/cable/cable.ts';
import type { BudgetRow, BudgetWant } from '@gorvane/core/line/budget.ts';
import { budget } from '@gorvane/core/line/budget.ts';
import { budgetReasonWords, budgetVerdictWords } from '@gorvane/core/words/budget-reason.ts';
import { formatDecibels } from '@gorvane/core/quantity/decibel.ts';
import { formatFrequency } from '@gorvane/core/quantity/frequency.ts';
import { formatPower } from '@gorvane/core/quantity/power.ts';
import { Button } from '@mantine/core';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { ResultActions } from '../../controls/result-table.tsx';
import { VerdictMark } from '../../controls/verdict.tsx';
import { useCables } from '../../data/cables.ts';
import type { ValuesOf } from './address.ts';
import { useAddress } from './address.ts';
import { choice, frequencies, length, power, scalar, series } from './fields.ts';
import { LabField, LabSelect, seriesOptions } from './lab-field.tsx';
import { LabPage } from './lab-page.tsx';
import { MakeLead } from './make-lead.tsx';
import { shortMetres } from './write.ts';

const presets = ['0.5', '1', '2', '3'];

const fields = {
  f: frequencies('162 MHz'),
  length: length('18 m'),
  limit: scalar('1', 0.01, 100, 'a loss limit', 'dB'),
  z: choice(['50', '75'], '50'),
  power: power('25 W'),
  duty: scalar('100', 0.1, 100, 'a duty', '%'),
  swr: scalar('1.5', 1, 100, 'an SWR'),
  ambient: scalar('25', -60, 150, 'a temperature', 'C'),
  altitude: scalar('0', -400, 9000, 'a height', 'm'),
  place: choice(['indoor', 'outdoor', 'buried'], 'indoor'),
  near: series('n'),
  far: series('n'),
};

function wantOf(values: ValuesOf<typeof fields>): BudgetWant {
  return {
    frequencies: values.f,
    length: values.length,
    limitDb: values.limit,
    systemImpedance: Number(values.z),
    power: values.power,
    duty: values.duty / 100,
    swr: values.swr,
    ambientCelsius: values.ambient,
    altitude: values.altitude,
    environment: values.place,
    ends: [values.near, values.far].filter((end) => end !== null),
  };
}

/** The whole catalogue against one want, ranked, with why the others fail. */
export function BudgetPage() {
  const lab = useAddress(fields);
  const cables = useCables();
  const field = (name: keyof typeof fields, label: string, description?: string) => (
    <LabField lab={lab} page="budget" name={name} label={label} description={description} />
  );
  const inputs = (
    <>
      {field('f', 'Working frequencies', 'several with a semicolon between')}
      {field('length', 'Length', 'metres unless said')}
      {field('limit', 'Loss allowed, dB')}
      <div className="result-actions">
        {presets.map((value) => (
          <Button
            key={value}
            size="compact-sm"
            variant={lab.texts.limit === value ? 'filled' : 'default'}
            onClick={() => lab.set({ limit: value })}
          >
            {value} dB
          </Button>
        ))}
      </div>
      <LabSelect
        lab={lab}
        page="budget"
        name="z"
        label="System impedance"
        data={['50', '75'].map((value) => ({ value, label: `${value} ohm` }))}
      />
      {field('power', 'Power while on')}
      {field('duty', 'Duty, %', 'part of the time that it is on')}
      {field('swr', 'SWR on the line')}
      {field('ambient', 'Air around it, C')}
      {field('altitude', 'Height above the sea, m')}
      <LabSelect
        lab={lab}
        page="budget"
        name="place"
        label="Where it lies"
        data={['indoor', 'outdoor', 'buried'].map((value) => ({ value, label: value }))}
      />
      <LabSelect lab={lab} page="budget" name="near" label="Connector, near end" data={seriesOptions} />
      <LabSelect lab={lab} page="budget" name="far" label="Connector, far end" data={seriesOptions} />
    </>
  );
  return (
    <LabPage title="Budget" page="budget" inputs={inputs} problems={lab.problems}>
      {cables && <BudgetRows cables={cables} values={lab.values} />}
    </LabPage>
  );
}

function BudgetRows({
  cables,
  values,
}: {
  readonly cables: readonly Cable[];
  readonly values: ValuesOf<typeof fields>;
}) {
  const want = useMemo(() => wantOf(values), [values]);
  const rows = useMemo(() => budget(cables, want), [cables, want]);
  const good = rows.filter(({ reasons }) => reasons.length === 0);
  return (
    <>
      <div className="row-head">
        <h2>
          {good.length > 0
            ? `${good.length} of ${rows.length} cables do; the cheapest is ${good[0]!.cable.name}`
            : `No cable of ${rows.length} does: the nearest is ${rows[0]?.cable.name ?? 'none'}`}
        </h2>
        <ResultActions data={() => budgetData(rows)} />
      </div>
      <Table
        className="budget"
        label="Cables ranked"
        head={[
          'Cable',
          'Verdict',
          ...['Loss, margin', 'Longest run', 'Power', 'Mass, bend', 'Cost, m of RG-58'].map((figures) => ({
            figures,
          })),
        ]}
      >
        {rows.map((row) => (
          <BudgetLine key={row.cable.id} row={row} want={want} />
        ))}
      </Table>
      <p className="soft">
        Loss with both connectors at the worst frequency. Cost is of the whole run, as so many metres of RG-58
        class; mass, bend radius (once) and power come from the construction, power in calm air.
      </p>
    </>
  );
}

function BudgetLine({ row, want }: { readonly row: BudgetRow; readonly want: BudgetWant }) {
  const { cable, reasons } = row;
  return (
    <tr>
      <th scope="row">
        <Link to={`/lab/cables/${encodeURIComponent(cable.id)}`}>{cable.name}</Link>
      </th>
      <td>
        {reasons.length === 0 ? (
          <>
            <VerdictMark verdict="fits" />
            <MakeLead
              cable={cable}
              length={want.length}
              frequencies={want.frequencies}
              near={want.ends[0] ?? null}
              far={want.ends.at(-1) ?? null}
            />
          </>
        ) : (
          <>
            <VerdictMark verdict="does not fit" label={budgetVerdictWords[reasons[0]!.code]} />
            <div className="soft">{reasons.map(budgetReasonWords).join('; ')}</div>
          </>
        )}
        {row.tableEnds !== undefined && (
          <div className="not-yet">
            ◌ loss beyond its table, which ends at {formatFrequency(row.tableEnds)}
          </div>
        )}
        {row.lossTrustedFrom !== undefined && (
          <div className="soft">
            loss trusted from {formatFrequency(Number(row.lossTrustedFrom.toPrecision(2)))}
          </div>
        )}
      </td>
      <td className="number reading">
        {formatDecibels(row.lossDb)}
        <div className="soft">{formatDecibels(row.marginDb)}</div>
      </td>
      <td className="number reading">{shortMetres(Number(row.longest.toPrecision(3)))}</td>
      <td className="number reading">
        {row.powerLimit === undefined ? 'not known' : formatPower(row.powerLimit)}
        {row.jacketRise !== undefined && row.jacketRise >= 1 && (
          <div className="soft">jacket +{row.jacketRise.toFixed(0)} K</div>
        )}
      </td>
      <td className="number reading">
        {row.mass === undefined ? '' : `${row.mass.toPrecision(3)} kg`}
        {row.bend && <div className="soft">{formatMillimetres(row.bend.once, 0)} mm</div>}
      </td>
      <td className="number reading">{row.cost < 100 ? row.cost.toPrecision(3) : Math.round(row.cost)}</td>
    </tr>
  );
}

function budgetData(rows: readonly BudgetRow[]) {
  return {
    name: 'Cable budget',
    header: [
      'cable',
      'loss, dB',
      'margin, dB',
      'longest run, m',
      'power, W',
      'mass, kg',
      'bend radius once, m',
      'cost',
      'shielding, dB',
      'why not',
    ],
    rows: rows.map((row) => [
      row.cable.name,
      row.lossDb,
      row.marginDb,
      row.longest,
      row.powerLimit ?? null,
      row.mass ?? null,
      row.bend?.once ?? null,
      row.cost,
      row.shieldingDb ?? null,
      row.reasons.map(budgetReasonWords).join('; '),
    ]),
  };
}
