import { writeFileSync } from 'node:fs';
import { ferryLanding } from '@gorvane/demo/ferry-landing.ts';
import { planLead } from '@gorvane/core/plan/lead-plan.ts';
import { planThreading } from '@gorvane/core/thread/plan.ts';
import type { ThreadPart, ThreadRun } from '@gorvane/core/thread/run.ts';

/** Median time of several runs, milliseconds. */
function median(work: () => unknown, runs = 41): number {
  for (let warm = 0; warm < 5; warm++) work();
  const times = Array.from({ length: runs }, () => {
    const start = performance.now();
    work();
    return performance.now() - start;
  });
  return times.sort((a, b) => a - b)[Math.floor(runs / 2)]!;
}

/** A Y lead with a trunk and three legs and forty parts, the largest run that is promised. */
function largestRun(): ThreadRun {
  const legs = ['T', 'L', 'M', 'R'];
  const parts = Array.from({ length: 40 }, (_, index): ThreadPart => {
    const legId = legs[index % 4]!;
    const size = legId === 'T' ? 30 : 8;
    return {
      id: `p${index}`,
      label: `part ${index}`,
      legId,
      place: 10 + index * 20,
      opening: size,
      outside: size + 1,
      fixedOutside: size + 1,
      fixedBy: `close ${legId}`,
    };
  });
  return {
    nodes: [
      ...legs.map((id) => ({ id: `end ${id}`, kind: 'end' as const, label: id })),
      { id: 'y', kind: 'split', label: 'split' },
    ],
    legs: legs.map((id) => ({
      id,
      fromNodeId: id === 'T' ? 'end T' : 'y',
      toNodeId: id === 'T' ? 'y' : `end ${id}`,
      diameter: id === 'T' ? 12 : 5,
      length: 1000,
    })),
    parts,
    events: legs.map((id) => ({
      id: `close ${id}`,
      label: `close ${id}`,
      closes: { nodeId: `end ${id}`, diameter: 40 },
      after: [],
    })),
    done: [],
    on: [],
  };
}

const demo = ferryLanding();
const run = largestRun();
const results = [
  {
    work: 'full plan of one lead (fit, strip, thread, build steps, proof)',
    reachMs: 15,
    ms: median(() => planLead(demo.leads[0]!, demo.gaugeCards, demo.house[0]!)),
  },
  {
    work: 'threading plan, 40 parts, Y lead with 3 legs',
    reachMs: 50,
    ms: median(() => planThreading(run, { timing: 'early', order: [] })),
  },
];
for (const { work, reachMs, ms } of results)
  console.log(`${ms.toFixed(2).padStart(8)} ms  of ${reachMs} ms  ${work}`);
writeFileSync(new URL('../bench.json', import.meta.url), `${JSON.stringify(results, null, 2)}\n`);
