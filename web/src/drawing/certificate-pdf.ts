import type { Letterhead } from '@gorvane/core/paper/letterhead.ts';
import { forWhom } from '@gorvane/core/paper/letterhead.ts';
import type { Certificate } from '@gorvane/core/unit/certificate.ts';
import type { BenchWriting, Piece } from '../controls/certificate-content.ts';
import { cellWords, certificateSections, halvesOf, identityWords } from '../controls/certificate-content.ts';
import { captionOf, pictureElsewhere } from '../controls/photograph-words.ts';
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
  picture,
  point,
  red,
  soft,
  table,
} from './pdf-pen.ts';
import { codeOf, unitCodeText } from './unit-code.ts';

/** The bytes of a picture that a record names; undefined where they did not come here. */
type PictureOf = (hash: string) => Promise<Uint8Array | undefined>;

/** Side of the code at the upper right. */
const codeSide = 0.022 * point;
/** Room for a picture: large enough to see a fillet. */
const pictureBox = { width: 0.085 * point, height: 0.064 * point };

/** The certificate of a unit as PDF: the same as its page, with a code that opens the unit. */
export async function certificatePdf(
  certificate: Certificate,
  letterhead: Letterhead,
  writing: BenchWriting,
  pictureOf: PictureOf,
): Promise<Uint8Array> {
  const { serial, unitId, title, verdict, level } = certificate;
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
  line(pen, identityWords(certificate, writing), styles.soft);
  for (const { heading: words, pieces } of certificateSections(certificate, writing)) {
    heading(pen, words);
    for (const piece of pieces) await drawPiece(pen, piece, writing, pictureOf);
  }
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

const styles = {
  wrong: { colour: red, bold: true },
  plain: {},
  small: { size: 8.5 },
  soft: { colour: soft, size: 8 },
};

async function drawPiece(
  pen: Pen,
  piece: Piece,
  { timeOf }: BenchWriting,
  pictureOf: PictureOf,
): Promise<void> {
  if (piece.kind === 'line') line(pen, piece.words, styles[piece.tone]);
  if (piece.kind === 'table') drawTable(pen, piece);
  if (piece.kind === 'pictures')
    for (const photograph of piece.photographs) {
      const { hash, by, at } = photograph;
      const bytes = await pictureOf(hash);
      // The library reads from the start of the memory that bytes may be a part of.
      const image = bytes && (await pen.document.embedJpg(bytes.slice()).catch(() => undefined));
      if (image) picture(pen, image, pictureBox);
      else line(pen, pictureElsewhere, styles.wrong);
      line(pen, `${captionOf(photograph)}. ${by}, ${timeOf(at)}`, styles.small);
    }
}

function drawTable(pen: Pen, { columns, head, rows, paired }: Piece & { readonly kind: 'table' }): void {
  const words = rows.map((cells) => cells.map(cellWords));
  if (!paired) return table(pen, { columns, head, rows: words });
  const [left, right] = halvesOf(words);
  const beside = columns.map((part) => part / 2);
  table(pen, {
    columns: [...beside, ...beside.map((part) => part + 0.5)],
    rows: left.map((cells, n) => [...cells, ...(right[n] ?? columns.map(() => ''))]),
  });
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
