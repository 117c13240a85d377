import type { ComplexSeries } from '../line/two-port-data.ts';
import type { Network } from '../line/network.ts';
import type { TouchstoneFormat, TouchstoneUnit } from './touchstone-header.ts';
import { unitFactor } from './touchstone-header.ts';

/** How a file is written. */
export interface TouchstoneOptions {
  readonly version?: 1 | 2;
  readonly format?: TouchstoneFormat;
  readonly unit?: TouchstoneUnit;
  /** Lines of comment at the top. */
  readonly comments?: readonly string[];
}

/** Writes Touchstone 1.1 (one reference for all ports) or 2.0, nine significant figures. */
export function writeTouchstone(network: Network, options: TouchstoneOptions = {}): string {
  const { version = 1, format = 'RI', unit = 'MHz', comments = [] } = options;
  const { ports, references, frequencies, parameters } = network;
  const lines = comments.map((comment) => `! ${comment}`);
  if (version === 2) lines.push('[Version] 2.0');
  lines.push(`# ${unit} S ${format} R ${references[0]}`);
  if (version === 2) {
    lines.push(`[Number of Ports] ${ports}`);
    if (ports === 2) lines.push('[Two-Port Data Order] 21_12');
    lines.push(
      `[Number of Frequencies] ${frequencies.length}`,
      `[Reference] ${references.join(' ')}`,
      '[Network Data]',
    );
  }
  const factor = unitFactor[unit.toUpperCase()]!;
  const order = Array.from({ length: ports * ports }, (_, place) =>
    ports === 2 ? (place % 2) * 2 + Math.floor(place / 2) : place,
  );
  for (let n = 0; n < frequencies.length; n++) {
    const words = order.map((place) => written(format, parameters[place]!, n));
    const frequency = String(Number((frequencies[n]! / factor).toPrecision(12)));
    if (ports <= 2) lines.push(`${frequency} ${words.join(' ')}`);
    else
      for (let row = 0; row < ports; row++)
        lines.push(`${row === 0 ? frequency : ' '} ${words.slice(row * ports, (row + 1) * ports).join(' ')}`);
  }
  if (version === 2) lines.push('[End]');
  return `${lines.join('\n')}\n`;
}

function written(format: TouchstoneFormat, { re, im }: ComplexSeries, n: number): string {
  const text = (value: number) => String(Number(value.toPrecision(9)));
  if (format === 'RI') return `${text(re[n]!)} ${text(im[n]!)}`;
  const size = Math.hypot(re[n]!, im[n]!);
  const angle = (Math.atan2(im[n]!, re[n]!) * 180) / Math.PI;
  // Silence has no finite number of decibels; far below any analyser's floor says the same.
  const first = format === 'DB' ? Math.max(-400, 20 * Math.log10(size)) : size;
  return `${text(first)} ${text(angle)}`;
}
