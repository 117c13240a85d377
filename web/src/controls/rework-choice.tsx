import type { Scrap } from '@gorvane/core/recipe/scrap.ts';
import { scrapWords } from '@gorvane/core/recipe/scrap.ts';
import type { CableLeft } from '@gorvane/core/unit/cable-left.ts';
import { shortageAfter } from '@gorvane/core/unit/cable-left.ts';
import type { UnitHappening } from '@gorvane/core/unit/unit.ts';
import { formatMillimetres } from '@gorvane/core/quantity/length.ts';
import { Button, Group, TextInput } from '@mantine/core';
import { useState } from 'react';

interface ReworkChoiceProps {
  /** What is taken for this try, and what there is of it. */
  readonly uses: number;
  readonly left: CableLeft;
  readonly scrap: readonly Scrap[];
  readonly goLabel: string;
  readonly onGo: (before: readonly UnitHappening[]) => void;
  readonly onScrap: () => void;
}

/** Going back with what it costs; where the cable is then too short, somebody takes it shorter by name, or gives the unit up. */
export function ReworkChoice({ uses, left, scrap, goLabel, onGo, onScrap }: ReworkChoiceProps) {
  const [name, setName] = useState('');
  const [reason, setReason] = useState('');
  const [problem, setProblem] = useState<string | undefined>();
  const shortage = shortageAfter(left, uses);
  const isShort = shortage > 0;
  const goShorter = () => {
    if (name.trim() === '' || reason.trim().length < 3)
      return setProblem('Taking it shorter needs the name of who answers for it, and a reason.');
    onGo([{ kind: 'taken shorter', shortage, name: name.trim(), reason: reason.trim() }]);
  };
  return (
    <div className="rework-choice">
      {scrap.length > 0 && <p>Scrap: {scrapWords(scrap)}. New ones come from stock.</p>}
      {uses > 0 && (
        <p>
          Uses {formatMillimetres(uses)} mm of the cable at this end;{' '}
          {formatMillimetres(Math.max(0, left.left))} mm of {formatMillimetres(left.allowed)} mm allowed are
          left.
        </p>
      )}
      {!isShort && (
        <Button size="lg" onClick={() => onGo([])}>
          {goLabel}
        </Button>
      )}
      {isShort && (
        <>
          <p className="out">
            ■ The lead would come out {formatMillimetres(shortage)} mm short of what was asked.
          </p>
          <TextInput
            label="Who takes it shorter"
            value={name}
            onChange={(event) => setName(event.currentTarget.value)}
          />
          <TextInput
            label="Why"
            value={reason}
            error={problem}
            onChange={(event) => setReason(event.currentTarget.value)}
          />
          <Group>
            <Button size="lg" variant="default" onClick={goShorter}>
              {goLabel}, {formatMillimetres(shortage)} mm shorter
            </Button>
            <Button size="lg" className="answer-out" onClick={onScrap}>
              Give this unit up
            </Button>
          </Group>
        </>
      )}
    </div>
  );
}
