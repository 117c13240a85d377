import { Table } from '../../controls/table.tsx';
import { ratioGrid } from '@gorvane/core/quantity/grid.ts';
import { computedAttenuation, fittedAttenuation } from '@gorvane/core/cable/attenuation.ts';
import { bendRadius, massPerMetre, outsideDiameter, shieldingDb } from '@gorvane/core/cable/body.ts';
import type { Cable, CoaxCable, CoreCable } from '@gorvane/core/cable/cable.ts';
import { cableEntries } from '@gorvane/core/cable/catalogue/catalogue.ts';
import type { CableEntry } from '@gorvane/core/cable/construction.ts';
import {
  computedImpedance,
  higherModeFrequency,
  inductancePerMetre,
  pathResistances,
  velocityFactor,
} from '@gorvane/core/cable/electrical.ts';
import { lineFigures } from '@gorvane/core/cable/line-figures.ts';
import { coreResistance, pairFigures } from '@gorvane/core/cable/pair.ts';
import { formatCapacitance } from '@gorvane/core/quantity/capacitance.ts';
import { formatResistance } from '@gorvane/core/quantity/resistance.ts';
import { formatInductance } from '@gorvane/core/quantity/scalar.ts';
import { Button } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import { useMemo } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { CurveChart } from '../../controls/curve-chart.tsx';
import { Empty } from '../../controls/empty.tsx';
import { Length } from '../../controls/length.tsx';
import { saveFile } from '../../controls/save-file.ts';
import { addOwnCable, useCables } from '../../data/cables.ts';
import { markDeleted } from '../../data/records.ts';
import { CableSection } from '../../drawing/cable-section.tsx';
import { useDraft } from '../../draft/use-draft.ts';
import { useUndoPlace } from '../../draft/use-undo-place.ts';
import { OwnCableForm } from './own-cable-form.tsx';
import { shortDecibels, shortFrequency } from './write.ts';
import { usePageTitle } from '../../controls/page-title.ts';

/** One cable: cut across, its figures computed and nominal, its loss and what makes it. */
export function CablePage() {
  const { cableId = '' } = useParams();
  const cables = useCables();
  const draft = useDraft('cables', cableId);
  useUndoPlace(`cables/${cableId}`);
  const navigate = useNavigate();
  const cable = cables?.find(({ id }) => id === cableId);
  usePageTitle(cable?.name, 'Cables');
  if (!cables || draft === undefined) return null;
  if (!cable)
    return (
      <Empty title="This cable is not here">
        <p>
          It was deleted, or the address is from another computer. See all{' '}
          <Link to="/lab/cables">Cables</Link>.
        </p>
      </Empty>
    );
  const entry: CableEntry = draft?.record.entry ?? cableEntries.find(({ id }) => id === cableId)!;
  const copy = async () => navigate(`/lab/cables/${await addOwnCable(entry)}`);
  const remove = async () => {
    await markDeleted('cables', cableId, true);
    await navigate('/lab/cables');
    notifications.show({
      message: (
        <>
          {cable.name} is deleted.{' '}
          <Button
            size="compact-sm"
            variant="default"
            onClick={() => void markDeleted('cables', cableId, false)}
          >
            Bring it back
          </Button>
        </>
      ),
      autoClose: 10_000,
      closeButtonProps: { 'aria-label': 'Close' },
    });
  };
  return (
    <>
      <div className="row-head">
        <h2>{cable.name}</h2>
        <div className="result-actions no-print">
          <Button size="compact-sm" variant="default" onClick={() => void copy()}>
            {draft ? 'Copy' : 'Copy and change'}
          </Button>
          <Button
            size="compact-sm"
            variant="default"
            onClick={() =>
              saveFile(
                `${JSON.stringify(entry, null, 2)}\n`,
                `${cableId.replaceAll('/', '-')}.cable.json`,
                'application/json',
              )
            }
          >
            Export
          </Button>
          <Button size="compact-sm" variant="default" onClick={() => window.print()}>
            Print
          </Button>
          {draft && (
            <Button size="compact-sm" variant="default" onClick={() => void remove()}>
              Delete
            </Button>
          )}
        </div>
      </div>
      <div className={draft ? 'lab-page' : undefined}>
        <section className="lab-results" aria-label={cable.name}>
          <div className="cable-sheet">
            <CableSection cable={cable} />
            <Figures cable={cable} />
          </div>
          <LossOf cable={cable} />
          <p className="soft">
            {cable.source}
            {cable.structure === 'coax' ? `. Loss: ${cable.attenuationSource}` : ''}. Nominal figures are for
            planning; what you measure on the reel stands above them.
          </p>
        </section>
        {draft && (
          <aside className="lab-inputs no-print" aria-label="Data sheet">
            <OwnCableForm draft={draft} />
          </aside>
        )}
      </div>
    </>
  );
}

