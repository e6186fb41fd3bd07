import { cP as MEASURE_RANGE } from './database_CmGvnzKd.mjs';
import { l as look } from './look_OsxKahVH.mjs';

const LONGEST = 8;
function pressed(typed, key, measure) {
  const { decimals } = MEASURE_RANGE[measure];
  if (key === "wipe") return typed.slice(0, -1);
  if (measure === "vigour") return key === "." ? typed : key;
  if (key === ".") return decimals === 0 || typed.includes(".") ? typed : `${typed || "0"}.`;
  if (typed.length >= LONGEST) return typed;
  return typed === "0" ? key : `${typed}${key}`;
}
function readTyped(measure, typed, seeds) {
  const text = typed.trim().replace(",", ".");
  if (text === "") return { value: null, problem: null };
  const value = /^\d+(\.\d*)?$/.test(text) ? Number(text) : Number.NaN;
  const { low, high, decimals, unit } = MEASURE_RANGE[measure];
  if (!Number.isFinite(value)) return { value: null, problem: look.number };
  if (decimals === 0 && !Number.isInteger(value)) return { value: null, problem: look.whole };
  if (value < low || value > high) {
    return { value: null, problem: look.low(low, high, measure === "vigour" ? "" : unit) };
  }
  if (measure === "emerged" && seeds > 0 && value > seeds) {
    return { value: null, problem: look.sown(seeds) };
  }
  return { value, problem: null };
}
function typedOf(pot) {
  return {
    values: Object.fromEntries(
      Object.entries(pot.values).map(([measure, value]) => [measure, String(value)])
    ),
    note: pot.note
  };
}
function bodyOf(pot, typed, measures, { on, seeds }) {
  const values = {};
  for (const measure of measures) {
    const { value, problem } = readTyped(measure, typed.values[measure] ?? "", seeds);
    if (problem) return null;
    values[measure] = value;
  }
  const isSaid = Object.values(values).some((value) => value !== null) || typed.note.trim() !== "";
  const wasSaid = Object.keys(pot.values).length > 0 || pot.note !== "";
  return isSaid || wasSaid ? { potId: pot.id, on, values, note: typed.note } : null;
}
function withEntered(pot, { values, note }) {
  const kept = Object.entries(values).filter(([, value]) => value !== null);
  return { ...pot, values: Object.fromEntries(kept), note };
}
function potsOf(waiting) {
  return new Set(waiting.map(({ body }) => body.potId)).size;
}
function stateOfPot(pot) {
  if (pot.leftOut) return "out";
  if (Object.keys(pot.values).length > 0 || pot.note !== "") return "looked";
  return pot.diedOn ? "dead" : "open";
}
function nextOpen(pots, id) {
  const at = pots.findIndex((pot) => pot.id === id);
  const round = [...pots.slice(at + 1), ...pots.slice(0, Math.max(0, at))];
  return round.find((pot) => stateOfPot(pot) === "open") ?? null;
}

export { pressed as a, bodyOf as b, nextOpen as n, potsOf as p, readTyped as r, stateOfPot as s, typedOf as t, withEntered as w };
