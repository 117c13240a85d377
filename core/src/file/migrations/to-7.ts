import type { Raw } from './raw.ts';
import { each, filled, inPlan } from './raw.ts';

const carriesConnectors = (lead: Raw): Raw => filled(lead, { ownConnectors: [] });

/** Until now a step was known by its name: the contact, the split or the moment of threading was a piece of it. */
function roleOf(name: string): { role: string; about: string | null } {
  const joint = /^joint (.+)$/.exec(name);
  if (joint) return { role: 'joint', about: joint[1]! };
  const thread = /^thread (.+)$/.exec(name);
  if (thread) return { role: 'thread', about: thread[1]! };
  const split = /^(.+) (split-strip|join|join-open|seal|rings)$/.exec(name);
  if (split) {
    const [, node, what] = split;
    return { role: what === 'seal' || what === 'rings' ? `split-${what}` : what!, about: node! };
  }
  return { role: name === 'ferrule-tug' ? 'cable-tug' : name, about: null };
}

/** Until now scrap was said in words only. */
function scrapOf(word: unknown): unknown {
  if (typeof word !== 'string') return word;
  const withContact = / with contact$/;
  if (withContact.test(word)) return { kind: 'connector with contact', name: word.replace(withContact, '') };
  if (word === 'centre contact') return { kind: 'contact', name: word };
  if (word === 'spade' || word === 'lug') return { kind: 'crimp lug', name: word };
  const plain = ['ferrule', 'reducer', 'shrink', 'tape', 'cable'].includes(word);
  return { kind: plain ? word : 'connector', name: word };
}

/** Until now the id of a part was its end and its kind, and its label its name and its end. */
function partOf(part: Raw): Raw {
  const id = String(part.partId);
  const label = String(part.label);
  const slash = id.indexOf('/');
  const [place, kind] = [id.slice(0, Math.max(0, slash)), id.slice(slash + 1)];
  const isSplit = label.endsWith(', split');
  const extra = label.startsWith('choke')
    ? 'choke'
    : label.startsWith('braided')
      ? 'braided sleeve'
      : 'label sleeve';
  return filled(part, {
    kind: slash < 0 ? extra : isSplit ? 'split shrink' : kind,
    name: label.replace(/, (end .*|split)$/, ''),
    ends: slash < 0 || isSplit ? [] : [place],
  });
}

function step(record: Raw): Raw {
  if ('role' in record) return record;
  const { name, ...rest } = record;
  const hold = record.hold as Raw | null;
  const rework = hold?.rework as Raw | undefined;
  return {
    ...rest,
    ...roleOf(String(name)),
    threads: each(record.threads, partOf),
    requires: each(record.requires, partOf),
    hold: hold && {
      ...hold,
      rework: {
        ...rework,
        backTo: rework!.backTo === '' ? null : roleOf(String(rework!.backTo)).role,
        scrap: (rework!.scrap as unknown[]).map(scrapOf),
      },
    },
  };
}

/** Until now the cable in a limit, and its temperature, were read back out of the terms that explain it. */
function limit(path: Raw): Raw {
  const terms = (path.limit as { terms: { kind: string; symbol?: string; label: string; value: number }[] })
    .terms;
  const contacts = terms
    .filter(({ kind, symbol, label }) => kind === 'resistance' && symbol !== 'R' && /^Contact/.test(label))
    .reduce((sum, { value }) => sum + value, 0);
  const cable = terms.find(({ symbol }) => symbol === 'R')?.value ?? (path.expected as number) - contacts;
  const celsius = terms.find(({ kind }) => kind === 'temperature')?.value ?? 20;
  return filled(path, { cable, celsius });
}

/**
 * To version 7: steps have roles, parts kinds, limits say what of them is cable; a plan has room for its cuts, parts, looks
 * and the rest of its proof (they are completed once, after this).
 */
export const rolesAndWholePlans = {
  leads: carriesConnectors,
  units: (unit: Raw): Raw =>
    inPlan(unit, (plan) => ({
      ...filled(plan, {
        derived: [],
        insulation: { volts: 250, ohms: 1e9 },
        looks: [],
        cuts: [],
        parts: [],
      }),
      lead: carriesConnectors(plan.lead as Raw),
      steps: each(plan.steps, step),
      limits: each(plan.limits, limit),
    })),
};
