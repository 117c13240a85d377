import { afterEach, expect, test } from '@jest/globals';
import { signalPlan } from '@gorvane/core/testing/signal-lead.ts';
import { cleanup, render, screen } from '@testing-library/react';
import { LugsFromAbove } from './lugs-from-above.tsx';

afterEach(cleanup);

const jointsOf = (connector: string, cable = 'mic-pair') =>
  signalPlan('balanced', cable, [connector, connector]).steps.filter(
    ({ role, endId }) => role === 'joint' && endId === 'A',
  );

test('lugs are numbered in the order in which they are soldered, and the iron stands at the one at hand', () => {
  const joints = jointsOf('jack-6-trs');
  const drawn = (contact: string | undefined) => render(<LugsFromAbove joints={joints} contact={contact} />);
  const quiet = drawn(undefined).container.innerHTML;
  expect(screen.getByRole('img').getAttribute('aria-label')).toBe(
    'Lugs from above, in order: 1 sleeve, 2 ring, 3 tip',
  );
  cleanup();
  const atRing = drawn('ring').container.innerHTML;
  expect(atRing).not.toBe(quiet);
  cleanup();
  expect(drawn('tip').container.innerHTML).not.toBe(atRing);
});
