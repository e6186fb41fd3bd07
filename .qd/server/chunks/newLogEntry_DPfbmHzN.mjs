import './passphrase_DS02Zua_.mjs';
import { f as requireContainers, P as listProblems, aY as MEASURE_KIND } from './database_CmGvnzKd.mjs';
import { N as NotFound, r as refuseField } from './problem_BTADoVqZ.mjs';
import { w as writeLog } from './potLog_GKYz53d1.mjs';
import { g as growingPlanting } from './readPlantings_DNU2tg8T.mjs';
import { n as newFound } from './newFound_DcdQ4iJ6.mjs';
import { G as GROWTH_SCORES } from './growth_CSSsG3vP.mjs';

const MEASURED = Object.values(MEASURE_KIND);
async function newLogEntry(db, containerId, { kind, value, problemId, note }, at) {
  const [container] = await requireContainers(db, [containerId]);
  if (!container) throw new NotFound("There is no such container.");
  const { lotId } = container;
  requireTold(kind, value);
  if (problemId !== null || kind === "problem") await requireProblem(db, problemId);
  const growing = lotId === null ? null : await growingPlanting(db, containerId, lotId);
  const found = problemId !== null && lotId !== null ? await newFound(db, lotId, { problemId, note }, at, growing?.cropId ?? null) : null;
  const id = await writeLog(db, {
    containerId,
    plantingId: growing?.id ?? null,
    lotId,
    at,
    kind,
    value,
    problemId,
    findingId: found?.id ?? null,
    note: note.trim() || null
  });
  return { id };
}
function requireTold(kind, value) {
  if (kind === "growth" && !GROWTH_SCORES.includes(value)) {
    refuseField("value", "How it grows is a score from 1 to 5.");
  }
  if (kind === "harvest" && !((value ?? 0) > 0)) {
    refuseField("value", "Say how much was harvested, such as 250 g.");
  }
  if (value === null && MEASURED.includes(kind)) refuseField("value", "Say the number.");
}
async function requireProblem(db, problemId) {
  const known = await listProblems(db);
  if (!known.some(({ id }) => id === problemId)) {
    refuseField("problemId", "Choose what you saw from the list.");
  }
}

export { newLogEntry as n };
