import { CutList } from './cut-list.tsx';
import { Table } from '../../controls/table.tsx';
import { formatBends, parseBends } from '@gorvane/core/cut/bend.ts';
import { formatPhaseMatch, parsePhaseMatch } from '@gorvane/core/lead/phase-match.ts';
import type { Lead } from '@gorvane/core/lead/lead.ts';
import { endById, referencePlanes } from '@gorvane/core/lead/lead.ts';
import { liesThere } from '@gorvane/core/lead/lying.ts';
import {
  formatMetres,
  formatMillimetres,
  inch,
  parseLength,
  parsePositiveLength,
} from '@gorvane/core/quantity/length.ts';
import type { Explained } from '@gorvane/core/quantity/explained.ts';
import { NativeSelect } from '@mantine/core';
import { useContext } from 'react';
import { Link } from 'react-router';
import { Caution } from '../../controls/caution.tsx';
import { Figure } from '../../controls/figure.tsx';
import { Length } from '../../controls/length.tsx';
import { QuantityField } from '../../controls/quantity-field.tsx';
import { FirstUnit } from '../../controls/writing.ts';
import { useOrders } from '../../data/live.ts';
import { lengthTolerance } from '@gorvane/core/lead/length-tolerance.ts';
import { QuantityError } from '@gorvane/core/quantity/quantity-error.ts';
import type { StageProps } from './stage-props.ts';

/** From the finished length to what is cut off the reel, item by item. */
export function CutStage(props: StageProps) {
  const { plan } = props;
  return (
    <div className="stage">
      <section aria-label="Cut length">
        {liesThere(plan.lead) && <LyingCable plan={plan} />}
        {(liesThere(plan.lead) ? [] : plan.cuts).map((cut) => (
          <div key={cut.pieceId}>
            <div className="stage-head">
              <h2>{plan.cuts.length > 1 ? `Cut length, ${cut.pieceId}` : 'Cut length'}</h2>
              <Figure figure={cut.cut} label="cut length">
                <span style={{ fontSize: 26, fontWeight: 700 }}>
                  <Length metres={cut.cut.value} cable />
                </span>
              </Figure>
              <span className="soft">cut end to cut end, square</span>
            </div>
            <Items figure={cut.cut} total="Cut length, square" />
            <Items figure={cut.offTheReel} total="Off the reel, each" />
          </div>
        ))}
        {!liesThere(plan.lead) && plan.lead.spareTerminations + plan.lead.slack > 0 && (
          <p className="soft">
            Until they are used, spare and slack make the finished lead that much longer than its finished
            length.
          </p>
        )}
        {!liesThere(plan.lead) && <BatchTotal {...props} />}
        <CutList plan={plan} />
        <Caution>
          Cut away from the hand and cover the offcut. Rotate or saw lightly: squeezing makes the cable oval.
        </Caution>
      </section>
      <CutInputs {...props} />
    </div>
  );
}

/** Of a cable that lies there nothing is cut off a reel: what counts is how many tries there are. */
function LyingCable({ plan: { lead, cuts } }: Pick<StageProps, 'plan'>) {
  const open = cuts
    .flatMap(({ retermination }) => retermination)
    .filter(({ endId }) => !lead.fittedEndIds.includes(endId));
  const most = Math.max(...open.map(({ length }) => length.value));
  const tries = Math.floor(lead.slack / most);
  return (
    <>
      <div className="stage-head">
        <h2>Cable for another try</h2>
        <strong className="reading">
          <Length metres={lead.slack} />
        </strong>
        <span className={tries === 0 ? 'not-yet' : 'soft'}>
          {tries === 0
            ? '▲ no second try: say how much there is'
            : `${tries} more ${tries === 1 ? 'try' : 'tries'}`}
        </span>
      </div>
      <p>The cable lies there: nothing is cut off a reel, and nothing can be added.</p>
      <Table>
        {open.map(({ endId, length }) => (
          <tr key={endId}>
            <th scope="row">One more try at end {endById(lead, endId).name} takes</th>
            <td className="number">
              <Figure figure={length} label={`one more try at end ${endById(lead, endId).name}`}>
                <Length metres={length.value} />
              </Figure>
            </td>
          </tr>
        ))}
      </Table>
    </>
  );
}

function Items({ figure, total }: { readonly figure: Explained; readonly total: string }) {
  return (
    <Table>
      {figure.terms.map((term) => (
        <tr key={term.label}>
          <th scope="row">
            {term.label} {term.assumed && <span className="not-yet">◌ assumed</span>}
          </th>
          <td className="number">
            {term.value >= 0 ? '+ ' : ''}
            <Length metres={term.value} />
          </td>
        </tr>
      ))}
      <tr>
        <th scope="row">
          <strong>{total}</strong>
        </th>
        <td className="number">
          <strong>
            <Length metres={figure.value} cable />
          </strong>
        </td>
      </tr>
    </Table>
  );
}

