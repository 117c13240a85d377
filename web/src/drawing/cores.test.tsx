import { afterEach, describe, expect, jest, test } from '@jest/globals';
import { pinConnectors } from '@gorvane/core/connector/catalogue/catalogue.ts';
import { unitProgress } from '@gorvane/core/unit/progress.ts';
import { planLead } from '@gorvane/core/plan/lead-plan.ts';
import { inChainOrder } from '@gorvane/core/record/chain-order.ts';
import { judgeStrip } from '@gorvane/core/strip/measured.ts';
import { cutKey } from '@gorvane/core/strip/cut-of.ts';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { Around, demo } from '../../test/open-at.tsx';
import { CoreDrawing } from './core-drawing.tsx';
import { EndStrip } from './end-strip.tsx';
import { PinFace } from './pin-face.tsx';
import { SectionDrawing } from './section-drawing.tsx';
import { Run } from './run.tsx';
import { wirePaint } from './wire-colour.ts';

const draw = (picture: React.ReactNode) => render(<Around>{picture}</Around>).container;
const planOf = (name: string) =>
  planLead(
    demo.leads.find((lead) => lead.name === name)!,
    demo.gaugeCards,
    demo.house[0]!,
  );
const gangway = planOf('Gangway lighting lead');
const lounge = planOf('Lounge speaker lead');
const ticket = planOf('Ticket-desk lead');

afterEach(cleanup);

describe('cores out of a jacket', () => {
  const end = gangway.ends[0]!;

  test('say each contact with its core and where insulation and metal end', () => {
    draw(<CoreDrawing plan={end.strip} jacket={end.cable.jacket.diameter} title="Strip" />);
    const name = screen.getByRole('img').getAttribute('aria-label')!;
    expect(name).toMatch(/^Strip\. From the jacket edge: shield to 1/);
    for (const { label, contact } of end.strip.routes) expect(name).toContain(`${label} to ${contact}`);
  });

  test('are to scale along the cable: metal ends where the plan says', () => {
    const container = draw(<CoreDrawing plan={end.strip} jacket={end.cable.jacket.diameter} title="Strip" />);
    const jacket = container.querySelector('rect.jacket')!;
    const edge = Number(jacket.getAttribute('x')) + Number(jacket.getAttribute('width'));
    const tips = [...container.querySelectorAll('path[stroke="var(--copper-metal)"]')].map((path) =>
      Number(/H ([\d.]+)$/.exec(path.getAttribute('d')!)![1]),
    );
    const scale = (tips[1]! - edge) / end.strip.routes[1]!.end;
    tips.forEach((tip, index) => expect((tip - edge) / scale).toBeCloseTo(end.strip.routes[index]!.end, 6));
  });

  test('have the colours of the cable, and stay within their picture', () => {
    const container = draw(<CoreDrawing plan={end.strip} jacket={end.cable.jacket.diameter} title="Strip" />);
    for (const colour of ['white', 'black', 'red', 'green'])
      expect(container.querySelector(`path[stroke="${wirePaint(colour)}"]`)).toBeTruthy();
    const width = Number(container.querySelector('svg')!.getAttribute('viewBox')!.split(' ')[2]);
    for (const text of container.querySelectorAll('text'))
      expect(Number(text.getAttribute('x'))).toBeLessThan(width);
  });

  test('the one of a joint stands out, the others are faint', () => {
    const container = draw(<EndStrip plan={end.strip} cable={end.cable} contact="4" title="Strip" />);
    expect(container.querySelectorAll('g[opacity="0.3"]')).toHaveLength(4);
  });

  test('one that was cut wrong is marked', () => {
    const wrong = end.strip.cuts.find(({ of }) => of === 'white')!;
    const judged = judgeStrip(end.strip, { [cutKey(wrong)]: wrong.position.value + 5e-3 });
    const container = draw(
      <CoreDrawing plan={end.strip} jacket={end.cable.jacket.diameter} judged={judged} title="Strip" />,
    );
    expect([...container.querySelectorAll('text.out')].map(({ textContent }) => textContent)).toEqual([
      '3  ←  white',
    ]);
  });

  test('two that share a contact are drawn both, and long ones with a break', () => {
    const { strip, cable } = lounge.ends[0]!;
    const container = draw(<CoreDrawing plan={strip} jacket={cable.jacket.diameter} title="Strip" />);
    for (const colour of ['red', 'black'])
      expect(container.querySelectorAll(`.wire path[stroke="${wirePaint(colour)}"]`)).toHaveLength(2);
    const width = Number(container.querySelector('svg')!.getAttribute('viewBox')!.split(' ')[2]);
    const insulation = Number(
      /H ([\d.]+)$/.exec(container.querySelector('.wire path')!.getAttribute('d')!)![1],
    );
    const metal = Number(
      /H ([\d.]+)$/.exec(
        container.querySelector('path[stroke="var(--copper-metal)"]')!.getAttribute('d')!,
      )![1],
    );
    expect(metal - insulation).toBeGreaterThan(width / 20);
  });

  test('seated, each is in its contact, which begins where the connector has it', () => {
    for (const plan of [gangway, lounge, ticket]) {
      const { strip } = plan.ends[0]!;
      const container = draw(<SectionDrawing strip={strip} title="end A" />);
      const name = screen.getByRole('img').getAttribute('aria-label')!;
      for (const { label, contact } of strip.routes) expect(name).toContain(`${label} in ${contact}`);
      expect(container.querySelectorAll('.wire').length).toBeGreaterThanOrEqual(strip.routes.length);
      cleanup();
    }
  });

  test('a spare one is folded back and says so', () => {
    const { strip, cable } = planOf('Hearing-loop lead').ends[0]!;
    const container = draw(<EndStrip plan={strip} cable={cable} title="Strip" />);
    expect(container.textContent).toContain('blue, spare');
    expect(container.textContent).toContain('folded back under shrink');
  });

  test('coax keeps its own drawing', () => {
    const { strip, cable } = planOf('Receiver patch lead').ends[0]!;
    expect(
      draw(<EndStrip plan={strip} cable={cable} title="Strip" />).querySelector('rect.milk'),
    ).toBeTruthy();
  });
});

