import { noneInStores, onlyAsked } from '../words/proof-check.ts';
import type { Practice, ProofLevel } from '../house/practice.ts';
import { proofLevels } from '../house/practice.ts';
import type { Instrument } from '../house/instrument.ts';
import type { House } from '../house/house.ts';
import type { CheckKey } from '../reading/check-key.ts';
import { readCheckKey } from '../reading/check-key.ts';
import type { RecordedCheck } from '../reading/recorded-check.ts';

/** How far a proof goes that reads this. */
export function levelOfCheck({ kind }: CheckKey): ProofLevel {
  switch (kind) {
    case 'loss':
    case 'return loss':
    case 'rejection':
      return 'by sweep';
    case 'load':
    case 'terminator':
    case 'match at':
    case 'loss at':
    case 'length':
      return 'by meter and load';
    default:
      return 'by look and meter';
  }
}

/** How far a proof went: as far as the furthest check that was decided. */
export function levelReached(checks: readonly Pick<RecordedCheck, 'id' | 'verdict'>[]): ProofLevel {
  const reached = checks
    .filter(({ verdict }) => verdict !== 'Not yet')
    .map(({ id }) => proofLevels.indexOf(levelOfCheck(readCheckKey(id))));
  return proofLevels[Math.max(0, ...reached)]!;
}

/** The practice of a house where an order asks for a proof of its own: the further of the two. */
export function askedFurther(practice: Practice, ordered: ProofLevel | undefined): Practice {
  const rank = (level: Practice['proofLevel']) => proofLevels.findIndex((each) => each === level);
  return ordered !== undefined && rank(ordered) > rank(practice.proofLevel)
    ? { ...practice, proofLevel: ordered }
    : practice;
}

/** What a check takes. */
export interface Need {
  readonly key: CheckKey;
  /** In words, as it is missed. */
  readonly what: string;
  /** Whether these instruments can read it. */
  readonly canRead: (instruments: readonly Instrument[]) => boolean;
  /** A proof of its level is none without it: where that level is asked for, it is asked whatever is in Stores. */
  readonly defines: boolean;
}

/** What a proof asks by. */
export interface Asking {
  readonly house: Pick<House, 'practice'>;
  readonly instruments: readonly Instrument[];
}

/** Why a check that nobody read stays out of the verdict; undefined where it is asked. */
export function notAsked(
  { key, what, canRead, defines }: Need,
  { house: { practice }, instruments }: Asking,
): string | undefined {
  const { proofLevel } = practice;
  const level = levelOfCheck(key);
  if (proofLevel !== 'as far as the instruments reach') {
    if (proofLevels.indexOf(level) > proofLevels.indexOf(proofLevel)) return onlyAsked(proofLevel);
    if (defines) return undefined;
  }
  return canRead(instruments) ? undefined : noneInStores(what);
}
