import type { FeatureName } from '@gorvane/core/connector/features.ts';
import { featureDefinition } from '@gorvane/core/connector/features.ts';
import type { Probe } from '@gorvane/core/connector/probe.ts';
import { probeOf } from '@gorvane/core/connector/probe.ts';
import type { ReactNode } from 'react';
import './drawing.css';

const body = (
  <>
    <path d="M40 30 H70 V18 H150 V82 H70 V70 H40 Z" fill="var(--silver)" stroke="var(--ink)" />
    <path d="M40 42 H112 V58 H40 Z" fill="var(--paper)" stroke="var(--ink)" />
    <path d="M112 47 H168 V53 H112 Z" fill="var(--brass)" stroke="var(--ink)" />
  </>
);

const steel = { fill: 'var(--board)', stroke: 'var(--copper)', strokeWidth: 2 } as const;
const measure = { fill: 'none', stroke: 'var(--copper)', strokeWidth: 2.5 } as const;

/** The caliper at the connector: in copper what is put on, and the length that it reads. */
const drawn: Readonly<Record<Probe, ReactNode>> = {
  'depth rod': (
    <>
      <path d="M4 12 H40 V88 H4 Z" {...steel} />
      <path d="M40 48 H112 V52 H40 Z" {...steel} />
      <path d="M40 94 H112 M40 90 v8 M112 90 v8" {...measure} />
    </>
  ),
  step: (
    <>
      <path d="M152 4 H176 V44 H168 V18 H152 Z" {...steel} />
      <path d="M150 94 H168 M150 90 v8 M168 90 v8" {...measure} />
    </>
  ),
  'outside jaws': (
    <>
      <path d="M52 0 H64 V30 H46 Z M52 100 H64 V70 H46 Z" {...steel} />
      <path d="M22 30 V70 M18 30 h8 M18 70 h8" {...measure} />
    </>
  ),
  'inside jaws': (
    <>
      <path d="M8 43 H58 V47 H8 Z M8 53 H58 V57 H8 Z" {...steel} />
      <path d="M84 42 V58 M80 42 h8 M80 58 h8" {...measure} />
    </>
  ),
  'along the outside': (
    <>
      <path d="M34 4 H40 V30 H30 Z M70 0 H76 V18 H70 Z" {...steel} />
      <path d="M40 94 H70 M40 90 v8 M70 90 v8" {...measure} />
    </>
  ),
};

/** Where the caliper goes for one dimension: the kind of probe, the rear lip on the left. */
export function ProbeDrawing({ name }: { readonly name: FeatureName }) {
  const probe = probeOf(name);
  const { label, how } = featureDefinition(name);
  return (
    <svg className="probe" viewBox="0 0 180 102" role="img" aria-label={`${label}: ${probe}, ${how}`}>
      {body}
      {drawn[probe]}
    </svg>
  );
}
