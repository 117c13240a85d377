import { formatMillimetres } from '@gorvane/core/quantity/length.ts';
import type { QuantityKind } from '@gorvane/core/quantity/explained.ts';
import { scrapWords } from '@gorvane/core/recipe/scrap.ts';
import type { Verdict } from '@gorvane/core/strip/measured.ts';
import type { Step } from '@gorvane/core/recipe/step.ts';
import type { Certificate, CertifiedProof } from '@gorvane/core/unit/certificate.ts';
import type { HoldAnswer, Recorded } from '@gorvane/core/unit/progress.ts';
import { planProblem } from '../data/plan-check.ts';
import { asked, instrumentWords, limitWords, readingWords, unaskedTold } from './certificate-words.ts';

/** How a bench writes figures and times. */
export interface BenchWriting {
  readonly write: (value: number, kind: QuantityKind) => string;
  readonly timeOf: (at: string) => string;
}

/** How loud a line speaks: what nobody may miss, and what is only there to be looked up. */
type Tone = 'wrong' | 'plain' | 'small' | 'soft';

/** A cell of words, or a verdict that has its own look. */
export type Cell = string | { readonly verdict: Verdict };

export const cellWords = (cell: Cell): string => (typeof cell === 'string' ? cell : cell.verdict);

/** Rows that stand beside one another: the first half at the left. */
export function halvesOf<Row>(rows: readonly Row[]): readonly [Row[], Row[]] {
  const half = Math.ceil(rows.length / 2);
  return [rows.slice(0, half), rows.slice(half)];
}

/** What a sheet is made of, from top to bottom. */
export type Piece =
  | { readonly kind: 'line'; readonly words: string; readonly tone: Tone }
  | {
      readonly kind: 'table';
      /** Where each column begins, as a part of the width. */
      readonly columns: readonly number[];
      readonly head?: readonly string[];
      readonly rows: readonly (readonly Cell[])[];
      /** The second half of its rows stands beside the first. */
      readonly paired: boolean;
    }
  | { readonly kind: 'pictures'; readonly photographs: readonly Recorded<'photograph'>[] };

export interface Section {
  readonly heading: string;
  readonly pieces: readonly Piece[];
}

const line = (words: string, tone: Tone = 'plain'): Piece => ({ kind: 'line', words, tone });

/** What stands on a certificate below its head: the screen and the PDF draw the same. */
export function certificateSections(certificate: Certificate, writing: BenchWriting): Section[] {
  const { proofs } = certificate;
  return [
    ...proofs.map((proof) => proofSection(proof, writing)),
    ...(proofs.length === 0 ? [{ heading: 'Proof', pieces: [line('Not proved yet.')] }] : []),
    holdSection(certificate, writing),
    eventSection(certificate, writing),
    { heading: 'Pictures', pieces: picturesOf(certificate) },
    { heading: 'Record', pieces: recordPieces(certificate) },
  ].filter(({ pieces }) => pieces.length > 0);
}

/** What it is and by which plan it was made. */
export const identityWords = (
  { programVersion, frozenAt, unitId }: Certificate,
  { timeOf }: BenchWriting,
): string => `Plan frozen ${timeOf(frozenAt)}, program ${programVersion}. Identity ${unitId}`;

function proofSection(proof: CertifiedProof, { write, timeOf }: BenchWriting): Section {
  const { number, verdict, level, at, by, celsius, instruments, checks } = proof;
  return {
    heading: `Proof ${number}: ${verdict}, ${level}`,
    pieces: [
      line(`${timeOf(at)}, ${by}, ${write(celsius, 'temperature')}`),
      ...instruments.map((each) => line(instrumentWords(each), each.overdue ? 'wrong' : 'small')),
      {
        kind: 'table',
        columns: [0, 0.36, 0.68, 0.91],
        head: ['Check', 'Reading', 'Limit', 'Verdict'],
        rows: asked(checks).map((check) => [
          check.label,
          readingWords(check, write),
          limitWords(check, write),
          { verdict: check.verdict },
        ]),
        paired: false,
      },
      ...unaskedTold(checks).map((words) => line(words, 'small')),
    ],
  };
}

function holdSection({ progress }: Certificate, writing: BenchWriting): Section {
  const holds = progress.steps.filter(({ hold }) => hold && hold.kind !== 'proof');
  const rows = holds.map((step) => [
    holdLabel(step),
    ...answerCells(step, progress.holds.get(step.id), writing),
  ]);
  const waived = holds.flatMap((step) => {
    const answer = progress.holds.get(step.id);
    if (answer?.how !== 'waived') return [];
    return line(`▲ ${holdLabel(step)}: WAIVED by ${answer.name}: ${answer.reason}`, 'wrong');
  });
  return {
    heading: 'Hold points',
    pieces:
      rows.length === 0 ? [] : [{ kind: 'table', columns: [0, 0.5, 0.84], rows, paired: true }, ...waived],
  };
}

const holdLabel = ({ hold, endId }: Step): string => `${hold!.label}${endId ? `, end ${endId}` : ''}`;

/** What was read at a hold point, and what became of it. */
function answerCells(step: Step, answer: HoldAnswer | undefined, { write }: BenchWriting): [string, Cell] {
  if (!answer) return ['', { verdict: 'Not yet' }];
  if (answer.how === 'waived') return ['', 'waived'];
  const quantity = step.hold!.reading?.quantity;
  const isOpen = answer.reading === Number.MAX_VALUE;
  const read = answer.reading === null || !quantity ? '' : isOpen ? 'open' : write(answer.reading, quantity);
  return [read, { verdict: answer.good ? 'Good' : 'Out' }];
}

/** What happened to it beside its steps, in the order of its record. */
function eventSection({ progress }: Certificate, { timeOf }: BenchWriting): Section {
  const events = [
    ...progress.takenShorter.map((taken) => [taken, takenWords(taken)] as const),
    ...progress.returns.map((back) => [back, `Came back: ${back.reason}`] as const),
    ...progress.reworks.map((rework) => [rework, repairWords(rework)] as const),
    ...progress.notes.map((note) => [note, `Note by ${note.by}: ${note.text}`] as const),
  ].sort(([a], [b]) => a.number - b.number);
  return {
    heading: 'Repairs and notes',
    pieces: events.map(([{ kind, at }, words]) =>
      line(`${timeOf(at)}: ${words}`, kind === 'taken shorter' ? 'wrong' : 'plain'),
    ),
  };
}

const takenWords = ({ shortage, name, reason }: Recorded<'taken shorter'>): string =>
  `▲ Taken ${formatMillimetres(shortage)} mm shorter by ${name}: ${reason}`;

const repairWords = ({ reason, scrap }: Recorded<'rework'>): string =>
  `Repaired: ${reason}.${scrap.length > 0 ? ` Replaced: ${scrapWords(scrap)}.` : ''}`;

const picturesOf = ({ progress: { photographs } }: Certificate): Piece[] =>
  photographs.length > 0 ? [{ kind: 'pictures', photographs }] : [];

function recordPieces({ chain, planHolds }: Certificate): Piece[] {
  const record = `Record of ${chain.entries} entries, chain ${chain.whole ? 'whole' : 'NOT whole: see the Log'}.`;
  return [
    line(record, chain.whole ? 'plain' : 'wrong'),
    ...(planHolds ? [] : [line(`■ ${planProblem.changed}`, 'wrong')]),
    line(`Last hash ${chain.hash}`, 'soft'),
  ];
}
