import { d as dayAt, T as TZDate } from './passphrase_DS02Zua_.mjs';
import { C as Conflict, N as NotFound, r as refuseField } from './problem_BTADoVqZ.mjs';
import { cD as requireLookDay, j as readTables, bj as readTrial, aY as MEASURE_KIND, cO as takeLookBack, cP as MEASURE_RANGE, cQ as seedsOf, cR as addDays } from './database_CmGvnzKd.mjs';
import { w as writeLog } from './potLog_GKYz53d1.mjs';
import { r as readSite } from './rules_BOjb8_mp.mjs';

const NOON = 12;
async function keepLook(db, id, body, at) {
  const { timeZone } = await readSite(db);
  const trial = await readTrial(db, id);
  const pot = requirePot(trial, body.potId);
  const read = Object.entries(body.values);
  for (const [measure, value] of read) requireReadable(trial, measure, value);
  const when = momentOf(trial, body.on, at, timeZone);
  const kinds = read.map(([measure]) => MEASURE_KIND[measure]);
  await takeLookBack(db, {
    trialId: id,
    containerId: pot.containerId,
    kinds: [...kinds, "note"],
    ...dayOf(when, timeZone)
  });
  const lotId = await lotIn(db, timeZone, pot.containerId);
  const entry = {
    containerId: pot.containerId,
    plantingId: pot.plantingId,
    lotId,
    at: when,
    problemId: null,
    findingId: null,
    trialId: id
  };
  for (const [measure, value] of read) {
    if (value === null) continue;
    await writeLog(db, { ...entry, kind: MEASURE_KIND[measure], value, note: null });
  }
  const note = body.note.trim();
  if (note) await writeLog(db, { ...entry, kind: "note", value: null, note });
  return { potId: pot.id };
}
async function lotIn(db, timeZone, containerId) {
  return (await readTables(db, timeZone)).containersById.get(containerId)?.lotId ?? null;
}
function requirePot(trial, potId) {
  if (trial.plantedOn === null) {
    throw new Conflict("This trial is not planted yet: there is nothing to look at.");
  }
  if (trial.closedAt !== null) {
    throw new Conflict("This trial is closed: open it again to write something down.");
  }
  const pot = trial.potList.find((one) => one.id === potId);
  if (!pot || pot.containerId === null)
    throw new NotFound(`There is no pot ${potId} in this trial.`);
  return { ...pot, containerId: pot.containerId };
}
function momentOf(trial, on, at, timeZone) {
  const today = dayAt(timeZone, at);
  const day = requireLookDay(trial, on ?? today, today);
  if (day === today) return at;
  const [year = 0, month = 1, date = 1] = day.split("-").map(Number);
  return new Date(new TZDate(year, month - 1, date, NOON, timeZone).getTime());
}
function dayOf(at, timeZone) {
  const there = new TZDate(at, timeZone);
  const from = new TZDate(there.getFullYear(), there.getMonth(), there.getDate(), timeZone);
  return { from: new Date(from.getTime()), to: new Date(addDays(from, 1).getTime()) };
}
function requireReadable(trial, measure, value) {
  const field = `values.${measure}`;
  if (!trial.measures.includes(measure)) refuseField(field, "This trial does not look at that.");
  if (value === null) return;
  const { low, high, decimals, unit } = MEASURE_RANGE[measure];
  if (value < low || value > high) {
    refuseField(field, `Between ${low} and ${high}${unit && unit !== "of 5" ? ` ${unit}` : ""}.`);
  }
  if (decimals === 0 && !Number.isInteger(value)) refuseField(field, "Whole numbers only.");
  const seeds = seedsOf(trial);
  if (measure === "emerged" && seeds > 0 && value > seeds) {
    refuseField(field, `Only ${seeds} were sown in it: leave out what came up by itself.`);
  }
}

export { keepLook as k, lotIn as l, momentOf as m, requirePot as r };
