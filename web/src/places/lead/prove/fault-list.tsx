import type { InjectedFault } from '@gorvane/core/prove/injected-fault.ts';
import { Checkbox, TextInput } from '@mantine/core';
import { useState } from 'react';

/** Faults by where somebody would look for them. */
const groups: readonly { readonly name: string; readonly kinds: readonly InjectedFault['kind'][] }[] = [
  { name: 'Open, or touching', kinds: ['open', 'short'] },
  { name: 'On another contact', kinds: ['swap', 'wrong contact', 'rotated', 'mirrored'] },
  {
    name: 'A joint that conducts badly, is loose, or leaks',
    kinds: ['high resistance', 'intermittent', 'leak'],
  },
  { name: 'Inside the cable', kinds: ['cable open', 'cable short', 'crush', 'water', 'wrong cable'] },
  { name: 'Choke', kinds: ['wrong beads'] },
];

/** So many are taken in at a glance. */
const glance = 8;

interface FaultListProps {
  readonly faults: readonly {
    readonly fault: InjectedFault;
    readonly words: string;
    readonly isSet: boolean;
  }[];
  readonly onToggle: (fault: InjectedFault) => void;
}

/** Every fault that can be set, in groups; where there are many they are found by their words. */
export function FaultList({ faults, onToggle }: FaultListProps) {
  const [sought, setSought] = useState('');
  const parts = sought.toLowerCase().split(/\s+/).filter(Boolean);
  const found = faults.filter(
    ({ words, isSet }) => isSet || parts.every((part) => words.toLowerCase().includes(part)),
  );
  return (
    <>
      {faults.length > glance && (
        <TextInput
          label="Find a fault"
          placeholder="end B, open, cable"
          value={sought}
          onChange={({ currentTarget: { value } }) => setSought(value)}
        />
      )}
      {found.length === 0 && <p>No fault of this lead is called so.</p>}
      {groups.map(({ name, kinds }) => {
        const own = found.filter(({ fault }) => kinds.includes(fault.kind));
        if (own.length === 0) return null;
        return (
          <fieldset key={name} className="fault-group">
            <legend>{name}</legend>
            {own.map(({ fault, words, isSet }) => (
              <Checkbox
                key={JSON.stringify(fault)}
                mt={8}
                label={words}
                checked={isSet}
                onChange={() => onToggle(fault)}
              />
            ))}
          </fieldset>
        );
      })}
    </>
  );
}
