/** What is said at the strip under a crimped ferrule: made from names and figures alone. */

export const braidToTrimWords = {
  tooLong: 'It reaches under the coupling before it is trimmed.',
  tooShort: 'Not all of the stem is covered.',
};

export const braidToCoverWords = {
  tooLong: 'It will stand against the shoulder and the ferrule will not close.',
  tooShort: 'Too little braid lies under the ferrule for the crimp to hold it.',
};
