import type { Lead, LeadEnd } from '@gorvane/core/lead/lead.ts';
import { otherSideId } from '@gorvane/core/lead/other-side-id.ts';
import type { EndPlan } from '@gorvane/core/plan/lead-plan.ts';
import { stripperChoices } from '@gorvane/core/plan/stripper-choices.ts';
import { NativeSelect } from '@mantine/core';
import type { Draft } from '../draft/use-draft.ts';

interface StripperChoiceProps {
  readonly lead: Draft<Lead>;
  readonly end: EndPlan;
  /** All ends that are prepared: those of the same cable can take the same tool. */
  readonly ends: readonly EndPlan[];
  readonly label: string;
}

const marks = { fits: '●', tight: '▲', 'does not fit': '■' } as const;
const looks = { fits: 'good', tight: 'not-yet', 'does not fit': 'out' } as const;

/** What an end is stripped with: the first tool that makes its strip, or the one that somebody takes; and whether it makes it. */
export function StripperChoice({ lead, end, ends, label }: StripperChoiceProps) {
  const choices = stripperChoices(end);
  // Both cables of a splice are stripped with what its end is.
  const isThis = ({ id }: LeadEnd) => id === end.end.id || otherSideId(id) === end.end.id;
  const own = lead.record.ends.find(isThis)?.stripperId;
  const { stripper } = end.input;
  const now = choices.find((choice) => choice.stripper.id === stripper.id);
  const others = ends.filter(
    ({ cable, input, end: { id } }) =>
      cable.id === end.cable.id && input.stripper.id !== stripper.id && id !== end.end.id,
  );
  const choose = (id: string, isMeant: (each: LeadEnd) => boolean, label: string) =>
    lead.edit(label, (record) => ({
      ...record,
      ends: record.ends.map((each) => {
        if (!isMeant(each)) return each;
        const { stripperId: _old, ...rest } = each;
        return id === '' ? rest : { ...rest, stripperId: id };
      }),
    }));
  return (
    <div className="stripper-choice">
      <NativeSelect
        label={label}
        value={own ?? ''}
        data={[
          {
            value: '',
            label: `the first that makes this strip: ${own ? 'as the house has it' : stripper.name}`,
          },
          ...choices.map((choice) => ({
            value: choice.stripper.id,
            label: `${marks[choice.verdict]} ${choice.stripper.name}`,
          })),
        ]}
        onChange={({ currentTarget: { value } }) =>
          choose(value, isThis, `what end ${end.end.name} is stripped with`)
        }
      />
      {!now && (
        <p className="out">■ No {stripper.kind} for this cable in Stores. Add yours there, or borrow one.</p>
      )}
      {now && (
        <p className={looks[now.verdict]}>
          {marks[now.verdict]} {now.verdict === 'fits' ? `The ${stripper.name} makes this strip.` : now.text}
        </p>
      )}
      {own !== undefined && others.length > 0 && (
        <button
          type="button"
          className="text-button"
          onClick={() =>
            choose(
              own,
              (each) => isThis(each) || others.some((other) => other.end.id === each.id),
              `the ${stripper.name} for this cable`,
            )
          }
        >
          Take it for every end of this cable
        </button>
      )}
    </div>
  );
}
