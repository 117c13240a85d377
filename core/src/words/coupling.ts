/** What is said of a loose coupling ring before its body goes on: made from whether the bag has one. */

export const ringOnCable = (loose: boolean) =>
  loose ? 'The coupling ring is on the cable, its thread toward the end. ' : '';

export const ringOnCableShort = (loose: boolean) => (loose ? 'Coupling on, thread forward. ' : '');
