/** What is said at any end of cores: made from names and figures alone. */

export const closeWords = ({ endName }: { readonly endName: string }) => ({
  title: `Close the connector, end ${endName}`,
  why: 'From here on nothing more can be threaded from this end.',
  good: ['shell home, no core squeezed', 'jacket seen past what holds it'],
  bad: ['jacket not held', 'core pinched'],
});

export const pullWords = ({ endName, clamp }: { readonly endName: string; readonly clamp: string }) => ({
  title: `Tug the cable, end ${endName}`,
  text: {
    firstTime: `Hold the body and pull the cable, as hard as somebody who unplugs it by the cable. The jacket stays put in the ${clamp}.`,
    experienced: 'Firm pull, jacket does not move.',
  },
  why: 'A jacket that slips hands every pull to the joints.',
  good: ['jacket does not move'],
  bad: [`jacket slides in the ${clamp}`],
});

export const cableTugAdvice = ({ clamp }: { readonly clamp: string }) =>
  `Open it, build the jacket up under the ${clamp}, and close it again.`;

/** What is held, whole: clamp tabs hold, a chuck holds. */
export const holdsJacketWords = (clamp: string) => {
  const plural = clamp === 'clamp tabs' || clamp === 'half shells';
  return `${clamp[0]!.toUpperCase()}${clamp.slice(1)} ${plural ? 'hold' : 'holds'} the jacket`;
};

/** Why a kind of cable is refused. */
export const refusalWords = {
  madeFlexibleCableOne: 'It is made for flexible cable; this one does not go into a shell with cups or lugs.',
  clampsInsulatedCoresCoaxial: 'It clamps insulated cores; coaxial cable has none.',
} as const;

/** Why one dimension of the card is smaller than another. */
export const ruleWords = {
  clampTakesRangeJackets: 'the clamp takes a range of jackets',
  contactsLieFrontClamp: 'the contacts lie in front of the clamp',
  clampLiesWithinConnector: 'the clamp lies within the connector',
  contactHasWall: 'a contact has a wall',
  contactLiesWithinConnector: 'the contact lies within the connector',
} as const;

/** Where a joint was soldered a minute ago. */
export const hotCaution = 'The contacts may still be hot: let them cool before the shell goes over.';
