import { randomInt } from 'node:crypto';
import { mkdirSync } from 'node:fs';
import { createStream } from 'rotating-file-stream';

class DomainError extends Error {
  constructor(code, message, details = {}) {
    super(message);
    this.code = code;
    this.details = details;
  }
  name = "DomainError";
}

class StaleWrite extends Error {
  constructor(message, current) {
    super(message);
    this.current = current;
  }
  name = "StaleWrite";
}
class NotFound extends Error {
  name = "NotFound";
}
class Conflict extends Error {
  constructor(message, details = {}) {
    super(message);
    this.details = details;
  }
  name = "Conflict";
}

const LETTERS = "ABCDEFGHJKLMNPQRSTUVWXYZ23456789";
const ID_LETTERS = 6;
const MOST_FRAMES = 12;
const shared = globalThis;
function openLog() {
  const log = shared.inningsLog;
  if (!log) return null;
  if (log.stream) return log.stream;
  mkdirSync(log.folder, { recursive: true });
  const stream = createStream("innings.log", { path: log.folder, size: "1M", maxFiles: 5 });
  stream.on("error", () => {
    log.stream = null;
  });
  log.stream = stream;
  return stream;
}
function newFailureId() {
  return Array.from({ length: ID_LETTERS }, () => LETTERS[randomInt(LETTERS.length)]).join("");
}
function logFailure({ error, ...line }) {
  const text = JSON.stringify({
    at: (/* @__PURE__ */ new Date()).toISOString(),
    ...line,
    ...error === void 0 ? {} : { error: describeError(error) }
  });
  try {
    const stream = openLog();
    if (stream) {
      stream.write(`${text}
`);
      return;
    }
  } catch {
  }
  process.stderr.write(`${text}
`);
}
function describeError(error) {
  if (!(error instanceof Error)) return { name: typeof error };
  const { cause, query, code } = error;
  const frames = (error.stack ?? "").split("\n").map((frame) => frame.trim()).filter((frame) => /^at .*:\d+:\d+\)?$/.test(frame)).slice(0, MOST_FRAMES);
  return {
    name: error.name,
    ...typeof code === "string" ? { code } : {},
    ...typeof query === "string" ? { query } : {},
    frames,
    ...cause === void 0 ? {} : { cause: describeError(cause) }
  };
}

class Refused extends Error {
  constructor(status, code, message, fields = [], current) {
    super(message);
    this.status = status;
    this.code = code;
    this.fields = fields;
    this.current = current;
  }
  name = "Refused";
}
function refuseField(field, message) {
  throw new Refused(422, "not-valid", message, [{ field, message }]);
}
const DISK_FULL = "53100";
function problemOf(error) {
  if (error instanceof Refused) {
    const { status, code, message, fields, current } = error;
    return problem(status, code, message, { fields, ...current ? { current } : {} });
  }
  if (error instanceof DomainError) {
    const { field, plantGroup } = error.details;
    return problem(422, error.code, error.message, {
      fields: typeof field === "string" ? [{ field, message: error.message }] : [],
      ...typeof plantGroup === "string" ? { plantGroup } : {}
    });
  }
  if (error instanceof NotFound) return problem(404, "not-found", error.message);
  if (error instanceof StaleWrite) {
    return problem(409, "stale", error.message, { current: error.current });
  }
  if (error instanceof Conflict) {
    return problem(409, "conflict", error.message, { current: error.details });
  }
  if (sqlStateOf(error) === DISK_FULL) {
    const sentence = "The disk is full. Nothing was saved; free some space, then send it again.";
    return problem(507, "disk-full", sentence);
  }
  return problem(500, "unexpected", "Something went wrong here. Nothing was saved; try again.");
}
function problemResponse(error, request) {
  const body = tellFailure(problemOf(error), error, request);
  return new Response(JSON.stringify(body), {
    status: body.status,
    headers: { "content-type": "application/problem+json", "cache-control": "no-store" }
  });
}
const ids = /* @__PURE__ */ new WeakMap();
function failureId(error) {
  return error instanceof Error && ids.get(error) || null;
}
function tellFailure(told, error, request) {
  const expected = error instanceof Refused && told.code === "disk-full";
  if (told.status < 500 || expected) return told;
  const id = newFailureId();
  const { method, url } = request;
  const { pathname } = new URL(url);
  logFailure({ id, what: told.code, method, path: pathname, status: told.status, error });
  if (error instanceof Error) ids.set(error, id);
  return { ...told, id, detail: `${told.detail} (${id} in the log.)` };
}
function sqlStateOf(error) {
  const { code, cause } = error ?? {};
  const found = cause?.code ?? code;
  return typeof found === "string" ? found : void 0;
}
function problem(status, code, detail, more = {}) {
  return { type: "about:blank", title: code, status, code, detail, fields: [], ...more };
}

export { Conflict as C, DomainError as D, NotFound as N, Refused as R, StaleWrite as S, problemResponse as a, failureId as f, problemOf as p, refuseField as r, tellFailure as t };
