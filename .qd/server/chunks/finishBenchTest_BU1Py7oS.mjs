import { r as readBenchTest, j as readTables, M as derive, N as finishTest, t as throwTestAway, O as addSampleCalibration, P as listProblems, Q as listPens, R as listTestsOf, T as learn, U as containerCapacity, V as addMeasurement } from './database_CmGvnzKd.mjs';
import './passphrase_DS02Zua_.mjs';
import { r as readSite } from './rules_BOjb8_mp.mjs';
import { D as DomainError, R as Refused } from './problem_BTADoVqZ.mjs';
import { s as sampleFacts } from './sampleFacts_DLwZme5n.mjs';

function secondsSince(moments, start) {
  const first = moments.find(({ key }) => key === start);
  if (!first) return {};
  const seconds = {};
  for (const { key, atMs } of moments) {
    if (key === start) continue;
    if (atMs < first.atMs) {
      throw new DomainError("bad-argument", "A moment cannot lie before the clock was started.", {
        field: key
      });
    }
    seconds[key] = (atMs - first.atMs) / 1e3;
  }
  return seconds;
}

function withClock(observation, moments) {
  const taps = moments.map(({ key, at }) => ({ key, atMs: at.getTime() }));
  switch (observation.kind) {
    case "drain":
    case "layers": {
      const { drip, mark, stopped, stands } = secondsSince(taps, "pour");
      return {
        ...observation,
        ...drip === void 0 ? {} : { firstDripS: drip },
        ...mark === void 0 ? {} : { markS: mark },
        ...stopped === void 0 ? {} : { stoppedS: stopped },
        ...stands === void 0 ? {} : { stoodOnTop: true }
      };
    }
    case "wetting": {
      const gone = Object.values(secondsSince(taps, "drops"));
      return gone.length > 0 ? { ...observation, dropsS: gone } : observation;
    }
    case "heat": {
      const first = moments.find(isProbed);
      if (!first) return observation;
      const readings = moments.filter(isProbed).map(
        ({ at, value: tempC }) => ({
          minute: (at.getTime() - first.at.getTime()) / 6e4,
          tempC
        })
      );
      return { ...observation, readings };
    }
    default:
      return observation;
  }
}
function isProbed(moment) {
  return moment.key === "temp" && moment.value !== null;
}

const DAY_MS = 864e5;
const CORRECTED = "corrected";
function bottomOf(id, materials) {
  const material = materials.get(id);
  if (!material) {
    const message = "There is no such material in the list.";
    throw new Refused(422, "not-valid", message, [{ field: "bottomMaterialId", message }]);
  }
  return { curve: material.curve, ksCmPerS: material.ksCmPerS };
}
async function finishBenchTest(db, id, { observation: entered, ...words }, at) {
  const test = await readBenchTest(db, id);
  if (entered.kind !== test.kind) {
    throw new Refused(422, "not-valid", "These are the answers of another test.");
  }
  const tables = await readTables(db, (await readSite(db)).timeZone);
  const facts = await sampleFacts(db, tables, test.sample);
  const observation = withClock(entered, test.moments);
  const context = {
    kit: test.kit,
    expected: test.expected,
    prior: facts.prior,
    pot: facts.pot,
    crop: facts.crop,
    bottom: observation.kind === "layers" ? bottomOf(observation.bottomMaterialId, tables.materials) : null,
    penCalibration: observation.kind === "phEc" ? await penCalibrationOf(db, observation.penId, at) : null,
    amendment: observation.kind === "jar" ? tables.amendments.get(observation.amendmentId) ?? null : null,
    problem: observation.kind === "heat" ? await problemOf(db, observation.problemId) : null
  };
  const derived = derive(observation, context);
  const learnt = await learnFrom(db, derived, test, facts);
  const outcome = toldInPot(derived.outcome, learnt, facts);
  await finishTest(db, id, { observation, outcome, at, ...words }, async (tx) => {
    if (test.correctsId !== null) await throwTestAway(tx, test.correctsId, at, CORRECTED);
    await keepMeasurements(tx, test, derived);
    if (learnt && facts.prior) {
      const { curve, ksCmPerS, from, doubts, testIds } = learnt;
      await addSampleCalibration(tx, test.sample, {
        at,
        testIds,
        from,
        prior: facts.prior,
        measured: { curve, ksCmPerS },
        doubts
      });
    }
  });
  return outcome;
}
function toldInPot(outcome, learnt, { pot }) {
  if (!learnt || !pot) return outcome;
  const { shape, fillHeightCm } = pot;
  const air = containerCapacity({ curve: learnt.curve, shape, fillHeightCm }).airFraction;
  return {
    ...outcome,
    verdicts: outcome.verdicts.map((verdict) => {
      if (verdict.id !== "air.elsewhere") return verdict;
      const isShort = air < Number(verdict.told.airMin);
      return {
        ...verdict,
        tone: isShort ? "act" : "ok",
        told: { ...verdict.told, air, pot: pot.name }
      };
    })
  };
}
async function learnFrom(db, derived, test, { prior, innings }) {
  if (!prior || test.isReference) return null;
  const others = (await listTestsOf(db, test.sample)).filter(
    (one) => one.id !== test.id && one.id !== test.correctsId && one.endedAt !== null && !one.isReference && one.innings === innings
  );
  return learn(derived, prior, test, others);
}
async function keepMeasurements(tx, { id, sample, isReference, startedAt }, { measurements = [] }) {
  if (sample.kind !== "lot" || isReference) return;
  for (const measured of measurements) {
    await addMeasurement(tx, Number(sample.id), { ...measured, at: startedAt, testId: id });
  }
}
async function penCalibrationOf(db, penId, at) {
  if (penId === null) return null;
  const pen = (await listPens(db)).find((one) => one.id === penId);
  if (!pen) {
    const message = "There is no such pen: choose one from the list, or none.";
    throw new Refused(422, "not-valid", message, [{ field: "penId", message }]);
  }
  const last = pen.calibrations.find((one) => one.at.getTime() <= at.getTime());
  if (!last) return null;
  const { buffers, tempC } = last;
  return { buffers, tempC, daysAgo: (at.getTime() - last.at.getTime()) / DAY_MS };
}
async function problemOf(db, problemId) {
  if (problemId === null) return null;
  const found = (await listProblems(db)).find(({ id: id2 }) => id2 === problemId);
  if (!found) {
    const message = "There is no such problem in the list.";
    throw new Refused(422, "not-valid", message, [{ field: "problemId", message }]);
  }
  const { id, name, heatC, heatMinutes, caution } = found;
  return { id, name, tempC: heatC, minutes: heatMinutes, caution };
}

export { CORRECTED as C, finishBenchTest as f };
