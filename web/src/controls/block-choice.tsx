import { mostPositions } from '@gorvane/core/connector/contact.ts';
import { pinSeriesById } from '@gorvane/core/connector/pin-series.ts';
import type { TerminalBlock } from '@gorvane/core/connector/terminal-block.ts';
import { blockPitches, clampWords } from '@gorvane/core/connector/terminal-block.ts';
import { NativeSelect } from '@mantine/core';
import './block-choice.css';

interface BlockChoiceProps {
  /** Which one, after the name of each field. */
  readonly where: string;
  readonly block: TerminalBlock;
  /** What of it is to be otherwise. */
  readonly onChange: (to: Partial<TerminalBlock>) => void;
}

/** A terminal block by pitch, positions, clamp and the way its cable leaves. */
export function BlockChoice({ where, block, onChange }: BlockChoiceProps) {
  return (
    <div className="block-choice">
      <NativeSelect
        size="xs"
        label={`Pitch, ${where}`}
        value={block.seriesId}
        data={blockPitches.map((id) => ({ value: id, label: pinSeriesById(id).series }))}
        onChange={({ currentTarget: { value } }) =>
          onChange({ seriesId: blockPitches.find((id) => id === value)! })
        }
      />
      <NativeSelect
        size="xs"
        label={`Positions, ${where}`}
        value={String(block.positions)}
        data={Array.from({ length: mostPositions - 1 }, (_, index) => String(index + 2))}
        onChange={({ currentTarget: { value } }) => onChange({ positions: Number(value) })}
      />
      <NativeSelect
        size="xs"
        label={`Clamp, ${where}`}
        value={block.clamp}
        data={Object.entries(clampWords).map(([value, label]) => ({ value, label }))}
        onChange={({ currentTarget: { value } }) =>
          onChange({ clamp: value === 'spring' ? 'spring' : 'screw' })
        }
      />
      <NativeSelect
        size="xs"
        label={`Cable leaves, ${where}`}
        value={block.orientation}
        data={[
          { value: 'straight', label: 'straight back' },
          { value: 'right-angle', label: 'across, right-angle' },
        ]}
        onChange={({ currentTarget: { value } }) =>
          onChange({ orientation: value === 'right-angle' ? 'right-angle' : 'straight' })
        }
      />
    </div>
  );
}
