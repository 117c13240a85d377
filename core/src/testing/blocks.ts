import type { Connector } from '../connector/connector.ts';
import { terminalBlockOf } from '../connector/terminal-block.ts';

const sizes = [2, 3, 6, 24];

/** Terminal blocks come in every size: a few stand for their likes. */
export function standsForItsLikes(connector: Connector): boolean {
  const block = terminalBlockOf(connector);
  return block === null || sizes.includes(block.positions);
}
