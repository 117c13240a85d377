import { toleranceText } from '../../controls/tolerance-text.ts';
import { Table } from '../../controls/table.tsx';
import type { GaugeCard } from '@gorvane/core/connector/gauge-card-schema.ts';
import type { EndPlan } from '@gorvane/core/plan/lead-plan.ts';
import { preparedEnds } from '@gorvane/core/plan/shown-plan.ts';
import { formatMillimetres } from '@gorvane/core/quantity/length.ts';
import type { MeasuredStrip } from '@gorvane/core/strip/strip-plan.ts';
import { madeAt } from '@gorvane/core/strip/strip-plan.ts';
import { judgeStrip, withCut } from '@gorvane/core/strip/measured.ts';
import { Button, SegmentedControl, TextInput } from '@mantine/core';
import { useState } from 'react';
import { Figure } from '../../controls/figure.tsx';
import { GaugeCardFeatures } from '../../controls/gauge-card-features.tsx';
import { Length } from '../../controls/length.tsx';
import { StripperChoice } from '../../controls/stripper-choice.tsx';
import { TemplateButton } from '../../controls/template-button.tsx';
import { MeasuredStripTable } from '../../controls/measured-strip.tsx';
import { useKeptValue } from '../../draft/use-kept-value.ts';
import type { Draft } from '../../draft/use-draft.ts';
import { SectionDrawing } from '../../drawing/section-drawing.tsx';
import { EndStrip } from '../../drawing/end-strip.tsx';
import type { StageProps } from './stage-props.ts';

/** The strip of one end, to scale, from the gauge card; and the lengths actually cut, judged. */
export function StripStage({ plan, cards, lead }: StageProps) {
  const ends = preparedEnds(plan);
  const [endId, setEndId] = useState(ends[0]!.end.id);
  const end = ends.find((candidate) => candidate.end.id === endId) ?? ends[0]!;
  const card = [...cards.values()].find(({ record }) => record.id === end.end.gaugeCardId)!;
  const [measured, setMeasured] = useKeptValue<MeasuredStrip>(`strip/${lead.record.id}/${end.end.id}`, {});
  const judged = judgeStrip(end.strip, measured);
  const withheld = plan.withheld.filter(({ endId: at }) => at === end.end.id);
  return (
    <div className="stage">
      <section aria-label={`Strip of end ${end.end.name}`}>
        <div className="stage-head">
          <h2>Strip, side view</h2>
          <SegmentedControl
            value={end.end.id}
            onChange={setEndId}
            data={ends.map((candidate) => ({
              value: candidate.end.id,
              label: `End ${candidate.end.name}`,
            }))}
          />
        </div>
        {withheld.map(({ message }) => (
          <p key={message} className="advice" role="status">
            No strip is drawn: it would mislead. {message}
          </p>
        ))}
        {withheld.length === 0 && (
          <>
            <EndStrip
              plan={end.strip}
              cable={end.cable}
              judged={judged}
              title={`Strip of end ${end.end.name}`}
            />
            <StripperChoice lead={lead} end={end} ends={ends} label={`Stripped with, end ${end.end.name}`} />
            <CutTable end={end} />
            <ToolSettings end={end} />
            <h2>Seen in the connector</h2>
            <SectionDrawing strip={end.strip} title={`end ${end.end.name}`} />
            <TemplateButton plan={plan} />
          </>
        )}
      </section>
      <aside aria-label="Gauge card and measured strip">
        <GaugeCardPanel card={card} end={end} />
        <h2>What you cut</h2>
        <MeasuredStripTable
          field={`strip/${lead.record.id}/${end.end.id}`}
          plan={end.strip}
          measured={measured}
          judged={judged}
          onCut={(key, length) => setMeasured(withCut(measured, key, length))}
        />
        {Object.keys(measured).length > 0 && (
          <Button variant="default" onClick={() => setMeasured({})}>
            Clear the readings
          </Button>
        )}
      </aside>
    </div>
  );
}

function CutTable({ end }: { readonly end: EndPlan }) {
  return (
    <Table head={['Cut', <>From the {end.strip.datum}</>, 'Tolerance', 'From the cut end']}>
      {end.strip.cuts.map((cut) => (
        <tr key={cut.label}>
          <th scope="row">{cut.label}</th>
          <td>
            <Figure figure={cut.position} label={cut.label.toLowerCase()}>
              <Length metres={madeAt(end.strip, cut)} tolerance={Math.min(cut.plus, cut.minus)} />
            </Figure>
          </td>
          <td className="reading">
            {toleranceText(cut)} mm
            {cut.beyondMethod && (
              <div className="not-yet">
                ▲ finer than this way of stripping holds (± {formatMillimetres(end.strip.methodUncertainty)})
              </div>
            )}
          </td>
          <td>
            <Length metres={cut.fromCutEnd} tolerance={Math.min(cut.plus, cut.minus)} />
          </td>
        </tr>
      ))}
    </Table>
  );
}

/** Where a tool with stops or fixed blades cuts, in its order. */
function ToolSettings({ end }: { readonly end: EndPlan }) {
  const { prepTool } = end.strip;
  if (prepTool.length === 0) return null;
  return (
    <p>
      {end.input.stripper.name}, from the squared end:{' '}
      {prepTool.map(({ label, at }) => (
        <span key={label}>
          {label}{' '}
          <Figure figure={at} label={label}>
            <Length metres={at.value} />
          </Figure>{' '}
        </span>
      ))}
    </p>
  );
}

function GaugeCardPanel({ card, end }: { readonly card: Draft<GaugeCard>; readonly end: EndPlan }) {
  return (
    <>
      <div>
        <h2>Gauge card, end {end.end.name}</h2>
        <TextInput
          aria-label="Name of the gauge card"
          description="the bag it was measured from"
          value={card.record.name}
          onChange={({ currentTarget: { value } }) =>
            card.edit('name of the gauge card', (now) => ({ ...now, name: value }))
          }
        />
      </div>
      <p className="soft">Measure the connector in your hand. Figures marked assumed are class values.</p>
      <GaugeCardFeatures card={card} connector={end.connector} />
    </>
  );
}
