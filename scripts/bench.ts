import { writeFileSync } from 'node:fs';
import { studyLightingBus } from '@gorvane/core/bus/lighting-bus.ts';
import { cables } from '@gorvane/core/cable/catalogue/catalogue.ts';
import { readTouchstone } from '@gorvane/core/file/touchstone.ts';
import { writeTouchstone } from '@gorvane/core/file/touchstone-write.ts';
import { budget } from '@gorvane/core/line/budget.ts';
import type { CascadeElement } from '@gorvane/core/line/cascade.ts';
import { frequencyGrid, sweepCascade } from '@gorvane/core/line/cascade.ts';
import { chainNetwork } from '@gorvane/core/line/chain-network.ts';
import { reflectogram } from '@gorvane/core/line/reflectogram.ts';
import { ferryLanding } from '@gorvane/demo/ferry-landing.ts';
import { exampleWant } from '@gorvane/core/testing/example.ts';
import { planLead } from '@gorvane/core/plan/lead-plan.ts';
import { planThreading } from '@gorvane/core/thread/plan.ts';
import type { ThreadPart, ThreadRun } from '@gorvane/core/thread/run.ts';
import { diagnosisOf64, matrixOf128, sweepOf2001, sweepsPerSecond } from './bench-prove.ts';

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

/** Twelve pieces of line, no two alike: the dearest chain of its size. */
const chain = Array.from({ length: 12 }, (_, n): CascadeElement => ({
  kind: 'line',
  impedance: 48 + n,
  velocityFactor: 0.66 + 0.01 * n,
  length: 0.5 + n,
  loss: { k1: 1.6e-3, k2: 1e-9 },
}));
const shortGrid = frequencyGrid(1e6, 3e9, 2001);
const longGrid = frequencyGrid(1e6, 3e9, 20_001);
const reflection = sweepCascade(chain, frequencyGrid(1e6, 4.001e9, 4001), 50);
const touchstone = writeTouchstone(chainNetwork(chain, longGrid, 50));

const demo = ferryLanding();
const splitLead = demo.leads.find(({ ends }) => ends.length > 2)!;
const run = largestRun();
const results = [
  {
    work: 'full plan of one lead (fit, strip, thread, build steps, proof)',
    reachMs: 15,
    ms: median(() => planLead(demo.leads[0]!, demo.gaugeCards, demo.house[0]!)),
  },
  {
    work: 'full plan of a lead with a split, two cables run through',
    reachMs: 15,
    ms: median(() => planLead(splitLead, demo.gaugeCards, demo.house[0]!)),
  },
  {
    work: 'threading plan, 40 parts, Y lead with 3 legs',
    reachMs: 50,
    ms: median(() => planThreading(run, { timing: 'early', order: [] })),
  },
  {
    work: 'chain of 12 elements, 2 001 points, S11 and S21',
    reachMs: 4,
    ms: median(() => sweepCascade(chain, shortGrid, 50)),
  },
  {
    work: 'chain of 12 elements, 20 001 points',
    reachMs: 40,
    ms: median(() => sweepCascade(chain, longGrid, 50), 15),
  },
  {
    work: 'reflection of 4 001 points with de-masking',
    reachMs: 40,
    ms: median(
      () =>
        reflectogram(reflection, {
          velocityFactor: 0.7,
          velocityUncertainty: 0.015,
          loss: { k1: 1.6e-3, k2: 1e-9 },
        }),
      15,
    ),
  },
  {
    work: 'lighting bus, 32 receivers, 10 bit times',
    reachMs: 100,
    ms: median(
      () =>
        studyLightingBus({
          cable: { impedance: 120, velocityFactor: 0.66, loopResistance: 0.18 },
          length: 300,
          receivers: 32,
          unitLoads: 1,
          terminator: 120,
          branch: null,
        }),
      15,
    ),
  },
  {
    work: 'budget over the whole catalogue, 5 frequencies',
    reachMs: 5,
    ms: median(() => budget(cables, { ...exampleWant, frequencies: [30e6, 162e6, 450e6, 900e6, 2e9] })),
  },
  {
    work: 'Touchstone, 20 001 points, 2 ports, parse',
    reachMs: 60,
    ms: median(() => readTouchstone(touchstone, 'bench.s2p'), 15),
  },
  { work: 'matrix of 128 points judged and drawn', reachMs: 100, ms: median(matrixOf128(), 15) },
  { work: 'two-port sweep of 2 001 points judged', reachMs: 50, ms: median(sweepOf2001(), 15) },
  { work: 'diagnosis of 64 points with 4 faults', reachMs: 200, ms: median(diagnosisOf64(), 9) },
  { work: 'one sweep of 2 001 points over the bridge', reachMs: 50, ms: 1000 / (await sweepsPerSecond()) },
];
for (const { work, reachMs, ms } of results)
  console.log(`${ms.toFixed(2).padStart(8)} ms  of ${reachMs} ms  ${work}`);
writeFileSync(new URL('../bench.json', import.meta.url), `${JSON.stringify(results, null, 2)}\n`);
