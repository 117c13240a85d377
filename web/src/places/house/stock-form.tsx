import type { LabelStock } from '@gorvane/core/paper/label-stock.ts';
import { labelStockSchema, overhang, pageOf } from '@gorvane/core/paper/label-stock.ts';
import { checkLabelText, labelFields } from '@gorvane/core/paper/label-text.ts';
import { sheetNames } from '@gorvane/core/paper/sheet.ts';
import { formatMillimetres, parseLength } from '@gorvane/core/quantity/length.ts';
import { QuantityError } from '@gorvane/core/quantity/quantity-error.ts';
import { parseScalar } from '@gorvane/core/quantity/scalar.ts';
import { Button, NativeSelect, Textarea, TextInput } from '@mantine/core';
import { useState } from 'react';
import { QuantityField } from '../../controls/quantity-field.tsx';
import { StockPreview } from './stock-preview.tsx';

interface StockFormProps {
  readonly stock: LabelStock;
  readonly isFirst: boolean;
  readonly onChange: (stock: LabelStock) => void;
  readonly onFirst: () => void;
  /** Undefined for the only one. */
  readonly onRemove: (() => void) | undefined;
}

const words: Readonly<Record<LabelStock['kind'], { readonly width: string; readonly height: string }>> = {
  roll: { width: 'Length of a label', height: 'Width of the tape' },
  'wrap-around': { width: 'Printed width, along the cable', height: 'Printed height, round the cable' },
  sleeve: { width: 'Length, along the cable', height: 'Width lying flat' },
  sheet: { width: 'Width of a label', height: 'Height of a label' },
};

/** One label stock, with what is printed on it, at true size. */
export function StockForm({ stock, isFirst, onChange, onFirst, onRemove }: StockFormProps) {
  const [isOpen, setOpen] = useState(false);
  return (
    <details className="stock" onToggle={({ currentTarget: { open } }) => setOpen(open)}>
      <summary>
        {stock.name}
        {isFirst && ', the first'}
      </summary>
      <TextInput
        label="Stock"
        value={stock.name}
        maxLength={60}
        error={stock.name.trim() === '' ? 'a name, so that it can be chosen' : undefined}
        onChange={({ currentTarget: { value } }) =>
          value.trim() !== '' && onChange({ ...stock, name: value })
        }
      />
      <StockText stock={stock} onChange={onChange} />
      <StockLengths stock={stock} onChange={onChange} />
      {stock.kind === 'sheet' && <SheetFields stock={stock} onChange={onChange} />}
      {isOpen && <StockPreview stock={stock} />}
      <div className="actions">
        {!isFirst && (
          <Button variant="default" onClick={onFirst}>
            Take it first
          </Button>
        )}
        {onRemove && (
          <Button variant="subtle" onClick={onRemove}>
            Take this stock out
          </Button>
        )}
      </div>
    </details>
  );
}

type PartProps = Pick<StockFormProps, 'stock' | 'onChange'>;

/** Only a text whose fields there are is taken over; what is wrong with another stands below it. */
function StockText({ stock, onChange }: PartProps) {
  const [typed, setTyped] = useState<{ readonly text: string; readonly problem: string } | undefined>();
  const read = (text: string) => {
    try {
      checkLabelText(text);
      setTyped(undefined);
      onChange({ ...stock, text });
    } catch (error) {
      setTyped({ text, problem: error instanceof Error ? error.message : String(error) });
    }
  };
  return (
    <Textarea
      label="Text"
      description={`a line each; fields: ${labelFields.map((name) => `{${name}}`).join(' ')}`}
      rows={stock.text.split('\n').length + 1}
      maxLength={400}
      value={typed?.text ?? stock.text}
      error={typed?.problem}
      onChange={({ currentTarget: { value } }) => read(value)}
    />
  );
}

type LengthName =
  'width' | 'height' | 'clear' | 'supplied' | 'recovered' | 'left' | 'top' | 'columnGap' | 'rowGap';

