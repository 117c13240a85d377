/** The form of summaries: raised whenever a summary of the same record would come out otherwise, so that all are made anew. */
export const summaryVersion = 1;
