import type { Letterhead } from '@gorvane/core/paper/letterhead.ts';
import { forWhom } from '@gorvane/core/paper/letterhead.ts';
import { formatMillimetres } from '@gorvane/core/quantity/length.ts';
import type { QuantityKind } from '@gorvane/core/quantity/explained.ts';
import { scrapWords } from '@gorvane/core/recipe/scrap.ts';
import type { Certificate, CertifiedProof } from '@gorvane/core/unit/certificate.ts';
import {
  asked,
  instrumentWords,
  limitWords,
  readingWords,
  unaskedTold,
} from '../controls/certificate-words.ts';
import { drawCode } from './pdf-code.ts';
import { embedPicture } from './pdf-picture.ts';
import type { Pen } from './pdf-pen.ts';
import {
  drawFooters,
  heading,
  ink,
  inside,
  line,
  margin,
  newPen,
  point,
  red,
  soft,
  table,
} from './pdf-pen.ts';
import { codeOf, unitCodeText } from './unit-code.ts';

type Write = (value: number, kind: QuantityKind) => string;

/** How a bench writes figures, and times that are ISO. */
interface BenchWriting {
  readonly write: Write;
  readonly timeOf: (at: string) => string;
}

/** Side of the code at the upper right. */
const codeSide = 0.022 * point;

/** The certificate of a unit as PDF: the same as its page, with a code that opens the unit. */
export async function certificatePdf(
  certificate: Certificate,
  letterhead: Letterhead,
  writing: BenchWriting,
): Promise<Uint8Array> {
  const { timeOf } = writing;
  const { serial, unitId, title, verdict, level, programVersion, frozenAt, proofs } = certificate;
  const name = `Certificate of ${serial}`;
  const pen = await newPen(name, letterhead.sheet);
  drawCode(
    pen.sheet,
    codeOf(unitCodeText(serial, unitId)),
    { x: pen.page.width - margin - codeSide, y: pen.page.height - margin },
    codeSide,
  );
  await drawHouse(pen, certificate.house, letterhead);
  const beside = { width: inside(pen) - codeSide - 10 };
  pen.y -= 6;
  line(pen, name, { size: 17, bold: true, ...beside });
  line(pen, `${verdict}${level ? `, ${level}` : ''}`, {
    size: 12.5,
    bold: true,
    colour: verdict === 'Good' ? ink : red,
    ...beside,
  });
  const whom = forWhom(letterhead);
  if (whom) line(pen, whom);
  line(pen, title);
  line(pen, `Plan frozen ${timeOf(frozenAt)}, program ${programVersion}. Identity ${unitId}`, {
    colour: soft,
    size: 8,
  });
  if (proofs.length === 0) line(pen, 'Not proved yet.');
  for (const proof of proofs) drawProof(pen, proof, writing);
  drawHolds(pen, certificate, writing.write);
  drawEvents(pen, certificate, timeOf);
  drawRecord(pen, certificate);
  drawSignature(pen);
  drawFooters(pen, name);
  return pen.document.save();
}

/** Name and address of the house, beside its logo. */
async function drawHouse(pen: Pen, house: string, { logo, address }: Letterhead): Promise<void> {
  if (logo) {
    const image = await embedPicture(pen.document, logo);
    const { width, height } = image.scaleToFit(0.05 * point, 0.016 * point);
    pen.y -= height;
    pen.sheet.drawImage(image, { x: margin, y: pen.y, width, height });
    pen.y -= 4;
  }
  line(pen, house, { bold: true });
  for (const row of address.split('\n').filter((each) => each.trim() !== '')) line(pen, row, { size: 8.5 });
}

