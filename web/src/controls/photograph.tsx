import type { Recorded } from '@gorvane/core/unit/progress.ts';
import { usePicture } from '../data/photographs.ts';
import { captionOf, pictureElsewhere } from './photograph-words.ts';
import { useTimes } from './writing.ts';

/** Pictures of a unit as its record names them. */
export function Photographs({ photographs }: { readonly photographs: readonly Recorded<'photograph'>[] }) {
  if (photographs.length === 0) return null;
  return (
    <div className="photographs">
      {photographs.map((photograph) => (
        <Photograph key={photograph.hash + photograph.at} photograph={photograph} />
      ))}
    </div>
  );
}

function Photograph({ photograph }: { readonly photograph: Recorded<'photograph'> }) {
  const timeOf = useTimes();
  const { hash, width, height, at, by } = photograph;
  const address = usePicture(hash);
  const words = captionOf(photograph);
  return (
    <figure>
      {address && <img src={address} alt={words} width={width} height={height} />}
      {address === null && <p className="not-yet">▲ {pictureElsewhere}</p>}
      <figcaption>
        {words}{' '}
        <span className="soft">
          {by}, {timeOf(at)}
        </span>
      </figcaption>
    </figure>
  );
}
