import { R as Refused, N as NotFound } from './problem_BTADoVqZ.mjs';
import { i as isPassphrase, c as changeAccess, r as readConfig, a as readAccess } from './passphrase_DS02Zua_.mjs';
import { n as newSecret, w as withSession, e as endSessions } from './admit_BJtN7GGf.mjs';

const FREE = 5;
const LONGEST_S = 15 * 60;
const FREE_OF_ALL = 60;
const LONGEST_OF_ALL_S = 5;
const FORGOTTEN_AFTER_MS = 60 * 60 * 1e3;
const MOST_KNOWN = 1e4;
function createSlowDown(now) {
  const known = /* @__PURE__ */ new Map();
  const all = { count: 0, atMs: 0 };
  function waitOf(guesses, free, longestS) {
    if (!guesses || guesses.count < free) return 0;
    const waitS = Math.min(longestS, 2 ** Math.min(guesses.count - free, 20));
    return Math.max(0, guesses.atMs + waitS * 1e3 - now());
  }
  function freshen(guesses) {
    const isOld = !guesses || now() - guesses.atMs > FORGOTTEN_AFTER_MS;
    return { count: isOld ? 0 : guesses.count, atMs: now() };
  }
  return {
    /** How long this address has to wait before its next try, ms; 0 when it may try now. */
    waitMs(address) {
      return Math.max(
        waitOf(known.get(address), FREE, LONGEST_S),
        waitOf(all, FREE_OF_ALL, LONGEST_OF_ALL_S)
      );
    },
    /** A try begins: it counts as wrong until it turns out right, so that many at once gain nothing. */
    begin(address) {
      Object.assign(all, freshen(all));
      all.count += 1;
      const mine = freshen(known.get(address));
      known.delete(address);
      known.set(address, { ...mine, count: mine.count + 1 });
      const oldest = known.keys().next().value;
      if (known.size > MOST_KNOWN && oldest !== void 0) known.delete(oldest);
    },
    /** It was right. */
    succeed(address) {
      known.delete(address);
      all.count = Math.max(0, all.count - 1);
    }
  };
}
function slowedAs(address) {
  if (!address.includes(":") || address.includes(".")) return address;
  const [head = "", tail] = address.split("::");
  const first = head.split(":").filter(Boolean);
  const rest = (tail ?? "").split(":").filter(Boolean);
  const zeros = tail === void 0 ? 0 : 8 - first.length - rest.length;
  const groups = [...first, ...Array(Math.max(0, zeros)).fill("0"), ...rest];
  return groups.slice(0, 4).join(":");
}

const guesses = createSlowDown(Date.now);
const ROLES = ["manager", "helper"];
async function signIn(passphrase, caller) {
  const { dataFolder } = readConfig();
  const role = await roleOf(readAccess(dataFolder), passphrase, caller, "passphrase");
  return { role, secret: begin(dataFolder, role, caller) };
}
async function roleOf(access, passphrase, { address }, field) {
  const from = slowedAs(address);
  const waitMs = guesses.waitMs(from);
  if (waitMs > 0) {
    const seconds = Math.ceil(waitMs / 1e3);
    const wait = seconds > 90 ? `${Math.ceil(seconds / 60)} minutes` : `${seconds} seconds`;
    const sentence = `There were many wrong passphrases: the next one is looked at in ${wait}.`;
    throw new Refused(429, "slow-down", sentence, [{ field, message: sentence }]);
  }
  guesses.begin(from);
  let found = null;
  for (const role of ROLES) {
    const kept = access[role];
    if (kept && await isPassphrase(passphrase, kept)) found ??= role;
  }
  if (!found) {
    const sentence = "This is not the passphrase. Capitals and spaces count.";
    throw new Refused(401, "wrong-passphrase", sentence, [{ field, message: sentence }]);
  }
  guesses.succeed(from);
  return found;
}
function begin(dataFolder, role, { device, at }) {
  const secret = newSecret();
  changeAccess(dataFolder, (access) => withSession(access, { secret, role, device, at }));
  return secret;
}
async function signOut(which) {
  const { dataFolder } = readConfig();
  const ended = endSessions(dataFolder, ({ id }) => which === "everywhere" || id === which.id);
  if (which !== "everywhere" && ended.length === 0) {
    throw new NotFound("There is no such device signed in; it may have signed out by itself.");
  }
}

export { signIn as a, begin as b, roleOf as r, signOut as s };
