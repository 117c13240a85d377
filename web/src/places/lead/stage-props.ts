import type { GaugeCard } from '@gorvane/core/connector/gauge-card-schema.ts';
import type { House } from '@gorvane/core/house/house.ts';
import type { Lead } from '@gorvane/core/lead/lead.ts';
import type { LeadPlan } from '@gorvane/core/plan/lead-plan.ts';
import type { PlacesOnRun } from '@gorvane/core/prove/placed-diagnosis.ts';
import type { UnitView } from '../../data/live.ts';
import type { Draft } from '../../draft/use-draft.ts';

/** What every stage panel is given. */
export interface StageProps {
  readonly lead: Draft<Lead>;
  readonly cards: ReadonlyMap<string, Draft<GaugeCard>>;
  readonly house: Draft<House>;
  readonly plan: LeadPlan;
  /** The unit whose state is shown; none shows the design. */
  readonly view: UnitView | undefined;
  /** Where on the run the proof that is shown places its fault. */
  readonly onPlaces: (places: PlacesOnRun) => void;
}
