import { describe, expect, test } from '@jest/globals';
import { BenchWalk } from '../testing/bench-walk.ts';
import { exampleLead, house } from '../testing/example.ts';
import { leadOfEachMethod } from '../testing/lead-of-each-method.ts';
import { featureValue } from '../connector/gauge-card.ts';
import { obstructions } from './progress.ts';
import type { Step } from '../recipe/step.ts';
import { cutKey } from '../strip/cut-of.ts';
import { articleCorrections, articleLengths, correctedCut, correctedFeatures } from './first-article.ts';
import { planLead } from '../plan/lead-plan.ts';

const { lead, card } = exampleLead();
const plan = planLead(lead, [card], house);

/** A first article whose end A seated with these layers cut otherwise than planned, metres. */
function article(shift: Readonly<Record<string, number>>, touches: string | null = null): BenchWalk {
  const walk = new BenchWalk(lead, [card], house, true);
  walk.until(({ recordsStrip }) => recordsStrip);
  const measure = walk.progress.current!;
  walk.doStep();
  walk.tell(walk.stripAsPlanned(measure, shift));
  const trial = walk.progress.current!;
  if (touches !== null) walk.tell({ kind: 'trial fit', stepId: trial.id, endId: 'A', touches, gap: 0.5e-3 });
  walk.doStep();
  return walk;
}
const corrections = (walk: BenchWalk) => articleCorrections(plan, walk.progress);

describe('the first of a batch', () => {
  test('does not pass its strip before every cut is read', () => {
    const walk = new BenchWalk(lead, [card], house, true);
    walk.until(({ recordsStrip }) => recordsStrip);
    const measure = walk.progress.current as Step;
    expect(obstructions(walk.progress, measure, walk.unit.plan)).toEqual([
      { code: 'not measured', what: ['Braid end', 'Dielectric end', 'Conductor end'] },
    ]);
    const later = new BenchWalk(lead, [card], house);
    expect(obstructions(later.progress, measure, later.unit.plan)).toEqual([]);
  });

  test('is not proved before its finished length is read', () => {
    const walk = new BenchWalk(lead, [card], house, true);
    walk.until(({ work }) => work === 'prove');
    const proof = walk.progress.current as Step;
    const open = () => obstructions(walk.progress, proof, walk.unit.plan).map(({ code }) => code);
    expect(open()).toEqual(['not measured', 'hold open']);
    walk.tell({ kind: 'length measured', legId: lead.legs[0]!.id, length: 3.4 });
    expect(open()).toEqual(['hold open']);
  });

  test('says of every finished length what was asked and what was measured', () => {
    const legId = lead.legs[0]!.id;
    const walk = article({});
    expect(articleLengths(lead, walk.progress)).toEqual([{ legId, wanted: 3.4, measured: undefined }]);
    walk.tell({ kind: 'length measured', legId, length: 3.394 });
    expect(articleLengths(lead, walk.progress)).toEqual([{ legId, wanted: 3.4, measured: 3.394 }]);
  });
});

