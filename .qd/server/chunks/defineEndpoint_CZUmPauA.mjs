import { n as now, A as shareKept } from './passphrase_DS02Zua_.mjs';
import { c as requireOwnHost, v as visitorOf, r as requireMay } from './admit_BJtN7GGf.mjs';
import { C as Conflict, R as Refused, a as problemResponse } from './problem_BTADoVqZ.mjs';
import { createHash } from 'node:crypto';
import { eq } from 'drizzle-orm';
import { v as answeredRequests, w as summarizeChangedLots, x as opened, y as requireSpaceToWrite } from './database_CmGvnzKd.mjs';
import { v as validate } from './validate_BZRkRH8r.mjs';

async function readAnswered(db, { id, fingerprint }) {
  const [row] = await db.select().from(answeredRequests).where(eq(answeredRequests.id, id));
  if (!row) return null;
  if (row.fingerprint === fingerprint) return { status: row.status, answer: row.answer };
  throw new Conflict(
    "What you sent first had arrived and is saved; this differs from it. Load the page again to see what was saved, then change it there."
  );
}
async function keepAnswered(db, request) {
  await db.insert(answeredRequests).values(request);
}

const REQUEST_ID_HEADER = "idempotency-key";
const REQUEST_ID = /^[A-Za-z0-9-]{8,64}$/;
async function answerOnce(db, { request, text, at }, work) {
  const id = request.headers.get(REQUEST_ID_HEADER);
  if (id === null) return work();
  if (!REQUEST_ID.test(id)) {
    throw new Refused(400, "bad-request-id", "The id of the request has 8 to 64 letters or digits.");
  }
  const fingerprint = createHash("sha256").update(`${request.method} ${new URL(request.url).pathname}
${text}`).digest("hex");
  const before = await readAnswered(db, { id, fingerprint });
  if (before) return before;
  const answered = await work();
  await keepAnswered(db, { id, fingerprint, at, ...answered, answer: answered.answer ?? null });
  return answered;
}

const ENTERED_AGO_HEADER = "entered-ago-ms";
const DAY_MS = 24 * 60 * 60 * 1e3;
const LONGEST_AGO_DAYS = 60;
function enteredAt(request, now) {
  const said = request.headers.get(ENTERED_AGO_HEADER);
  if (said === null) return now;
  const agoMs = Number(said);
  if (!/^\d{1,12}$/.test(said) || agoMs > LONGEST_AGO_DAYS * DAY_MS) {
    throw new Refused(
      400,
      "too-long-ago",
      `This was entered more than ${LONGEST_AGO_DAYS} days ago: enter it anew with its own day, if it still counts.`
    );
  }
  return new Date(now.getTime() - agoMs);
}

const BODY_LIMIT_BYTES = 256 * 1024;
async function readJson(request, limitBytes = BODY_LIMIT_BYTES) {
  const type = request.headers.get("content-type")?.split(";")[0]?.trim().toLowerCase();
  if (type !== "application/json") {
    throw new Refused(415, "not-json", "Writes are taken as application/json only.");
  }
  return readLimited(request, limitBytes);
}
async function readLimited(request, limitBytes) {
  const tooLarge = new Refused(
    413,
    "too-large",
    `What arrived is larger than ${Math.round(limitBytes / 1024)} kB.`
  );
  if (Number(request.headers.get("content-length") ?? 0) > limitBytes) throw tooLarge;
  if (!request.body) return "";
  const chunks = [];
  let bytes = 0;
  for await (const chunk of request.body) {
    bytes += chunk.byteLength;
    if (bytes > limitBytes) throw tooLarge;
    chunks.push(chunk);
  }
  return Buffer.concat(chunks).toString("utf8");
}

const READING = ["GET", "HEAD", "OPTIONS"];
function defineEndpoint(spec) {
  const route = async (context) => {
    const { request } = context;
    try {
      requireOwnHost(request);
      const visitor = await visitorOf(request);
      const isReading = READING.includes(request.method);
      requireMay(visitor, spec.needs ?? (isReading ? "read" : "manage"));
      const params = validate(spec.params, context.params, true);
      const query = validate(spec.query, queryOf(context), true);
      const text = spec.body ? await readJson(request, spec.limitBytes) : "";
      const body = spec.body ? validate(spec.body, parse(text), false) : void 0;
      const address = addressOf(context);
      const answer = async (db) => ({
        status: spec.status ?? 200,
        answer: await spec.handle({
          params,
          query,
          body,
          db,
          now: enteredAt(request, now()),
          visitor,
          request,
          address
        })
      });
      const write = async (db) => {
        const written2 = await answer(db);
        await summarizeChangedLots(db);
        return written2;
      };
      const open = await opened();
      if (isReading || spec.besideGarden) return json(await answer(open.db));
      requireSpaceToWrite(open.dataFolder);
      const wanted = { request, text, at: now() };
      const written = await open.db.transaction((tx) => {
        shareKept(open.db, tx);
        return answerOnce(tx, wanted, () => write(tx));
      });
      return json(written);
    } catch (error) {
      return problemResponse(error, request);
    }
  };
  return Object.assign(route, { spec });
}
class Picture {
  constructor(bytes, type) {
    this.bytes = bytes;
    this.type = type;
  }
}
class Download {
  constructor(bytes, type, fileName) {
    this.bytes = bytes;
    this.type = type;
    this.fileName = fileName;
  }
}
class WithCookie {
  constructor(answer, cookie) {
    this.answer = answer;
    this.cookie = cookie;
  }
}
function json({ status, answer }) {
  if (answer instanceof Picture) {
    return new Response(new Uint8Array(answer.bytes), {
      status,
      headers: {
        "content-type": answer.type,
        "cache-control": "private, max-age=31536000, immutable"
      }
    });
  }
  if (answer instanceof Download) {
    return new Response(new Uint8Array(answer.bytes), {
      status,
      headers: {
        "content-type": answer.type,
        "content-disposition": `attachment; filename="${answer.fileName}"`,
        "cache-control": "no-store"
      }
    });
  }
  const [body, cookie] = answer instanceof WithCookie ? [answer.answer, answer.cookie] : [answer];
  return new Response(JSON.stringify(body ?? null), {
    status,
    headers: {
      "content-type": "application/json",
      "cache-control": "no-store",
      ...cookie === void 0 ? {} : { "set-cookie": cookie }
    }
  });
}
function addressOf(context) {
  try {
    return context.clientAddress ?? "";
  } catch {
    return "";
  }
}
function queryOf({ url }) {
  return Object.fromEntries(url.searchParams);
}
function parse(text) {
  try {
    return JSON.parse(text);
  } catch {
    throw new Refused(400, "bad-json", "What arrived is no JSON.");
  }
}

export { Download as D, Picture as P, WithCookie as W, defineEndpoint as d };
