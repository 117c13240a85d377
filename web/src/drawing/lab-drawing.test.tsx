import { describe, expect, test } from '@jest/globals';
import { fireEvent, render, screen } from '@testing-library/react';
import { cables } from '@gorvane/core/cable/catalogue/catalogue.ts';
import { loadCable } from '@gorvane/core/cable/cable.ts';
import { newOwnCable } from '@gorvane/core/cable/own-cable.ts';
import { now } from '@gorvane/core/testing/example.ts';
import { CableSection } from './cable-section.tsx';
import { ChainItemShape, chainItemWidth } from './chain-item.tsx';
import { ImpedanceChart } from './impedance-chart.tsx';

const radii = (container: HTMLElement) =>
  [...container.querySelectorAll('circle')].map((circle) => Number(circle.getAttribute('r')));

describe('a cable cut across', () => {
  test.each(cables.map((cable) => [cable.name, cable] as const))(
    '%s lies whole within the box',
    (name, cable) => {
      const { container } = render(<CableSection cable={cable} />);
      expect(screen.getByRole('img', { name: `${name}, cut across` })).toBeTruthy();
      for (const radius of radii(container)) {
        expect(radius).toBeGreaterThan(0);
        expect(radius).toBeLessThanOrEqual(50);
      }
    },
  );

  test('every core and strand is drawn, to scale', () => {
    const drawn = (id: string) => {
      const { container } = render(<CableSection cable={cables.find((cable) => cable.id === id)!} />);
      return radii(container);
    };
    expect(drawn('rg-213').filter((radius) => Math.abs(radius - (0.753 / 10.29) * 48) < 0.05)).toHaveLength(
      7,
    );
    expect(drawn('speaker-8x2.5').length - drawn('speaker-4x2.5').length).toBe(8);
  });

  test('a sheet says that its layers are not known', () => {
    render(<CableSection cable={loadCable(newOwnCable('own', now).entry)} />);
    expect(screen.getByText('layers not known')).toBeTruthy();
  });
});

test('longer cable is drawn longer, but not in proportion', () => {
  const width = (length: number) => chainItemWidth({ kind: 'cable', cableId: 'rg-58', length });
  expect(width(10)).toBeGreaterThan(width(1));
  expect(width(100)).toBeLessThan(3 * width(10));
});

test.each([
  'connector',
  'section',
  'series resistor',
  'series inductor',
  'shunt capacitor',
  'shunt resistor',
  'file',
] as const)('%s has a shape of its own', (kind) => {
  const item = {
    kind,
    seriesId: 'n',
    impedance: 75,
    length: 1,
    velocityFactor: 0.7,
    value: 1,
    name: 'x',
    hash: 'h',
  };
  const { container } = render(<ChainItemShape item={item as never} />);
  const plain = render(<ChainItemShape item={{ kind: 'cable', cableId: 'rg-58', length: 1 }} />).container;
  expect(container.innerHTML).not.toBe(plain.innerHTML);
  expect(container.querySelectorAll('rect, path').length).toBeGreaterThan(0);
});

describe('impedance chart', () => {
  const trace = (
    <ImpedanceChart
      label="Input"
      re={[0, 0.5, -1]}
      im={[0, 0.5, 0]}
      frequencies={[1e6, 2e6, 3e6]}
      reference={50}
      write={(hertz) => `${hertz / 1e6} MHz`}
    />
  );
  test('reads impedance where the marker is, and arrow keys move it within the trace', () => {
    render(trace);
    const slider = screen.getByRole('slider');
    const press = (key: string) => fireEvent.keyDown(slider, { key });
    expect(slider.getAttribute('aria-valuetext')).toBe('1 MHz: 50.0 + j0.00 ohm');
    press('ArrowRight');
    expect(slider.getAttribute('aria-valuetext')).toBe('2 MHz: 50.0 + j100 ohm');
    press('ArrowRight');
    press('ArrowRight');
    expect(slider.getAttribute('aria-valuetext')).toMatch(/^3 MHz: 0.00 [+-] j0.00 ohm$/);
    press('ArrowLeft');
    press('Tab');
    expect(slider.getAttribute('aria-valuenow')).toBe('1');
  });
});
