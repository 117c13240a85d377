/** What is said of the dies of a shop. */
export const dieWords = {
  forFerrule: 'Die for the ferrule',
  closesOnFerrule: 'Die closes on the ferrule',
  forContact: 'Die for the contact',
  closesOnContact: 'Die closes on the contact',
  none: 'The shop has no dies: add them in Stores.',
  tooLarge: 'No exact die. A larger die leaves the crimp loose: the pull test will fail.',
  tooSmall: 'No exact die. A smaller die cuts into the part and can crush what is under it.',
  full: (on: string) =>
    `There is more metal than the die holds: it does not close, or squeezes ears out of the ${on}. Take the next larger die.`,
  loose: (on: string) =>
    `The die leaves room: it does not press the ${on} tight. Tug it, or take the next smaller die.`,
} as const;
