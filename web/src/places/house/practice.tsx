import type { House, Practice as Practices } from '@gorvane/core/house/house.ts';
import { planLead } from '@gorvane/core/plan/lead-plan.ts';
import type { PracticeChange } from '@gorvane/core/plan/practice-change.ts';
import { practiceChange } from '@gorvane/core/plan/practice-change.ts';
import { Checkbox, NativeSelect } from '@mantine/core';
import { useState } from 'react';
import { database } from '../../data/database.ts';
import type { PanelProps } from './house-page.tsx';

type School = Exclude<keyof Practices, 'leaveOut'>;

interface Question<Key extends School> {
  readonly key: Key;
  readonly label: string;
  /** The reason and what follows from either choice. */
  readonly reason: string;
  readonly options: readonly { readonly value: Practices[Key]; readonly label?: string }[];
}

const question = <Key extends School>(
  key: Key,
  label: string,
  reason: string,
  options: Question<Key>['options'],
): Question<School> => ({ key, label, reason, options }) as unknown as Question<School>;

const words = <Value extends string>(...values: Value[]) => values.map((value) => ({ value }));

/** Where good technicians disagree: each with its reason, the default first. */
const questions: readonly Question<School>[] = [
  question(
    'stripping',
    'Stripping',
    'a prep tool holds about ± 0.3 mm; a blade ± 0.8 mm, and adds a nick inspection worth having',
    [
      { value: 'tool', label: 'rotary prep tool' },
      { value: 'blade', label: 'blade' },
    ],
  ),
  question('threading', 'Threading', 'early forgets nothing; late keeps parked parts out of the way', [
    { value: 'early', label: 'everything before the first cut' },
    { value: 'late', label: 'each part just before it would be too late' },
  ]),
  question(
    'centreContact',
    'Centre contact',
    'crimped where it is made for it and the die is there; solder needs no die and warms the dielectric',
    words('as it is made', 'solder'),
  ),
  question(
    'ferruleCrimp',
    'Ferrule crimp',
    'a small bell at the cable end leaves no sharp edge on the braid',
    words('bell at the cable end', 'over its whole length'),
  ),
  question(
    'secondCrimp',
    'Second crimp',
    'never over a good one; with an inexact die some allow one more, turned, and record it',
    words('never', 'once more, turned, with an inexact die'),
  ),
  question(
    'bodyHoles',
    'Holes of a soldered UHF body',
    'all: bond, strength, weather. None is accepted indoors at low power and spares the dielectric',
    words('all', 'none'),
  ),
  question(
    'braidTack',
    'Braid before a soldered body',
    'tacked, no strand comes loose while the body turns; custom more than electrical need',
    words('tack above the house power', 'comb and trim'),
  ),
  question(
    'screwOnCore',
    'Core before a screw-on body',
    'tinned it finds the tip; bare where the bore is too tight',
    words('twist and tin', 'leave bare'),
  ),
  question(
    'tightening',
    'Tightening',
    'a torque is the same on Friday as on Monday; by feel needs no tool',
    words('torque', 'feel'),
  ),
  question(
    'coring',
    'Coring a trunk cable',
    'by hand the conductor cannot be grabbed and twisted; a drill is quicker and can snatch',
    words('hand', 'drill'),
  ),
  question(
    'solder',
    'Solder',
    'lead-free is hotter by about 30 °C and dwells longer; leaded only where the rules allow it',
    words('lead-free', 'leaded'),
  ),
  question(
    'cups',
    'Solder cups',
    'filled and reflowed the core is held at once; fed into a dry cup where the core is too thick to enter a full one',
    words('fill and reflow', 'seat and feed'),
  ),
  question(
    'tinning',
    'Cores before a cup or lug',
    'tinned, no strand strays; short of the insulation, so that it stays flexible. Under clamps never',
    words('tin', 'leave bare'),
  ),
  question(
    'spareCore',
    'Spare core',
    'folded back under shrink the lead can be changed later; cut flush there is nothing to come loose',
    words('fold back', 'cut flush'),
  ),
  question(
    'shieldTail',
    'Shield tail against the cores',
    'shorter it takes the pull and stays clear of the contacts; longer, where it is a protective bond, it lets go last',
    words('shorter than the cores', 'longer than the cores'),
  ),
  question(
    'lightingTail',
    'Screen tail of lighting leads',
    'twisted is quick; a stranded link flexes where a twisted braid breaks, on hard-worked touring leads',
    words('twist the braid', 'solder a stranded link'),
  ),
  question(
    'secondPair',
    'Second pair of lighting leads',
    'part of the standard pinout, and testers look for it. Decides pin plans that are made from now on',
    words('wire', 'leave empty'),
  ),
  question(
    'innerShrink',
    'Sleeves inside a connector',
    'clear, so that the joint can be seen; coloured, so that it is told apart',
    words('clear', 'coloured'),
  ),
  question(
    'sleeveCut',
    'Braided sleeve',
    'measured first it is cut once; fitted over-long it is never short',
    words('measure first', 'fit over-long, then cut'),
  ),
  question(
    'sleeveHold',
    'Ends of a braided sleeve',
    'shrink holds it; adhesive under it where it is dragged over floors',
    words('shrink', 'shrink and adhesive'),
  ),
  question(
    'weatherSeal',
    'Weather seal',
    'adhesive shrink is quick; tape welds to itself and can be cut off again; both where water stands',
    words('shrink, and both when buried or at sea', 'adhesive shrink', 'self-amalgamating tape', 'both'),
  ),
  question(
    'heatSource',
    'Heat for shrink',
    'a flame scorches and lights gel, sleeve and foam: only where hot air is not to be had',
    words('hot air', 'open flame'),
  ),
  question(
    'outerSeal',
    'Outer seal',
    'after the test an end can still be opened; before it, the shrink is the strain relief while testing',
    words('after the full test', 'before, as strain relief'),
  ),
  question(
    'coilFrom',
    'Over-under coil starts from',
    'so that the far end runs out first',
    words('end A', 'end B'),
  ),
];

