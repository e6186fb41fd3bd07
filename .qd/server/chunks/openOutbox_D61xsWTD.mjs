const OPEN_OUTBOX = "innings-open-outbox";

export { OPEN_OUTBOX as O };
