import { networkInterfaces } from 'node:os';
import { r as readConfig, c as changeAccess, a as readAccess, n as now } from './passphrase_DS02Zua_.mjs';
import { R as Refused } from './problem_BTADoVqZ.mjs';
import { createHash, randomBytes, randomUUID } from 'node:crypto';

const OWN_NAMES = ["localhost", "127.0.0.1", "[::1]"];
const SAFE_METHODS = ["GET", "HEAD", "OPTIONS"];
function requireOwnHost(request) {
  const host = request.headers.get("host") ?? new URL(request.url).host;
  if (!isOwn(host)) {
    throw new Refused(403, "wrong-host", "This Innings does not answer under that name.");
  }
  const origin = request.headers.get("origin");
  requireOwnSite(request, origin);
  if (SAFE_METHODS.includes(request.method)) return;
  if (origin !== null && hostOf(origin) !== host) {
    throw new Refused(403, "wrong-origin", "Writes are taken from pages of this Innings only.");
  }
}
function requireOwnSite(request, origin) {
  const site = request.headers.get("sec-fetch-site");
  if (origin !== null || site === null || site === "same-origin" || site === "none") return;
  const follows = request.method === "GET" && request.headers.get("sec-fetch-mode") === "navigate" && request.headers.get("sec-fetch-dest") === "document";
  if (follows && !new URL(request.url).pathname.startsWith("/api/")) return;
  throw new Refused(403, "wrong-site", "This Innings answers its own pages only.");
}
function isOwn(host) {
  const name = host.replace(/:\d+$/, "").toLowerCase();
  const config = readConfig();
  if (OWN_NAMES.includes(name) || config.extraHosts.includes(name)) return true;
  if (!isOnNetwork(config)) return false;
  return name === config.host.toLowerCase() || ownAddresses().some((one) => inAddress(one) === name);
}
function isShared(config) {
  return isOnNetwork(config) || config.extraHosts.length > 0;
}
function isOnNetwork({ host }) {
  return !/^(127(\.\d+){3}|localhost|::1)$/i.test(host);
}
function ownAddresses() {
  return Object.values(networkInterfaces()).flatMap((one) => one ?? []).filter(({ internal }) => !internal).map(({ address }) => address.toLowerCase());
}
function inAddress(number) {
  return number.includes(":") ? `[${number}]` : number;
}
function hostOf(origin) {
  try {
    return new URL(origin).host;
  } catch {
    return null;
  }
}

const SESSION_COOKIE = "innings-session";
const SECRET_BYTES = 32;
const DAY_MS = 24 * 60 * 60 * 1e3;
const UNSEEN_DAYS = 90;
const LONGEST_DEVICE = 120;
function newSecret() {
  return randomBytes(SECRET_BYTES).toString("base64url");
}
function sumOf(secret) {
  return createHash("sha256").update(secret).digest("base64url");
}
function withSession(access, { secret, role, device, at }) {
  const now = at.toISOString();
  const session = {
    id: randomUUID(),
    hash: sumOf(secret),
    role,
    device: device.slice(0, LONGEST_DEVICE),
    since: now,
    seen: now
  };
  const live = access.sessions.filter((one) => isLive(one, at));
  return { ...access, sessions: [...live, session].slice(-200) };
}
function sessionOf(access, request, at) {
  const secret = cookieOf(request);
  if (secret === null) return null;
  const hash = sumOf(secret);
  return access.sessions.find((one) => one.hash === hash && isLive(one, at)) ?? null;
}
function keepSeen(dataFolder, { id, seen }, at) {
  if (at.getTime() - Date.parse(seen) < DAY_MS) return;
  changeAccess(dataFolder, (access) => ({
    ...access,
    sessions: access.sessions.map(
      (one) => one.id === id ? { ...one, seen: at.toISOString() } : one
    )
  }));
}
function endSessions(dataFolder, ends) {
  const ended = readAccess(dataFolder).sessions.filter(ends);
  if (ended.length > 0) {
    changeAccess(dataFolder, (access) => ({
      ...access,
      sessions: access.sessions.filter((one) => !ends(one))
    }));
  }
  return ended;
}
function sessionCookie(secret, request) {
  const lasts = secret === "" ? 0 : UNSEEN_DAYS * 4 * 24 * 60 * 60;
  const isSecure = isEncrypted(request) ? "; Secure" : "";
  return `${SESSION_COOKIE}=${secret}; Path=/; Max-Age=${lasts}; HttpOnly; SameSite=Lax${isSecure}`;
}
function isEncrypted(request) {
  const origin = request.headers.get("origin") ?? request.url;
  return origin.startsWith("https:");
}
function isLive({ seen }, at) {
  return at.getTime() - Date.parse(seen) < UNSEEN_DAYS * DAY_MS;
}
function cookieOf(request) {
  for (const part of (request.headers.get("cookie") ?? "").split(";")) {
    const [name, value] = part.trim().split("=");
    if (name === SESSION_COOKIE && value) return value;
  }
  return null;
}

const RANKS = { nothing: 0, read: 1, log: 2, manage: 3 };
const BEARER = /^Bearer\s+(\S{1,200})$/i;
async function visitorOf(request) {
  const { dataFolder } = readConfig();
  const access = readAccess(dataFolder);
  const authorization = request.headers.get("authorization");
  if (authorization !== null) {
    const secret = BEARER.exec(authorization)?.[1];
    const hash = secret && sumOf(secret);
    const token = access.tokens.find((one) => one.hash === hash);
    if (!token) throw new Refused(401, "wrong-token", "This token is not known here, or was ended.");
    return { kind: "token", may: token.scope };
  }
  if (!access.manager) return { kind: "owner", may: "manage" };
  const session = sessionOf(access, request, now());
  if (!session) return { kind: "stranger", may: "nothing" };
  keepSeen(dataFolder, session, now());
  const may = session.role === "manager" ? "manage" : "log";
  return { kind: "session", may, sessionId: session.id };
}
function requireMay(visitor, need) {
  if (need === "anyone") return;
  if (visitor.kind === "stranger") {
    throw new Refused(401, "sign-in", "Sign in first: this garden has a passphrase.");
  }
  if (need === "keys") {
    if (visitor.kind === "token") {
      throw new Refused(
        403,
        "not-by-script",
        "Who may come in is changed by a manager, not by a script."
      );
    }
    if (visitor.may === "manage") return;
  } else if (RANKS[visitor.may] >= RANKS[need]) return;
  throw visitor.kind === "token" ? new Refused(
    403,
    "not-in-scope",
    `This token may ${visitor.may === "read" ? "only read" : "only log, tick and test"}.`
  ) : new Refused(
    403,
    "for-managers",
    "Helpers log, tick and test. This changes more: a manager has to do it."
  );
}

export { sumOf as a, isEncrypted as b, requireOwnHost as c, endSessions as e, isShared as i, newSecret as n, requireMay as r, sessionCookie as s, visitorOf as v, withSession as w };