const leftOutNames: Readonly<Record<Practices['leaveOut'][number], string>> = {
  resistance: 'resistance of every path',
  insulation: 'insulation',
  family: 'terminator and pairs of lighting leads',
};

/** What a practice makes of every lead that can be planned. */
async function changesOf(before: House, after: House): Promise<PracticeChange[]> {
  const leads = (await database.leads.toArray()).filter(({ deleted }) => !deleted);
  const cards = await database.gaugeCards.toArray();
  return leads.flatMap((lead) => {
    try {
      return practiceChange(planLead(lead, cards, before), planLead(lead, cards, after)) ?? [];
    } catch {
      return [];
    }
  });
}

/** House practice: every choice says its reason, and what it has just changed. */
export function Practice({ house: { record, edit } }: PanelProps) {
  const [said, setSaid] = useState<{ key: string; changes: readonly PracticeChange[] } | undefined>();
  const practise = (key: keyof Practices, label: string, change: Partial<Practices>) => {
    const after = { ...record, practice: { ...record.practice, ...change } };
    edit(label, (now) => ({ ...now, practice: { ...now.practice, ...change } }));
    void changesOf(record, after).then((changes) => setSaid({ key, changes }));
  };
  const leaveOut = (check: Practices['leaveOut'][number], asked: boolean) =>
    practise('leaveOut', `${check} check`, {
      leaveOut: asked
        ? record.practice.leaveOut.filter((other) => other !== check)
        : [...record.practice.leaveOut, check],
    });
  return (
    <section aria-labelledby="practice">
      <h2 id="practice">House practice</h2>
      <div className="practice">
        {questions.map(({ key, label, reason, options }) => (
          <div key={key}>
            <NativeSelect
              label={label}
              description={reason}
              value={record.practice[key]}
              data={options.map(({ value, label: text }) => ({ value, label: text ?? value }))}
              onChange={({ currentTarget: { value } }) => practise(key, label, { [key]: value })}
            />
            {said?.key === key && <Changes changes={said.changes} />}
          </div>
        ))}
      </div>
      <div>
        <p>Checks that a proof asks for; one left out is said on the certificate</p>
        {(['resistance', 'insulation', 'family'] as const).map((check) => (
          <Checkbox
            key={check}
            mt={6}
            label={leftOutNames[check]}
            checked={!record.practice.leaveOut.includes(check)}
            onChange={({ currentTarget: { checked } }) => leaveOut(check, checked)}
          />
        ))}
      </div>
    </section>
  );
}

function Changes({ changes }: { readonly changes: readonly PracticeChange[] }) {
  const count = changes.reduce(
    (sum, { added, removed, changed }) => sum + added.length + removed.length + changed.length,
    0,
  );
  const list = (word: string, titles: readonly string[]) =>
    titles.length > 0 ? `${word}: ${titles.join('; ')}. ` : '';
  return (
    <div className="advice" role="status">
      <p>
        {count === 0
          ? 'no step of any lead changes.'
          : `${count} ${count === 1 ? 'step' : 'steps'} of ${changes.length} ${changes.length === 1 ? 'lead' : 'leads'} change. Units already started keep the plan they were started with.`}
      </p>
      {changes.map(({ leadName, added, removed, changed }) => (
        <p key={leadName} className="soft">
          {leadName}. {list('New', added)}
          {list('Gone', removed)}
          {list('Other', changed)}
        </p>
      ))}
    </div>
  );
}
