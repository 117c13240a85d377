import { writeCsv } from '@gorvane/core/file/csv.ts';
import type { PlacedLabel } from '@gorvane/core/paper/label-pages.ts';
import type { Size } from '@gorvane/core/paper/label-stock.ts';
import { Button } from '@mantine/core';
import { saveFile } from '../../controls/save-file.ts';
import { useFileMaker } from '../../controls/use-file-maker.tsx';
import type { LabelArt } from '../../drawing/label-art.ts';
import { unitCodeText } from '../../drawing/unit-code.ts';

interface LabelFilesProps {
  readonly title: string;
  readonly pages: readonly (readonly PlacedLabel<LabelArt>[])[];
  readonly size: Size;
}

/** The run as files: PDF of the stock's size, SVG of its pages, and a table for printers that have a program of their own. */
export function LabelFiles({ title, pages, size }: LabelFilesProps) {
  const { make, said } = useFileMaker();
  const name = title.toLowerCase().replace(/[^\p{L}\p{N}]+/gu, '-');
  const pdf = async () => {
    const { labelPdf } = await import('../../drawing/label-pdf.ts');
    saveFile(await labelPdf(title, pages, size), `${name}.pdf`, 'application/pdf');
  };
  const svg = async () => {
    const drawn = [...document.querySelectorAll('.label-sheet')].map(asFile);
    if (drawn.length === 1) return saveFile(drawn[0]!, `${name}.svg`, 'image/svg+xml');
    const { strToU8, zipSync } = await import('fflate');
    const files = Object.fromEntries(
      drawn.map((text, n) => [`label-${String(n + 1).padStart(4, '0')}.svg`, strToU8(text)]),
    );
    saveFile(zipSync(files), `${name}-svg.zip`, 'application/zip');
  };
  const csv = async () => {
    const labels = pages.flatMap((page) => page.map(({ label: { content } }) => content));
    const most = Math.max(...labels.map(({ lines }) => lines.length));
    const header = ['serial', 'code', ...Array.from({ length: most }, (_, n) => `line ${n + 1}`)];
    const rows = labels.map(({ serial, unitId, lines }) => [
      serial,
      unitCodeText(serial, unitId),
      ...Array.from({ length: most }, (_, n) => lines[n] ?? null),
    ]);
    saveFile(writeCsv(header, rows), `${name}.csv`, 'text/csv');
  };
  return (
    <>
      <Button variant="default" onClick={() => void make(pdf)}>
        PDF
      </Button>
      <Button variant="default" onClick={() => void make(svg)}>
        SVG
      </Button>
      <Button variant="default" onClick={() => void make(csv)}>
        CSV
      </Button>
      {said}
    </>
  );
}

/** The drawing as a file of its own, without the edges that only the screen shows. */
function asFile(drawing: Element): string {
  const copy = drawing.cloneNode(true) as Element;
  for (const line of copy.querySelectorAll('.label-edge')) line.remove();
  return new XMLSerializer().serializeToString(copy);
}
