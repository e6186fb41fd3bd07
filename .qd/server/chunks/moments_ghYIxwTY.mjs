import { r as readBenchTest, e as correctMoment, d as addMoment } from './database_CmGvnzKd.mjs';
import './passphrase_DS02Zua_.mjs';
import { R as Refused } from './problem_BTADoVqZ.mjs';
import { t as testState } from './testPage_CfSO93hf.mjs';

const AHEAD_MS = 6e4;
const START_KEYS = ["pour", "drops", "start", "opened"];
async function keepMoment(db, testId, { id, key, at, value }, now) {
  requireTime(at, now);
  await addMoment(db, testId, { id, key, at: new Date(at), value });
  return testState(db, testId, now);
}
async function correct(db, testId, momentId, { at, value, undone }, now) {
  if (at !== void 0) {
    requireTime(at, now);
    const { moments } = await readBenchTest(db, testId);
    const start = moments.find(({ key, id }) => START_KEYS.includes(key) && id !== momentId);
    if (start && Date.parse(at) < start.at.getTime()) {
      refuse("The corrected time lies before the clock was started.");
    }
    const isStart = moments.some(({ key, id }) => START_KEYS.includes(key) && id === momentId);
    if (isStart && moments.some(({ id, at: other }) => id !== momentId && other.getTime() < Date.parse(at))) {
      refuse("The clock cannot have been started after something was tapped.");
    }
  }
  if (at !== void 0) await requireOrder(db, testId, momentId, at);
  await correctMoment(db, testId, momentId, {
    ...at === void 0 ? {} : { at: new Date(at) },
    ...value === void 0 ? {} : { value },
    ...undone === void 0 ? {} : { undoneAt: undone ? now : null }
  });
  return testState(db, testId, now);
}
const IN_ORDER = [
  ["drip", "the first drip"],
  ["mark", "the mark"],
  ["stopped", "the end of dripping"]
];
async function requireOrder(db, testId, momentId, at) {
  const { moments } = await readBenchTest(db, testId);
  const mine = IN_ORDER.findIndex(([key]) => key === moments.find(({ id }) => id === momentId)?.key);
  if (mine < 0) return;
  for (const [place, [key, name]] of IN_ORDER.entries()) {
    const other = moments.find((one) => one.key === key && one.id !== momentId);
    if (!other || place === mine) continue;
    const isEarlier = Date.parse(at) < other.at.getTime();
    if (place < mine && isEarlier) refuse(`That lies before ${name}.`);
    if (place > mine && Date.parse(at) > other.at.getTime()) refuse(`That lies after ${name}.`);
  }
}
function requireTime(at, now) {
  if (Date.parse(at) > now.getTime() + AHEAD_MS) refuse("That moment has not come yet.");
}
function refuse(message) {
  throw new Refused(422, "not-valid", message, [{ field: "at", message }]);
}

export { correct as c, keepMoment as k };
