/** Where each contact of a jack or phono plug lies along it, tip at the right, pixels from its middle. */
const middles: Readonly<Record<string, Readonly<Record<string, number>>>> = {
  ts: { sleeve: -22, tip: 62 },
  trs: { sleeve: -30, ring: 34, tip: 74 },
  phono: { sleeve: 8, tip: 64 },
};

export const isJack = (layout: string) => layout in middles;

/** Place of a contact's number under the plug. */
export const jackSpot = (layout: string, contact: string) => ({ x: middles[layout]![contact] ?? 0, y: 36 });

/** A jack or phono plug from its side: each contact with a line to its number, black where it is insulated. */
export function JackProfile({ layout }: { readonly layout: string }) {
  const spots = Object.entries(middles[layout]!);
  return (
    <>
      {spots.map(([contact, x]) => (
        <path key={contact} className="dimension" d={`M ${x} -4 V 24`} />
      ))}
      <rect className="metal" x={-104} y={-40} width={44} height={52} rx={3} />
      {layout === 'phono' ? (
        <>
          <rect className="pin-metal" x={40} y={-20} width={48} height={12} rx={5} />
          <rect className="brass" x={-60} y={-36} width={100} height={44} rx={2} />
          <path d="M -10 -36 V -20 M 14 -36 V -20 M -10 -8 V 8 M 14 -8 V 8" stroke="#22272a" />
        </>
      ) : (
        <>
          <path className="pin-metal" d="M -60 -28 H 82 Q 98 -28 104 -14 Q 98 0 82 0 H -60 Z" />
          <path className="pin-metal" d="M 82 -28 q -4 14 0 28" fill="none" />
          {(layout === 'trs' ? [14, 54] : [34]).map((x) => (
            <rect key={x} x={x - 3} y={-28} width={7} height={28} fill="#22272a" />
          ))}
        </>
      )}
    </>
  );
}
