import { describe, expect, test } from '@jest/globals';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import type { Unit, UnitEvent, UnitHappening } from '../unit/unit.ts';
import { freezePlan } from '../plan/frozen-plan.ts';
import { planLead } from '../plan/lead-plan.ts';
import { prove } from '../prove/proof.ts';
import { recordChecks } from '../prove/record-checks.ts';
import { testVirtualLead } from '../prove/virtual-lead.ts';
import { seededRandom } from '../quantity/random.ts';
import { canonicalJson } from '../record/canonical-json.ts';
import { nextEvent } from '../record/chain.ts';
import { checksum } from '../record/checksum.ts';
import { exampleLead, house, now } from '../testing/example.ts';
import { checkDataPackage, PackageError, writeDataPackage } from './data-package.ts';

const { lead, card } = exampleLead();
const plan = freezePlan(planLead(lead, [card], house), house);
const unit: Unit = {
  id: 'unit-1',
  schemaVersion: 1,
  revision: 1,
  changedAt: now,
  deleted: false,
  serial: 'B1-0001',
  leadId: lead.id,
  orderId: 'order',
  lineId: 'line',
  sequence: 1,
  plan,
};
const virtual = { lead, lengths: new Map(Object.entries(plan.lengths)), celsius: 20, faults: [] };
const readings = testVirtualLead(virtual, 'Bench one', 'tester', seededRandom(1), plan.family);
const { verdict, checks } = prove(plan, [readings]);
const happenings: UnitHappening[] = [
  { kind: 'started', planChecksum: checksum(canonicalJson(plan)), programVersion: plan.programVersion },
  { kind: 'proved', readings: [readings], verdict, checks: recordChecks(checks) },
];
const events = happenings.reduce<UnitEvent[]>(
  (chain, happening, n) => [
    ...chain,
    nextEvent(chain, unit.id, happening, { id: `event-${n}`, by: 'b', at: now }),
  ],
  [],
);
const packaged = writeDataPackage(
  [{ unit, events, certificate: strToU8('%PDF'), files: { 'B1-0001.s2p': strToU8('# Hz S RI R 50\n') } }],
  now,
);

/** The package with one file changed, or taken out. */
function changed(name: string, change: (text: string) => string | undefined): Uint8Array {
  const files = unzipSync(packaged);
  const text = change(strFromU8(files[name] ?? new Uint8Array()));
  const { [name]: _old, ...others } = files;
  return zipSync(text === undefined ? others : { ...others, [name]: strToU8(text) });
}
const messages = (bytes: Uint8Array) => checkDataPackage(bytes).findings.map(({ message }) => message);

