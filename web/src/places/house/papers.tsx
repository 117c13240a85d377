import { newStock } from '@gorvane/core/paper/new-stock.ts';
import type { LabelKind, LabelStock } from '@gorvane/core/paper/label-stock.ts';
import { labelKinds } from '@gorvane/core/paper/label-stock.ts';
import type { Papers } from '@gorvane/core/paper/papers.ts';
import { largestLogo, largestLogoKilobytes } from '@gorvane/core/paper/papers.ts';
import { sheetNames, sheets } from '@gorvane/core/paper/sheet.ts';
import { formatMillimetres } from '@gorvane/core/quantity/length.ts';
import { Button, FileButton, NativeSelect, Textarea } from '@mantine/core';
import { useState } from 'react';
import { newId } from '../../data/database.ts';
import type { Draft } from '../../draft/use-draft.ts';
import { usePapersDraft } from '../../draft/use-draft.ts';
import { StockForm } from './stock-form.tsx';

/** What this house prints on, and what stands on its papers. */
export function PapersPanel() {
  const papers = usePapersDraft();
  if (!papers) return null;
  return (
    <section aria-labelledby="papers">
      <h2 id="papers">Papers and labels</h2>
      <Head papers={papers} />
      <Logo papers={papers} />
      <Stocks papers={papers} />
    </section>
  );
}

interface PartProps {
  readonly papers: Draft<Papers>;
}

function Head({ papers: { record, edit } }: PartProps) {
  return (
    <>
      <NativeSelect
        label="Sheets of the printer"
        value={record.sheet}
        data={sheetNames.map((name) => ({
          value: name,
          label: `${name}, ${formatMillimetres(sheets[name].width, 0)} x ${formatMillimetres(sheets[name].height, 0)} mm`,
        }))}
        onChange={({ currentTarget: { value } }) =>
          edit('sheets of the printer', (now) => ({
            ...now,
            sheet: sheetNames.find((name) => name === value)!,
          }))
        }
      />
      <Textarea
        label="Address on certificates"
        description="under the name of the house; empty for none"
        rows={3}
        maxLength={400}
        value={record.address}
        onChange={({ currentTarget: { value } }) => edit('address', (now) => ({ ...now, address: value }))}
      />
    </>
  );
}

/** A picture from a file, for certificates. */
function Logo({ papers: { record, edit } }: PartProps) {
  const [problem, setProblem] = useState<string | undefined>();
  const take = async (file: File | null) => {
    if (!file) return;
    const read = await logoOf(file);
    setProblem('problem' in read ? read.problem : undefined);
    if ('logo' in read) edit('logo', (now) => ({ ...now, logo: read.logo }));
  };
  return (
    <div className="logo-choice">
      {record.logo && <img src={record.logo} alt="Logo of the house" />}
      <FileButton onChange={(file) => void take(file)} accept="image/png,image/jpeg">
        {(button) => (
          <Button variant="default" {...button}>
            {record.logo ? 'Another logo' : 'Logo from a file'}
          </Button>
        )}
      </FileButton>
      {record.logo && (
        <Button variant="subtle" onClick={() => edit('logo taken out', (now) => ({ ...now, logo: null }))}>
          Take the logo out
        </Button>
      )}
      {problem && (
        <p className="out" role="alert">
          ■ {problem}
        </p>
      )}
    </div>
  );
}

/** Reads a picture that a paper can carry: PNG or JPEG by what is in it, not by its name. */
async function logoOf(file: File): Promise<{ readonly logo: string } | { readonly problem: string }> {
  const bytes = new Uint8Array(await file.arrayBuffer());
  const starts = (...first: number[]) => first.every((byte, n) => bytes[n] === byte);
  const type = starts(0x89, 0x50, 0x4e, 0x47) ? 'png' : starts(0xff, 0xd8, 0xff) ? 'jpeg' : undefined;
  if (!type) return { problem: `Found ${file.name}, which is neither; expected a PNG or JPEG picture.` };
  let text = '';
  for (const byte of bytes) text += String.fromCharCode(byte);
  const logo = `data:image/${type};base64,${btoa(text)}`;
  const { canBePrinted } = await import('../../drawing/pdf-picture.ts');
  if (!(await canBePrinted(logo)))
    return {
      problem: `${file.name} is damaged or cut off: it cannot be printed. Save the picture anew, as PNG or JPEG.`,
    };
  if (logo.length > largestLogo)
    return {
      problem: `Found ${Math.round(bytes.length / 1000)} kB; expected at most ${largestLogoKilobytes} kB. Save the picture smaller.`,
    };
  return { logo };
}

function Stocks({ papers: { record, edit } }: PartProps) {
  const { stocks } = record;
  const change = (label: string, next: readonly LabelStock[]) =>
    edit(label, (now) => ({ ...now, stocks: [...next] }));
  const [kind, setKind] = useState<LabelKind>('roll');
  return (
    <>
      <h3>Label stocks</h3>
      <p className="soft">The first is taken where nothing else is chosen.</p>
      {stocks.map((stock) => (
        <StockForm
          key={stock.id}
          stock={stock}
          onChange={(next) =>
            change(
              'label stock',
              stocks.map((other) => (other.id === stock.id ? next : other)),
            )
          }
          onFirst={() => change('first stock', [stock, ...stocks.filter(({ id }) => id !== stock.id)])}
          onRemove={
            stocks.length > 1
              ? () =>
                  change(
                    'label stock taken out',
                    stocks.filter(({ id }) => id !== stock.id),
                  )
              : undefined
          }
          isFirst={stock === stocks[0]}
        />
      ))}
      <div className="add-stock">
        <NativeSelect
          label="Kind of stock"
          value={kind}
          data={[...labelKinds]}
          onChange={({ currentTarget: { value } }) => setKind(labelKinds.find((each) => each === value)!)}
        />
        <Button variant="default" onClick={() => change('label stock', [...stocks, newStock(kind, newId())])}>
          Add a stock
        </Button>
      </div>
    </>
  );
}