describe('what it teaches', () => {
  test('a layer that seated otherwise corrects the feature that places it, and what follows from that is not said twice', () => {
    const found = corrections(article({ dielectric: -0.5e-3, conductor: -0.5e-3 }, 'dielectric'));
    expect(found).toHaveLength(1);
    expect(found[0]).toMatchObject({ kind: 'gauge card', feature: 'stopDepth', supported: true });
    expect(found[0]!.to).toBeCloseTo(featureValue(card, 'stopDepth') - 0.5e-3, 6);
  });

  test('the corrected card plans what was measured', () => {
    const found = corrections(article({ braid: -0.6e-3, dielectric: 0.4e-3, conductor: 0.7e-3 }));
    const corrected = { ...card, features: correctedFeatures(card, found) };
    const after = planLead(lead, [corrected], house).ends[0]!.strip;
    const shift = (layer: string) =>
      after.cuts.find((cut) => cutKey(cut) === layer)!.position.value -
      plan.ends[0]!.strip.cuts.find((cut) => cutKey(cut) === layer)!.position.value;
    expect(shift('braid')).toBeCloseTo(-0.6e-3, 6);
    expect(shift('dielectric')).toBeCloseTo(0.4e-3, 6);
    expect(shift('conductor')).toBeCloseTo(0.7e-3, 6);
  });

  test('what lies within tolerance and was not touched may be the hand: offered, not supported', () => {
    const [found] = corrections(article({ braid: 0.2e-3 }));
    expect(found).toMatchObject({ supported: false });
    expect(corrections(article({ braid: 0.1e-3 }))).toEqual([]);
  });

  test('a feature that moves what seated as planned is offered with that, and not taken by itself', () => {
    const { lead: whip, card: bag } = exampleLead({
      cableId: 'rg-213',
      connectorId: 'uhf-plug-soldered-10-silver',
    });
    const walk = new BenchWalk(whip, [bag], house, true);
    walk.until(({ recordsStrip }) => recordsStrip);
    const measure = walk.progress.current!;
    walk.doStep();
    walk.tell(walk.stripAsPlanned(measure, { dielectric: -1.5e-3 }));
    walk.doStep();
    const [found] = articleCorrections(planLead(whip, [bag], house), walk.progress);
    expect(found).toMatchObject({ kind: 'gauge card', feature: 'stopDepth', supported: false });
    expect(found!.words).toMatch(/it moves braid, too: measure the connector before/);
  });

  test('nothing is said of an end that has not seated', () => {
    const walk = new BenchWalk(lead, [card], house, true);
    walk.until(({ trialFit }) => trialFit);
    walk.tell(
      walk.stripAsPlanned(
        walk.progress.steps.find(({ recordsStrip }) => recordsStrip)!,
        { braid: 1e-3 },
      ),
    );
    expect(corrections(walk)).toEqual([]);
  });

  test('for every method a card corrected by it plans what was measured, where a feature of the card places the cut', () => {
    const helped: string[] = [];
    for (const made of leadOfEachMethod()) {
      const walk = new BenchWalk(made.lead, made.cards, house, true);
      walk.until(({ recordsStrip, endId }) => recordsStrip && endId === 'A');
      const measure = walk.progress.current!;
      const base = planLead(made.lead, made.cards, house);
      const strip = base.ends.find(({ end }) => end.id === 'A')!.strip;
      const [cut] = strip.cuts;
      walk.doStep();
      walk.tell(walk.stripAsPlanned(measure, { [cutKey(cut!)]: 0.5e-3 }));
      walk.doStep();
      const found = articleCorrections(base, walk.progress);
      const cards = made.cards.map((each) => ({ ...each, features: correctedFeatures(each, found) }));
      const again = planLead(made.lead, cards, house).ends.find(({ end }) => end.id === 'A')!.strip;
      const corrected =
        again.cuts.find((each) => cutKey(each) === cutKey(cut!))!.position.value - cut!.position.value;
      if (found.length === 0) continue;
      helped.push(made.method);
      expect([made.method, corrected.toFixed(5)]).toEqual([made.method, '0.00050']);
    }
    expect(helped.length).toBeGreaterThan(11);
  });

  test('a lead that came out short is cut longer from the next one on, and not before 2 mm', () => {
    const walk = article({});
    const legId = lead.legs[0]!.id;
    walk.tell({ kind: 'length measured', legId, length: 3.394 });
    const found = corrections(walk);
    expect(found).toMatchObject([
      { kind: 'cut length', words: 'Cut length: 6.00 mm more from the next one on' },
    ]);
    const after = planLead({ ...lead, cutCorrection: correctedCut(lead, found) }, [card], house);
    expect(after.cuts[0]!.cut.value - plan.cuts[0]!.cut.value).toBeCloseTo(0.006, 9);
    walk.tell({ kind: 'length measured', legId, length: 3.4015 });
    expect(corrections(walk)).toEqual([]);
  });
});
