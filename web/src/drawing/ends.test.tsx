import { afterEach, describe, expect, test } from '@jest/globals';
import { coaxConnectorById, coaxConnectors } from '@gorvane/core/connector/catalogue/catalogue.ts';
import { planLead } from '@gorvane/core/plan/lead-plan.ts';
import { methodOf } from '@gorvane/core/method/methods.ts';
import { exampleEnd } from '@gorvane/core/testing/example.ts';
import { cleanup, render, screen } from '@testing-library/react';
import { Around, demo } from '../../test/open-at.tsx';
import { describeFace, FaceDrawing } from './face-drawing.tsx';
import { Run } from './run.tsx';
import { SectionDrawing } from './section-drawing.tsx';
import { StripDrawing } from './strip-drawing.tsx';

const draw = (picture: React.ReactNode) => render(<Around>{picture}</Around>).container;
const planOf = (name: string) =>
  planLead(
    demo.leads.find((lead) => lead.name === name)!,
    demo.gaugeCards,
    demo.house[0]!,
  );

afterEach(cleanup);

test('on the run three pins are told from five', () => {
  const shown = (name: string) => {
    const drawn = draw(<Run plan={planOf(name)} />).querySelectorAll('.round-contacts');
    const counts = [...drawn].map((path) => path.getAttribute('d')!.split('M').length - 1);
    cleanup();
    return counts;
  };
  expect(shown('Waiting-hall microphone lead')).toEqual([3, 3]);
  expect(new Set(shown('Gangway lighting lead'))).toEqual(new Set([5]));
});

describe('a mating face', () => {
  test.each([
    ['n-plug-50-crimp-5', 'pin, threaded nut'],
    ['n-socket-50-crimp-5', 'socket, thread outside'],
    ['bnc-plug-50-crimp-5', 'pin, bayonet sleeve'],
    ['bnc-socket-50-crimp-5', 'socket, bayonet lugs'],
    ['rp-sma-plug-50-crimp-5', 'socket, polarity reversed, threaded nut'],
    ['rp-sma-socket-50-crimp-5', 'pin, polarity reversed, thread outside'],
    ['trunk-splice-13', 'cable on both sides, no mating face'],
  ])('%s: %s, said and drawn', (id, words) => {
    const connector = coaxConnectorById(id);
    expect(describeFace(connector)).toBe(words);
    const container = draw(<FaceDrawing connector={connector} />);
    expect(container.textContent).toContain(words);
    if (connector.sex === 'splice') return;
    expect(screen.getByRole('img').getAttribute('aria-label')).toContain(words);
    // A pin is one solid disc; a socket is a ring with a dark hole in it.
    expect(container.querySelectorAll('circle[fill="#22272a"]')).toHaveLength(
      words.startsWith('socket') ? 1 : 0,
    );
  });

  test('a hexagon nut is told from a round one', () => {
    expect(
      draw(<FaceDrawing connector={coaxConnectorById('sma-plug-50-crimp-5')} />).querySelector('polygon'),
    ).toBeTruthy();
    cleanup();
    expect(
      draw(<FaceDrawing connector={coaxConnectorById('n-plug-50-crimp-5')} />).querySelector('polygon'),
    ).toBeNull();
  });

  test('every face that ships lies within its box', () => {
    for (const connector of coaxConnectors.filter(({ sex }) => sex !== 'splice')) {
      const container = draw(<FaceDrawing connector={connector} />);
      for (const circle of container.querySelectorAll('circle'))
        expect(Number(circle.getAttribute('r'))).toBeLessThan(56);
      cleanup();
    }
  });
});

