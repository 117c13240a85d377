import type { ChainFinding } from '../record/chain.ts';
import { entryNumber } from '../record/entry-number.ts';

/** What is wrong with the record of a unit, in words. */
export function chainWords(finding: ChainFinding): string {
  const number = entryNumber(finding);
  switch (finding.code) {
    case 'changed':
      return `entry ${number} of its record was changed after it was written.`;
    case 'missing before':
      return `an entry before number ${number} of its record is missing.`;
    case 'two continuations':
      return `its record has two continuations from entry ${number} on: two benches went on with it apart.`;
  }
}
