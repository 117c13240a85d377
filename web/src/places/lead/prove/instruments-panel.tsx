import type { InstrumentState } from '@gorvane/core/instrument/messages.ts';
import {
  readingPlan,
  traceReading,
  wiggleReading,
  wiggleSeconds,
} from '@gorvane/core/instrument/reading-plan.ts';
import type { FrozenPlan } from '@gorvane/core/plan/frozen-plan.ts';
import { isOverdue } from '@gorvane/core/reading/overdue.ts';
import type { SweepLine } from '@gorvane/core/prove/sweep-line.ts';
import type { Wiring } from '@gorvane/core/wiring/wiring.ts';
import { Button, Group, Progress } from '@mantine/core';
import { lookAgain, useBridge } from '../../../data/bridge.ts';
import { timeNow } from '../../../data/database.ts';
import type { useInstruments } from './use-instruments.ts';
import { jobsOf } from './use-instruments.ts';

interface InstrumentsPanelProps {
  readonly frozen: FrozenPlan;
  readonly wiring: Wiring;
  /** The lead as an analyser meets it, where it is one line. */
  readonly line: SweepLine | undefined;
  readonly instruments: ReturnType<typeof useInstruments>;
  /** Reads the stand-in that this browser has, where the bridge is away. */
  readonly onStandIn: () => void;
}

/** The instruments behind the bridge, and one button that lets them read all they can of the plan. */
export function InstrumentsPanel({ frozen, wiring, line, instruments, onStandIn }: InstrumentsPanelProps) {
  const { state, instruments: there } = useBridge();
  const { run, start } = instruments;
  const jobs = jobsOf(readingPlan(frozen, wiring), there);
  const trace = line ? jobsOf([traceReading(frozen, line)], there) : [];
  const wiggling = wiggleReading(frozen, wiring);
  const wiggle = wiggling ? jobsOf([wiggling], there) : [];
  return (
    <section aria-labelledby="instruments">
      <h2 id="instruments">Instruments</h2>
      {there.map((instrument) => (
        <InstrumentLine key={instrument.id} instrument={instrument} />
      ))}
      {state === 'looking' && <p className="soft">Asking the bridge which instruments are there.</p>}
      {state === 'away' && (
        <p className="soft">
          The bridge of this server does not answer. Readings by hand and from files go on as usual.
        </p>
      )}
      {state === 'here' && there.length === 0 && (
        <p className="soft">
          No instrument is configured. Start the server with --instruments and a file that names them;
          readings by hand and from files go on as usual.
        </p>
      )}
      {!run && (
        <Group gap={8}>
          {jobs.length > 0 ? (
            <Button onClick={() => start(jobs)}>Let the instruments read</Button>
          ) : (
            state !== 'looking' && (
              <Button variant="default" onClick={onStandIn}>
                Let the stand-in tester read
              </Button>
            )
          )}
          {wiggle.length > 0 && (
            <Button variant="default" onClick={() => start(wiggle)}>
              Wiggle test, {wiggleSeconds} s
            </Button>
          )}
          {trace.length > 0 && (
            <Button variant="default" onClick={() => start(trace)}>
              Reflection trace
            </Button>
          )}
          {(state === 'away' || there.some(({ problem }) => problem !== null)) && (
            <Button variant="subtle" onClick={lookAgain}>
              Look again
            </Button>
          )}
        </Group>
      )}
      <Running instruments={instruments} />
    </section>
  );
}

function Running({
  instruments: { run, problem, goOn, stop, forget },
}: Pick<InstrumentsPanelProps, 'instruments'>) {
  return (
    <div role="status">
      {run && (
        <>
          <p>
            <strong>{run.waitsFor ?? run.label}</strong>
          </p>
          <Progress value={100 * run.part} aria-label="Readings taken" />
          <Group gap={8} mt={8}>
            {run.waitsFor && <Button onClick={goOn}>That is done: read</Button>}
            <Button variant="default" onClick={stop}>
              Stop
            </Button>
          </Group>
        </>
      )}
      {!run && problem && (
        <div className="advice out">
          <strong>■ {problem.label}: not read</strong>
          <p>{problem.message}</p>
          <Group gap={8}>
            <Button variant="default" onClick={problem.again}>
              Try again
            </Button>
            <Button variant="subtle" onClick={forget}>
              Leave it
            </Button>
          </Group>
        </div>
      )}
    </div>
  );
}

function InstrumentLine({
  instrument: { label, kind, device, problem },
}: {
  readonly instrument: InstrumentState;
}) {
  const overdue = device && isOverdue(device, timeNow());
  return (
    <p className="instrument-line">
      <strong>{label}</strong>{' '}
      {device ? (
        <span className="soft">
          {device.serial && <span className="reading">{device.serial}</span>}
          {device.due !== null && `, calibrated until ${device.due}`}
          {device.due === null && ', calibration not stated'}
        </span>
      ) : (
        <span className="soft">{kind}</span>
      )}
      {overdue && <span className="not-yet"> ▲ out of calibration</span>}
      {problem && <span className="out"> ■ {problem}</span>}
    </p>
  );
}
