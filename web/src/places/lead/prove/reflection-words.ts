import { inNanohenries, inPicofarads } from '@gorvane/core/quantity/multiple.ts';
import type { ReflectionFinding } from '@gorvane/core/prove/reflection-findings.ts';
import { formatMetres } from '@gorvane/core/quantity/length.ts';

/** What a reflection is taken for. */
export const causeWords: Readonly<Record<ReflectionFinding['causes'][number]['kind'], string>> = {
  open: 'open: a conductor does not go on',
  short: 'short: centre and shield touch',
  crush: 'pressed flat or kinked',
  water: 'water in the dielectric',
  'wrong cable': 'another cable, of another impedance',
  'bad joint': 'a joint with resistance or a gap',
  leak: 'something across centre and shield that conducts',
  connector: 'the connector itself',
  'far end': 'what is connected at the far end, or nothing there',
};

/** Where it is: metres of cable from the first end, and how long a stretch goes on. */
export function placeWords({ distance, uncertainty, until, place }: ReflectionFinding): string {
  const at = `${formatMetres(Math.max(0, distance))} ± ${formatMetres(uncertainty)}`;
  const where = place === 'cable' ? at : `${place}, ${at}`;
  return until === null ? where : `${where}, until ${formatMetres(until)}`;
}

/** What the trace itself shows there. */
export function eventWords({ event }: ReflectionFinding): string {
  const { kind, impedance, isDecided, seriesResistance, leakResistance, size } = event;
  const or = (ohms: number | null, where: string) => (ohms ? `, or ${ohms.toFixed(1)} ohm ${where}` : '');
  switch (kind) {
    case 'open':
    case 'short':
      return `total reflection, ${kind}`;
    case 'higher':
      return `step up to ${impedance.toFixed(1)} ohm${or(seriesResistance, 'in series')}`;
    case 'lower':
      return `step down to ${impedance.toFixed(1)} ohm${or(leakResistance, 'across')}`;
    case 'series':
      return `${seriesResistance!.toFixed(1)} ohm in series${isDecided ? '' : `, or a step up to ${impedance.toFixed(1)} ohm`}`;
    case 'leak':
      return `${leakResistance!.toFixed(0)} ohm across${isDecided ? '' : `, or a step down to ${impedance.toFixed(1)} ohm`}`;
    case 'inductive':
      return `spike up to ${impedance.toFixed(1)} ohm${size ? `, like ${inNanohenries(size).toFixed(1)} nH` : ''}`;
    case 'capacitive':
      return `dip to ${impedance.toFixed(1)} ohm${size ? `, like ${inPicofarads(size).toFixed(1)} pF` : ''}`;
  }
}
