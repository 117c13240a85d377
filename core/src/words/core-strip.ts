/** What a strip of an end with several contacts says of its cuts. */

/** Why one conductor is left longer than another. */
export const slackWords = {
  core: 'Longer than the shield tail, so that the tail takes the pull',
  tail: 'Longer than the cores, so that the tail lets go last',
} as const;

/** Metal that is cut too long, by how its contact takes it. */
export const metalTooLong = {
  cup: 'It meets the bottom of the cup before the insulation is near: bare metal shows.',
  lug: 'It stands out of the lug and can reach its neighbour or the shell.',
  clamp: 'It meets the bottom of the clamp, and bare metal shows before it.',
} as const;

export const metalTooShort = 'Too little metal stands in the contact to be held.';

export const insulationWords = {
  inClamp: 'The clamp closes on insulation: no contact, or one that works loose.',
  inSolder: 'Insulation stands in the solder: it melts, and the joint is cold.',
  tooShort: 'Bare metal shows beyond the contact and can touch its neighbour.',
} as const;

export const conductiveLayerWords = {
  tooLong: 'It touches the hot contact or its solder: a leak that takes the treble and hums.',
  tooShort: 'The jacket edge is cut into.',
} as const;
