import { afterEach, expect, test } from '@jest/globals';
import { signalPlan } from '@gorvane/core/testing/signal-lead.ts';
import { cleanup, render, screen } from '@testing-library/react';
import { LugsFromAbove } from './lugs-from-above.tsx';

afterEach(cleanup);

const plan = signalPlan('balanced', 'mic-pair', ['jack-6-trs', 'jack-6-trs']);
const joints = plan.steps.filter(({ role, endId }) => role === 'joint' && endId === 'A');
const conductors = plan.ends[0]!.input.joints;

test('lugs are numbered in the order in which they are soldered, and the iron stands at the one at hand', () => {
  const drawn = (contact: string | undefined) =>
    render(<LugsFromAbove joints={joints} conductors={conductors} contact={contact} />);
  const quiet = drawn(undefined).container.innerHTML;
  expect(screen.getByRole('img').getAttribute('aria-label')).toBe(
    'Lugs from above, in order: 1 sleeve, shield; 2 ring, blue; 3 tip, white',
  );
  cleanup();
  const atRing = drawn('ring').container.innerHTML;
  expect(atRing).not.toBe(quiet);
  cleanup();
  expect(drawn('tip').container.innerHTML).not.toBe(atRing);
});
