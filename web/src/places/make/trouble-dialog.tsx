import { scrapWords } from '@gorvane/core/recipe/scrap.ts';
import type { CableLeft } from '@gorvane/core/unit/cable-left.ts';
import { cableLeftAt } from '@gorvane/core/unit/cable-left.ts';
import type { UnitProgress } from '@gorvane/core/unit/progress.ts';
import type { Step } from '@gorvane/core/recipe/step.ts';
import type { Trouble } from '@gorvane/core/recipe/trouble.ts';
import { troublesAt } from '@gorvane/core/recipe/trouble.ts';
import type { Sighting } from '@gorvane/core/unit/trouble-bench.ts';
import { troubleHappenings, troubleOutcome } from '@gorvane/core/unit/trouble-outcome.ts';
import type { UnitHappening } from '@gorvane/core/unit/unit.ts';
import type { FrozenPlan } from '@gorvane/core/plan/frozen-plan.ts';
import { parsePositiveLength } from '@gorvane/core/quantity/length.ts';
import { Button, Modal, NativeSelect, TextInput, UnstyledButton } from '@mantine/core';
import { useState } from 'react';
import { LookDrawing } from '../../drawing/look-drawing.tsx';
import { ReworkChoice } from '../../controls/rework-choice.tsx';

interface TroubleDialogProps {
  readonly step: Step;
  readonly frozen: FrozenPlan;
  readonly progress: UnitProgress;
  readonly left: readonly CableLeft[];
  readonly onRecord: (happenings: readonly UnitHappening[]) => void;
  readonly onScrap: (happenings: readonly UnitHappening[], reason: string) => void;
  readonly onClose: () => void;
}

/** Something is off: what is seen, whether it can be saved, and where the work goes on. */
export function TroubleDialog(props: TroubleDialogProps) {
  const { step, progress, onClose } = props;
  const [trouble, setTrouble] = useState<Trouble | undefined>();
  const { likely, other } = troublesAt(step, progress.steps);
  return (
    <Modal
      opened
      onClose={onClose}
      size="min(1100px, 96vw)"
      title={trouble ? `${trouble.label}: ${trouble.seen}` : 'Something is off: what do you see?'}
      closeButtonProps={{ 'aria-label': 'Close' }}
      classNames={{ body: 'trouble' }}
    >
      {trouble ? (
        <Outcome {...props} trouble={trouble} onBack={() => setTrouble(undefined)} />
      ) : (
        <>
          <TroubleList troubles={likely} onPick={setTrouble} />
          <h3>Seen at another step</h3>
          <TroubleList troubles={other} onPick={setTrouble} />
        </>
      )}
    </Modal>
  );
}

function TroubleList({
  troubles,
  onPick,
}: {
  readonly troubles: readonly Trouble[];
  readonly onPick: (trouble: Trouble) => void;
}) {
  return (
    <ul className="trouble-list">
      {troubles.map((trouble) => (
        <li key={trouble.id}>
          <UnstyledButton aria-label={`${trouble.label}: ${trouble.seen}`} onClick={() => onPick(trouble)}>
            <LookDrawing look={trouble.id} subject={trouble.subject} />
          </UnstyledButton>
        </li>
      ))}
    </ul>
  );
}

interface OutcomeProps extends TroubleDialogProps {
  readonly trouble: Trouble;
  readonly onBack: () => void;
}

