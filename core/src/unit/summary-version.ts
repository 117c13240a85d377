/** The form of summaries: raised whenever a summary of the same record, or what it is found by, would come out otherwise, so that all are made anew. */
export const summaryVersion = 2;
