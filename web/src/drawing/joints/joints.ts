import type { JointKind } from '@gorvane/core/recipe/joint.ts';
import * as bodies from './bodies.tsx';
import * as crimped from './crimped.tsx';
import * as holders from './holders.tsx';
import type { DrawJoint } from './ink.tsx';
import * as screwed from './screwed.tsx';
import * as soldered from './soldered.tsx';

/** How each kind of joint is drawn, good and with each of its faults, in a field of 150 x 84. */
export const jointDrawings: Readonly<Record<JointKind, DrawJoint>> = {
  cup: soldered.cup,
  'lug with a hole': soldered.lugWithHole,
  'flat lug': soldered.flatLug,
  'grooved lug': soldered.groovedLug,
  recess: soldered.recess,
  'pin hole': soldered.pinHole,
  bead: soldered.bead,
  'hollow tip': soldered.hollowTip,
  'body hole': soldered.bodyHole,
  'tube in a body': soldered.tubeInBody,
  'joined cores': soldered.joinedCores,
  'set screw': screwed.setScrew,
  'opposed screws': screwed.opposedScrews,
  'rising clamp': screwed.risingClamp,
  'spring clamp': screwed.springClamp,
  tabs: holders.tabs,
  'half shells': holders.halfShells,
  chuck: holders.chuck,
  'screw cover': holders.screwCover,
  ferrule: crimped.ferrule,
  contact: crimped.contact,
  'lug barrel': crimped.lugBarrel,
  'wire-end ferrule': crimped.wireEndFerrule,
  'modular plug': crimped.modularPlug,
  gland: bodies.gland,
  'screwed body': bodies.screwedBody,
  'screwed reducer': bodies.screwedReducer,
  'push-on body': bodies.pushOnBody,
  'compression sleeve': bodies.compressionSleeve,
  'feeder nut': bodies.feederNut,
  'seizing nut': bodies.seizingNut,
};