type Row = readonly [label: string, computed: React.ReactNode, nominal?: React.ReactNode];

function Figures({ cable }: { readonly cable: Cable }) {
  const rows: readonly Row[] =
    cable.structure === 'coax'
      ? coaxRows(cable)
      : cable.structure === 'cores'
        ? coreRows(cable)
        : sheetRows(cable);
  return (
    <Table head={['Figure', 'From the construction', 'Class value']}>
      {[...rows, ...bodyRows(cable)].map(([label, computed, nominal]) => (
        <tr key={label}>
          <th scope="row">{label}</th>
          <td className="reading">{computed}</td>
          <td className="reading">{nominal}</td>
        </tr>
      ))}
    </Table>
  );
}

const ohms = (value: number) => `${value.toFixed(1)} ohm`;
const perMetre = (value: number) => `${formatResistance(value)}/m`;

function coaxRows(cable: CoaxCable): Row[] {
  const { centre, shield } = pathResistances(cable);
  const { capacitance, fit } = lineFigures(cable);
  return [
    ['Impedance', ohms(computedImpedance(cable)), `${cable.nominalImpedance} ohm`],
    ['Velocity factor', velocityFactor(cable).toFixed(3)],
    ['Capacitance', `${formatCapacitance(capacitance)}/m`],
    ['Inductance', `${formatInductance(inductancePerMetre(cable))}/m`],
    ['Centre conductor, direct current', perMetre(centre)],
    ['Shield, direct current', perMetre(shield)],
    ['First higher mode', shortFrequency(Number(higherModeFrequency(cable).toPrecision(3)))],
    ['Shielding, about', `${shieldingDb(cable).toFixed(0)} dB`],
    ['Fit of the loss table', '', `worst point ${(100 * fit.worstError).toFixed(1)} % off`],
  ];
}

function coreRows(cable: CoreCable): Row[] {
  const pair = pairFigures(cable);
  return [
    [
      'Impedance of a pair',
      ohms(pair.impedance),
      cable.nominalImpedance ? `${cable.nominalImpedance} ohm` : '',
    ],
    ['Velocity factor', pair.velocityFactor.toFixed(3)],
    ['Core to core', `${formatCapacitance(pair.coreToCore)}/m`],
    [
      'Core to shield and other core',
      pair.coreToShield === null ? 'no shield' : `${formatCapacitance(pair.coreToShield)}/m`,
    ],
    ['One core', perMetre(coreResistance(cable))],
    [
      'Loop, out and back',
      perMetre(pair.loopResistance),
      cable.lay === 'star quad' ? 'two cores a pole' : '',
    ],
  ];
}

function sheetRows(cable: Extract<Cable, { structure: 'sheet' }>): Row[] {
  const { capacitance, fit } = lineFigures(cable);
  return [
    ['Impedance', '', `${cable.nominalImpedance} ohm`],
    ['Velocity factor', '', cable.velocityFactor.toFixed(3)],
    ['Capacitance', `${formatCapacitance(capacitance)}/m`],
    ['Fit of the loss points', '', `worst point ${(100 * fit.worstError).toFixed(1)} % off`],
  ];
}

