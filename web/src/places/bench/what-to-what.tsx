import { proposeLead } from '@gorvane/core/lead/what-to-what.ts';
import { deviceSockets } from '@gorvane/core/lead/device-sockets.ts';
import type { LeadProposal, WhatToWhat as WhatToWhatRequest } from '@gorvane/core/lead/what-to-what.ts';
import { parseWorkingVoltage } from '@gorvane/core/house/working-voltage.ts';
import type { Signal } from '@gorvane/core/connector/signal.ts';
import { signalName, signals } from '@gorvane/core/connector/signal.ts';
import { parsePositiveLength } from '@gorvane/core/quantity/length.ts';
import { Button, NativeSelect, TextInput } from '@mantine/core';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { createLeadOf } from '../../data/new-lead.ts';
import { usualBlock } from '@gorvane/core/connector/terminal-block.ts';
import { BlockChoice } from '../../controls/block-choice.tsx';
import { parseQuantity, problemOf } from './new-lead-fields.ts';
import { RadioToWhat } from './radio-to-what.tsx';

const socketsFor = (signal: Signal) => deviceSockets.filter((socket) => socket.signals.includes(signal));
const asOptions = (signal: Signal) => socketsFor(signal).map(({ id, label }) => ({ value: id, label }));
const none = 'none';

/** What is proposed, or why nothing can be. */
function proposalOf(what: WhatToWhatRequest): { proposal?: LeadProposal; refused?: string } {
  try {
    return { proposal: proposeLead(what) };
  } catch (error) {
    return { refused: error instanceof Error ? error.message : String(error) };
  }
}

/** A lead from what it goes between: of a signal, or of radio frequency. */
export function WhatToWhat() {
  const [signal, setSignal] = useState<Signal>('balanced');
  return (
    <div className="what-to-what">
      <NativeSelect
        label="What goes through it?"
        value={signal}
        data={signals.map((value) => ({ value, label: signalName(value) }))}
        onChange={({ currentTarget: { value } }) => setSignal(signals.find((known) => known === value)!)}
      />
      {signal === 'radio' ? <RadioToWhat /> : <SignalToWhat key={signal} signal={signal} />}
    </div>
  );
}

/** From the sockets that it goes between: ends, cable and pin plan are proposed with reasons. */
function SignalToWhat({ signal }: { readonly signal: Signal }) {
  const navigate = useNavigate();
  const [first, second = first] = socketsFor(signal);
  const [near, setNear] = useState(first!.id);
  const [far, setFar] = useState(second!.id);
  const [third, setThird] = useState(none);
  const [block, setBlock] = useState(usualBlock);
  const [split, setSplit] = useState<'carried through' | 'joined'>('carried through');
  const [length, setLength] = useState('');
  const [quantity, setQuantity] = useState('1');
  const [voltage, setVoltage] = useState('');
  const readLength = () => parsePositiveLength(length, 1000, 'm');
  const readVoltage = () => voltage.trim() !== '' && parseWorkingVoltage(voltage, signal);
  const problems = {
    length: length === '' ? undefined : problemOf(readLength),
    quantity: problemOf(() => parseQuantity(quantity)),
    voltage: problemOf(readVoltage),
  };
  const ready = length !== '' && Object.values(problems).every((problem) => problem === undefined);
  const { proposal, refused } = ready
    ? proposalOf({
        signal,
        near,
        far: third === none ? [far] : [far, third],
        length: readLength(),
        split,
        block,
      })
    : {};
  const make = async () => {
    if (!proposal) return;
    const leadId = await createLeadOf({ ...proposal.request, quantity: parseQuantity(quantity) });
    void navigate(`/leads/${leadId}/choose`);
  };
  return (
    <>
      <NativeSelect
        label="From which socket?"
        value={near}
        data={asOptions(signal)}
        onChange={({ currentTarget: { value } }) => setNear(value)}
      />
      <NativeSelect
        label="To which socket?"
        value={far}
        data={asOptions(signal)}
        onChange={({ currentTarget: { value } }) => setFar(value)}
      />
      <NativeSelect
        label="And to a second one?"
        description="makes a lead with a split"
        error={refused}
        value={third}
        data={[{ value: none, label: 'no' }, ...asOptions(signal)]}
        onChange={({ currentTarget: { value } }) => setThird(value)}
      />
      {third !== none && (
        <NativeSelect
          label="At the split"
          value={split}
          data={[
            { value: 'carried through', label: 'two cables run through' },
            { value: 'joined', label: 'one cable, joined there' },
          ]}
          onChange={({ currentTarget: { value } }) =>
            setSplit(value === 'joined' ? 'joined' : 'carried through')
          }
        />
      )}
      {[near, far, third].includes('header') && (
        <BlockChoice where="header" block={block} onChange={(to) => setBlock((now) => ({ ...now, ...to }))} />
      )}
      <TextInput
        label="How long, tip to tip?"
        description="finished; metres unless said"
        value={length}
        error={problems.length}
        onChange={({ currentTarget }) => setLength(currentTarget.value)}
      />
      <TextInput
        label="Voltage on it?"
        description="leave empty for a signal"
        value={voltage}
        error={problems.voltage}
        onChange={({ currentTarget }) => setVoltage(currentTarget.value)}
      />
      <TextInput
        label="How many of them?"
        inputMode="numeric"
        value={quantity}
        error={problems.quantity}
        onChange={({ currentTarget }) => setQuantity(currentTarget.value)}
      />
      <Button size="md" disabled={!proposal} onClick={() => void make()}>
        Make this lead
      </Button>
      {proposal ? (
        <ul aria-label="Proposed, because" className="proposal">
          {proposal.reasons.map((reason) => (
            <li key={reason}>{reason}</li>
          ))}
        </ul>
      ) : (
        <p className="soft">
          With a length the ends, the cable and the pin plan are proposed here, with reasons.
        </p>
      )}
    </>
  );
}
