import { comesSplit } from '@gorvane/core/thread/part-kind.ts';
import { Table } from '../../controls/table.tsx';
import { largestThrough } from '@gorvane/core/fit/heat-shrink.ts';
import { braidedSleeves, sleeveRange } from '@gorvane/core/cut/braided-sleeve.ts';
import type { ThreadMove, ThreadReason } from '@gorvane/core/thread/plan.ts';
import type { ThreadLeg } from '@gorvane/core/thread/run.ts';
import type { Freeing } from '@gorvane/core/thread/refusal.ts';
import { stepPart } from '@gorvane/core/plan/compile.ts';
import type { LeadPlan } from '@gorvane/core/plan/lead-plan.ts';
import { formatMillimetres } from '@gorvane/core/quantity/length.ts';
import { Checkbox, NativeSelect } from '@mantine/core';
import { VerdictMark } from '../../controls/verdict.tsx';
import { Figure } from '../../controls/figure.tsx';
import { AddedParts } from './added-parts.tsx';
import { Length } from '../../controls/length.tsx';
import type { StageProps } from './stage-props.ts';

/** What goes on the cable, when, in what order and facing which way; or why it cannot be. */
export function ThreadStage(props: StageProps) {
  const { plan } = props;
  return (
    <div className="stage">
      <section aria-label="Threading order">
        {plan.thread.possible ? <Moments plan={plan} /> : <Refused plan={plan} />}
        {plan.parts
          .filter(({ missing }) => missing)
          .map((part) => (
            <p key={part.id} className="advice">
              The shop has nothing that fits as {part.label}: it must pass {mm(largestThrough(part.opening))}{' '}
              and shrink on to the jacket. Add a size in Stores.
            </p>
          ))}
      </section>
      <ThreadInputs {...props} />
    </div>
  );
}

const mm = (metres: number) => `${formatMillimetres(metres)} mm`;

function Moments({ plan }: { readonly plan: LeadPlan }) {
  if (!plan.thread.possible) return null;
  const first = plan.thread.moments[0]?.event;
  const moments = plan.thread.moments.filter(({ moves }) => moves.length > 0);
  if (moments.length === 0) return <p>Nothing has to be threaded: every part is on the lead already.</p>;
  return moments.map(({ event, moves }) => (
    <section key={event.id}>
      <h2>{event === first ? 'Before the first cut' : `Before ${event.label}`}</h2>
      <ol className="moves" style={{ counterReset: `move ${numberBefore(plan, event.id)}` }}>
        {moves.map((move) => (
          <Move key={move.part.id} move={move} plan={plan} />
        ))}
      </ol>
    </section>
  ));
}

/** Moves of earlier moments: numbers run on, as they stand on the run. */
function numberBefore(plan: LeadPlan, eventId: string): number {
  if (!plan.thread.possible) return 0;
  const index = plan.thread.moments.findIndex(({ event }) => event.id === eventId);
  return plan.thread.moments.slice(0, index).flatMap(({ moves }) => moves).length;
}

function Move({ move, plan }: { readonly move: ThreadMove; readonly plan: LeadPlan }) {
  const { label, how } = stepPart(plan, move);
  const part = plan.parts.find(({ id }) => id === move.part.id)!;
  return (
    <li>
      <div>
        <strong>{label}</strong>, {how}
        {part.cutLength && (
          <>
            , cut to{' '}
            <Figure figure={part.cutLength} label={`length of ${label}`}>
              <Length metres={part.cutLength.value} cable />
            </Figure>
          </>
        )}
        <div className="soft">{move.reasons.map(wordReason).join(' ')}</div>
        <div>
          <strong>Last chance:</strong> before {move.lastChance.label}.
          {move.mayWait ? ' It may wait till then.' : ''}
        </div>
      </div>
    </li>
  );
}

function wordReason(reason: ThreadReason): string {
  switch (reason.code) {
    case 'cannot pass part':
      return `Goes on before ${reason.obstacle.label}, ${mm(reason.obstacle.width)} thick: its bore of ${mm(reason.opening)} is too small to pass.`;
    case 'cannot pass closed':
      return `Its bore of ${mm(reason.opening)} is too small for ${reason.obstacle.label} once closed, ${mm(reason.obstacle.width)}.`;
    case 'only after':
      return `Passes only once ${reason.label}.`;
    case 'fixed by':
      return `Needed when ${reason.label}.`;
  }
}

function Refused({ plan }: { readonly plan: LeadPlan }) {
  if (plan.thread.possible) return null;
  const { pairs, frees } = plan.thread;
  return (
    <>
      <div className="stage-head">
        <VerdictMark verdict="does not fit" large />
        <p>As it stands this lead cannot be threaded. There is no plan to build to until that is changed.</p>
      </div>
      <ul>
        {pairs.map(({ part, obstacle, tooLate }) => (
          <li key={part.id}>
            <strong>{part.label}</strong>{' '}
            {tooLate
              ? 'should have been on before what fixes it, and that is done.'
              : obstacle
                ? `has a bore of ${mm(part.opening)} and would have to pass ${obstacle.label}, ${mm(obstacle.width)}.`
                : 'finds no way on in the order asked for.'}
          </li>
        ))}
      </ul>
      <h2>What would free it</h2>
      {frees.length === 0 ? (
        <p>Nothing that was tried alone is enough.</p>
      ) : (
        <ul>
          {frees.map((free) => (
            <li key={JSON.stringify(free)}>{wordFreeing(free, plan)}</li>
          ))}
        </ul>
      )}
    </>
  );
}

