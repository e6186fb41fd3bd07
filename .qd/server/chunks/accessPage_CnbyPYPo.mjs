import { jsxs, jsx } from 'react/jsx-runtime';
import { b as signIn } from './Layout_CULKZlnp.mjs';
import { s as styles } from './access.43c315db_Dc5eN6CB.mjs';
import { r as readConfig, a as readAccess, d as dayAt } from './passphrase_DS02Zua_.mjs';
import { r as readSite } from './rules_BOjb8_mp.mjs';
import { b as isEncrypted, i as isShared } from './admit_BJtN7GGf.mjs';
import { o as ownAddress } from './admitPage_BpSm5fOR.mjs';

function ShowTyped({
  isShown,
  onChange
}) {
  return /* @__PURE__ */ jsxs("label", { className: styles.show, children: [
    /* @__PURE__ */ jsx(
      "input",
      {
        type: "checkbox",
        checked: isShown,
        onChange: (event) => onChange(event.target.checked)
      }
    ),
    signIn.show
  ] });
}

async function accessPage(db, request, visitor) {
  const { timeZone } = await readSite(db);
  const day = (time) => dayAt(timeZone, new Date(time));
  const { dataFolder } = readConfig();
  const { manager, helper, sessions, tokens } = readAccess(dataFolder);
  const own = visitor.kind === "session" ? visitor.sessionId : null;
  return {
    hasManager: manager !== null,
    hasHelper: helper !== null,
    isShared: isShared(readConfig()),
    isEncrypted: isEncrypted(request),
    sessions: [...sessions].sort((a, b) => b.seen.localeCompare(a.seen)).map(({ id, role, device, since, seen }) => ({
      id,
      role,
      device,
      since: day(since),
      seen: day(seen),
      isThis: id === own
    })),
    tokens: tokens.map(({ id, name, scope, since }) => ({ id, name, scope, since: day(since) }))
  };
}
function signInPage(request, to) {
  return { to: ownAddress(to), isEncrypted: isEncrypted(request) || isOnThisMachine(request) };
}
function isOnThisMachine(request) {
  return /^(localhost|127\.0\.0\.1|\[::1\])(:|$)/.test(request.headers.get("host") ?? "");
}

export { ShowTyped as S, accessPage as a, signInPage as s };
