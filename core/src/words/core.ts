/** What is said at stripping a cable of cores: made from names and figures alone. */

export const coreJacketWords = ({
  where,
  many,
  shield,
  under,
}: {
  readonly where: string;
  readonly many: boolean;
  readonly shield: 'braid' | 'spiral' | 'drain' | null;
  readonly under: string;
}) => ({
  title: `Take the jacket off, ${where}`,
  text: {
    firstTime:
      `Square the end${many ? 's of both cables' : ''}. Mark the jacket at the figure below from the cut end, score it round without reaching ${shield ? `the ${shield}` : 'the cores'}, bend it at the score, and pull the ring off. ${under}`.trim(),
    experienced: `Square, score, bend, pull. ${under}`.trim(),
  },
  why: 'Every other length is counted from the jacket edge.',
  caution: 'Cut away from the hand; clamp the cable.',
  good: ['clean, square jacket edge', shield ? 'cores and shield whole' : 'cores whole'],
  bad: [shield ? 'score reaches a core or the shield' : 'score reaches a core', 'edge torn'],
});

const glasses = 'Glasses on: trimmed ends fly.';

export const shieldOffWords = ({ where }: { readonly where: string }) => ({
  title: `Cut the shield back, ${where}`,
  text: {
    firstTime:
      'The shield is not connected at this end. Cut it flush with the jacket, and cover the edge with a ring of shrink so that no wire of it can reach a core or a contact.',
    experienced: 'Flush with the jacket, covered.',
  },
  why: 'It is connected at the other end only: a stray wire here makes the loop it was cut for.',
  caution: `${glasses} Hot air burns: keep the gun moving, away from the cores.`,
  good: ['no wire stands out'],
  bad: ['a wire left over the cores'],
});

export const tailWords = ({
  shield,
  where,
  link,
  shorter,
}: {
  readonly shield: 'braid' | 'spiral' | 'drain';
  readonly where: string;
  readonly link: boolean;
  readonly shorter: boolean;
}) => ({
  title: shield === 'drain' ? `Sleeve the drain, ${where}` : `Make the shield tail, ${where}`,
  text: {
    firstTime:
      shield === 'drain'
        ? 'Straighten the drain and put its own small sleeve on, down to the jacket edge. It is cut with the cores.'
        : link
          ? 'Comb the braid out, twist it short, and solder a stranded link of the figure below to it: the link flexes where a twisted braid would break. Sleeve the joint.'
          : `${shield === 'spiral' ? 'Unwind the spiral to one side' : 'Open the braid from the jacket edge, strand by strand'}, twist it into one tail the way it lies, and put a sleeve on it down to the jacket edge.`,
    experienced:
      shield === 'drain'
        ? 'Straighten, sleeve.'
        : link
          ? 'Comb, twist short, link, sleeve.'
          : 'Open, twist one way, sleeve.',
  },
  why: `${shorter ? 'A little shorter than the cores, it takes the pull before they do. ' : 'Longer than the cores, it lets go last. '}Bare, it finds a neighbour.`,
  caution: glasses,
  good: [shield === 'drain' ? 'drain whole' : 'every wire in the tail', 'sleeve reaches the jacket edge'],
  bad:
    shield === 'drain'
      ? ['drain nicked at the jacket edge', 'drain bare behind its sleeve']
      : ['a wire left on a core', 'nicked wires at the jacket edge'],
});

export const conductiveLayerWords = ({
  where,
  tooLong,
}: {
  readonly where: string;
  readonly tooLong: string;
}) => ({
  title: `Take the conductive layer off, ${where}`,
  text: {
    firstTime:
      'The black skin on the insulation conducts. Score it lightly, peel it back to the jacket edge and wipe what is left off with alcohol: black traces conduct, too.',
    experienced: 'Peel to the jacket edge, wipe clean.',
  },
  why: tooLong,
  good: ['insulation clear and clean all the way'],
  bad: ['black left near the contact', 'insulation cut'],
});

