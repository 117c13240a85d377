import { describe, expect, test } from '@jest/globals';
import { unitProgress } from '@gorvane/core/unit/progress.ts';
import { certificateOf } from '@gorvane/core/unit/certificate.ts';
import { letterheadOf } from '@gorvane/core/paper/letterhead.ts';
import { nextEvent } from '@gorvane/core/record/chain.ts';
import type { UnitEvent, UnitHappening } from '@gorvane/core/unit/unit.ts';
import { demo } from '../../test/open-at.tsx';
import { PDFDocument, PDFName, PDFRawStream, rgb } from 'pdf-lib';
import { certificateSections } from '../controls/certificate-content.ts';
import { instrumentWords, isCertified, limitWords, readingWords } from '../controls/certificate-words.ts';
import { certificatePdf } from './certificate-pdf.ts';
import { facesOf } from './pdf-face.ts';
import { plainText } from './pdf-text.ts';

const unit = demo.units.find(({ serial }) => serial === 'OS-0002')!;
const events = demo.events.filter(({ unitId }) => unitId === unit.id).sort((a, b) => a.number - b.number);
const certificateAfter = (more: UnitHappening[]) => {
  const chain = more.reduce<UnitEvent[]>(
    (all, happening, n) => [
      ...all,
      nextEvent(all, unit.id, happening, { id: `more-${n}`, by: 'b', at: events.at(-1)!.at }),
    ],
    events,
  );
  return certificateOf(unit, unit.plan!, unitProgress(unit, chain), chain);
};
const write = (value: number) => String(value);
/** A picture of one colour. */
const grey =
  '/9j/4AAQSkZJRgABAQAAAQABAAD/2wBDABALDA4MChAODQ4SERATGCgaGBYWGDEjJR0oOjM9PDkzODdASFxOQERXRTc4UG1RV19iZ2hnPk1xeXBkeFxlZ2P/wAALCAAeACgBAREA/8QAFQABAQAAAAAAAAAAAAAAAAAAAAH/xAAUEAEAAAAAAAAAAAAAAAAAAAAA/9oACAEBAAA/AIAAAAAAP//Z';
const writing = { write, timeOf: String };
const noPicture = () => Promise.resolve(undefined);
const letterhead = letterheadOf(
  demo.papers[0]!,
  demo.orders.find(({ id }) => id === unit.orderId),
);

