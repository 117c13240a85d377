/** How a look is called, and what Good and Out look like. */
interface LookWords {
  readonly label: string;
  readonly good: string;
  readonly out: string;
}

/** Of a soldered end and of a crimped one, where its joints are not known one by one. */
export const jointSeen = {
  soldered: {
    good: 'fillet smooth and concave, no whisker, no strand outside',
    out: 'dull, lumpy, a spike or a bridge',
  },
  crimped: {
    good: 'conductor fully in, no strand outside, mark of the tool even',
    out: 'a strand outside, crushed or loose',
  },
} as const;

export const jointsLabel = (end: string) => `Joints of end ${end}`;

export const jacketSeen = (end: string): LookWords => ({
  label: `Cable at end ${end}`,
  good: 'jacket under the clamp or shrink, no nick, no melted spot',
  out: 'cores or braid bare behind the connector, jacket nicked or burnt',
});

export const sealSeen = (end: string): LookWords => ({
  label: `Relief or seal of end ${end}`,
  good: 'grips all round, adhesive at both edges where it has any',
  out: 'a blister, a gap, a scorch, or over the coupling',
});

export const projectionSeen = (end: string): LookWords => ({
  label: `Centre contact of end ${end} against the mating plane`,
  good: 'tip where the series wants it: level with its likes, straight, in the middle',
  out: 'behind, proud, or leaning',
});

export const couplingSeen = (end: string): LookWords => ({
  label: `Coupling of end ${end}`,
  good: 'turns or latches freely over its whole travel',
  out: 'held by shrink, tape, solder or adhesive',
});

export const wholeSeen: LookWords = {
  label: 'The whole lead',
  good: 'straight, even, like its likes; no kink, no flat spot',
  out: 'kinked, pressed flat, ends turned against each other',
};

export const seenWhenFinished = 'seen when finished';

export const notLooked = (good: string, whenFinished: boolean) =>
  `not looked at${whenFinished ? ' when finished' : ''}: ${good}`;
