import { facet } from '@gorvane/core/unit/facets.ts';
import { lazy, Suspense } from 'react';
import { Link } from 'react-router';
import type { UnitView } from '../../data/live.ts';
import { useFoundUnits, useHouse, useLeadCount, useUnit } from '../../data/live.ts';
import './bench.css';

/** What every Bench shows is on its way while the database is still opened. */
const parts = {
  backup: import('../../controls/backup-line.tsx'),
  waiting: import('./waiting.tsx'),
  orders: import('./orders.tsx'),
  newLead: import('./new-lead-form.tsx'),
};
// What does not come is said where it would be shown.
for (const part of Object.values(parts)) part.catch(() => undefined);

const BackupReminder = lazy(async () => ({ default: (await parts.backup).BackupReminder }));
const InHand = lazy(async () => ({ default: (await import('./in-hand.tsx')).InHand }));
const Waiting = lazy(async () => ({ default: (await parts.waiting).Waiting }));
const Orders = lazy(async () => ({ default: (await parts.orders).Orders }));
const NewLeadForm = lazy(async () => ({ default: (await parts.newLead).NewLeadForm }));

/** So many units at work are looked through for the one that was worked at last. */
const mostAtWork = 200;

/** The unit that was worked at last, else the first that waits to be started; null where there is none. */
function useNextUnit(): UnitView | null | undefined {
  const atWork = useFoundUnits({ facets: [facet('state', 'at work')] }, { most: mostAtWork });
  const waiting = useFoundUnits({ facets: [facet('state', 'not started')] }, { most: 1, oldestFirst: true });
  const [inHand] = [...(atWork?.units ?? [])].sort((a, b) => (a.last!.at < b.last!.at ? 1 : -1));
  const view = useUnit((inHand ?? waiting?.units[0])?.id);
  return atWork && waiting && view;
}

/** Where the work lies: the lead in hand, the units with their next step, the orders, and a new lead in three choices. */
export function Bench() {
  const house = useHouse();
  const leads = useLeadCount();
  const next = useNextUnit();
  if (!house || leads === undefined || next === undefined) return null;
  return (
    <>
      <div className="page-head">
        <h1>Bench</h1>
        <span className="soft">{house.name}</span>
      </div>
      {next ? (
        <Suspense fallback={<section className="in-hand" />}>
          <InHand view={next} house={house} />
        </Suspense>
      ) : (
        <NothingInHand hasLeads={leads > 0} />
      )}
      <Suspense fallback={null}>
        <BackupReminder />
      </Suspense>
      <div className={leads === 0 ? 'bench-columns nothing-yet' : 'bench-columns'}>
        <div>
          <Suspense fallback={null}>
            <Waiting inHand={next?.unit.id} />
          </Suspense>
          <Suspense fallback={null}>
            <Orders />
          </Suspense>
        </div>
        <Suspense fallback={null}>
          <NewLeadForm />
        </Suspense>
      </div>
    </>
  );
}

function NothingInHand({ hasLeads }: { readonly hasLeads: boolean }) {
  return (
    <section className="in-hand">
      <h2>Nothing on the bench</h2>
      {hasLeads ? (
        <p>All units are finished. Start a new lead below, or open one under Leads.</p>
      ) : (
        <p>
          Start with a new lead below: what it connects, how long, how many. To look round first, load the{' '}
          <Link to="/house#data">demo data in House</Link>; they take the place of this empty shop, and empty
          again.
        </p>
      )}
    </section>
  );
}