/** One of every face: bodies and entries do not change it. */
const faces = [
  ...new Map(
    pinConnectors
      .filter(({ method }) => method !== 'bare end')
      .map((each) => [`${each.series.id} ${each.sex} ${each.contacts.length}`, each]),
  ).values(),
];

describe('a face with several contacts', () => {
  const { connector, input } = gangway.ends[0]!;
  if (connector.series.kind !== 'pins') throw new Error('expected pins');
  const plug = { ...connector, series: connector.series };

  test('says sex, side, key and what is on each contact', () => {
    draw(<PinFace connector={plug} side="solder side" joints={input.joints} />);
    expect(screen.getByRole('img').getAttribute('aria-label')).toBe(
      '5-pin XLR plug, solder side, keyway on top: 1 shield, 2 black, 3 white, 4 green, 5 red',
    );
    expect(screen.getByText(/solder side, keyway on top/)).toBeTruthy();
  });

  test('from the mating side every contact lies mirrored', () => {
    const places = (side: 'solder side' | 'mating side') => {
      const container = draw(<PinFace connector={plug} side={side} />);
      const found = new Map(
        [...container.querySelectorAll('text')].map((text) => [
          text.textContent,
          Number(text.getAttribute('x')),
        ]),
      );
      cleanup();
      return found;
    };
    const [solder, mating] = [places('solder side'), places('mating side')];
    for (const [contact, x] of solder) expect(mating.get(contact)).toBeCloseTo(-x, 6);
  });

  test('two cores on one contact show both colours', () => {
    const { connector: banana, input: at } = lounge.ends[0]!;
    if (banana.series.kind !== 'pins') throw new Error('expected pins');
    draw(<PinFace connector={{ ...banana, series: banana.series }} side="solder side" joints={at.joints} />);
    expect(screen.getByRole('img').getAttribute('aria-label')).toMatch(
      /\+ red and red 2, - black and black 2$/,
    );
  });

  test('every one that ships lies within its box, from both sides', () => {
    for (const each of faces)
      for (const side of ['solder side', 'mating side'] as const) {
        const container = draw(<PinFace connector={each} side={side} />);
        const [x, y, width, height] = container
          .querySelector('svg')!
          .getAttribute('viewBox')!
          .split(' ')
          .map(Number);
        for (const circle of container.querySelectorAll('circle[stroke="var(--brass)"]')) {
          const [cx, cy] = ['cx', 'cy'].map((name) => Number(circle.getAttribute(name)));
          expect([each.id, cx! > x! && cx! < x! + width! && cy! > y! && cy! < y! + height!]).toEqual([
            each.id,
            true,
          ]);
        }
        cleanup();
      }
  });
});