/** The lengths that a stock of a kind has, and what they are called. */
function lengthsOf(stock: LabelStock): readonly (readonly [LengthName, string, number])[] {
  const { width, height } = words[stock.kind];
  const printed = [
    ['width', width, stock.width],
    ['height', height, stock.height],
  ] as const;
  switch (stock.kind) {
    case 'roll':
      return printed;
    case 'wrap-around':
      return [...printed, ['clear', 'Clear end', stock.clear]];
    case 'sleeve':
      return [
        ...printed,
        ['supplied', 'Bore as supplied', stock.supplied],
        ['recovered', 'Bore when shrunk', stock.recovered],
      ];
    case 'sheet':
      return [
        ...printed,
        ['left', 'Left of the first label', stock.left],
        ['top', 'Above the first label', stock.top],
        ['columnGap', 'Between columns', stock.columnGap],
        ['rowGap', 'Between rows', stock.rowGap],
      ];
  }
}

const mm = (metres: number) => `${formatMillimetres(metres)} mm`;

function StockLengths({ stock, onChange }: PartProps) {
  return (
    <div className="stock-lengths">
      {lengthsOf(stock).map(([name, label, value]) => (
        <QuantityField
          key={name}
          field={`papers/${stock.id}/${name}`}
          label={label}
          written={mm(value)}
          onRead={(text) => onChange(checked({ ...stock, [name]: parseLength(text) } as LabelStock, text))}
        />
      ))}
    </div>
  );
}

/** A stock that a printer can be given. @throws QuantityError saying what does not go. */
function checked(stock: LabelStock, text: string): LabelStock {
  const { right, below } = overhang(stock);
  if (right > 1e-6 || below > 1e-6)
    throw new QuantityError(
      text,
      `labels that stay on the sheet; they stand out by ${mm(Math.max(right, below))} ${right >= below ? 'at the right' : 'below'}`,
    );
  const read = labelStockSchema.safeParse(stock);
  if (!read.success) {
    const [issue] = read.error.issues;
    const limit =
      issue && 'minimum' in issue ? issue.minimum : issue && 'maximum' in issue ? issue.maximum : undefined;
    throw new QuantityError(
      text,
      limit === undefined
        ? 'a length of a label'
        : `${issue && 'minimum' in issue ? 'at least' : 'at most'} ${mm(Number(limit))}`,
    );
  }
  if (stock.kind === 'sleeve' && stock.recovered >= stock.supplied)
    throw new QuantityError(text, 'a bore that gets smaller when it is shrunk');
  return read.data;
}

type SheetStock = Extract<LabelStock, { readonly kind: 'sheet' }>;

function SheetFields({
  stock,
  onChange,
}: {
  readonly stock: SheetStock;
  readonly onChange: (stock: LabelStock) => void;
}) {
  const count = (text: string, most: number) =>
    Math.round(parseScalar(text, { min: 1, max: most, expected: `a number from 1 to ${most}` }));
  return (
    <div className="stock-lengths">
      <NativeSelect
        label="Sheet"
        value={stock.page}
        data={[...sheetNames]}
        onChange={({ currentTarget: { value } }) =>
          onChange({ ...stock, page: sheetNames.find((name) => name === value)! })
        }
      />
      <QuantityField
        field={`papers/${stock.id}/columns`}
        label="Columns"
        written={String(stock.columns)}
        onRead={(text) => onChange(checked({ ...stock, columns: count(text, 20) }, text))}
      />
      <QuantityField
        field={`papers/${stock.id}/rows`}
        label="Rows"
        written={String(stock.rows)}
        onRead={(text) => onChange(checked({ ...stock, rows: count(text, 60) }, text))}
      />
      <p className="soft">
        {formatMillimetres(pageOf(stock).width)} x {formatMillimetres(pageOf(stock).height)} mm,{' '}
        {stock.columns * stock.rows} labels
      </p>
    </div>
  );
}
