import type { PieceToCut, Step, StepPart } from '@gorvane/core/recipe/step.ts';
import { readingPasses } from '@gorvane/core/recipe/step.ts';
import { TextInput } from '@mantine/core';
import { IconCircle, IconCircleX } from '@tabler/icons-react';
import type { ReactNode } from 'react';
import { Caution } from '../../controls/caution.tsx';
import { PieceLength } from '../../controls/piece-length.tsx';
import { holdReaders } from './hold-reader.ts';
import type { MomentAtWork } from './use-moment.ts';

interface MomentSideProps {
  readonly at: MomentAtWork;
  readonly onGoOn: () => void;
}

/** What a moment asks for: its cautions, its parts, its hold points as marks and fields. Only what is not right is touched. */
export function MomentSide({ at, onGoOn }: MomentSideProps) {
  const { steps } = at.moment;
  const cautions = [...new Set(steps.flatMap(({ caution }) => caution?.split(/(?<=\.) /) ?? []))];
  return (
    <aside className="build-side asks" aria-label="Parts and hold points">
      {cautions.length > 0 && (
        <div className="build-caution">
          <Caution>{cautions.join(' ')}</Caution>
        </div>
      )}
      <p className="soft">Look at each. One press says that all are right; touch what is not.</p>
      <Pieces at={at} pieces={steps.flatMap(({ cuts }) => cuts)} />
      <Parts at={at} title="Put on now, in this order" parts={steps.flatMap(({ threads }) => threads)} />
      <Parts at={at} title="Must be on the cable now" parts={steps.flatMap(({ requires }) => requires)} />
      <Holds at={at} onGoOn={onGoOn} />
    </aside>
  );
}

interface MarkProps {
  readonly label: string;
  readonly below?: ReactNode;
  /** What it says when it is not right. */
  readonly wrong: string;
  readonly isWrong: boolean;
  readonly onToggle: () => void;
}

/** One thing that is right until somebody says that it is not. */
function Mark({ label, below, wrong, isWrong, onToggle }: MarkProps) {
  const Icon = isWrong ? IconCircleX : IconCircle;
  return (
    <button
      type="button"
      aria-pressed={isWrong}
      aria-label={`${label}, ${isWrong ? wrong : 'touch it if it is not right'}`}
      className={isWrong ? 'mark-wrong' : undefined}
      onClick={(event) => {
        onToggle();
        if (event.detail > 0) event.currentTarget.blur();
      }}
    >
      <Icon size={30} className={isWrong ? 'out' : 'soft'} aria-hidden="true" />
      <span>
        {label}
        <small>{isWrong ? wrong : below}</small>
      </span>
    </button>
  );
}

function Pieces({ at, pieces }: { readonly at: MomentAtWork; readonly pieces: readonly PieceToCut[] }) {
  if (pieces.length === 0) return null;
  return (
    <section className="parts" aria-labelledby="moment-cut">
      <h2 id="moment-cut">Cut now</h2>
      {pieces.map((piece) => (
        <Mark
          key={piece.partIds[0]}
          label={piece.label}
          below={<PieceLength piece={piece} />}
          wrong="not cut yet"
          isWrong={at.missing.has(piece.partIds[0]!)}
          onToggle={() => piece.partIds.forEach(at.toggleMissing)}
        />
      ))}
    </section>
  );
}

interface PartsProps {
  readonly at: MomentAtWork;
  readonly title: string;
  readonly parts: readonly StepPart[];
}

function Parts({ at, title, parts }: PartsProps) {
  if (parts.length === 0) return null;
  const each = parts.filter(
    ({ partId }, index) => parts.findIndex((part) => part.partId === partId) === index,
  );
  return (
    <section className="parts" aria-label={title}>
      <h2>{title}</h2>
      {each.map(({ partId, label, how }) => (
        <Mark
          key={partId}
          label={label}
          below={how}
          wrong="not on the cable"
          isWrong={at.missing.has(partId)}
          onToggle={() => at.toggleMissing(partId)}
        />
      ))}
    </section>
  );
}

/** What a step without a hold point asks all the same: that the connector seats. */
const marksOf = (steps: readonly Step[]) =>
  steps.flatMap((step) => {
    if (step.trialFit)
      return [{ step, label: 'It seats', wrong: 'it stands off: say how far, step by step' }];
    return step.hold?.kind === 'look'
      ? [{ step, label: step.hold.label, wrong: 'Out: its way back comes next' }]
      : [];
  });

function Holds({ at, onGoOn }: MomentSideProps) {
  const { steps } = at.moment;
  const marks = marksOf(steps);
  const fields = steps.filter(({ hold }) => hold?.reading);
  if (marks.length + fields.length === 0) return null;
  return (
    <section className="parts" aria-labelledby="moment-holds">
      <h2 id="moment-holds">Hold points</h2>
      {marks.map(({ step, label, wrong }) => (
        <Mark
          key={step.id}
          label={label}
          wrong={wrong}
          isWrong={at.out.has(step.id)}
          onToggle={() => at.toggleOut(step.id)}
        />
      ))}
      {fields.map((step, index) => (
        <Reading
          key={step.id}
          at={at}
          step={step}
          isFirst={index === 0}
          isLast={index === fields.length - 1}
          onGoOn={onGoOn}
        />
      ))}
    </section>
  );
}

interface ReadingProps extends MomentSideProps {
  readonly step: Step;
  readonly isFirst: boolean;
  readonly isLast: boolean;
}

/** A reading: Enter, as an instrument sends it, goes to the next field, and from the last one on. */
function Reading({ at, step, isFirst, isLast, onGoOn }: ReadingProps) {
  const asked = step.hold!.reading!;
  const text = at.texts[step.id] ?? '';
  const value = at.said.readings.get(step.id);
  const isOut = value !== undefined && !readingPasses(asked, value);
  return (
    <TextInput
      label={step.hold!.label}
      description={asked.label}
      placeholder={holdReaders[asked.quantity].placeholder}
      size="lg"
      autoFocus={isFirst}
      autoComplete="off"
      classNames={{ input: 'reading' }}
      value={text}
      error={at.problems.get(step.id) ?? (isOut ? '■ Out: its way back comes next' : undefined)}
      onChange={({ currentTarget }) => at.type(step.id, currentTarget.value)}
      onKeyDown={(event) => {
        if (event.key !== 'Enter') return;
        event.preventDefault();
        if (isLast) return onGoOn();
        const fields = [...event.currentTarget.closest('section')!.querySelectorAll('input')];
        fields[fields.indexOf(event.currentTarget) + 1]?.focus();
      }}
    />
  );
}
