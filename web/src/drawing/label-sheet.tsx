import type { PlacedLabel } from '@gorvane/core/paper/label-pages.ts';
import type { Size } from '@gorvane/core/paper/label-stock.ts';
import type { LabelArt } from './label-art.ts';
import type { Letters } from './letters.ts';
import { outlines } from './letters.ts';
import { codePath } from './unit-code.ts';
import './label-sheet.css';

interface LabelSheetProps {
  readonly page: readonly PlacedLabel<LabelArt>[];
  readonly size: Size;
  readonly letters: Letters;
}

const mm = (metres: number) => metres * 1e3;

/** A page of labels at true size: letters as outlines, so that the file looks the same wherever it is printed. */
export function LabelSheet({ page, size, letters }: LabelSheetProps) {
  const [width, height] = [mm(size.width), mm(size.height)];
  return (
    <svg
      xmlns="http://www.w3.org/2000/svg"
      className="label-sheet"
      role="img"
      aria-label={page.map(({ label }) => label.content.lines.join(', ')).join('; ')}
      width={`${width}mm`}
      height={`${height}mm`}
      viewBox={`0 0 ${width} ${height}`}
    >
      {page.map(({ label, cell }, n) => (
        <g key={n} transform={`translate(${mm(cell.x)} ${mm(cell.y)})`}>
          <rect className="label-edge" width={mm(cell.width)} height={mm(cell.height)} fill="none" />
          <Label label={label} letters={letters} />
        </g>
      ))}
    </svg>
  );
}

function Label({ label, letters }: { readonly label: LabelArt; readonly letters: Letters }) {
  const { layout } = label;
  return (
    <>
      {layout.lines.map(({ text, bold, x, baseline, size }, n) => (
        <g
          key={n}
          fill="#000"
          transform={`translate(${mm(x)} ${mm(baseline)}) scale(${mm(size)} ${-mm(size)})`}
        >
          {outlines(letters, text, bold).glyphs.map((glyph, k) => (
            <path key={k} d={glyph.d} transform={`translate(${glyph.x} 0) scale(${glyph.scale})`} />
          ))}
        </g>
      ))}
      <Code label={label} />
    </>
  );
}

function Code({ label: { layout, code } }: { readonly label: LabelArt }) {
  if (!layout.code || !code) return null;
  const { x, y, side } = layout.code;
  return (
    <path
      fill="#000"
      shapeRendering="crispEdges"
      transform={`translate(${mm(x)} ${mm(y)}) scale(${mm(side) / code.side})`}
      d={codePath(code)}
    />
  );
}
