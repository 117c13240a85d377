import type { Connector } from './connector.ts';

/** What tells terminal blocks apart. */
export interface TerminalBlock {
  /** Its pitch, as the name of its series. */
  readonly seriesId: Connector['series']['id'];
  readonly positions: number;
  readonly clamp: 'screw' | 'spring';
  readonly orientation: 'straight' | 'right-angle';
}

export const blockPitches = ['terminal-3.5', 'terminal-3.81', 'terminal-5.08'] as const;

/** What most headers on panels take. */
export const usualBlock: TerminalBlock = {
  seriesId: 'terminal-3.81',
  positions: 3,
  clamp: 'screw',
  orientation: 'straight',
};

export const clampWords = { screw: 'rising clamp', spring: 'spring' } as const;

/** What block a connector is; null where it is none. */
export function terminalBlockOf({
  method,
  series,
  contacts,
  contactFixing,
  rightAngle,
}: Connector): TerminalBlock | null {
  if (method !== 'terminal clamp') return null;
  return {
    seriesId: series.id,
    positions: contacts.length,
    clamp: contactFixing === 'spring' ? 'spring' : 'screw',
    orientation: rightAngle ? 'right-angle' : 'straight',
  };
}

/** Among connectors the block that is asked for; of one that there is not, the nearest: the same pitch before all else. */
export function nearestBlock(among: readonly Connector[], wanted: TerminalBlock): Connector | undefined {
  const distance = (block: TerminalBlock) =>
    1000 * Number(block.seriesId !== wanted.seriesId) +
    Math.abs(block.positions - wanted.positions) +
    0.4 * Number(block.clamp !== wanted.clamp) +
    0.3 * Number(block.orientation !== wanted.orientation);
  const blocks = among.flatMap((connector) => {
    const block = terminalBlockOf(connector);
    return block ? [{ connector, far: distance(block) }] : [];
  });
  return blocks.sort((a, b) => a.far - b.far)[0]?.connector;
}

const exampleSizes = [2, 3, 6, 24];

/** Terminal blocks come in every size: a few stand for their likes where all connectors are gone through. */
export function standsForItsLikes(connector: Connector): boolean {
  const block = terminalBlockOf(connector);
  return block === null || exampleSizes.includes(block.positions);
}
