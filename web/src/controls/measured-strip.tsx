import { toleranceText } from './tolerance-text.ts';
import { Table } from './table.tsx';
import { formatMillimetres, parseLength } from '@gorvane/core/quantity/length.ts';
import { QuantityError } from '@gorvane/core/quantity/quantity-error.ts';
import type { MeasuredStrip } from '@gorvane/core/strip/strip-plan.ts';
import type { JudgedStrip, Recut } from '@gorvane/core/strip/measured.ts';
import type { StripPlan } from '@gorvane/core/strip/strip-plan.ts';
import { madeAt } from '@gorvane/core/strip/strip-plan.ts';
import { cutKey } from '@gorvane/core/strip/cut-of.ts';
import type { Tolerance } from '@gorvane/core/strip/joint-window.ts';
import { toleranceNow } from '@gorvane/core/strip/joint-window.ts';
import { QuantityField } from './quantity-field.tsx';
import { VerdictMark } from './verdict.tsx';

interface MeasuredStripTableProps {
  readonly field: string;
  readonly plan: StripPlan;
  readonly measured: MeasuredStrip;
  readonly judged: JudgedStrip;
  /** One cut was read, or its reading taken back. The others may have changed since this was drawn. */
  readonly onCut: (key: string, length: number | undefined) => void;
  readonly onLastEnter?: () => void;
  /** The readings go into a record: they are taken when a field is left, not while it is typed. */
  readonly readWhenLeft?: boolean;
  /** The first field takes the focus: the caliper is in the hand. */
  readonly autoFocus?: boolean;
}

/** The lengths actually cut, each judged, with what to recut and how to set the tool for the next. */
export function MeasuredStripTable({
  field,
  plan,
  measured,
  judged,
  onCut,
  onLastEnter,
  autoFocus = false,
  readWhenLeft = false,
}: MeasuredStripTableProps) {
  return (
    <>
      <Table head={['Layer', 'Plan, mm', 'Cut, mm', 'Verdict']}>
        {judged.cuts.map(({ cut, verdict }, index) => {
          const key = cutKey(cut);
          const now = toleranceNow(plan, cut, measured);
          const length = measured[key];
          return (
            <tr key={key}>
              <th scope="row">{key}</th>
              <td className="reading">
                {formatMillimetres(madeAt(plan, cut))}
                {measured[key] === undefined && isNarrower(now, cut) && (
                  <div className="not-yet">now {toleranceText(now)}</div>
                )}
              </td>
              <td style={{ width: 108 }}>
                <QuantityField
                  aria-label={`${key} as cut, from the ${plan.datum}`}
                  inputMode="decimal"
                  autoFocus={autoFocus && index === 0}
                  readWhenLeft={readWhenLeft}
                  field={`${field}/${key}`}
                  written={length === undefined ? '' : formatMillimetres(length, 2)}
                  onRead={(text) => onCut(key, text.trim() === '' ? undefined : parseCut(text))}
                  onEnter={index === plan.cuts.length - 1 ? onLastEnter : undefined}
                />
              </td>
              <td>
                <VerdictMark verdict={verdict} />
              </td>
            </tr>
          );
        })}
      </Table>
      {judged.verdict === 'Out' && <RecutAdvice judged={judged} datum={plan.datum} />}
    </>
  );
}

/** What was cut beside it leaves this cut less than was planned: noticed from a tenth of a millimetre on. */
const isNarrower = (now: Tolerance, planned: Tolerance) =>
  now.plus < planned.plus - 0.1e-3 || now.minus < planned.minus - 0.1e-3;

/** Farthest that a cut lies from the datum, metres. */
const farthest = 0.4;

/** Behind the datum a cut is negative: a cored trunk, a dielectric flush with its tube. */
function parseCut(text: string): number {
  const length = parseLength(text);
  if (!(Math.abs(length) <= farthest))
    throw new QuantityError(text, `a length of at most ${farthest * 1e3} mm, minus where it lies behind`);
  return length;
}

const mm = (metres: number) => `${formatMillimetres(Math.abs(metres), 1)} mm`;

function RecutAdvice({
  judged,
  datum,
}: {
  readonly judged: JudgedStrip;
  readonly datum: StripPlan['datum'];
}) {
  const out = judged.cuts.filter(({ verdict }) => verdict === 'Out');
  return (
    <div className="advice" role="status">
      {out.map(({ cut, deviation, reason }) => (
        <p key={cut.label}>
          <strong>
            {cut.label} is {mm(deviation!)} {deviation! > 0 ? 'long' : 'short'}.
          </strong>{' '}
          {reason}
        </p>
      ))}
      <p>{judged.recuts.map((recut) => wordRecut(recut, datum)).join(', then ')}.</p>
      {judged.uses > 0 && <p>That uses {mm(judged.uses)} of the cable at this end.</p>}
      {judged.offsets.map(({ cut, by }) => (
        <p key={cut}>
          For the next: set the stop for the {cut} {mm(by)} {by < 0 ? 'nearer' : 'farther'}.
        </p>
      ))}
    </div>
  );
}

function wordRecut(recut: Recut, datum: StripPlan['datum']): string {
  if (recut.action === 'trim') return `trim the ${recut.cut} by ${mm(recut.by)}`;
  return `take the ${datum === 'tube end' ? 'tube' : 'jacket'} back by ${mm(recut.by)}`;
}
