import { Table } from '../../controls/table.tsx';
import { inMillimetres, inPicofarads } from '@gorvane/core/quantity/multiple.ts';
import { fittedAttenuation } from '@gorvane/core/cable/attenuation.ts';
import { outsideDiameter } from '@gorvane/core/cable/body.ts';
import type { Cable } from '@gorvane/core/cable/cable.ts';
import { cableEntrySchema } from '@gorvane/core/cable/construction.ts';
import { lineFigures } from '@gorvane/core/cable/line-figures.ts';
import { Button, FileButton, TextInput } from '@mantine/core';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { ResultActions } from '../../controls/result-table.tsx';
import { addOwnCable, useCables, useOwnCables } from '../../data/cables.ts';
import { CableSection } from '../../drawing/cable-section.tsx';

const lossAt = (cable: Cable, frequency: number) => fittedAttenuation(lineFigures(cable).fit, frequency);

/** Every cable that ships and every cable of the shop. */
export function CablesPage() {
  const cables = useCables();
  const own = useOwnCables();
  const navigate = useNavigate();
  const [text, setText] = useState('');
  const [problem, setProblem] = useState<string | undefined>();
  if (!cables || !own) return null;
  const isOwn = (id: string) => own.some((record) => record.id === id);
  const words = text.toLowerCase().split(/\s+/).filter(Boolean);
  const shown = cables.filter(({ name, family, id }) =>
    words.every((word) => `${name} ${family} ${isOwn(id) ? 'own' : ''}`.toLowerCase().includes(word)),
  );
  const open = async (id: Promise<string>) => navigate(`/lab/cables/${await id}`);
  const readCable = async (file: File | null) => {
    if (!file) return;
    setProblem(undefined);
    try {
      const result = cableEntrySchema.safeParse(JSON.parse(await file.text()));
      if (!result.success) {
        const issue = result.error.issues[0]!;
        throw new Error(`at ${issue.path.join('.') || 'the top'}: ${issue.message}`);
      }
      await open(addOwnCable(result.data));
    } catch (error) {
      setProblem(
        `${file.name} was not taken in: ${error instanceof Error ? error.message : String(error)}. Expected a cable that this page exported.`,
      );
    }
  };
  return (
    <>
      <div className="row-head cables-head">
        <TextInput
          aria-label="Search cables"
          placeholder="name or family"
          value={text}
          onChange={({ currentTarget }) => setText(currentTarget.value)}
        />
        <div className="result-actions">
          <Button onClick={() => void open(addOwnCable())}>Enter a cable from its data sheet</Button>
          <FileButton onChange={(file) => void readCable(file)} accept=".json,application/json">
            {(props) => (
              <Button variant="default" {...props}>
                Read a cable file
              </Button>
            )}
          </FileButton>
        </div>
      </div>
      {problem && (
        <p className="advice out" role="alert">
          {problem}
        </p>
      )}
      {shown.length === 0 ? (
        <p>No cable is called that. Clear the search, or enter the cable from its data sheet.</p>
      ) : (
        <CableRows cables={shown} isOwn={isOwn} />
      )}
      <ResultActions
        data={() => ({
          name: 'Cables',
          header: [
            'cable',
            'family',
            'impedance, ohm',
            'velocity factor',
            'pF per metre',
            'dB per 100 m at 100 MHz',
            '400 MHz',
            '1 GHz',
            'outside, mm',
            'source',
          ],
          rows: shown.map((cable) => {
            const { impedance, velocityFactor, capacitance } = lineFigures(cable);
            return [
              cable.name,
              cable.family,
              Number(impedance.toPrecision(3)),
              Number(velocityFactor.toFixed(3)),
              Number(inPicofarads(capacitance).toPrecision(3)),
              ...[100e6, 400e6, 1e9].map((frequency) => Number(lossAt(cable, frequency).toPrecision(3))),
              Number(inMillimetres(outsideDiameter(cable) ?? 0).toPrecision(3)),
              cable.source,
            ];
          }),
        })}
      />
    </>
  );
}

function CableRows({
  cables,
  isOwn,
}: {
  readonly cables: readonly Cable[];
  readonly isOwn: (id: string) => boolean;
}) {
  const families = [...new Set(cables.map(({ family }) => family))];
  return families.map((family) => (
    <section key={family} aria-labelledby={`family ${family}`}>
      <h2 id={`family ${family}`}>{family}</h2>
      <Table
        className="cable-rows"
        label={`Cables: ${family}`}
        head={[
          'Cable',
          ...['Impedance', 'Velocity factor', '100 MHz', '400 MHz', '1 GHz', 'Outside'].map((figures) => ({
            figures,
          })),
        ]}
      >
        {cables
          .filter((cable) => cable.family === family)
          .map((cable) => (
            <CableRow key={cable.id} cable={cable} own={isOwn(cable.id)} />
          ))}
      </Table>
    </section>
  ));
}

function CableRow({ cable, own }: { readonly cable: Cable; readonly own: boolean }) {
  const { impedance, velocityFactor } = lineFigures(cable);
  const outside = outsideDiameter(cable);
  const hasLoss = cable.family !== 'speaker' && !cable.family.endsWith('audio') && cable.family !== 'install';
  return (
    <tr>
      <th scope="row">
        <Link to={`/lab/cables/${encodeURIComponent(cable.id)}`} className="cable-name">
          <CableSection cable={cable} size={34} />
          {cable.name}
          {own && <span className="soft">, entered here</span>}
        </Link>
      </th>
      <td className="number reading">{Math.round(impedance)} ohm</td>
      <td className="number reading">{velocityFactor.toFixed(2)}</td>
      {[100e6, 400e6, 1e9].map((frequency) => (
        <td key={frequency} className="number reading">
          {hasLoss ? lossAt(cable, frequency).toPrecision(3) : ''}
        </td>
      ))}
      <td className="number reading">
        {outside === undefined ? '' : `${inMillimetres(outside).toFixed(1)} mm`}
      </td>
    </tr>
  );
}
