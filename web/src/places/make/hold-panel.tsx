import { answerHold, reworkFrom, waiveHold } from '@gorvane/core/unit/advance.ts';
import type { CableLeft } from '@gorvane/core/unit/cable-left.ts';
import { cableLeftAt } from '@gorvane/core/unit/cable-left.ts';
import type { HoldAnswer, UnitProgress } from '@gorvane/core/unit/progress.ts';
import type { AskedReading, Step } from '@gorvane/core/recipe/step.ts';
import type { Unit, UnitHappening } from '@gorvane/core/unit/unit.ts';
import { Button, Group, TextInput } from '@mantine/core';
import { useState } from 'react';
import { Link } from 'react-router';
import { HoldLimits } from '../../controls/hold-limits.tsx';
import { VerdictMark } from '../../controls/verdict.tsx';
import { useWriting } from '../../controls/writing.ts';
import { useKeptValue } from '../../draft/use-kept-value.ts';
import { stepBackTo } from '@gorvane/core/recipe/step.ts';
import { ReworkChoice } from '../../controls/rework-choice.tsx';
import { holdReaders } from './hold-reader.ts';
import { WaiverForm } from './waiver-form.tsx';

interface HoldPanelProps {
  readonly step: Step;
  readonly steps: readonly Step[];
  readonly unit: Unit;
  readonly progress: UnitProgress;
  readonly onRecord: (happenings: readonly UnitHappening[]) => Promise<void>;
  readonly onRework: (happenings: readonly UnitHappening[]) => void;
  readonly left: readonly CableLeft[];
  readonly onScrap: (reason: string) => void;
}

/** A hold point: the reading or look it asks for, its answer, a waiver, and the way back when it is Out. */
export function HoldPanel(props: HoldPanelProps) {
  const { step, unit, progress, onRecord } = props;
  const hold = step.hold!;
  const answer = progress.holds.get(step.id);
  return (
    <section className="hold-panel" aria-labelledby="hold">
      <h2 id="hold">Hold point: {hold.label}</h2>
      <p>
        <HoldLimits hold={hold} />
      </p>
      {hold.safety && <p className="soft">{hold.safetyReason}</p>}
      {answer && <Answered answer={answer} step={step} />}
      {hold.kind === 'look' && <LookAnswer step={step} onRecord={onRecord} />}
      {hold.reading && (
        <ReadingAnswer step={step} asked={hold.reading} unitId={unit.id} onRecord={onRecord} />
      )}
      {hold.kind === 'proof' && (
        <Button component={Link} to={`/leads/${unit.leadId}/prove?unit=${unit.id}`} size="lg">
          Open Prove
        </Button>
      )}
      {answer?.how === 'answered' && !answer.good && <WayBack {...props} />}
      {!hold.safety && (
        <WaiverForm
          step={step}
          unitId={unit.id}
          onWaive={(name, reason) => onRecord([waiveHold(step, name, reason)])}
        />
      )}
    </section>
  );
}

function Answered({ answer, step }: { readonly answer: HoldAnswer; readonly step: Step }) {
  const write = useWriting();
  const asked = step.hold?.reading;
  if (answer.how === 'waived')
    return (
      <p className="not-yet">
        ▲ Waived by {answer.name}: {answer.reason}
      </p>
    );
  return (
    <p role="status">
      <VerdictMark verdict={answer.good ? 'Good' : 'Out'} />{' '}
      {asked && answer.reading !== null && (
        <span className="reading">{writeReading(answer.reading, asked, write)}</span>
      )}
    </p>
  );
}

function writeReading(reading: number, asked: AskedReading, write: ReturnType<typeof useWriting>): string {
  return reading === Number.MAX_VALUE ? 'open' : write(reading, asked.quantity);
}

function LookAnswer({ step, onRecord }: Pick<HoldPanelProps, 'step' | 'onRecord'>) {
  return (
    <Group grow>
      <Button
        size="xl"
        className="answer-good"
        onClick={() => void onRecord([answerHold(step, { good: true })])}
      >
        ● Good <kbd aria-hidden="true">G</kbd>
      </Button>
      <Button
        size="xl"
        className="answer-out"
        onClick={() => void onRecord([answerHold(step, { good: false })])}
      >
        ■ Out <kbd aria-hidden="true">X</kbd>
      </Button>
    </Group>
  );
}

interface ReadingAnswerProps extends Pick<HoldPanelProps, 'step' | 'onRecord'> {
  readonly asked: AskedReading;
  readonly unitId: string;
}

/** A number from an instrument: Enter, as a caliper sends it, takes it and goes on when it is Good. */
function ReadingAnswer({ step, asked, unitId, onRecord }: ReadingAnswerProps) {
  const [text, setText] = useKeptValue(`hold/${unitId}/${step.id}`, '');
  const [problem, setProblem] = useState<string | undefined>();
  const { read, placeholder } = holdReaders[asked.quantity];
  const take = () => {
    try {
      void onRecord([answerHold(step, { reading: read(text) })]);
      setText('');
      setProblem(undefined);
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
  };
  return (
    <form
      className="reading-answer"
      onSubmit={(event) => {
        event.preventDefault();
        take();
      }}
    >
      <TextInput
        label={asked.label}
        placeholder={placeholder}
        size="lg"
        autoFocus
        autoComplete="off"
        classNames={{ input: 'reading' }}
        value={text}
        error={problem}
        onChange={({ currentTarget }) => setText(currentTarget.value)}
      />
      <Button type="submit" size="lg">
        Take the reading
      </Button>
    </form>
  );
}

function WayBack({ step, steps, unit, left, onRework, onScrap }: HoldPanelProps) {
  const { rework } = step.hold!;
  const target = stepBackTo(steps, step);
  if (!target) return <p className="advice">{rework.advice}</p>;
  return (
    <div className="advice">
      <p>{rework.advice}</p>
      <ReworkChoice
        uses={rework.uses}
        left={cableLeftAt(unit.plan!.lead, left, step.endId)}
        scrap={rework.scrap}
        goLabel={`Go back to: ${target.title}`}
        onGo={(before) => onRework([...before, reworkFrom(steps, step, step.hold!.label)])}
        onScrap={() => onScrap(step.hold!.label)}
      />
    </div>
  );
}
