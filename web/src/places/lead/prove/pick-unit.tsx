import { Button } from '@mantine/core';
import { useSearchParams } from 'react-router';
import { useUnits } from '../../../data/live.ts';

/** The started units of a lead: which is on the bench to be proved. */
export function PickUnit({ leadId }: { readonly leadId: string }) {
  const all = useUnits();
  const [, setSearch] = useSearchParams();
  if (!all) return null;
  const started = all.filter(({ unit, progress }) => unit.leadId === leadId && progress.started);
  return (
    <>
      <h2>Prove which unit?</h2>
      {started.length === 0 && (
        <p>
          No unit of this lead has been started. Start one with Build; when both ends are joined it is proved
          here.
        </p>
      )}
      {started.map(({ unit, progress }) => (
        <Button key={unit.id} variant="default" onClick={() => setSearch({ unit: unit.id })}>
          {unit.serial}, {progress.finished ? 'finished' : progress.current?.stage}
        </Button>
      ))}
    </>
  );
}
