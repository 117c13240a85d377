import type { Explained } from '@gorvane/core/quantity/explained.ts';
import { isAssumed } from '@gorvane/core/quantity/explained.ts';
import { Popover, UnstyledButton } from '@mantine/core';
import type { ReactNode } from 'react';
import { useState } from 'react';
import { useWriting } from './writing.ts';

interface FigureProps {
  readonly figure: Explained;
  /** What the figure is, for the title of its sum. */
  readonly label: string;
  readonly children?: ReactNode;
}

/** A computed figure that opens how it came about. */
export function Figure({ figure, label, children }: FigureProps) {
  const [opened, setOpened] = useState(false);
  const write = useWriting();
  return (
    <Popover
      opened={opened}
      onChange={setOpened}
      position="bottom-start"
      shadow="md"
      withinPortal
      trapFocus={false}
    >
      <Popover.Target>
        <UnstyledButton
          className="figure"
          onClick={() => setOpened((was) => !was)}
          onKeyDown={({ key }) => key === 'Escape' && setOpened(false)}
          aria-label={`${label}: ${write(figure.value, figure.kind)}. How it came about`}
        >
          {children ?? <span className="reading">{write(figure.value, figure.kind)}</span>}
          {isAssumed(figure) && (
            <span className="assumed-dot" title="rests on an assumed figure">
              ◌
            </span>
          )}
        </UnstyledButton>
      </Popover.Target>
      <Popover.Dropdown className="why">
        <WhySum figure={figure} label={label} />
      </Popover.Dropdown>
    </Popover>
  );
}

function WhySum({ figure, label }: Pick<FigureProps, 'figure' | 'label'>) {
  const write = useWriting();
  return (
    <>
      <p className="why-title">
        Why {label}? <span className="reading">{figure.formula}</span>
      </p>
      <table>
        <tbody>
          {figure.terms.map((term) => (
            <tr key={term.label}>
              <th scope="row">
                {term.label} {term.symbol && <em>{term.symbol}</em>}
              </th>
              <td className="reading">{write(term.value, term.kind)}</td>
              <td className="not-yet">{term.assumed ? '◌ assumed' : ''}</td>
            </tr>
          ))}
          <tr className="why-total">
            <th scope="row">{label}</th>
            <td className="reading">{write(figure.value, figure.kind)}</td>
            <td />
          </tr>
        </tbody>
      </table>
      <p className="soft">{figure.source}</p>
    </>
  );
}
