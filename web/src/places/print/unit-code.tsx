import { codeOf, codePath, unitCodeText } from '../../drawing/unit-code.ts';

/** The code that opens a unit, on a page. */
export function UnitCode({ serial, unitId }: { readonly serial: string; readonly unitId: string }) {
  const text = unitCodeText(serial, unitId);
  const code = codeOf(text);
  return (
    <svg
      role="img"
      aria-label={`QR code: ${text}`}
      className="unit-code"
      viewBox={`0 0 ${code.side} ${code.side}`}
      shapeRendering="crispEdges"
    >
      <path d={codePath(code)} />
    </svg>
  );
}
