import type { House } from '@gorvane/core/house/house.ts';
import type { Draft } from '../../draft/use-draft.ts';

/** What every panel of House is given. */
export interface PanelProps {
  readonly house: Draft<House>;
}
