import type { MethodName } from '../connector/method-name.ts';
import { bareEnd } from './bare-end.ts';
import { clampGland } from './clamp-gland.ts';
import { compression } from './compression.ts';
import { directSolder } from './direct-solder.ts';
import { feederClamp } from './feeder-clamp.ts';
import { hollowTipCrimp } from './hollow-tip.ts';
import { crimpLug } from './crimp-lug.ts';
import { lowProfileJack } from './low-profile-jack.ts';
import { modularCrimp } from './modular-crimp.ts';
import { setScrew } from './set-screw.ts';
import { solderCup } from './solder-cup.ts';
import { solderLugs } from './solder-lugs.ts';
import { speakerClamp } from './speaker-clamp.ts';
import { terminalClamp } from './terminal-clamp.ts';
import { forCoax } from './for-coax.ts';
import type { AnyMethod } from './method.ts';
import { pinAndFerrule } from './pin-and-ferrule.ts';
import { pushOn } from './push-on.ts';
import { reducer } from './reducer.ts';
import { screwOn } from './screw-on.ts';
import { solderedBody } from './soldered-body.ts';
import { trunkSeizing } from './trunk-seizing.ts';

/** Every method that ships. */
export const methods: readonly AnyMethod[] = [
  ...[
    pinAndFerrule,
    pushOn,
    hollowTipCrimp,
    solderedBody,
    screwOn,
    reducer,
    clampGland,
    directSolder,
    feederClamp,
    trunkSeizing,
    compression,
  ].map(forCoax),
  solderCup,
  solderLugs,
  lowProfileJack,
  speakerClamp,
  setScrew,
  crimpLug,
  terminalClamp,
  modularCrimp,
  bareEnd,
];

/** A method by its name. @throws RangeError when there is none. */
export function methodOf(name: MethodName): AnyMethod {
  const found = methods.find((method) => method.name === name);
  if (!found) throw new RangeError(`methods: there is no "${name}"`);
  return found;
}
