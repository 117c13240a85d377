import { readCheckKey } from '@gorvane/core/reading/check-key.ts';
import type { CertifiedInstrument } from '@gorvane/core/unit/certificate.ts';
import type { RecordedCheck } from '@gorvane/core/reading/recorded-check.ts';
import { formatResistance } from '@gorvane/core/quantity/resistance.ts';
import type { QuantityKind } from '@gorvane/core/quantity/explained.ts';

import { writeUncertain } from './writing.ts';

type Write = (value: number, kind: QuantityKind) => string;

/** Checks that stand on a certificate: every one but looks that nobody gave and nobody asked for. */
export const isCertified = ({ id, leftOut }: RecordedCheck) => !(leftOut && readCheckKey(id).kind === 'look');

/** What was read, by the method that decided and by each other beside it. */
export function readingWords(
  { reading, quantity, uncertainty, detail, methods }: RecordedCheck,
  write: Write,
): string {
  if (reading === undefined) return detail;
  const figure = (value: number | null) => (value === null ? 'open' : write(value, quantity));
  const read =
    uncertainty && reading !== null ? writeUncertain(reading, uncertainty, quantity, write) : figure(reading);
  const others =
    methods.length > 1
      ? ` (${methods.map((each) => `${each.instrument} ${figure(each.reading)}`).join('; ')})`
      : '';
  return `${read}${others}`;
}

/** The limit as it was. */
export function limitWords({ limit, between, bound, quantity }: RecordedCheck, write: Write): string {
  if (between) return `${write(between[0], quantity)} to ${write(between[1], quantity)}`;
  if (limit === undefined || limit === null) return '';
  return `${bound} ${write(limit, quantity)}`;
}

/** Checks that were not asked, by why: they are told together, so that what was read stands out. */
export function unaskedTold(checks: readonly RecordedCheck[]): string[] {
  const byReason = new Map<string, string[]>();
  for (const check of checks.filter((each) => isCertified(each) && each.leftOut)) {
    const reason = unaskedWords(check);
    byReason.set(reason, [...(byReason.get(reason) ?? []), check.label]);
  }
  return [...byReason].map(([reason, labels]) => `Not asked (${reason}): ${labels.join('; ')}.`);
}

/** Checks that were asked, each with its reading and limit. */
export const asked = (checks: readonly RecordedCheck[]): RecordedCheck[] =>
  checks.filter((check) => isCertified(check) && !check.leftOut);

/** Why a check was not asked; records of earlier versions say no more than that. */
export const unaskedWords = ({ notAsked }: Pick<RecordedCheck, 'notAsked'>): string =>
  notAsked ?? 'left out by this house';

/** Who read, and how its calibration stood on that day. */
export function instrumentWords({ name, identity, overdue, leadsOhms }: CertifiedInstrument): string {
  if (!identity) return `Read ${name === 'by hand' ? name : `with ${name}`}.`;
  const serial = identity.serial ? `, serial ${identity.serial}` : '';
  const simulated = identity.simulated ? ', simulated' : '';
  const calibration =
    identity.due === null
      ? 'calibration not stated'
      : overdue
        ? `▲ OUT OF CALIBRATION since ${identity.due}`
        : `calibrated ${identity.calibrated ?? ''} until ${identity.due}`;
  const correction = identity.correction ? `, correction: ${identity.correction}` : '';
  const leads = leadsOhms === undefined ? '' : `, its leads shorted show ${formatResistance(leadsOhms)}`;
  return `Read with ${name}${serial}${simulated}: ${calibration}${correction}${leads}.`;
}
