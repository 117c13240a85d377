import { labelCautions, tooLateForSleeve } from '@gorvane/core/paper/label-check.ts';
import { edge } from '@gorvane/core/paper/label-layout.ts';
import { labelPages } from '@gorvane/core/paper/label-pages.ts';
import type { LabelStock } from '@gorvane/core/paper/label-stock.ts';
import { cellsOf, pageOf } from '@gorvane/core/paper/label-stock.ts';
import { labelLines, namesEnd } from '@gorvane/core/paper/label-text.ts';
import type { LabelSource } from '@gorvane/core/paper/label-values.ts';
import { labelledEnds, labelValues } from '@gorvane/core/paper/label-values.ts';
import { leadCable } from '@gorvane/core/lead/lead-cable.ts';
import { formatMillimetres } from '@gorvane/core/quantity/length.ts';
import type { Papers } from '@gorvane/core/paper/papers.ts';
import { Button, NativeSelect, NumberInput } from '@mantine/core';
import { useContext, useMemo } from 'react';
import { Link, useSearchParams } from 'react-router';
import { Times } from '../../controls/writing.ts';
import type { LabelArt } from '../../drawing/label-art.ts';
import { labelArt } from '../../drawing/label-art.ts';
import { LabelSheet } from '../../drawing/label-sheet.tsx';
import type { Letters } from '../../drawing/letters.ts';
import { pageRule } from '../../drawing/page-rule.ts';
import { LabelFiles } from './label-files.tsx';
import { useLetters } from '../../drawing/use-letters.ts';

type Source = LabelSource & { readonly unitId: string };

interface LabelRunProps {
  readonly title: string;
  readonly sources: readonly Source[];
  readonly papers: Papers;
  readonly back: React.ReactNode;
}

/** How labels are printed, kept in the address: stock, for units or ends, copies, and what is used of the sheet. */
function useRun({ stocks }: Papers) {
  const [search, setSearch] = useSearchParams();
  const stock = stocks.find(({ id }) => id === search.get('stock')) ?? stocks[0]!;
  const number = (name: string, least: number, most: number) => {
    const value = Math.round(Number(search.get(name) ?? least));
    return Number.isFinite(value) ? Math.min(most, Math.max(least, value)) : least;
  };
  const asked = search.get('for');
  return {
    stock,
    each: asked === 'end' || asked === 'unit' ? asked : namesEnd(stock.text) ? 'end' : 'unit',
    copies: number('copies', 1, 20),
    used: stock.kind === 'sheet' ? number('used', 0, cellsOf(stock).length - 1) : 0,
    set: (change: Readonly<Record<string, string>>) =>
      setSearch(
        (now) => {
          for (const [name, value] of Object.entries(change)) now.set(name, value);
          return now;
        },
        { replace: true },
      ),
  };
}

/** One run of labels: what they are printed on, how they look, and the ways out. */
export function LabelRun({ title, sources, papers, back }: LabelRunProps) {
  const run = useRun(papers);
  const { stock, each, copies, used } = run;
  const letters = useLetters();
  const labels = useLabels(sources, stock, each === 'end', letters);
  const pages = useMemo(
    () => labels && labelPages(labels, stock, { copies, used }),
    [labels, stock, copies, used],
  );
  const size = pageOf(stock);
  return (
    <>
      <style>{pageRule(size, '0')}</style>
      <div className="no-print label-choices">
        <NativeSelect
          label="Stock"
          value={stock.id}
          data={papers.stocks.map(({ id, name }) => ({ value: id, label: name }))}
          onChange={({ currentTarget: { value } }) => run.set({ stock: value })}
        />
        <NativeSelect
          label="One label for"
          value={each}
          data={[
            { value: 'unit', label: 'each unit' },
            { value: 'end', label: 'each end' },
          ]}
          onChange={({ currentTarget: { value } }) => run.set({ for: value })}
        />
        <NumberInput
          label="Copies"
          min={1}
          max={20}
          value={copies}
          onChange={(value) => run.set({ copies: String(value) })}
        />
        {stock.kind === 'sheet' && (
          <NumberInput
            label="Used already on the first sheet"
            min={0}
            max={cellsOf(stock).length - 1}
            value={used}
            onChange={(value) => run.set({ used: String(value) })}
          />
        )}
      </div>
      {pages && letters && (
        <>
          <Cautions sources={sources} stock={stock} labels={labels!} />
          <div className="no-print print-actions">
            <Button onClick={() => window.print()}>Print</Button>
            <LabelFiles title={title} pages={pages} size={size} />
            {back}
            <Link to="/house#papers">Stocks and text in House</Link>
          </div>
          <p className="no-print soft">
            {words(labels!.length * copies, 'label')} on{' '}
            {words(pages.length, stock.kind === 'sheet' ? 'sheet' : 'piece')} of{' '}
            {formatMillimetres(size.width)} x {formatMillimetres(size.height)} mm, at true size. Print at 100
            %, not fitted. Scanned into the search (Ctrl K), the code opens the unit.
          </p>
          <div className="label-pages">
            {pages.map((page, n) => (
              <div key={n} className="label-page">
                <LabelSheet page={page} size={size} letters={letters} />
              </div>
            ))}
          </div>
        </>
      )}
    </>
  );
}

const words = (count: number, thing: string) => `${count} ${thing}${count === 1 ? '' : 's'}`;

/** The labels laid out, once the typeface is there. */
function useLabels(
  sources: readonly Source[],
  stock: LabelStock,
  forEnds: boolean,
  letters: Letters | undefined,
): LabelArt[] | undefined {
  const times = useContext(Times);
  return useMemo(() => {
    if (!letters) return undefined;
    return sources.flatMap((source) => {
      const ends = forEnds ? labelledEnds(source.plan.lead) : [null];
      return ends.map((end) => {
        const lines = labelLines(stock.text, labelValues(source, end, times));
        return labelArt({ lines, serial: source.serial, unitId: source.unitId }, stock, letters);
      });
    });
  }, [sources, stock, forEnds, letters, times]);
}

interface CautionsProps {
  readonly sources: readonly Source[];
  readonly stock: LabelStock;
  readonly labels: readonly LabelArt[];
}

/** What speaks against this stock: on the jackets of these leads, and for these texts. */
function Cautions({ sources, stock, labels }: CautionsProps) {
  const diameters = new Set(
    sources.flatMap(({ plan: { lead } }) =>
      lead.pieces.map(({ cableId }) => leadCable(lead, cableId).jacket.diameter),
    ),
  );
  const isLate = stock.kind === 'sleeve' && sources.some(({ progress }) => progress.finished);
  const found = [
    ...[...diameters].flatMap((diameter) => labelCautions(stock, diameter)),
    ...(isLate ? [tooLateForSleeve] : []),
  ];
  const tooLong = labels.find(({ layout }) => layout.tooLong !== null)?.layout.tooLong;
  const withoutCode = labels.some(({ layout }) => layout.code === null);
  return (
    <>
      {tooLong && (
        <p className="out no-print" role="alert">
          ■ “{tooLong}” does not go on {stock.name} in letters that can be read. Take fewer lines or shorter
          words in House, or a larger stock.
        </p>
      )}
      {found.map((words) => (
        <p key={words} className="not-yet no-print">
          ▲ {stock.name}: {words}
        </p>
      ))}
      {withoutCode && !tooLong && (
        <p className="soft no-print">
          No room for a code that can be read beside this text; {formatMillimetres(edge)} mm is left white at
          the edges.
        </p>
      )}
    </>
  );
}
