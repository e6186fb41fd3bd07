import { C as Conflict, r as refuseField } from './problem_BTADoVqZ.mjs';
import { d as dayAt } from './passphrase_DS02Zua_.mjs';
import { bj as readTrial, cx as changeTrial, cy as courseOf, j as readTables, cz as setOutcome, cA as outcomeOf, cB as resultsPage, P as listProblems, cC as excludePot, cD as requireLookDay } from './database_CmGvnzKd.mjs';
import { w as writeLog } from './potLog_GKYz53d1.mjs';
import { r as readSite } from './rules_BOjb8_mp.mjs';
import { n as newFound } from './newFound_DcdQ4iJ6.mjs';
import { r as requirePot, m as momentOf, l as lotIn } from './keepLook_BoUdHZFV.mjs';

async function keepPotEvent(db, id, { potId, on, kind, problemId, note, isLeftOut }, at) {
  const { timeZone } = await readSite(db);
  const trial = await readTrial(db, id);
  const pot = requirePot(trial, potId);
  const known = kind === "problem" ? await listProblems(db) : [];
  if (kind === "problem" && !known.some((one) => one.id === problemId)) {
    refuseField("problemId", "Choose what you saw from the list.");
  }
  const when = momentOf(trial, on, at, timeZone);
  const lotId = await lotIn(db, timeZone, pot.containerId);
  const seen = kind === "problem" ? problemId : null;
  const cropId = pot.cropId ?? trial.cropId;
  const found = seen !== null && lotId !== null ? await newFound(db, lotId, { problemId: seen, note }, when, cropId) : null;
  const entryId = await writeLog(db, {
    containerId: pot.containerId,
    plantingId: pot.plantingId,
    lotId,
    at: when,
    kind,
    value: null,
    problemId: seen,
    findingId: found?.id ?? null,
    note: note.trim() || null,
    trialId: id
  });
  if (isLeftOut) {
    await excludePot(db, pot.id, { on: dayAt(timeZone, when), happened: kind, why: note.trim() });
  }
  return { id: entryId, potId: pot.id };
}
async function leaveOut(db, id, { potId, leftOut }, at) {
  const { timeZone } = await readSite(db);
  const trial = await readTrial(db, id);
  const pot = requirePot(trial, potId);
  if (leftOut === null) return excludePot(db, pot.id, null);
  requireLookDay(trial, leftOut.on, dayAt(timeZone, at));
  await excludePot(db, pot.id, { on: leftOut.on, happened: null, why: leftOut.why.trim() });
}
async function closeTrial(db, id, { version, isClosed }, at) {
  const trial = await readTrial(db, id);
  if (trial.plantedOn === null)
    throw new Conflict("This trial is not planted: put it away instead.");
  if (!isClosed || trial.kind === "jar") {
    return changeTrial(db, id, version, { closedAt: isClosed ? at : null, outcome: null });
  }
  const course = await courseOf(db, await readTables(db, (await readSite(db)).timeZone), trial);
  const isRead = course?.pots.some((pot) => pot.records.length > 0 || pot.diedOn != null);
  if (!isRead) {
    throw new Conflict("Nothing was read in it yet: look at its pots first, or put it away.");
  }
  await changeTrial(db, id, version, { closedAt: at });
  await setOutcome(db, id, outcomeOf(await resultsPage(db, id)));
}

export { closeTrial as c, keepPotEvent as k, leaveOut as l };
