import type { Recorded } from '@gorvane/core/unit/progress.ts';

/** Words below a picture. */
export const captionOf = ({ caption }: Recorded<'photograph'>): string =>
  caption === '' ? 'Picture without words' : caption;

/** Where only the record of a picture is here. */
export const pictureElsewhere = 'The picture itself is not here: it is at another bench, or cannot be read.';
