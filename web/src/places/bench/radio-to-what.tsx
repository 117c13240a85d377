import type { RadioAnswer, RadioWant } from '@gorvane/core/plan/radio-lead.ts';
import { proposeRadioLeads } from '@gorvane/core/plan/radio-lead.ts';
import { matingPorts } from '@gorvane/core/connector/port.ts';
import { environments } from '@gorvane/core/lead/lead.ts';
import { formatDecibels, parseDecibels } from '@gorvane/core/quantity/decibel.ts';
import { parseFrequencies } from '@gorvane/core/quantity/frequency.ts';
import { parsePositiveLength } from '@gorvane/core/quantity/length.ts';
import { QuantityError } from '@gorvane/core/quantity/quantity-error.ts';
import { parsePower } from '@gorvane/core/quantity/power.ts';
import { Button, NativeSelect, TextInput } from '@mantine/core';
import { useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { createLeadOf } from '../../data/new-lead.ts';
import { useHouse } from '../../data/live.ts';
import { parseQuantity, problemOf } from './new-lead-fields.ts';

const options = matingPorts.map(({ id, label }) => ({ value: id, label }));
const portOf = (id: string) => matingPorts.find((port) => port.id === id)!;

/** Cheaper cables of which it is said why they do not do. */
const passedOverShown = 4;

const usual = {
  near: 'n socket',
  far: 'n socket',
  frequencies: '162 MHz',
  power: '25 W',
  limit: '1 dB',
  environment: 'outdoor',
  length: '',
  quantity: '1',
};
type Asked = typeof usual;

/** Loss that a run may have, dB. */
function readLimit(text: string): number {
  const limit = parseDecibels(text);
  if (!(limit > 0)) throw new QuantityError(text, 'a loss above 0 dB');
  return limit;
}

const readers = {
  frequencies: ({ frequencies }: Asked) => parseFrequencies(frequencies),
  power: ({ power }: Asked) => parsePower(power),
  limit: ({ limit }: Asked) => readLimit(limit),
  length: ({ length }: Asked) => parsePositiveLength(length, 1000, 'm'),
  quantity: ({ quantity }: Asked) => parseQuantity(quantity),
};

/** What is proposed, or why nothing can be. */
function answerOf(want: RadioWant | null): { answer?: RadioAnswer; refused?: string } {
  if (!want) return {};
  try {
    return { answer: proposeRadioLeads(want) };
  } catch (error) {
    return { refused: error instanceof Error ? error.message : String(error) };
  }
}

/** A radio lead from its two sockets: cable and ends by what the run may lose, with reasons and the runners-up. */
export function RadioToWhat() {
  const navigate = useNavigate();
  const house = useHouse();
  const [asked, setAsked] = useState(usual);
  const [chosen, setChosen] = useState(0);
  const set = (change: Partial<Asked>) => {
    setAsked({ ...asked, ...change });
    setChosen(0);
  };
  const problem = (field: keyof typeof readers) =>
    asked[field] === '' ? undefined : problemOf(() => readers[field](asked));
  const ready =
    house !== undefined &&
    (Object.keys(readers) as (keyof typeof readers)[]).every(
      (field) => problemOf(() => readers[field](asked)) === undefined,
    );
  const { answer, refused } = useMemo(
    () =>
      answerOf(
        ready && house
          ? {
              near: portOf(asked.near),
              far: portOf(asked.far),
              frequencies: readers.frequencies(asked),
              power: readers.power(asked),
              length: readers.length(asked),
              limitDb: readers.limit(asked),
              environment: environments.find((place) => place === asked.environment)!,
              house,
            }
          : null,
      ),
    [asked, ready, house],
  );
  const proposal = answer?.proposals[chosen];
  const make = async () => {
    if (!proposal) return;
    const leadId = await createLeadOf({ ...proposal.request, quantity: readers.quantity(asked) });
    void navigate(`/leads/${leadId}/choose`);
  };
  const text = (field: keyof typeof readers, label: string, description?: string) => (
    <TextInput
      label={label}
      description={description}
      value={asked[field]}
      error={problem(field)}
      onChange={({ currentTarget }) => set({ [field]: currentTarget.value })}
    />
  );
  return (
    <>
      <NativeSelect
        label="From which socket?"
        value={asked.near}
        data={options}
        onChange={({ currentTarget: { value } }) => set({ near: value })}
      />
      <NativeSelect
        label="To which socket?"
        value={asked.far}
        error={refused}
        data={options}
        onChange={({ currentTarget: { value } }) => set({ far: value })}
      />
      <NativeSelect
        label="Where does it live?"
        value={asked.environment}
        data={[...environments]}
        onChange={({ currentTarget: { value } }) => set({ environment: value })}
      />
      {text('frequencies', 'Working frequencies', 'several with a semicolon between')}
      {text('power', 'Power into it')}
      {text('limit', 'Loss allowed', 'both connectors counted')}
      {text('length', 'How long, between mating planes?', 'finished; metres unless said')}
      {text('quantity', 'How many of them?')}
      <Button size="md" disabled={!proposal} onClick={() => void make()}>
        Make this lead
      </Button>
      {answer ? (
        <Proposals answer={answer} chosen={chosen} onChoose={setChosen} />
      ) : (
        <p className="soft">With a length the cable and the ends are proposed here, with reasons.</p>
      )}
    </>
  );
}

function Proposals({
  answer: { proposals, passedOver },
  chosen,
  onChoose,
}: {
  readonly answer: RadioAnswer;
  readonly chosen: number;
  readonly onChoose: (index: number) => void;
}) {
  const nearest = passedOver.slice(-passedOverShown);
  return (
    <div className="proposal-choice">
      {proposals.length === 0 && (
        <p className="not-yet" role="status">
          ▲ No cable of the catalogue keeps that. Allow more loss, shorten the run, or put the radio nearer to
          the antenna.
        </p>
      )}
      {proposals.length > 0 && (
        <fieldset className="starters">
          <legend>Of which cable?</legend>
          {proposals.map(({ cable, lossDb, cost, toBuy }, index) => (
            <label key={cable.id}>
              <input
                type="radio"
                name="proposal"
                checked={index === chosen}
                onChange={() => onChoose(index)}
              />
              {cable.name}
              <small>
                {formatDecibels(lossDb)}
                {index > 0 && `, ${(cost / proposals[0]!.cost).toFixed(1)} times the price of the first`}
                {toBuy && ', a tool or die to buy'}
              </small>
            </label>
          ))}
        </fieldset>
      )}
      {proposals[chosen] && (
        <ul aria-label="Proposed, because" className="proposal">
          {proposals[chosen].reasons.map((reason) => (
            <li key={reason}>{reason}</li>
          ))}
        </ul>
      )}
      {nearest.length > 0 && (
        <details open={proposals.length === 0}>
          <summary>Why nothing cheaper</summary>
          <ul>
            {nearest.map((line) => (
              <li key={line} className="soft">
                {line}.
              </li>
            ))}
          </ul>
        </details>
      )}
    </div>
  );
}
