import type { LengthUnit } from '@gorvane/core/quantity/length.ts';
import { formatInches, formatMillimetres } from '@gorvane/core/quantity/length.ts';
import { cableTexts } from '@gorvane/core/quantity/made.ts';
import { useContext } from 'react';
import { FirstUnit } from './writing.ts';

export interface LengthProps {
  readonly metres: number;
  /** Decides between a fraction and decimal inch. */
  readonly tolerance?: number;
  readonly digits?: number;
  /** A length of cable, tube or sleeve: written as it can be cut. */
  readonly cable?: boolean;
}

/** Both figures of a length as texts, the preferred one first. */
export function useLengthTexts(): (props: LengthProps) => { first: string; second: string } {
  const unit: LengthUnit = useContext(FirstUnit);
  return ({ metres, tolerance = 0.1e-3, digits = 1, cable = false }) => {
    const made = cable ? cableTexts(metres) : undefined;
    const millimetres = made?.metric ?? `${formatMillimetres(metres, digits)} mm`;
    const inches = made?.imperial ?? formatInches(metres, tolerance);
    return unit === 'mm' ? { first: millimetres, second: inches } : { first: inches, second: millimetres };
  };
}

/** A length with both figures: the preferred one strong, the other beside it. */
export function Length(props: LengthProps) {
  const { first, second } = useLengthTexts()(props);
  return (
    <span className="length">
      <span className="reading">{first}</span> <span className="reading soft">{second}</span>
    </span>
  );
}