/** What must be known besides, and what follows from it. */
function Outcome(props: OutcomeProps) {
  const { trouble, step, frozen, progress, onBack } = props;
  const parts = progress.steps.flatMap(({ threads }) => threads);
  const asksEnd = trouble.asks === 'shortage' || (step.endId === null && trouble.asks === undefined);
  const [endId, setEndId] = useState(
    step.endId ?? (trouble.asks === 'shortage' ? null : frozen.lead.ends[0]!.id),
  );
  const [partId, setPartId] = useState(parts[0]?.partId);
  const [text, setText] = useState('');
  const shortage = readShortage(text);
  const sighting = sightingOf(trouble, step, endId, partId, shortage);
  const asksShortage = trouble.asks === 'shortage' && endId !== null;
  return (
    <>
      {asksEnd && (
        <NativeSelect
          label="Where"
          size="lg"
          value={endId ?? ''}
          data={[
            ...(trouble.asks === 'shortage' ? [{ value: '', label: 'the cable itself' }] : []),
            ...frozen.lead.ends.map(({ id, name }) => ({ value: id, label: `end ${name}` })),
          ]}
          onChange={({ currentTarget: { value } }) => setEndId(value === '' ? null : value)}
        />
      )}
      {trouble.asks === 'part' && (
        <NativeSelect
          label="Which part"
          size="lg"
          value={partId}
          data={parts.map(({ partId: value, label }) => ({ value, label }))}
          onChange={({ currentTarget: { value } }) => setPartId(value)}
        />
      )}
      {asksShortage && (
        <TextInput
          label="By how much the layer is too short"
          placeholder="mm"
          size="lg"
          inputMode="decimal"
          classNames={{ input: 'reading' }}
          value={text}
          error={typeof shortage === 'string' ? shortage : undefined}
          onChange={({ currentTarget: { value } }) => setText(value)}
        />
      )}
      {asksShortage && typeof shortage !== 'number' ? (
        <p className="soft">Type how much is missing; the way back follows.</p>
      ) : (
        <WayOn {...props} sighting={sighting} />
      )}
      <Button variant="subtle" onClick={onBack}>
        Something else is seen
      </Button>
    </>
  );
}

function sightingOf(
  { id: seen, asks }: Trouble,
  step: Step,
  endId: string | null,
  partId: string | undefined,
  shortage: number | string | undefined,
): Sighting {
  return {
    seen,
    step,
    endId,
    ...(asks === 'part' && partId !== undefined ? { partId } : {}),
    ...(typeof shortage === 'number' ? { shortage } : {}),
  };
}

/** Whether it can be saved, and the one button that goes on. */
function WayOn({
  sighting,
  trouble,
  frozen,
  progress,
  left,
  onRecord,
  onScrap,
}: OutcomeProps & { readonly sighting: Sighting }) {
  const outcome = troubleOutcome(frozen, progress, sighting);
  const happenings = troubleHappenings(sighting, outcome);
  // With the unit its whole kit is scrap: nothing comes off it one by one.
  const givenUp = { ...outcome, how: 'lead given up' as const, target: null, scrap: [], partsOff: [] };
  const scrapIt = () => onScrap(troubleHappenings(sighting, givenUp), trouble.label);
  return (
    <>
      <p className="trouble-advice" role="status">
        <strong className={outcomeClass[outcome.how]}>{outcomeWords[outcome.how]}</strong> {outcome.advice}
      </p>
      {outcome.how === 'lead given up' && (
        <Button size="lg" className="answer-out" onClick={scrapIt}>
          Give this unit up, a new one takes its place
        </Button>
      )}
      {outcome.how !== 'lead given up' && !outcome.target && (
        <>
          {outcome.scrap.length > 0 && <p>Scrap: {scrapWords(outcome.scrap)}. New ones come from stock.</p>}
          <Button size="lg" onClick={() => onRecord(happenings)}>
            Record it, and stay at this step
          </Button>
        </>
      )}
      {outcome.target && (
        <ReworkChoice
          uses={outcome.uses}
          left={cableLeftAt(frozen.lead, left, outcome.target.endId)}
          scrap={outcome.scrap}
          goLabel={`Record it and go back to: ${outcome.target.title}`}
          onGo={(before) => onRecord([...before, ...happenings])}
          onScrap={scrapIt}
        />
      )}
    </>
  );
}

const outcomeClass = {
  'mended here': 'good',
  'gone back': 'not-yet',
  'end made again': 'not-yet',
  'lead given up': 'out',
} as const;

const outcomeWords = {
  'mended here': '● It can be saved here.',
  'gone back': '▲ It can be saved: go back a little.',
  'end made again': '▲ This end is made again.',
  'lead given up': '■ It cannot be saved.',
} as const;

/** The shortage typed, metres; what is wrong with the text; or nothing yet. */
function readShortage(text: string): number | string | undefined {
  if (text.trim() === '') return undefined;
  try {
    return parsePositiveLength(text, 0.2);
  } catch (error) {
    return error instanceof Error ? error.message : String(error);
  }
}
