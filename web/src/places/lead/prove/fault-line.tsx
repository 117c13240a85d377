import type { CableLeft } from '@gorvane/core/unit/cable-left.ts';
import { cableLeftAt } from '@gorvane/core/unit/cable-left.ts';
import type { UnitHappening } from '@gorvane/core/unit/unit.ts';
import type { Lead } from '@gorvane/core/lead/lead.ts';
import { endById } from '@gorvane/core/lead/lead.ts';
import type { Repair } from '@gorvane/core/prove/repair.ts';
import { Button } from '@mantine/core';
import type { ReactNode } from 'react';
import { useState } from 'react';
import { ReworkChoice } from '../../../controls/rework-choice.tsx';

/** What may be done about a mistake: the way back to its step in Build, or giving the unit up. Both take it as their reason. */
export interface Mending {
  readonly lead: Lead;
  readonly left: readonly CableLeft[];
  readonly onGoBack: (reason: string, repair: Repair, before: readonly UnitHappening[]) => void;
  readonly onScrap: (reason: string) => void;
}

interface FaultLineProps {
  /** The mistake in words, and as it is recorded. */
  readonly words: string;
  readonly reason: string;
  readonly repair: Repair | undefined;
  readonly mending: Mending;
  /** Where it is, what it usually is. */
  readonly children?: ReactNode;
}

/** One mistake, and the way back to its step with what that costs. */
export function FaultLine({ words, reason, repair, mending, children }: FaultLineProps) {
  const [open, setOpen] = useState(false);
  const { lead, left, onGoBack, onScrap } = mending;
  return (
    <div>
      <div className="stage-head">
        <div style={{ flex: 1 }}>
          <strong>{words}</strong>
          {children}
        </div>
        {repair && (
          <Button variant="default" aria-expanded={open} onClick={() => setOpen(!open)}>
            Go back to: {repair.target.title}
          </Button>
        )}
      </div>
      {open && repair && (
        <>
          <p>
            This records the proof as it stands, goes back to Build
            {repair.target.endId && `, end ${endById(lead, repair.target.endId).name}`}, and what hangs on
            that step is done again. It can be taken back until the next entry.
          </p>
          <ReworkChoice
            uses={repair.cost.uses}
            left={cableLeftAt(lead, left, repair.target.endId)}
            scrap={repair.cost.scrap}
            goLabel={`Record it and go back to: ${repair.target.title}`}
            onGo={(before) => onGoBack(reason, repair, before)}
            onScrap={() => onScrap(reason)}
          />
          <Button variant="subtle" onClick={() => setOpen(false)}>
            Stay here
          </Button>
        </>
      )}
    </div>
  );
}