function drawProof(pen: Pen, proof: CertifiedProof, { write, timeOf }: BenchWriting): void {
  heading(pen, `Proof ${proof.number}: ${proof.verdict}, ${proof.level}`);
  line(pen, `${timeOf(proof.at)}, ${proof.by}, ${write(proof.celsius, 'temperature')}`);
  for (const instrument of proof.instruments)
    line(pen, instrumentWords(instrument), instrument.overdue ? { colour: red, bold: true } : { size: 8.5 });
  table(pen, {
    columns: [0, 0.36, 0.68, 0.91],
    head: ['Check', 'Reading', 'Limit', 'Verdict'],
    rows: asked(proof.checks).map((check) => [
      check.label,
      readingWords(check, write),
      limitWords(check, write),
      check.verdict,
    ]),
  });
  for (const words of unaskedTold(proof.checks)) line(pen, words, { size: 8.5 });
}

/** Hold points, two in a row. */
function drawHolds(pen: Pen, { progress }: Certificate, write: Write): void {
  const holds = progress.steps.filter(({ hold }) => hold && hold.kind !== 'proof');
  if (holds.length === 0) return;
  heading(pen, 'Hold points');
  const cells = holds.map(({ id, hold, endId }): string[] => {
    const answer = progress.holds.get(id);
    const quantity = hold!.reading?.quantity;
    const reading =
      answer?.how === 'answered' && answer.reading !== null && quantity
        ? answer.reading === Number.MAX_VALUE
          ? 'open'
          : write(answer.reading, quantity)
        : '';
    const said = !answer
      ? 'Not yet'
      : answer.how === 'waived'
        ? `WAIVED by ${answer.name}: ${answer.reason}`
        : answer.good
          ? 'Good'
          : 'Out';
    return [`${hold!.label}${endId ? `, end ${endId}` : ''}`, reading, said];
  });
  const half = Math.ceil(cells.length / 2);
  table(pen, {
    columns: [0, 0.25, 0.42, 0.5, 0.75, 0.92],
    rows: cells.slice(0, half).map((left, n) => [...left, ...(cells[half + n] ?? ['', '', ''])]),
  });
}

function drawEvents(pen: Pen, { progress }: Certificate, timeOf: BenchWriting['timeOf']): void {
  const events = [
    ...progress.takenShorter.map(({ at, shortage, name, reason }) => ({
      at,
      words: `Taken ${formatMillimetres(shortage)} mm shorter by ${name}: ${reason}`,
    })),
    ...progress.returns.map(({ at, reason }) => ({ at, words: `Came back: ${reason}` })),
    ...progress.reworks.map(({ at, reason, scrap }) => ({
      at,
      words: `Repaired: ${reason}.${scrap.length > 0 ? ` Replaced: ${scrapWords(scrap)}.` : ''}`,
    })),
    ...progress.notes.map(({ at, text, by }) => ({ at, words: `Note by ${by}: ${text}` })),
  ].sort((a, b) => a.at.localeCompare(b.at));
  if (events.length > 0) heading(pen, 'Repairs and notes');
  for (const { at, words } of events) line(pen, `${timeOf(at)}: ${words}`);
}

function drawRecord(pen: Pen, { chain, planHolds }: Certificate): void {
  heading(pen, 'Record');
  line(
    pen,
    `Record of ${chain.entries} entries, chain ${chain.whole ? 'whole' : 'NOT whole: see the log'}.`,
    chain.whole ? {} : { colour: red, bold: true },
  );
  if (!planHolds)
    line(pen, 'The plan is NOT the one that was frozen when it was started.', { colour: red, bold: true });
  line(pen, `Last hash ${chain.hash}`, { colour: soft, size: 8 });
}

/** Where somebody signs for the house. */
function drawSignature(pen: Pen): void {
  line(pen, ' ', { size: 34 });
  const y = pen.y + 14;
  const half = inside(pen) / 2 - 12;
  [0, half + 24].forEach((from) =>
    pen.sheet.drawLine({
      start: { x: margin + from, y },
      end: { x: margin + from + half, y },
      thickness: 0.6,
      color: ink,
    }),
  );
  const words = ['Date', 'Name and signature'];
  words.forEach((text, n) =>
    pen.font.draw(pen.sheet, text, { x: margin + n * (half + 24), y: y - 11, size: 8, color: soft }),
  );
}
