import { toleranceText } from '../controls/tolerance-text.ts';
import { afterEach, describe, expect, jest, test } from '@jest/globals';
import { unitProgress } from '@gorvane/core/unit/progress.ts';
import { planLead } from '@gorvane/core/plan/lead-plan.ts';
import { inChainOrder } from '@gorvane/core/record/chain-order.ts';
import { judgeStrip } from '@gorvane/core/strip/measured.ts';
import { cutOf } from '@gorvane/core/strip/cut-of.ts';
import { prove } from '@gorvane/core/prove/proof.ts';
import { proofPlanOf } from '@gorvane/core/plan/proof-plan.ts';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { Around, demo, receiver, unitOf } from '../../test/open-at.tsx';
import { Run } from './run.tsx';
import { SectionDrawing } from './section-drawing.tsx';
import { StripDrawing } from './strip-drawing.tsx';
import { WiringMap } from './wiring-map.tsx';

const plan = planLead(receiver, demo.gaugeCards, demo.house[0]!);
const end = { ...plan.ends[0]!, cable: plan.coaxLine!.cable };
const number = (element: Element, name: string) => Number(element.getAttribute(name));
const draw = (picture: React.ReactNode) => render(<Around>{picture}</Around>).container;

afterEach(cleanup);

describe('the strip drawing', () => {
  test('is to scale along and across, from the same numbers as the plan', () => {
    const container = draw(<StripDrawing plan={end.strip} cable={end.cable} title="Strip" />);
    const jacket = container.querySelector('rect.jacket')!;
    const dielectric = container.querySelector('rect.milk')!;
    const copper = container.querySelector('rect.copper')!;
    const scale = number(jacket, 'height') / end.cable.jacket.diameter;
    const edge = number(jacket, 'x') + number(jacket, 'width');
    expect(number(dielectric, 'height') / scale).toBeCloseTo(end.cable.dielectric.diameter, 9);
    expect(number(copper, 'height') / scale).toBeCloseTo(end.cable.conductor.diameter, 9);
    expect((number(copper, 'x') + number(copper, 'width') - edge) / scale).toBeCloseTo(
      cutOf(end.strip, 'conductor').position.value,
      9,
    );
    expect((number(dielectric, 'x') + number(dielectric, 'width') - edge) / scale).toBeCloseTo(
      cutOf(end.strip, 'dielectric').position.value,
      9,
    );
  });

  test('shows every tolerance to the same scale', () => {
    const container = draw(<StripDrawing plan={end.strip} cable={end.cable} title="Strip" />);
    const jacket = container.querySelector('rect.jacket')!;
    const scale = number(jacket, 'height') / end.cable.jacket.diameter;
    const bands = [...container.querySelectorAll('rect.tolerance')].map(
      (band) => number(band, 'width') / scale,
    );
    end.strip.cuts.forEach(({ plus, minus }, index) => expect(bands[index]).toBeCloseTo(plus + minus, 9));
  });

  test('marks where it was really cut when that is out, and only then', () => {
    const braid = cutOf(end.strip, 'braid').position.value;
    draw(
      <StripDrawing
        plan={end.strip}
        cable={end.cable}
        title="Strip"
        judged={judgeStrip(end.strip, {
          braid: braid + 0.7e-3,
          dielectric: cutOf(end.strip, 'dielectric').position.value,
        })}
      />,
    );
    expect(screen.getAllByText(/^you cut/).map(({ textContent }) => textContent)).toEqual(['you cut 9.80']);
  });

  test('no line or tolerance lies over a figure; two cuts at one place share the tighter line', () => {
    const [first, second, ...rest] = end.strip.cuts;
    const tighter = { ...first!, layer: second!.layer, plus: first!.plus / 2, minus: first!.minus / 2 };
    const container = draw(
      <StripDrawing
        plan={{ ...end.strip, cuts: [first!, tighter, ...rest] }}
        cable={end.cable}
        title="Strip"
      />,
    );
    const [lines, figures] = ['path.cut, rect.tolerance', 'text.figures'].map((what) => [
      ...container.querySelectorAll(what),
    ]);
    expect(figures).toHaveLength(rest.length + 1);
    const shown = lines!.filter((line) => line.matches('rect.tolerance'));
    const scale = number(container.querySelector('rect.jacket')!, 'height') / end.cable.jacket.diameter;
    expect(number(shown[0]!, 'width') / scale).toBeCloseTo(tighter.plus + tighter.minus, 9);
    for (const line of lines!)
      expect(line.compareDocumentPosition(figures![0]!)).toBe(Node.DOCUMENT_POSITION_FOLLOWING);
  });

  test('a step shows only its own figures', () => {
    const container = draw(
      <StripDrawing plan={end.strip} cable={end.cable} title="Strip" layers={['dielectric']} />,
    );
    expect(container.querySelectorAll('rect.tolerance').length).toBe(1);
    expect(container.textContent).toContain('13.2 mm');
    expect(container.textContent).not.toContain('9.1 mm');
  });

  test('says everything in words, too', () => {
    draw(<StripDrawing plan={end.strip} cable={end.cable} title="Strip of end A" />);
    expect(screen.getByRole('img').getAttribute('aria-label')).toBe(
      'Strip of end A. From the jacket edge: Braid end at 9.1 mm, tolerance +0.4 −1.0; Dielectric end at 13.2 mm, tolerance ± 0.3; Conductor end at 17.1 mm, tolerance +0.3 −0.5.',
    );
  });

  test('tolerances are written the short way when both sides agree', () => {
    expect(toleranceText({ plus: 0.3e-3, minus: 0.3e-3 })).toBe('± 0.3');
    expect(toleranceText({ plus: 0.4e-3, minus: 1e-3 })).toBe('+0.4 −1.0');
  });
});

