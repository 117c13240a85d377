import { describe, expect, test } from '@jest/globals';
import type { UnitHappening } from '@gorvane/core/unit/unit.ts';
import { renderHook } from '@testing-library/react';
import type { ReactNode } from 'react';
import { Around, unitOf } from '../../../test/open-at.tsx';
import { useHappeningWords } from './happening-words.ts';

const { steps } = unitOf('OS-0003').plan!;
const jacket = steps.find(({ role }) => role === 'jacket')!;
const height = steps.find(({ role }) => role === 'contact-height')!;
const noShort = steps.find(({ role }) => role === 'no-short')!;

const words = () => {
  const wrapper = ({ children }: { readonly children: ReactNode }) => <Around>{children}</Around>;
  return renderHook(() => useHappeningWords(steps), { wrapper }).result.current;
};

describe('the record in words', () => {
  test.each<[UnitHappening, RegExp]>([
    [
      { kind: 'part confirmed', stepId: jacket.id, partId: 'A/ferrule' },
      /^Seen on the cable: ferrule, end A, at Take the jacket off/,
    ],
    [{ kind: 'step done', stepId: jacket.id, seconds: 41 }, /^Done: Take the jacket off, end A, 41 s$/],
    [{ kind: 'step done', stepId: jacket.id }, /^Done: Take the jacket off, end A$/],
    [
      { kind: 'trial fit', stepId: jacket.id, endId: 'A', touches: 'braid', gap: 0.4e-3 },
      /braid touches, 0\.4 mm off/,
    ],
    [{ kind: 'trial fit', stepId: jacket.id, endId: 'A', touches: null, gap: 0 }, /^Trial, end A: seats$/],
    [{ kind: 'hold answered', stepId: height.id, good: false, reading: 0.5e-3 }, /: Out, 0\.50 mm/],
    [{ kind: 'hold answered', stepId: noShort.id, good: true, reading: Number.MAX_VALUE }, /: Good, open$/],
    [
      {
        kind: 'trouble',
        stepId: jacket.id,
        seen: 'nick',
        outcome: 'gone back',
        advice: 'Cut back.',
        scrap: [],
      },
      /^Off: nick, at Take the jacket off, end A: gone back\. Cut back\.$/,
    ],
    [
      { kind: 'taken shorter', shortage: 0.02, name: 'Mara', reason: 'rack is near' },
      /^Taken 20\.0 mm shorter by Mara/,
    ],
    [
      { kind: 'photograph', stepId: null, hash: 'x', caption: '', width: 1, height: 1 },
      /^Picture: without words$/,
    ],
    [{ kind: 'first article', corrections: [] }, /accepted as planned/],
    [{ kind: 'first article', corrections: ['a', 'b'] }, /^First article: a; b$/],
    [{ kind: 'set aside', reason: 'bag empty' }, /^Set aside: bag empty$/],
    [{ kind: 'taken up' }, /^Taken up again$/],
    [{ kind: 'scrapped', reason: 'too short' }, /^Given up: too short$/],
    [{ kind: 'note', stepId: null, text: 'second reel' }, /^Note: second reel$/],
    [{ kind: 'length measured', legId: 'cable', length: 3.394 }, /^Finished length of cable: 3/],
    [{ kind: 'step done', stepId: 'of another plan' }, /^Done: of another plan$/],
  ])('%j', (happening, expected) => {
    expect(words()(happening)).toMatch(expected);
  });
});