describe('the certificate of a unit', () => {
  const certificate = certificateAfter([]);

  test('holds both proofs with readings and limits as they were, and its chain', () => {
    expect(certificate.proofs.map(({ verdict }) => verdict)).toEqual(['Out', 'Good']);
    expect(certificate.chain).toMatchObject({ whole: true, entries: events.length });
    const resistance = certificate.proofs[1]!.checks.find(({ id }) => id.startsWith('resistance'))!;
    expect(readingWords(resistance, write)).toMatch(/^95\.\d mohm ± 1\.5 mohm/);
    expect(limitWords(resistance, write)).toMatch(/^at most 0\.099/);
    expect(certificate.proofs[1]!.checks.filter(isCertified).some(({ id }) => id.startsWith('look'))).toBe(
      false,
    );
  });

  test('an instrument says who it is and how its calibration stood on that day', () => {
    const [instrument] = certificate.proofs[1]!.instruments;
    expect(instrumentWords(instrument!)).toMatch(
      /serial SIM-0128, simulated: calibrated 2026-03-02 until 2027-03-02/,
    );
    expect(instrumentWords({ ...instrument!, overdue: true })).toMatch(/OUT OF CALIBRATION since 2027-03-02/);
    expect(instrumentWords({ name: 'by hand', identity: undefined, overdue: undefined })).toBe(
      'Read by hand.',
    );
  });

  test('as PDF it can be opened, carries its title, and goes on over pages as it grows', async () => {
    const short = await PDFDocument.load(await certificatePdf(certificate, letterhead, writing, noPicture));
    expect(short.getTitle()).toBe('Certificate of OS-0002');
    const notes = Array.from({ length: 120 }, (_, n) => ({
      kind: 'note' as const,
      stepId: null,
      text: `note ${n}`,
    }));
    const long = await PDFDocument.load(
      await certificatePdf(certificateAfter(notes), letterhead, writing, noPicture),
    );
    expect(long.getPageCount()).toBeGreaterThan(short.getPageCount());
  });

  test('pictures of the unit stand in its PDF; one that is not here or cannot be read is said', async () => {
    const photograph = { kind: 'photograph' as const, stepId: null, caption: 'fillet', width: 4, height: 3 };
    const pictured = certificateAfter(
      ['here', 'damaged', 'elsewhere'].map((hash) => ({ ...photograph, hash })),
    );
    const bytes = new Map([
      ['here', Uint8Array.from(Buffer.from(grey, 'base64'))],
      ['damaged', Uint8Array.from(Buffer.from('no picture'))],
    ]);
    const pdf = await certificatePdf(pictured, letterhead, writing, (hash) =>
      Promise.resolve(bytes.get(hash)),
    );
    const pictures = (await PDFDocument.load(pdf)).context
      .enumerateIndirectObjects()
      .filter(([, object]) => object instanceof PDFRawStream)
      .filter(
        ([, object]) => (object as PDFRawStream).dict.get(PDFName.of('Subtype')) === PDFName.of('Image'),
      );
    expect(pictures).toHaveLength(1);
  });

  test('page and PDF are made of the same pieces, in the order of time', () => {
    const told = certificateAfter([
      { kind: 'note', stepId: null, text: 'late' },
      { kind: 'came back', reason: 'dead' },
    ]);
    const sections = certificateSections({ ...told, planHolds: false }, writing);
    expect(sections.map(({ heading }) => heading)).toEqual([
      'Proof 1: Out, by meter and load',
      'Proof 2: Good, by meter and load',
      'Hold points',
      'Repairs and notes',
      'Record',
    ]);
    const said = sections[3]!.pieces.map((piece) => (piece.kind === 'line' ? piece.words : ''));
    expect(said[0]).toMatch(/Repaired: .* Replaced: /);
    expect(said.slice(1)).toEqual([
      expect.stringMatching(/Note by b: late/),
      expect.stringMatching(/Came back: dead/),
    ]);
    expect(sections[4]!.pieces).toContainEqual({
      kind: 'line',
      words: expect.stringMatching(/not the one that was frozen/),
      tone: 'wrong',
    });
  });

  test('a lead that came back is not finished any more, and says so', () => {
    const { progress } = certificateAfter([{ kind: 'came back', reason: 'dead' }]);
    expect(progress.finished).toBe(false);
    expect(progress.current?.work).toBe('prove');
    expect(progress.returns.map(({ reason }) => reason)).toEqual(['dead']);
  });
});

test('Latin letters with their accents stand in a PDF as they are; what the typeface has not is written plainly', async () => {
  const document = await PDFDocument.create();
  const { regular } = await facesOf(document);
  const drawn: string[] = [];
  const sheet = document.addPage();
  const real = sheet.drawText.bind(sheet);
  sheet.drawText = (text, options) => {
    drawn.push(text);
    real(text, options);
  };
  const at = { x: 50, y: 50, size: 10, color: rgb(0, 0, 0) };
  regular.draw(sheet, 'Řehoř Łódź, Ågot “Ünal” – 12 Ω ± 5 %', at);
  expect(drawn.join('')).toBe('Řehoř Łódź, Ågot “Ünal” – 12 ohm ± 5 %');
  expect(regular.width('ŘŘ', 10)).toBeCloseTo(2 * regular.width('Ř', 10), 6);
  expect((await document.save()).length).toBeGreaterThan(5000);
});

test.each([
  ['▲ waived', 'waived'],
  ['12 Ω', '12 ohm'],
  ['Ř', 'R'],
  ['漢', '?'],
])('%s is written plainly as %s', (words, written) => expect(plainText(words)).toBe(written));
