import { Link, useParams } from 'react-router';
import { Empty } from '../../controls/empty.tsx';
import { useHouse, useUnit } from '../../data/live.ts';
import { planProblem } from '../../data/plan-check.ts';
import { AsideScreen } from './aside-screen.tsx';
import { Building } from './building.tsx';
import { StartScreen } from './start-screen.tsx';
import { usePageTitle } from '../../controls/page-title.ts';
import './build.css';

/** The guided build of one numbered unit: one step at a time, large. */
export function BuildPage() {
  const { unitId } = useParams();
  const house = useHouse();
  const view = useUnit(unitId);
  usePageTitle(view ? `Build ${view.unit.serial}` : 'Build');
  if (view === undefined || !house) return null;
  if (view === null)
    return (
      <main className="build">
        <Empty title="This unit is not here">
          <p>
            The address may be from another computer: every address keeps its own data. Go to the{' '}
            <Link to="/">Bench</Link>.
          </p>
        </Empty>
      </main>
    );
  const { unit, progress } = view;
  if (progress.started && !progress.plan)
    return (
      <main className="build">
        <Empty title={`The plan of ${unit.serial} is missing`}>
          <p>
            {planProblem.missing} Its record stands in the <Link to={`/log/${unit.id}`}>Log</Link>.
          </p>
        </Empty>
      </main>
    );
  if (!progress.plan || !progress.started) return <StartScreen view={view} />;
  if (progress.scrapped !== null || progress.aside !== null)
    return <AsideScreen view={view} frozen={progress.plan} />;
  return <Building key={unit.id} view={view} frozen={progress.plan} />;
}
