/** What is said at any method: made from names and figures alone. */

/** Why a kind of cable is refused. */
export const refusalWords = {
  madeCoaxialCableOne: 'It is made for coaxial cable; this one has cores side by side.',
} as const;