function bodyRows(cable: Cable): Row[] {
  const outside = outsideDiameter(cable);
  const bend = bendRadius(cable);
  const mass = massPerMetre(cable);
  const jacket = cable.structure === 'sheet' ? undefined : cable.jacket;
  return [
    ['Outside', outside === undefined ? 'not known' : <Length metres={outside} digits={2} />],
    ['Mass', mass === undefined ? 'not known' : `${(mass * 100).toPrecision(3)} kg per 100 m`],
    [
      'Bend radius, once / repeated',
      bend ? (
        <>
          <Length metres={bend.once} digits={0} /> /{' '}
          {bend.repeated === null ? 'never' : <Length metres={bend.repeated} digits={0} />}
        </>
      ) : (
        'not known'
      ),
    ],
    ...(jacket
      ? [
          [
            'Jacket',
            '',
            `${jacket.material}, ${jacket.minimumCelsius} to ${jacket.maximumCelsius} C, ${jacket.burial ? 'burial' : jacket.outdoor ? 'outdoor' : 'indoor'}`,
          ] as const,
        ]
      : []),
  ];
}

/** Loss over frequency: the fit, the points it was fitted to, and from the construction what makes it. */
function LossOf({ cable }: { readonly cable: Cable }) {
  const { fit, lossFrom } = lineFigures(cable);
  const frequencies = useMemo(() => ratioGrid(5e6, 3e9, 121), []);
  const split = useMemo(
    () =>
      cable.structure === 'coax'
        ? Array.from(frequencies, (frequency) => computedAttenuation(cable, frequency))
        : undefined,
    [cable, frequencies],
  );
  if (cable.family === 'speaker' || cable.family === 'balanced audio' || cable.family === 'install')
    return null;
  const nominal = frequencies.map((frequency) => fittedAttenuation(fit, frequency));
  return (
    <>
      <CurveChart
        title="Loss, dB per 100 m"
        height={260}
        x={{ label: 'frequency, Hz', values: frequencies, write: shortFrequency, logarithmic: true }}
        y={{ label: 'dB per 100 m', write: shortDecibels, include: [0] }}
        curves={[
          { name: 'fit of the table', values: nominal, tone: 'copper' },
          ...(split
            ? ([
                {
                  name: 'from construction',
                  values: split.map(({ total }) => total),
                  tone: 'ink',
                  dash: true,
                },
                { name: 'centre conductor', values: split.map(({ conductor }) => conductor), tone: 'good' },
                { name: 'shield', values: split.map(({ shield }) => shield), tone: 'soft' },
                {
                  name: 'dielectric',
                  values: split.map(({ dielectric }) => dielectric),
                  tone: 'out',
                  dash: true,
                },
              ] as const)
            : []),
        ]}
      />
      <p className="soft">
        Trusted from {shortFrequency(Number(lossFrom.frequency.toPrecision(2)))} up: {lossFrom.reason}.
      </p>
      {cable.structure !== 'cores' && (
        <Table head={['Stated at', { figures: 'Table' }, { figures: 'Fit' }, { figures: 'Off' }]}>
          {cable.nominalAttenuation.map(({ frequency, dbPer100m }) => {
            const fitted = fittedAttenuation(fit, frequency);
            return (
              <tr key={frequency}>
                <th scope="row" className="reading">
                  {shortFrequency(frequency)}
                </th>
                <td className="number reading">{dbPer100m}</td>
                <td className="number reading">{fitted.toPrecision(3)}</td>
                <td className="number reading">{(100 * (fitted / dbPer100m - 1)).toFixed(1)} %</td>
              </tr>
            );
          })}
        </Table>
      )}
    </>
  );
}
