import { parsePositiveLength } from '@gorvane/core/quantity/length.ts';
import { starters } from '@gorvane/core/lead/starters.ts';
import { Button, SegmentedControl, TextInput } from '@mantine/core';
import type { FormEvent } from 'react';
import { lazy, Suspense, useState } from 'react';
import { useNavigate } from 'react-router';
import { parseAnotherTry, parseQuantity, problemOf } from './new-lead-fields.ts';

/** Starters shown until more are asked for. */
const firstShown = 8;

/** Longest lead that can be asked for, metres. */
const longest = 1000;

const WhatToWhat = lazy(async () => ({ default: (await import('./what-to-what.tsx')).WhatToWhat }));

/** A new lead in three choices: what it connects, how long, how many. */
export function NewLeadForm() {
  const navigate = useNavigate();
  const [way, setWay] = useState<'from a starter' | 'from what to what'>('from a starter');
  const [starterId, setStarterId] = useState(starters[0]!.id);
  const [length, setLength] = useState('');
  const [another, setAnother] = useState('');
  const [quantity, setQuantity] = useState('1');
  const [asked, setAsked] = useState(false);
  const [all, setAll] = useState(false);
  const readLength = () => parsePositiveLength(length, longest, 'm');
  const starter = starters.find(({ id }) => id === starterId)!;
  const lies = [starter.near, ...starter.far].some((end) => end.lies !== undefined);
  const readTry = () => (lies ? parseAnotherTry(another) : 0);
  const lengthProblem = asked ? problemOf(readLength) : undefined;
  const tryProblem = asked && lies ? problemOf(readTry) : undefined;
  const quantityProblem = asked ? problemOf(() => parseQuantity(quantity)) : undefined;

  const submit = async (event: FormEvent) => {
    event.preventDefault();
    setAsked(true);
    if (problemOf(readLength) ?? problemOf(readTry) ?? problemOf(() => parseQuantity(quantity))) return;
    const { createLead } = await import('../../data/new-lead.ts');
    const leadId = await createLead({
      starter,
      length: readLength(),
      slack: readTry(),
      quantity: parseQuantity(quantity),
    });
    void navigate(`/leads/${leadId}/choose`);
  };

  return (
    <section className="new-lead" aria-labelledby="new">
      <div className="stage-head">
        <h2 id="new">Start a new lead</h2>
        <SegmentedControl
          aria-label="How to start"
          value={way}
          onChange={(value) => setWay(value)}
          data={['from a starter', 'from what to what']}
        />
      </div>
      {way === 'from what to what' && (
        <Suspense fallback={null}>
          <WhatToWhat />
        </Suspense>
      )}
      <form onSubmit={(event) => void submit(event)} noValidate hidden={way !== 'from a starter'}>
        <fieldset className="starters" style={{ border: 0, margin: 0, padding: 0 }}>
          <legend>1. What does it connect?</legend>
          {starters.slice(0, all ? undefined : firstShown).map(({ id, connects, detail }) => (
            <label key={id}>
              <input
                type="radio"
                name="starter"
                value={id}
                checked={id === starterId}
                onChange={() => setStarterId(id)}
              />
              {connects}
              <small>{detail}</small>
            </label>
          ))}
          {!all && (
            <button type="button" className="text-button" onClick={() => setAll(true)}>
              {starters.length - firstShown} more, among them feeder, trunk, loudspeaker posts and terminals
            </button>
          )}
        </fieldset>
        <div className="new-lead-foot">
          <div className="new-lead-row">
            <TextInput
              label={lies ? '2. How long is what lies there?' : '2. How long?'}
              description={lies ? 'about; metres unless said' : 'finished; metres unless said'}
              placeholder="3.4 m, 12 ft 6 in"
              value={length}
              error={lengthProblem}
              onChange={({ currentTarget }) => setLength(currentTarget.value)}
            />
            {lies && (
              <TextInput
                label="How much cable is there for another try?"
                description="what can be drawn out; mm unless said"
                value={another}
                error={tryProblem}
                onChange={({ currentTarget }) => setAnother(currentTarget.value)}
              />
            )}
            <TextInput
              label="3. How many?"
              description="units, each with its serial"
              inputMode="numeric"
              value={quantity}
              error={quantityProblem}
              onChange={({ currentTarget }) => setQuantity(currentTarget.value)}
            />
          </div>
          <Button type="submit" size="md">
            Make the lead
          </Button>
        </div>
      </form>
    </section>
  );
}