function BatchTotal({ lead, plan }: StageProps) {
  const orders = useOrders() ?? [];
  const lines = orders.flatMap((order) =>
    order.lines.filter(({ leadId }) => leadId === lead.record.id).map((line) => ({ order, line })),
  );
  const each = plan.cuts.reduce((sum, { offTheReel }) => sum + offTheReel.value, 0);
  return (
    <section aria-labelledby="total">
      <h2 id="total">For the orders</h2>
      <Table>
        {lines.map(({ order, line }) => (
          <tr key={line.id}>
            <th scope="row">
              <Link to={`/print/order/${order.id}`}>{order.name}</Link>
            </th>
            <td className="number reading">{line.quantity} units</td>
            <td className="number">
              <strong>
                <Length metres={line.quantity * each} cable />
              </strong>
            </td>
          </tr>
        ))}
      </Table>
      {lines.length === 0 && <p className="soft">No order asks for this lead.</p>}
    </section>
  );
}

const lengthLabel = (lead: Lead, legId: string) => {
  if (liesThere(lead)) return 'Length that lies there';
  return lead.legs.length === 1 ? 'Finished length' : `Finished length, ${legId}`;
};

function CutInputs({ lead, plan }: StageProps) {
  const first = useContext(FirstUnit);
  const { record, edit, key } = lead;
  const unit = first === 'in' ? 'in' : 'm';
  return (
    <aside aria-label="Lengths">
      {record.legs.map((leg) => {
        const only = record.legs.length === 1;
        return (
          <QuantityField
            key={leg.id}
            field={only ? `${key}/length` : `${key}/length/${leg.id}`}
            label={lengthLabel(record, leg.id)}
            description={`${only ? 'between the planes below; ' : ''}${unit === 'm' ? 'metres' : 'inches'} unless said`}
            written={
              first === 'in'
                ? `${(leg.finishedLength / inch).toFixed(2)} in`
                : formatMetres(leg.finishedLength)
            }
            onRead={(text) => {
              const finishedLength = parsePositiveLength(text, 1000, unit);
              edit('finished length', (now) => ({
                ...now,
                legs: now.legs.map((other) => (other.id === leg.id ? { ...other, finishedLength } : other)),
              }));
            }}
          />
        );
      })}
      {record.ends.map((end) => (
        <NativeSelect
          key={end.id}
          label={`Measured to, end ${end.name}`}
          value={end.referencePlane}
          data={[...referencePlanes]}
          onChange={({ currentTarget: { value } }) =>
            edit(`reference plane of end ${end.name}`, (now) => ({
              ...now,
              ends: now.ends.map((other) =>
                other.id === end.id
                  ? { ...other, referencePlane: referencePlanes.find((plane) => plane === value)! }
                  : other,
              ),
            }))
          }
        />
      ))}
      {record.signal === 'radio' && (
        <>
          <QuantityField
            field={`${key}/bends`}
            label="Bends"
            description="vertex from end A, angle, radius: 150 mm 90° r12; several with a semicolon"
            written={formatBends(record.bends)}
            onRead={(text) => {
              const bends = parseBends(text);
              edit('bends', (now) => ({ ...now, bends }));
            }}
          />
          {plan.bendProblems.map((problem) => (
            <p key={problem} className="out" role="alert">
              ■ {problem}
            </p>
          ))}
          <QuantityField
            field={`${key}/phase`}
            label="Units agree in phase"
            description="a set: 5° at 1.575 GHz, or none"
            written={formatPhaseMatch(record.phaseMatch)}
            onRead={(text) => {
              const phaseMatch = parsePhaseMatch(text);
              edit('phase of the set', (now) => ({ ...now, phaseMatch }));
            }}
          />
        </>
      )}
      <NativeSelect
        label="Spare for re-terminations, each end"
        value={String(record.spareTerminations)}
        data={['0', '1', '2', '3']}
        onChange={({ currentTarget: { value } }) =>
          edit('spare', (now) => ({ ...now, spareTerminations: Number(value) }))
        }
      />
      <QuantityField
        field={`${key}/length-tolerance`}
        label="May be off by"
        description={
          record.lengthTolerance === undefined
            ? '◌ assumed: the larger of 10 mm and 0.5 %'
            : 'plus or minus; judged at Finish'
        }
        written={`${formatMillimetres(lengthTolerance(record, record.legs[0]!.finishedLength), 0)} mm`}
        onRead={(text) => {
          const off = parsePositiveLength(text, 10);
          edit('length tolerance', (now) => ({ ...now, lengthTolerance: off }));
        }}
      />
      <QuantityField
        field={`${key}/slack`}
        label={liesThere(record) ? 'Cable for another try' : 'Slack'}
        description={
          liesThere(record)
            ? 'what can be drawn out; mm unless said'
            : 'added to the cut length; mm unless said'
        }
        written={`${formatMillimetres(record.slack, 0)} mm`}
        onRead={(text) => {
          const slack = parseLength(text);
          if (!(slack >= 0 && slack <= 10)) throw new QuantityError(text, 'a slack of 0 to 10 m');
          edit('slack', (now) => ({ ...now, slack }));
        }}
      />
    </aside>
  );
}
