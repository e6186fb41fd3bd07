import { r as readConfig, a as readAccess, c as changeAccess, i as isPassphrase, h as hashPassphrase } from './passphrase_DS02Zua_.mjs';
import { i as isShared } from './admit_BJtN7GGf.mjs';
import { R as Refused, r as refuseField } from './problem_BTADoVqZ.mjs';
import { r as roleOf, b as begin } from './signIn_CEVarjEc.mjs';

async function setPassphrase({ role, passphrase, present }, caller) {
  const { dataFolder } = readConfig();
  const access = readAccess(dataFolder);
  if (access.manager) await requirePresent(access, present, caller);
  else if (role === "helper") {
    refuseField("role", "Set the passphrase of the manager first.");
  }
  const other = access[role === "manager" ? "helper" : "manager"];
  if (other && await isPassphrase(passphrase, other)) {
    refuseField("passphrase", "Manager and helper need different passphrases.");
  }
  const hashed = await hashPassphrase(passphrase);
  changeAccess(dataFolder, (before) => ({
    ...before,
    [role]: hashed,
    sessions: before.sessions.filter((one) => one.role !== role)
  }));
  return role === "manager" ? begin(dataFolder, "manager", caller) : null;
}
async function requirePresent(access, present, caller) {
  const role = await roleOf(access, present, caller, "present");
  if (role !== "manager") refuseField("present", "This is the passphrase of the helpers.");
}
async function endHelpers() {
  const { dataFolder } = readConfig();
  changeAccess(dataFolder, (access) => ({
    ...access,
    helper: null,
    sessions: access.sessions.filter(({ role }) => role !== "helper")
  }));
}
async function openAccess(present, caller) {
  const { dataFolder } = readConfig();
  if (isShared(readConfig())) {
    throw new Refused(409, "shared", "Other devices reach this garden: it keeps its passphrase.");
  }
  const access = readAccess(dataFolder);
  if (access.manager) await requirePresent(access, present, caller);
  changeAccess(dataFolder, (before) => ({ ...before, manager: null, helper: null, sessions: [] }));
}

export { endHelpers as e, openAccess as o, setPassphrase as s };