test('bare cores have no face, and say so', () => {
  draw(<PinFace connector={pinConnectors.find(({ id }) => id === 'bare-pair')!} side="solder side" />);
  expect(screen.getByText('bare cores, no mating face')).toBeTruthy();
  expect(screen.queryByRole('img')).toBeNull();
});

describe('ends and legs on the run', () => {
  test('are told apart by shape: two prongs, a block, a barrel with its rings', () => {
    expect(draw(<Run plan={lounge} />).querySelectorAll('rect.pin-metal')).toHaveLength(2);
    cleanup();
    expect(
      draw(<Run plan={planOf('Announcement controller tail')} />).querySelector('rect.block'),
    ).toBeTruthy();
    cleanup();
    const patch = draw(<Run plan={planOf('Deck-band patch lead')} />);
    expect(patch.textContent).toContain('right-angle, low-profile');
  });

  test('a lead with a split has a leg for every end, each with its length, its ring and the shrink at the crotch', () => {
    const onPick = jest.fn();
    const container = draw(<Run plan={ticket} onPick={onPick} />);
    expect(screen.getByRole('group').getAttribute('aria-label')).toBe(
      'Run of Ticket-desk lead, end A to end B and C',
    );
    const lengths = [...container.querySelectorAll('text.figures')].map(({ textContent }) => textContent);
    expect(lengths.map((text) => text.replace(/\s/g, ''))).toEqual(['1400mm', '400mm', '400mm']);
    for (const ring of ['white', 'red'])
      expect(container.querySelector(`rect[fill="${wirePaint(ring)}"]`)).toBeTruthy();
    expect(container.textContent).toContain('cables run through');
    fireEvent.click(screen.getByRole('button', { name: /, split, opens Thread/ }));
    expect(onPick).toHaveBeenCalledWith({ kind: 'part', partId: 'split/shrink' });
  });

  test('a unit shows what is on and what is bared: cores side by side', () => {
    const unit = demo.units.find(({ leadId, plan }) => leadId === gangway.lead.id && plan !== null)!;
    const events = inChainOrder(demo.events.filter(({ unitId }) => unitId === unit.id));
    const joined = events.findIndex(
      ({ happening }) => happening.kind === 'step done' && happening.stepId.endsWith('/cores'),
    );
    const progress = unitProgress(unit, events.slice(0, joined + 1));
    const container = draw(<Run plan={gangway} progress={progress} />);
    expect(container.querySelectorAll('path[stroke="var(--copper-metal)"]').length).toBeGreaterThanOrEqual(5);
    expect(container.textContent).toContain('not closed yet');
  });

  test('a braided sleeve is drawn as what it is', () => {
    expect(draw(<Run plan={lounge} />).querySelector('rect.braided')).toBeTruthy();
  });
});
