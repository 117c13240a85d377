/** Why an end is sealed as it is. */
export const sealWords = {
  indoor: 'Indoors it is relief only.',
  practice: (environment: string) =>
    `House practice for ${environment === 'marine' ? 'work at sea' : `${environment} work`}.`,
} as const;