function wordFreeing(free: Freeing, plan: LeadPlan): string {
  switch (free.code) {
    case 'other order':
      return 'Close the ends in the other order.';
    case 'split part':
      return wordSplit(free, plan);
    case 'open again':
      return `Cut off: undo that ${free.label}.`;
    case 'take off':
      return `Take ${free.label} off first.`;
  }
}

/** Sleeves come split; a part of a connector does not: there a larger one goes, or a thinner cable. */
function wordSplit(
  { partId, label, together }: Extract<Freeing, { code: 'split part' }>,
  { parts, thread }: LeadPlan,
): string {
  const also = together ? ', together with the others' : '';
  if (comesSplit(parts.find(({ id }) => id === partId)!.kind))
    return `A split or wrap-round kind of ${label}${also}.`;
  const pair = thread.possible ? undefined : thread.pairs.find(({ part }) => part.id === partId);
  const least = pair?.obstacle ? `, of at least ${mm(pair.obstacle.width)} bore` : '';
  return `A larger ${label}${least}${also}: the connector with the larger entry, or a thinner cable. Choose says which.`;
}

function ThreadInputs({ lead, house, plan }: StageProps) {
  const { record, edit } = lead;
  return (
    <aside aria-label="Parts and order of work">
      <AddedParts lead={lead} plan={plan} />
      <NativeSelect
        label="End closed first"
        value={record.firstEndId ?? ''}
        data={[
          { value: '', label: 'as the plan finds' },
          ...record.ends.map(({ id, name }) => ({ value: id, label: `end ${name}` })),
        ]}
        onChange={({ currentTarget: { value } }) =>
          edit('first end', (now) => ({ ...now, firstEndId: value || null }))
        }
      />
      {record.ends.map((end) => (
        <Checkbox
          key={end.id}
          label={`End ${end.name} is already fitted`}
          checked={record.fittedEndIds.includes(end.id)}
          onChange={({ currentTarget: { checked } }) =>
            edit(`end ${end.name} fitted`, (now) => ({
              ...now,
              fittedEndIds: checked
                ? [...now.fittedEndIds, end.id]
                : now.fittedEndIds.filter((id) => id !== end.id),
            }))
          }
        />
      ))}
      <NativeSelect
        label="Threading, house practice"
        description="for every lead of this house"
        value={house.record.practice.threading}
        data={[
          { value: 'early', label: 'everything before the first cut' },
          { value: 'late', label: 'each part just before it would be too late' },
        ]}
        onChange={({ currentTarget: { value } }) =>
          house.edit('threading practice', (now) => ({
            ...now,
            practice: { ...now.practice, threading: value === 'late' ? 'late' : 'early' },
          }))
        }
      />
      {plan.run.legs.map((leg) => (
        <SleeveChoice key={leg.id} lead={lead} plan={plan} leg={leg} />
      ))}
      <h3>Parts of this lead</h3>
      <Table>
        {plan.parts.map((part) => (
          <tr key={part.id}>
            <th scope="row">{part.label}</th>
            <td className="reading">bore {mm(part.opening)}</td>
          </tr>
        ))}
      </Table>
    </aside>
  );
}

/** A braided sleeve over the cable, or over the trunk and each leg: only sizes that go over it. */
function SleeveChoice({ lead, plan, leg }: Pick<StageProps, 'lead' | 'plan'> & { readonly leg: ThreadLeg }) {
  const { record, edit } = lead;
  const fitting = braidedSleeves.filter((sleeve) => {
    const { least, most } = sleeveRange(sleeve);
    return leg.diameter >= least && leg.diameter <= most;
  });
  const chosen = record.extraParts.find((extra) => extra.kind === 'braided sleeve' && extra.legId === leg.id);
  const end = record.ends.find(({ nodeId }) => nodeId === leg.toNodeId) ?? record.ends[0]!;
  const name =
    plan.run.legs.length === 1 ? '' : leg === plan.run.legs[0] ? ', trunk' : `, leg to end ${end.name}`;
  const near = leg === plan.run.legs[0] ? record.ends[0]! : end;
  return (
    <NativeSelect
      label={`Braided sleeve${name}`}
      description={
        fitting.length > 0
          ? `over ${mm(leg.diameter)}`
          : `no size goes over ${mm(leg.diameter)}: a tube from the tray does`
      }
      value={chosen?.kind === 'braided sleeve' ? chosen.size : ''}
      data={[
        { value: '', label: 'none' },
        ...fitting.map(({ id, name: size }) => ({ value: id, label: size })),
      ]}
      onChange={({ currentTarget: { value } }) =>
        edit(`braided sleeve${name}`, (now) => {
          const others = now.extraParts.filter(({ id }) => id !== chosen?.id);
          if (value === '') return { ...now, extraParts: others };
          const sleeve = {
            id: leg === plan.run.legs[0] ? 'braided-sleeve' : `braided-sleeve-${leg.id}`,
            kind: 'braided sleeve' as const,
            legId: leg.id,
            nearEndId: near.id,
            distance: 0.05,
            size: value,
          };
          return { ...now, extraParts: [...others, sleeve] };
        })
      }
    />
  );
}
