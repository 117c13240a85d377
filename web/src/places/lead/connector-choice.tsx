import type { Connector } from '@gorvane/core/connector/connector.ts';
import { nearestBlock, terminalBlockOf, usualBlock } from '@gorvane/core/connector/terminal-block.ts';
import { NativeSelect } from '@mantine/core';
import { BlockChoice } from '../../controls/block-choice.tsx';

/** A terminal block stands once in the list, whatever its pitch and size. */
const anyBlock = { value: 'terminal block', label: 'terminal block' };

interface ConnectorChoiceProps {
  readonly endName: string;
  readonly connector: Connector;
  /** Those that go on the cable. */
  readonly fitting: readonly Connector[];
  readonly all: readonly Connector[];
  readonly search: string;
  /** Chosen by what is there when its turn comes: a block's size may follow its pitch before the pitch is drawn. */
  readonly onChoose: (choose: (now: Connector) => string | undefined) => void;
}

/** The connector of an end: a list by method that a search narrows; of a terminal block its pitch, size, clamp and direction. */
export function ConnectorChoice({
  endName,
  connector,
  fitting,
  all,
  search,
  onChoose,
}: ConnectorChoiceProps) {
  const block = terminalBlockOf(connector);
  const groups = endChoices(fitting, all, connector, search);
  const found = groups.reduce((sum, { items }) => sum + items.length, 0) - 1;
  return (
    <>
      <NativeSelect
        label={`Connector, end ${endName}`}
        description={search.trim() === '' ? undefined : `${found} more with “${search.trim()}”`}
        value={block ? anyBlock.value : connector.id}
        data={groups}
        onChange={({ currentTarget: { value } }) =>
          onChoose(() => (value === anyBlock.value ? nearestBlock(all, usualBlock)?.id : value))
        }
      />
      {block && (
        <BlockChoice
          where={`end ${endName}`}
          block={block}
          onChange={(to) =>
            onChoose((now) => nearestBlock(all, { ...(terminalBlockOf(now) ?? block), ...to })?.id)
          }
        />
      )}
    </>
  );
}

/** Connectors that go on the cable, by method; the others last, for who wants to see why not. What is chosen stays in the list. */
function endChoices(
  fitting: readonly Connector[],
  all: readonly Connector[],
  chosen: Connector,
  search: string,
) {
  const words = search.toLowerCase().split(/\s+/).filter(Boolean);
  const wanted = (connector: Connector) => {
    const text = `${connector.name} ${connector.method}`.toLowerCase();
    return connector.id === chosen.id || words.every((word) => text.includes(word));
  };
  const options = (connectors: readonly Connector[]) => {
    const kept = connectors.filter(wanted);
    const plain = kept.filter((connector) => terminalBlockOf(connector) === null);
    return [
      ...plain.map(({ id, name }) => ({ value: id, label: name })),
      ...(plain.length < kept.length ? [anyBlock] : []),
    ];
  };
  const methods = [...new Set(fitting.map(({ method }) => method))];
  const listed = new Set(fitting);
  const anyFits = fitting.some((connector) => terminalBlockOf(connector) !== null);
  const others = all.filter(
    (connector) => !listed.has(connector) && !(anyFits && terminalBlockOf(connector) !== null),
  );
  return [
    ...methods.map((method) => ({
      group: method as string,
      items: options(fitting.filter((connector) => connector.method === method)),
    })),
    { group: 'do not fit this cable', items: options(others) },
  ].filter(({ items }) => items.length > 0);
}
