import { facet } from '@gorvane/core/unit/facets.ts';
import { Button } from '@mantine/core';
import { Link, useSearchParams } from 'react-router';
import { useFoundUnits } from '../../../data/live.ts';

/** The started units of a lead: which is on the bench to be proved. */
export function PickUnit({ leadId }: { readonly leadId: string }) {
  const found = useFoundUnits({ facets: [facet('lead', leadId), facet('started', 'yes')] }, { most: 40 });
  const [, setSearch] = useSearchParams();
  if (!found) return null;
  const started = [...found.units].reverse();
  return (
    <>
      <h2>Prove which unit?</h2>
      {started.length === 0 && (
        <p>
          No unit of this lead has been started. Start one with Build; when both ends are joined it is proved
          here.
        </p>
      )}
      {started.map(({ id, serial, state, stage }) => (
        <Button key={id} variant="default" onClick={() => setSearch({ unit: id })}>
          {serial}, {state === 'finished' ? 'finished' : stage}
        </Button>
      ))}
      {found.count > started.length && (
        <p className="soft">
          The last {started.length} of {found.count}; the others are in the <Link to="/log">Log</Link>.
        </p>
      )}
    </>
  );
}
