import type { Practice } from '@gorvane/core/house/practice.ts';
import type { School, SchoolKey } from '@gorvane/core/house/schools.ts';
import { schools } from '@gorvane/core/house/schools.ts';
import type { PracticeChange } from '@gorvane/core/plan/practice-change.ts';
import { practiceChange } from '@gorvane/core/plan/practice-change.ts';
import { planLead } from '@gorvane/core/plan/lead-plan.ts';
import type { Lead } from '@gorvane/core/lead/lead.ts';
import { Button, NativeSelect } from '@mantine/core';
import { useState } from 'react';
import { PracticeChanges } from '../../controls/practice-changes.tsx';
import type { StageProps } from './stage-props.ts';

const answerOf = ({ options }: School, value: unknown) =>
  options.find((option) => option.value === value)?.label ?? String(value);

/** Where this lead is made otherwise than the house does it, and what that changes of its steps. */
export function OwnPractice({ lead, house, plan }: Pick<StageProps, 'lead' | 'house' | 'plan'>) {
  const [said, setSaid] = useState<readonly PracticeChange[] | undefined>();
  const own = lead.record.practice;
  const differing = schools.filter(({ key }) => own[key] !== undefined);
  const differ = (label: string, practice: Lead['practice']) => {
    const after = { ...lead.record, practice };
    const cards = plan.ends.map(({ card }) => card);
    lead.edit(label, (now) => ({ ...now, practice }));
    const change = practiceChange(
      planLead(lead.record, cards, house.record),
      planLead(after, cards, house.record),
    );
    setSaid(change ? [change] : []);
  };
  const without = (key: SchoolKey) =>
    Object.fromEntries(Object.entries(own).filter(([other]) => other !== key)) as Lead['practice'];
  return (
    <section aria-labelledby="own-practice" className="own-practice">
      <h2 id="own-practice">Practice of this lead</h2>
      <p className="soft">
        {differing.length === 0
          ? 'It is made as the house does. Choose a question in which it differs.'
          : 'In all else it is made as the house does.'}
      </p>
      {differing.map((school) => (
        <div key={school.key}>
          <NativeSelect
            label={school.label}
            description={`${school.reason}. The house: ${answerOf(school, house.record.practice[school.key])}`}
            value={own[school.key]}
            data={school.options.map(({ value, label }) => ({ value, label: label ?? value }))}
            onChange={({ currentTarget: { value } }) => differ(school.label, { ...own, [school.key]: value })}
          />
          <Button
            size="compact-md"
            variant="subtle"
            onClick={() => differ(school.label, without(school.key))}
          >
            As the house does
          </Button>
        </div>
      ))}
      <NativeSelect
        label="It differs in"
        value=""
        data={[
          { value: '', label: 'choose a question' },
          ...schools
            .filter((school) => !differing.includes(school))
            .map(({ key, label }) => ({ value: key, label })),
        ]}
        onChange={({ currentTarget: { value } }) => {
          const school = schools.find(({ key }) => key === value);
          if (school)
            differ(school.label, { ...own, [school.key]: otherAnswer(school, house.record.practice) });
        }}
      />
      {said && <PracticeChanges changes={said} />}
    </section>
  );
}

/** The first answer that the house does not give. */
const otherAnswer = ({ key, options }: School, practice: Practice) =>
  options.find(({ value }) => value !== practice[key])!.value;