describe('ends on the run', () => {
  const shapes = (name: string) => {
    const container = draw(<Run plan={planOf(name)} />);
    return {
      titles: [...container.querySelectorAll('title')].map(({ textContent }) => textContent),
      text: container.textContent,
      container,
    };
  };

  test('are told apart by what they are called, and by shape', () => {
    const adapter = shapes('Test set adapter lead');
    expect(adapter.titles).toEqual(['N socket', 'SMA plug']);
    expect(adapter.text).toContain('N socket, 50 ohm, crimp, 5 mm');
    // Only the plug shows its pin.
    expect(adapter.container.querySelectorAll('rect.pin-metal')).toHaveLength(1);
    cleanup();
    expect(shapes('Camera trunk repair').titles).toEqual(['trunk splice', 'trunk splice']);
  });

  test('a tube without a jacket is copper, a feeder finds room', () => {
    const { container } = shapes('Timing antenna pigtail');
    expect(container.querySelectorAll('rect.jacket')).toHaveLength(0);
    expect(container.querySelectorAll('rect.copper').length).toBeGreaterThanOrEqual(2);
    cleanup();
    const heights = [...shapes('Roof repeater feeder').container.querySelectorAll('rect')].map((rect) =>
      Number(rect.getAttribute('height')),
    );
    expect(Math.max(...heights)).toBeLessThanOrEqual(90);
  });

  test('names of small parts stand in rows and do not lie on each other', () => {
    const { container } = shapes('Whip lead');
    const labels = [...container.querySelectorAll('text')].filter(({ textContent }) =>
      ['gasket', 'washer', 'gland nut'].includes(textContent),
    );
    const rows = labels.map((label) => label.getAttribute('y'));
    expect(new Set(rows).size).toBe(labels.length);
  });
});

/** One pair that goes together for each method. */
const pairs = [
  ['rg-58', 'bnc-plug-50-crimp-5'],
  ['low-loss-15', 'uhf-socket-push-on-15-low-loss'],
  ['rg-213', 'uhf-plug-hollow-tip-10'],
  ['rg-213', 'uhf-plug-soldered-10-nickel'],
  ['rg-58', 'uhf-plug-screw-on-5'],
  ['rg-8x', 'uhf-plug-reducer-6'],
  ['rg-213', 'n-socket-clamp-10'],
  ['rg-405', 'rp-sma-plug-direct-rg-405'],
  ['corrugated-1-5/8', '7-16-plug-feeder-1-5/8'],
  ['trunk-19', 'trunk-pin-19'],
  ['rg-59', 'f-plug-compression-rg-59'],
] as const;

describe('strip and section of every method', () => {
  test('each method is among them', () => {
    const coaxial = new Set(coaxConnectors.map(({ method }) => method));
    expect(pairs.map(([, id]) => coaxConnectorById(id).method).sort()).toEqual([...coaxial].sort());
  });

  test.each(pairs)(
    '%s in %s is drawn within its picture, every cut with its figure',
    (cableId, connectorId) => {
      const end = exampleEnd(cableId, connectorId);
      const strip = methodOf(end.connector.method).strip(end);
      const drawn = draw(<StripDrawing plan={strip} cable={end.cable} title="Strip" />);
      const [, , width] = drawn.querySelector('svg')!.getAttribute('viewBox')!.split(' ').map(Number);
      for (const rect of drawn.querySelectorAll('rect[x]')) {
        const [x, wide] = [rect.getAttribute('x'), rect.getAttribute('width')].map(Number);
        expect(wide!).toBeGreaterThanOrEqual(0);
        expect(x! + wide!).toBeLessThanOrEqual(width!);
      }
      for (const { position } of strip.cuts)
        expect(drawn.textContent).toContain(`${(position.value * 1e3).toFixed(1)} mm`);
      expect(screen.getByRole('img').getAttribute('aria-label')).toContain(`From the ${strip.datum}`);
      cleanup();
      const section = draw(<SectionDrawing strip={strip} title={end.connector.name} />);
      const box = section.querySelector('svg')!.getAttribute('viewBox')!.split(' ').map(Number);
      for (const path of section.querySelectorAll('path > title')) {
        const numbers = path
          .parentElement!.getAttribute('d')!
          .match(/-?[\d.]+/g)!
          .map(Number);
        for (let n = 0; n < numbers.length; n += 2) {
          expect(numbers[n]!).toBeGreaterThanOrEqual(-0.01);
          expect(numbers[n]!).toBeLessThanOrEqual(box[2]! + 0.01);
          expect(numbers[n + 1]!).toBeGreaterThanOrEqual(-0.01);
          expect(numbers[n + 1]!).toBeLessThanOrEqual(box[3]! + 0.01);
        }
      }
      for (const { label } of strip.planes) expect(section.textContent).toContain(label);
    },
  );
});