describe('the section', () => {
  test('draws every ring of the seated joint where the strip puts it, named', () => {
    const container = draw(<SectionDrawing strip={end.strip} title={`end ${end.end.name}`} />);
    const rings = [...container.querySelectorAll('path > title')].map(({ textContent }) => textContent);
    expect(rings).toEqual(end.strip.section.map(({ name }) => name));
    const front = (name: string) => {
      const path = [...container.querySelectorAll('path')].find((each) => each.textContent === name)!;
      return Number(/L ([\d.]+)/.exec(path.getAttribute('d')!)![1]);
    };
    const scale =
      (front('contact tip') - front('dielectric')) /
      (end.strip.section.find(({ name }) => name === 'contact tip')!.to -
        cutOf(end.strip, 'dielectric').position.value);
    expect((front('conductor') - front('dielectric')) / scale).toBeCloseTo(
      cutOf(end.strip, 'conductor').position.value - cutOf(end.strip, 'dielectric').position.value,
      6,
    );
  });
});

describe('the run', () => {
  const progressOf = (serial: string) => {
    const unit = unitOf(serial);
    return unitProgress(unit, inChainOrder(demo.events.filter(({ unitId }) => unitId === unit.id)));
  };

  test('of a design shows every part in place and names both ends', () => {
    const container = draw(<Run plan={plan} />);
    expect(container.textContent).toContain('End A');
    expect(container.textContent).toContain('3.4 m11 ft');
    expect(container.querySelectorAll('.ghost').length).toBe(0);
    expect(screen.queryByText(/not on/)).toBeNull();
  });

  test('of a unit shows which end is closed, what is bared, and what is not on yet', () => {
    const progress = progressOf('OS-0003');
    const container = draw(
      <Run
        plan={plan}
        progress={{ ...progress, on: new Set([...progress.on].filter((id) => id !== 'B/ferrule')) }}
      />,
    );
    expect(screen.getByText('contact seated')).toBeTruthy();
    expect(screen.getByText('not closed yet')).toBeTruthy();
    expect(container.querySelectorAll('.ghost').length).toBe(1);
    expect(screen.getByText(/ferrule, not on/)).toBeTruthy();
    expect(container.querySelectorAll('rect.copper').length).toBe(1);
  });

  test('circles the ends at which a fault is placed', () => {
    const container = draw(<Run plan={plan} faults={{ endIds: ['B'], parts: [0.25] }} />);
    const [end, inside] = container.querySelectorAll('circle.halo');
    expect(end).toBeTruthy();
    expect(inside!.getAttribute('r')).toBe('24');
  });

  test('numbers the parts in the order of threading', () => {
    draw(<Run plan={plan} numbers={new Map([['label-sleeve', 1]])} />);
    expect(screen.getByText(/1\. ?label sleeve/)).toBeTruthy();
  });

  test('what can be picked answers to mouse, Enter and space, and to nothing else', () => {
    const onPick = jest.fn();
    draw(<Run plan={plan} onPick={onPick} />);
    const ferrule = screen.getByRole('button', { name: 'ferrule, end B, opens Thread' });
    fireEvent.click(ferrule);
    fireEvent.keyDown(ferrule, { key: 'Enter' });
    fireEvent.keyDown(ferrule, { key: ' ' });
    fireEvent.keyDown(ferrule, { key: 'a' });
    expect(onPick.mock.calls).toEqual(Array(3).fill([{ kind: 'part', partId: 'B/ferrule' }]));
  });

  test('without anything to pick there is nothing to press', () => {
    draw(<Run plan={plan} />);
    expect(screen.queryAllByRole('button')).toEqual([]);
  });
});

describe('the map of connections', () => {
  const readings = (pairs: { from: string; to: string; connected: boolean }[]) => ({
    by: 'b',
    instrument: 'by hand',
    celsius: 20,
    pairs,
  });

  test('draws planned paths dashed until they are read, and one that should not be there', () => {
    const planned = draw(<WiringMap proof={prove(proofPlanOf(plan, demo.house[0]!), [readings([])])} />);
    expect(
      [...planned.querySelectorAll('path')].map((path) => path.getAttribute('stroke-dasharray')),
    ).toEqual(['6 5', '6 5']);
    cleanup();
    const short = readings([
      { from: 'A.centre', to: 'A.outer', connected: true },
      { from: 'A.centre', to: 'B.centre', connected: true },
    ]);
    const found = draw(<WiringMap proof={prove(proofPlanOf(plan, demo.house[0]!), [short])} />);
    const strokes = [...found.querySelectorAll('path')].map((path) => path.getAttribute('stroke'));
    expect(strokes).toEqual(['var(--out)', 'var(--good)', 'var(--soft)']);
    expect(screen.getByRole('img').getAttribute('aria-label')).toContain(
      'end A centre to end A outer: not planned, Out',
    );
  });
});
