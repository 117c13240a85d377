import { afterEach, describe, expect, test } from '@jest/globals';
import { subjectOf, troubleIds, troubles } from '@gorvane/core/recipe/trouble.ts';
import { cleanup, render, screen } from '@testing-library/react';
import { LookDrawing, TroubleDrawing } from './look-drawing.tsx';

afterEach(cleanup);
const drawing = (node: React.ReactElement) => render(node).container.querySelector('svg')!;

describe('drawn looks', () => {
  test.each(troubleIds)('%s is drawn otherwise than the good one, marked, and said in words', (id) => {
    const subject = subjectOf(id);
    const good = drawing(<LookDrawing look="good" subject={subject} />).innerHTML;
    const bad = drawing(<TroubleDrawing id={id} />);
    expect(bad.innerHTML).not.toBe(good);
    expect(bad.innerHTML).toContain('var(--out)');
    expect(good).not.toContain('var(--out)');
    const { label, seen } = troubles.find((trouble) => trouble.id === id)!;
    expect(bad.getAttribute('aria-label')).toBe(`${label}: ${seen}`);
    expect(screen.getByText(seen)).toBeTruthy();
  });

  test('a strip of cores is drawn as cores, with two of them', () => {
    const coax = drawing(<LookDrawing look="nick" subject="strip" />).innerHTML;
    const cores = drawing(<LookDrawing look="nick" subject="strip" cores />).innerHTML;
    expect(cores).not.toBe(coax);
    expect(cores.split('var(--copper-metal)')).toHaveLength(3);
  });
});
