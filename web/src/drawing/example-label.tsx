import type { LabelStock, Size } from '@gorvane/core/paper/label-stock.ts';
import { labelArt } from './label-art.ts';
import { LabelSheet } from './label-sheet.tsx';
import { useLetters } from './use-letters.ts';

interface ExampleLabelProps {
  readonly stock: LabelStock;
  readonly size: Size;
  readonly lines: readonly string[];
}

/** One label of a stock as it would be printed. */
export default function ExampleLabel({ stock, size, lines }: ExampleLabelProps) {
  const letters = useLetters();
  if (!letters) return null;
  const { width, height } = stock;
  const label = labelArt({ lines, serial: 'B1-0042', unitId: '0'.repeat(36) }, stock, letters);
  return (
    <>
      <div className="label-page">
        <LabelSheet page={[{ cell: { x: 0, y: 0, width, height }, label }]} size={size} letters={letters} />
      </div>
      {label.layout.tooLong && (
        <p className="out" role="alert">
          ■ “{label.layout.tooLong}” does not go on in letters that can be read.
        </p>
      )}
    </>
  );
}
