import type { House } from '@gorvane/core/house/house.ts';
import type { Practice as Practices } from '@gorvane/core/house/practice.ts';
import { schools } from '@gorvane/core/house/schools.ts';
import { planLead } from '@gorvane/core/plan/lead-plan.ts';
import type { PracticeChange } from '@gorvane/core/plan/practice-change.ts';
import { practiceChange } from '@gorvane/core/plan/practice-change.ts';
import { Checkbox, NativeSelect } from '@mantine/core';
import { useState } from 'react';
import { PracticeChanges } from '../../controls/practice-changes.tsx';
import { database } from '../../data/database.ts';
import type { PanelProps } from './panel-props.ts';

const leftOutNames: Readonly<Record<Practices['leaveOut'][number], string>> = {
  resistance: 'resistance of every path',
  insulation: 'insulation',
  family: 'what its family asks beside: load, terminator, pairs, capacitance',
};

const alsoAskedNames: Readonly<Record<Practices['alsoAsk'][number], string>> = {
  looks: 'looks: joints, cable, contact, the whole',
  wiggle: 'that it holds while it is moved',
};

/** What a practice makes of every lead that can be planned. */
async function changesOf(before: House, after: House): Promise<PracticeChange[]> {
  const leads = (await database.leads.toArray()).filter(({ deleted }) => !deleted);
  const cards = await database.gaugeCards.toArray();
  return leads.flatMap((lead) => {
    try {
      return practiceChange(planLead(lead, cards, before), planLead(lead, cards, after)) ?? [];
    } catch {
      return [];
    }
  });
}

/** House practice: every choice says its reason, and what it has just changed. */
export function Practice({ house: { record, edit } }: PanelProps) {
  const [said, setSaid] = useState<{ key: string; changes: readonly PracticeChange[] } | undefined>();
  const practise = (key: keyof Practices, label: string, change: Partial<Practices>) => {
    const after = { ...record, practice: { ...record.practice, ...change } };
    edit(label, (now) => ({ ...now, practice: { ...now.practice, ...change } }));
    void changesOf(record, after).then((changes) => setSaid({ key, changes }));
  };
  const leaveOut = (check: Practices['leaveOut'][number], asked: boolean) =>
    practise('leaveOut', `${check} check`, {
      leaveOut: asked
        ? record.practice.leaveOut.filter((other) => other !== check)
        : [...record.practice.leaveOut, check],
    });
  const alsoAsk = (check: Practices['alsoAsk'][number], asked: boolean) =>
    practise('alsoAsk', `${check} check`, {
      alsoAsk: asked
        ? [...record.practice.alsoAsk, check]
        : record.practice.alsoAsk.filter((other) => other !== check),
    });
  return (
    <section aria-labelledby="practice">
      <h2 id="practice">House practice</h2>
      <div className="practice">
        {schools.map(({ key, label, reason, options }) => (
          <div key={key}>
            <NativeSelect
              label={label}
              description={reason}
              value={record.practice[key]}
              data={options.map(({ value, label: text }) => ({ value, label: text ?? value }))}
              onChange={({ currentTarget: { value } }) => practise(key, label, { [key]: value })}
            />
            {said?.key === key && <PracticeChanges changes={said.changes} />}
          </div>
        ))}
      </div>
      <div>
        <p>Checks that a proof asks for; one left out is said on the certificate</p>
        {(['resistance', 'insulation', 'family'] as const).map((check) => (
          <Checkbox
            key={check}
            mt={6}
            label={leftOutNames[check]}
            checked={!record.practice.leaveOut.includes(check)}
            onChange={({ currentTarget: { checked } }) => leaveOut(check, checked)}
          />
        ))}
        {(['looks', 'wiggle'] as const).map((check) => (
          <Checkbox
            key={check}
            mt={6}
            label={alsoAskedNames[check]}
            checked={record.practice.alsoAsk.includes(check)}
            onChange={({ currentTarget: { checked } }) => alsoAsk(check, checked)}
          />
        ))}
      </div>
    </section>
  );
}
