/** Event that opens the list of what waits, from wherever it is spoken of. */
export const OPEN_OUTBOX = 'innings-open-outbox'