export const spareWords = ({
  fold,
  spareCount,
  where,
  names,
}: {
  readonly fold: boolean;
  readonly spareCount: number;
  readonly where: string;
  readonly names: string;
}) => ({
  title: `${fold ? 'Fold back' : 'Cut off'} the spare ${spareCount > 1 ? 'cores' : 'core'}, ${where}`,
  text: {
    firstTime: fold
      ? `Leave ${names} unstripped. Fold ${spareCount > 1 ? 'them' : 'it'} back along the jacket and hold ${spareCount > 1 ? 'them' : 'it'} with a short shrink: the lead can be changed later.`
      : `Cut ${names} flush with the jacket${spareCount > 1 ? ', staggered, so that no two ends can meet' : ''}.`,
    experienced: fold
      ? `${names}: back under shrink.`
      : `${names}: flush${spareCount > 1 ? ', staggered' : ''}.`,
  },
  held: 'Cable in soft jaws, the cores toward you.',
  cues: [],
  why: 'A loose core end finds something to touch. In the proof it must be open to everything.',
  caution: fold ? 'Hot air burns: keep the gun moving, away from the other cores.' : glasses,
  good: ['no bare metal on it'],
  bad: ['loose', 'bare metal on it'],
});

export const coresWords = ({ where, clamp }: { readonly where: string; readonly clamp: boolean }) => ({
  title: `Cut and bare the cores, ${where}`,
  text: {
    firstTime: `Lay each core to its contact, bend it there, and cut it to its own length. Strip the insulation with the notch for this size: half a turn, and pull. Twist the strands the way they lie.${clamp ? ' Never tin them: tin creeps under a clamp and the joint works loose.' : ''}`,
    experienced: `To length where they lie, right notch, twist${clamp ? ', never tin' : ''}.`,
  },
  why: 'Each core is as long as its way to its contact: too short, it takes the pull of all of them; too long, it is squeezed.',
  caution: glasses,
  good: ['every strand there', 'insulation edge square'],
  bad: ['strands cut off', 'insulation stretched or scored'],
});

export const measureCoresWords = ({ where }: { readonly where: string }) => ({
  title: `Measure the strip, ${where}`,
  text: {
    firstTime:
      'Measure each core from the jacket edge and type what the caliper says. Leave empty what you did not measure.',
    experienced: 'Type what you cut, or go on.',
  },
  why: 'A core can still be trimmed; one that is too short takes the jacket back.',
});

export const strandWords = ({ where }: { readonly where: string }) => ({
  title: `Check for cut and stray strands, ${where}`,
  text: {
    firstTime:
      'Every core under the magnifier: no strand cut, none standing out, insulation whole down to the jacket.',
    experienced: 'Every core under the magnifier.',
  },
  why: 'A stray strand lies across to the next contact; a cut one leaves less copper than was counted.',
  good: ['all strands together'],
  bad: ['a strand cut off or standing out', 'insulation nicked at the jacket edge'],
});

export const tinWords = ({ where, shared }: { readonly where: string; readonly shared: boolean }) => ({
  title: `Tin the cores, ${where}`,
  text: {
    firstTime: `${shared ? 'Twist into one what goes to one contact: tinned, it does not twist. ' : ''}Tin every end that is soldered, thinly, and stop short of the insulation: what is tinned does not flex. The end must still go into its contact.`,
    experienced: `${shared ? 'One contact, one twist. ' : ''}Thin, short of the insulation.`,
  },
  why: 'Tinned ends take solder at once, and no strand strays.',
  good: ['strands still seen under the tin', 'insulation not shrunk back'],
  bad: ['a blob that does not enter the contact', 'tin wicked under the insulation'],
});

export const shieldOffAdvice = 'Cut what is left, or strip again.';

export const conductiveLayerAdvice =
  'Peel and wipe again, then measure: both tips on the insulation read nothing once it is clean.';

export const nickAndWhiskerAdvice =
  'A stray strand: twist it in and look again. A cut one: take the strip again.';

/** What is held at until it is answered. */
export const holdLabels = {
  shieldOffCovered: 'Shield off and covered',
  nickStrayStrand: 'No nick, no stray strand',
  conductiveLayerOff: 'Conductive layer is off',
} as const;
