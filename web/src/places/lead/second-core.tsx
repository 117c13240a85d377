import type { GaugeCard } from '@gorvane/core/connector/gauge-card-schema.ts';
import type { House } from '@gorvane/core/house/house.ts';
import type { Lead } from '@gorvane/core/lead/lead.ts';
import { PinPlanError } from '@gorvane/core/plan/connect.ts';
import type { EndPlan } from '@gorvane/core/plan/lead-plan.ts';
import type { SecondCore } from '@gorvane/core/plan/second-core.ts';
import { secondCoreOf, secondCores, withSecondCore } from '@gorvane/core/plan/second-core.ts';
import { NativeSelect } from '@mantine/core';
import { useState } from 'react';
import type { Draft } from '../../draft/use-draft.ts';

const words: Readonly<Record<SecondCore, { readonly label: string; readonly consequence: string }>> = {
  'twisted in': {
    label: 'twisted in with the first',
    consequence:
      'half the resistance, a spare in the joint; more capacitance to the shield, and a thicker joint',
  },
  'fold back': {
    label: 'folded back',
    consequence: 'can replace the first one day; takes room in the shell and a short shrink',
  },
  'cut flush': { label: 'cut flush', consequence: 'takes no room; it is gone for good at this end' },
};

/** Where a pair has one core to give and two in it: what becomes of the second. */
export function SecondCoreChoice({
  lead,
  plan: { end, input },
  card,
  house,
}: {
  readonly lead: Draft<Lead>;
  readonly plan: EndPlan;
  readonly card: GaugeCard;
  readonly house: House;
}) {
  const [refused, setRefused] = useState<string>();
  const now = secondCoreOf(input);
  if (now === null) return null;
  // While another connector is still being planned, an answer would be about the old one.
  const isPlanned = lead.record.ends.find(({ id }) => id === end.id)?.connectorId === end.connectorId;
  const choose = (choice: SecondCore) => {
    try {
      const next = withSecondCore(lead.record, end, card, house, choice);
      setRefused(undefined);
      lead.edit(`second core of end ${end.name}`, () => next);
    } catch (error) {
      if (!(error instanceof PinPlanError)) throw error;
      setRefused(error.message);
    }
  };
  return (
    <NativeSelect
      size="xs"
      label={`Second core, end ${end.name}`}
      description={words[now].consequence}
      error={refused}
      value={now}
      disabled={!isPlanned}
      data={secondCores.map((value) => ({ value, label: words[value].label }))}
      onChange={({ currentTarget: { value } }) => choose(secondCores.find((choice) => choice === value)!)}
    />
  );
}
