import { preparedEnds } from '@gorvane/core/plan/shown-plan.ts';
import type { House } from '@gorvane/core/house/house.ts';
import type { Lead } from '@gorvane/core/lead/lead.ts';
import { BladeWear } from '../../controls/blade-wear.tsx';
import { StripperChoice } from '../../controls/stripper-choice.tsx';
import type { Draft } from '../../draft/use-draft.ts';
import { useSavedPlan } from '../../draft/use-plan.ts';

/** With the lead chosen and nothing cut yet: the tool for each end, since the steps go in its order. */
export function StartTools({ lead, house }: { readonly lead: Draft<Lead>; readonly house: House }) {
  const plan = useSavedPlan(lead.record, house);
  if (!plan) return null;
  const ends = preparedEnds(plan).filter(({ end }) => !lead.record.fittedEndIds.includes(end.id));
  const tools = [...new Set(ends.map(({ input }) => input.stripper.id))];
  return (
    <section aria-labelledby="start-tools" className="start-bags">
      <h2 id="start-tools">Take the tool</h2>
      <p>The steps go in its order, and the figures are where it cuts.</p>
      <div className="start-tools">
        {ends.map((end) => (
          <StripperChoice
            key={end.end.id}
            lead={lead}
            end={end}
            ends={ends}
            label={`End ${end.end.name} is stripped with`}
          />
        ))}
      </div>
      {tools.map((id) => (
        <BladeWear key={id} stripperId={id} />
      ))}
    </section>
  );
}
