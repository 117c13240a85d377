import type { Raw } from './raw.ts';
import { inFrozen } from './raw.ts';

const range = (leastMm: number, mostMm: number): Raw => ({
  takes: { least: leastMm * 1e-3, most: mostMm * 1e-3 },
  setting: '',
  bladeLife: null,
  bladesNew: null,
});

const tool = (kind: string, name: string, leastMm: number, mostMm: number): Raw => ({
  ...range(leastMm, mostMm),
  kind,
  id: name,
  name,
});

/** What every shop was taken to strip with until tools were records. */
const always: readonly Raw[] = [
  tool('two-position rotary tool', 'rotary tool, 2 to 4 mm', 2, 4),
  tool('two-position rotary tool', 'rotary tool, 4.5 to 8 mm', 4.5, 8),
  tool('two-position rotary tool', 'rotary tool, 9 to 16 mm', 9, 16),
  tool('jacket stripper', 'jacket stripper', 2, 20),
  tool('blade', 'blade', 0.5, 40),
];

/** What a shop ticked as its own, and what that is as a record. */
const ticked: Readonly<Record<string, readonly Raw[]>> = {
  'fine saw': [tool('fine saw', 'fine saw', 8, 80), tool('tube cutter', 'tube cutter', 1, 8)],
  'coring tool': [{ ...tool('coring tool', 'coring tool', 10, 30), depth: null, drive: 'either' }],
};

function withStrippers(house: Raw): Raw {
  const tools = (house.tools ?? []) as readonly string[];
  const own = Object.keys(ticked).filter((name) => tools.includes(name));
  return {
    ...house,
    tools: tools.filter((name) => !(name in ticked)),
    strippers: house.strippers ?? [...always, ...own.flatMap((name) => ticked[name]!)],
  };
}

/** To version 10: what cables are stripped with are records, each with what it takes. */
export const toolsAsRecords = {
  house: withStrippers,
  units: (unit: Raw): Raw => inFrozen(unit, (lead) => lead, withStrippers),
};
