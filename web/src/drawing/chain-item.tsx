import type { ChainItem } from '@gorvane/core/line/chain.ts';

const height = 40;

/** Width on the run: longer cable is drawn longer, but metres are broken. */
export function chainItemWidth(item: ChainItem): number {
  if (item.kind === 'cable') return Math.round(70 + 26 * Math.log2(1 + item.length));
  return item.kind === 'section' ? 64 : 54;
}

/** One thing of a chain, drawn to its kind. */
export function ChainItemShape({ item }: { readonly item: ChainItem }) {
  const width = chainItemWidth(item);
  const middle = height / 2;
  return (
    <svg
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      aria-hidden="true"
      className="drawing"
    >
      {shape(item, width, middle)}
    </svg>
  );
}

function shape(item: ChainItem, width: number, middle: number) {
  const wire = (
    <line x1="0" x2={width} y1={middle} y2={middle} stroke="var(--copper-metal)" strokeWidth="3" />
  );
  switch (item.kind) {
    case 'cable':
      return <rect x="0" y={middle - 9} width={width} height="18" fill="var(--jacket)" />;
    case 'connector':
      return (
        <g fill="var(--silver)" stroke="var(--ink)">
          <rect x="4" y={middle - 10} width={width - 8} height="20" />
          <rect x="14" y={middle - 15} width={width - 28} height="30" />
        </g>
      );
    case 'section':
      return (
        <rect
          x="0.5"
          y={middle - 12}
          width={width - 1}
          height="24"
          fill="var(--milk)"
          stroke="var(--ink)"
          strokeDasharray="4 3"
        />
      );
    case 'series resistor':
      return (
        <>
          {wire}
          <rect
            x="12"
            y={middle - 7}
            width={width - 24}
            height="14"
            fill="var(--paper)"
            stroke="var(--ink)"
            strokeWidth="2"
          />
        </>
      );
    case 'series inductor':
      return (
        <path
          d={`M0 ${middle} h9 ${Array.from({ length: 3 }, () => 'a6 6 0 0 1 12 0').join(' ')} H${width}`}
          fill="none"
          stroke="var(--ink)"
          strokeWidth="2.5"
        />
      );
    case 'shunt capacitor':
      return (
        <>
          {wire}
          <path
            d={`M${width / 2} ${middle} v7 m-12 0 h24 m-24 5 h24 m-12 0 v7`}
            stroke="var(--ink)"
            strokeWidth="2"
            fill="none"
          />
        </>
      );
    case 'shunt resistor':
      return (
        <>
          {wire}
          <rect
            x={width / 2 - 5}
            y={middle + 3}
            width="10"
            height="14"
            fill="var(--paper)"
            stroke="var(--ink)"
            strokeWidth="2"
          />
        </>
      );
    case 'file':
      return (
        <>
          {wire}
          <path
            d={`M${width / 2 - 12} ${middle - 14} h16 l8 8 v20 h-24 z`}
            fill="var(--paper)"
            stroke="var(--ink)"
            strokeWidth="2"
          />
        </>
      );
  }
}