describe('a data package', () => {
  test('holds record, checks, pairs, sweep and certificate, and checks out', () => {
    const files = unzipSync(packaged);
    expect(Object.keys(files).sort()).toEqual([
      'B1-0001/B1-0001.s2p',
      'B1-0001/certificate.pdf',
      'B1-0001/checks.csv',
      'B1-0001/pairs.csv',
      'B1-0001/record.json',
      'README.txt',
      'manifest.json',
    ]);
    const result = checkDataPackage(packaged);
    expect(result.findings).toEqual([]);
    expect(result.units[0]!.unit.serial).toBe('B1-0001');
    const table = strFromU8(files['B1-0001/checks.csv']!);
    expect(table.split('\r\n').length).toBeGreaterThan(checks.length);
    expect(table).toMatch(/Insulation at 500 V,.*at least.*Good,no/);
    expect(strFromU8(files['B1-0001/pairs.csv']!)).toMatch(/A\.centre,A\.outer,(open|\d)/);
  });

  test.each<[string, Uint8Array, RegExp]>([
    [
      'a certificate that was exchanged',
      changed('B1-0001/certificate.pdf', () => '%PDF forged'),
      /certificate.pdf was changed/,
    ],
    ['a sweep that was taken out', changed('B1-0001/B1-0001.s2p', () => undefined), /s2p is missing/],
    ['a file that was added', changed('B1-0001/more.txt', () => 'x'), /more.txt was added/],
    [
      'a verdict turned in the record',
      changed('B1-0001/record.json', (text) =>
        text.replace('"kind": "proved"', '"kind":"proved"').replace(/"verdict": "Good"/, '"verdict": "Out"'),
      ),
      /entry 2 of its record was changed/,
    ],
    [
      'a limit turned in the plan',
      changed('B1-0001/record.json', (text) => text.replace(/"limits": \[/, '"limits": [],"old": [')),
      /not the one that was frozen/,
    ],
    ['a record that is none', changed('B1-0001/record.json', () => '{}'), /missing or cannot be read/],
  ])('%s is found', (_name, bytes, message) => expect(messages(bytes).join(' ')).toMatch(message));

  test.each<[string, Uint8Array, RegExp]>([
    ['no zip', strToU8('hello'), /not a zip/],
    ['another zip', zipSync({ 'a.txt': strToU8('a') }), /no manifest/],
    ['an archive', zipSync({ 'manifest.json': strToU8('{"format":"gorvane archive"}') }), /read in at House/],
    ['a manifest cut off', zipSync({ 'manifest.json': strToU8('{') }), /damaged/],
    [
      'one of a later version',
      changed('manifest.json', (text) => text.replace('"version": 1', '"version": 9')),
      /Update it first/,
    ],
  ])('%s is refused', (_name, bytes, message) => {
    expect(() => checkDataPackage(bytes)).toThrow(PackageError);
    expect(() => checkDataPackage(bytes)).toThrow(message);
  });

  test('a plan that a later version completed is told by the form that was frozen; without it, that is said', () => {
    const { firstArticle: _, ...early } = plan;
    const frozen = canonicalJson(early);
    const happening = { kind: 'started' as const, planChecksum: checksum(frozen), programVersion: '0.1.0' };
    const chain = [nextEvent([], unit.id, happening, { id: 'e', by: 'b', at: now })];
    const pack = (files: Record<string, Uint8Array>, of = unit) =>
      checkDataPackage(writeDataPackage([{ unit: of, events: chain, certificate: strToU8(''), files }], now));
    expect(pack({ 'plan.json': strToU8(frozen) })).toMatchObject({ findings: [], remarks: [] });
    expect(pack({})).toMatchObject({ findings: [], remarks: [{ serial: 'B1-0001' }] });
    const changedUnit = { ...unit, plan: { ...plan, programVersion: 'x' } };
    expect(pack({ 'plan.json': strToU8(frozen) }, changedUnit).findings).toHaveLength(1);
  });

  test('an entry of another unit within a record is found', () => {
    const foreign = { ...events.at(-1)!, id: 'foreign', unitId: 'another' };
    const mixed = { unit, events: [...events, foreign], certificate: strToU8(''), files: {} };
    const { findings } = checkDataPackage(writeDataPackage([mixed], now));
    expect(findings.map(({ message }) => message)).toContain('its record is that of another unit.');
  });

  test('a sweep that the record names and the package lacks is found', () => {
    const take = { ...readings, sweep: { name: 'a.s2p', hash: checksum('a') } };
    const more = { kind: 'proved' as const, readings: take, verdict };
    const chain = [...events, nextEvent(events, unit.id, more, { id: 'more', by: 'b', at: now })];
    const lacking = { unit, events: chain, certificate: strToU8(''), files: {} };
    expect(checkDataPackage(writeDataPackage([lacking], now)).findings[0]!.message).toMatch(
      /a\.s2p, which its record names/,
    );
  });

  test('units of one serial from two benches do not overwrite each other', () => {
    const twin = { unit, events, certificate: strToU8('%PDF'), files: {} };
    const both = unzipSync(writeDataPackage([twin, twin], now));
    expect(Object.keys(both).filter((name) => name.endsWith('record.json'))).toHaveLength(2);
  });
});
