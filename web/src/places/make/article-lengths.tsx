import type { UnitProgress } from '@gorvane/core/unit/progress.ts';
import type { UnitHappening } from '@gorvane/core/unit/unit.ts';
import { articleLengths } from '@gorvane/core/unit/first-article.ts';
import type { Lead } from '@gorvane/core/lead/lead.ts';
import {
  formatMetres,
  formatMillimetres,
  formatSignedMillimetres,
  parsePositiveLength,
} from '@gorvane/core/quantity/length.ts';
import { QuantityField } from '../../controls/quantity-field.tsx';

interface ArticleLengthsProps {
  readonly lead: Lead;
  readonly unitId: string;
  readonly progress: UnitProgress;
  readonly onRecord: (happenings: readonly UnitHappening[]) => void;
}

/** The finished lengths of a first article, typed from the tape: what was asked, and how far off it came out. */
export function ArticleLengths({ lead, unitId, progress, onRecord }: ArticleLengthsProps) {
  const lengths = articleLengths(lead, progress);
  return lengths.map(({ legId, wanted, measured }) => (
    <div key={legId} className="article-length">
      <span>
        {lengths.length > 1 ? `Leg ${legId}: ` : ''}asked {formatMetres(wanted)}
      </span>
      <QuantityField
        aria-label={`Finished length of ${legId} as measured`}
        field={`article/${unitId}/${legId}`}
        placeholder="mm or m"
        readWhenLeft
        written={measured === undefined ? '' : formatMillimetres(measured, 1)}
        onRead={(text) =>
          onRecord([{ kind: 'length measured', legId, length: parsePositiveLength(text, 1000) }])
        }
      />
      {measured !== undefined && (
        <span className="reading">{formatSignedMillimetres(measured - wanted, 1)} mm</span>
      )}
    </div>
  ));
}
