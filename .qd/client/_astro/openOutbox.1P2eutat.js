const n="innings-open-outbox";export{n as O};
