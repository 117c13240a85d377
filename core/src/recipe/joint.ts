import { z } from 'zod';
import { jointWords } from '../words/joint.ts';
import type { TroubleId } from './trouble-id.ts';

/** Kinds of joint: each is held, seen, drawn, spoilt and mended in its own way. */
export const jointKinds = [
  // soldered
  'cup',
  'lug with a hole',
  'flat lug',
  'grooved lug',
  'recess',
  'pin hole',
  'bead',
  'hollow tip',
  'body hole',
  'tube in a body',
  'joined cores',
  // held by a screw or a spring
  'set screw',
  'opposed screws',
  'rising clamp',
  'spring clamp',
  // what holds the jacket
  'tabs',
  'half shells',
  'chuck',
  'screw cover',
  // crimped
  'ferrule',
  'contact',
  'lug barrel',
  'wire-end ferrule',
  'modular plug',
  // bodies
  'gland',
  'screwed body',
  'screwed reducer',
  'push-on body',
  'compression sleeve',
  'feeder nut',
  'seizing nut',
] as const;
export const jointKindSchema = z.enum(jointKinds);
export type JointKind = z.infer<typeof jointKindSchema>;

/** How a joint is made, and so how it is mended. */
export type JointFamily = 'soldered' | 'screwed' | 'holder' | 'crimped' | 'body';

interface Joint {
  readonly family: JointFamily;
  /** What goes wrong with it, as it is drawn beside the good one: the commonest first. */
  readonly faults: readonly TroubleId[];
}

/** What each kind of joint is, and what goes wrong with it. */
export const joints: Readonly<Record<JointKind, Joint>> = {
  cup: { family: 'soldered', faults: ['short fill', 'over-filled', 'cold', 'spike', 'melted'] },
  'lug with a hole': { family: 'soldered', faults: ['cold', 'over-filled', 'strand out', 'melted'] },
  'flat lug': { family: 'soldered', faults: ['cold', 'over-filled', 'strand out', 'melted'] },
  'grooved lug': { family: 'soldered', faults: ['short fill', 'over-filled', 'strand out', 'melted'] },
  recess: { family: 'soldered', faults: ['over-filled', 'cold', 'melted'] },
  'pin hole': { family: 'soldered', faults: ['over-filled', 'stands off', 'melted'] },
  bead: { family: 'soldered', faults: ['one-sided', 'over-filled', 'stands off', 'melted'] },
  'hollow tip': { family: 'soldered', faults: ['short fill', 'over-filled', 'spike'] },
  'body hole': { family: 'soldered', faults: ['cold', 'short fill', 'melted'] },
  'tube in a body': { family: 'soldered', faults: ['one-sided', 'over-filled', 'melted'] },
  'joined cores': { family: 'soldered', faults: ['cold', 'strand out', 'melted'] },
  'set screw': { family: 'screwed', faults: ['strand out', 'on insulation', 'not home'] },
  'opposed screws': { family: 'screwed', faults: ['one-sided', 'strand out', 'on insulation'] },
  'rising clamp': { family: 'screwed', faults: ['not home', 'strand out', 'on insulation'] },
  'spring clamp': { family: 'screwed', faults: ['strand out', 'on insulation', 'not home'] },
  tabs: { family: 'holder', faults: ['on the cores', 'loose', 'cut in'] },
  'half shells': { family: 'holder', faults: ['on the cores', 'askew', 'loose'] },
  chuck: { family: 'holder', faults: ['on the cores', 'loose'] },
  'screw cover': { family: 'holder', faults: ['askew', 'on the cores'] },
  ferrule: { family: 'crimped', faults: ['stands off', 'crimped twice', 'die too large', 'die too small'] },
  contact: { family: 'crimped', faults: ['not home', 'stands off', 'crimped twice', 'die too large'] },
  'lug barrel': { family: 'crimped', faults: ['on insulation', 'strand out', 'crimped twice'] },
  'wire-end ferrule': { family: 'crimped', faults: ['not home', 'strand out', 'die too large'] },
  'modular plug': { family: 'crimped', faults: ['not home', 'on the cores'] },
  gland: { family: 'body', faults: ['turned', 'askew', 'not home'] },
  'screwed body': { family: 'body', faults: ['not home', 'askew'] },
  'screwed reducer': { family: 'body', faults: ['stands off', 'turned'] },
  'push-on body': { family: 'body', faults: ['not home', 'askew'] },
  'compression sleeve': { family: 'crimped', faults: ['stands off', 'askew'] },
  'feeder nut': { family: 'body', faults: ['turned', 'askew'] },
  'seizing nut': { family: 'body', faults: ['turned', 'not home'] },
};

/** How a fault of this kind of joint looks, in words. */
export const faultSeen = (kind: JointKind, fault: TroubleId): string =>
  (jointWords[kind].faults as Readonly<Partial<Record<TroubleId, string>>>)[fault]!;
