import { afterEach, describe, expect, test } from '@jest/globals';
import { jointKinds, joints } from '@gorvane/core/recipe/joint.ts';
import { seenAt, troubles } from '@gorvane/core/recipe/trouble.ts';
import { cleanup, render, screen } from '@testing-library/react';
import { LookDrawing } from './look-drawing.tsx';

afterEach(cleanup);
const drawing = (node: React.ReactElement) => render(node).container.querySelector('svg')!;

describe('drawn looks', () => {
  test.each(troubles.map((trouble) => [trouble.id, trouble] as const))(
    '%s is drawn otherwise than the good one, marked, and said in words',
    (id, { label, subject }) => {
      const good = drawing(<LookDrawing look="good" subject={subject} />).innerHTML;
      const bad = drawing(<LookDrawing look={id} subject={subject} />);
      expect(bad.innerHTML).not.toBe(good);
      expect(bad.innerHTML).toContain('var(--out)');
      expect(good).not.toContain('var(--out)');
      expect(bad.getAttribute('aria-label')).toBe(`${label}: ${seenAt(id, subject)}`);
      expect(screen.getByText(seenAt(id, subject))).toBeTruthy();
    },
  );

  test.each(jointKinds)('%s: the good one and each of its faults have drawings of their own', (kind) => {
    const drawn = (['good', ...joints[kind].faults] as const).map(
      (look) => drawing(<LookDrawing look={look} subject={kind} />).innerHTML,
    );
    expect(new Set(drawn).size).toBe(drawn.length);
    expect(drawn[0]).not.toContain('var(--out)');
    for (const fault of drawn.slice(1)) expect(fault).toContain('var(--out)');
  });

  test('a strip of cores is drawn as cores, with two of them', () => {
    const coax = drawing(<LookDrawing look="nick" subject="strip" />).innerHTML;
    const cores = drawing(<LookDrawing look="nick" subject="strip" cores />).innerHTML;
    expect(cores).not.toBe(coax);
    expect(cores.split('var(--copper-metal)')).toHaveLength(3);
  });
});
