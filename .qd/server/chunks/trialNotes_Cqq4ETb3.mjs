import { N as NotFound } from './problem_BTADoVqZ.mjs';
import { d as dayAt } from './passphrase_DS02Zua_.mjs';
import { r as readSite } from './rules_BOjb8_mp.mjs';
import { cx as changeTrial, bj as readTrial, d7 as setStepsDone } from './database_CmGvnzKd.mjs';
import { p as protocolSteps } from './trialPage_CSSjeobU.mjs';

async function tickTrialStep(db, id, { step, done }, at) {
  const trial = await readTrial(db, id);
  const steps = protocolSteps({
    kind: trial.kind,
    seeds: trial.perPot,
    protocol: trial.protocol,
    isSown: trial.perPot > 0 && trial.how === "sown"
  });
  if (!steps.some((one) => one.id === step)) throw new NotFound("There is no such step.");
  const { [step]: _, ...others } = trial.stepsDone;
  const on = dayAt((await readSite(db)).timeZone, at);
  await setStepsDone(db, id, done ? { ...others, [step]: on } : others);
}
async function keepLessons(db, id, { version, lessons }) {
  await changeTrial(db, id, version, { lessons: lessons.trim() || null });
}

export { keepLessons as k, tickTrialStep as t };
