import { r as readBenchTest, j as readTables, a3 as readSet, a4 as readSampleNames, Q as listPens, P as listProblems, K as sampleKey, a5 as readRunBefore, a6 as listTestsById } from './database_CmGvnzKd.mjs';
import { d as dayAt } from './passphrase_DS02Zua_.mjs';
import { r as readSite } from './rules_BOjb8_mp.mjs';
import { p as presentCalibration } from './presentCalibration_Dk_82kUx.mjs';
import { s as sampleChoices } from './sampleChoices_eNGd-sNy.mjs';
import { s as sampleFacts } from './sampleFacts_DLwZme5n.mjs';
import { m as momentView, p as penView, c as calibrationView, s as spreadViews, r as runViews } from './views_CXoqXfyH.mjs';

async function testPage(db, id, at) {
  const test = await readBenchTest(db, id);
  const site = await readSite(db);
  const { timeZone } = site;
  const tables = await readTables(db, timeZone);
  const facts = await sampleFacts(db, tables, test.sample);
  const set = await readSet(db, test);
  const names = await readSampleNames(
    db,
    set.map(({ sample }) => sample)
  );
  const nameOf = ({ sample }) => names.get(sampleKey(sample)) ?? facts.view.name;
  const calibration = await presentCalibration(db, test.sample);
  return {
    ...stateOf(test, at),
    id,
    kind: test.kind,
    sample: facts.view,
    isReference: test.isReference,
    runNumber: set.filter((one) => one.isReference === test.isReference && one.id <= id).length,
    startedOn: dayAt(timeZone, test.startedAt),
    place: test.place,
    judge: test.judge,
    note: test.note,
    kit: test.kit,
    expected: test.expected,
    draft: test.draft,
    observation: test.observation,
    corrects: test.correctsId === null ? null : await correctedBy(db, test.correctsId),
    outcome: test.outcome,
    last: await lastOf(db, test, timeZone),
    runs: runViews(set, nameOf, timeZone),
    spreads: spreadViews(set, facts.crop),
    calibration: calibration && test.outcome && calibration.testIds.includes(id) ? calibrationView(calibration, facts, timeZone) : null,
    problems: (await listProblems(db)).map((one) => ({
      id: one.id,
      name: one.name,
      tempC: one.heatC,
      minutes: one.heatMinutes,
      caution: one.caution
    })),
    pens: (await listPens(db)).map((pen) => penView(pen, at, timeZone)),
    amendments: [...tables.amendments.values()].filter(({ cce }) => cce !== 0).map((one) => ({ id: one.id, name: one.name })),
    materials: [...tables.materials.values()].map((one) => ({ id: one.id, name: one.name })),
    samples: await sampleChoices(db, ""),
    tapWater: site.tapWater,
    water: test.water
  };
}
async function testState(db, id, at) {
  return stateOf(await readBenchTest(db, id), at);
}
function stateOf(test, at) {
  return {
    moments: test.moments.map(momentView),
    endedAt: test.endedAt?.toISOString() ?? null,
    now: at.toISOString()
  };
}
async function correctedBy(db, id) {
  const [test] = await listTestsById(db, [id]);
  return test?.observation && test.thrownAwayAt === null ? { id, observation: test.observation, note: test.note } : null;
}
async function lastOf(db, test, timeZone) {
  const before = await readRunBefore(db, test);
  return before?.observation ? { observation: before.observation, on: dayAt(timeZone, before.startedAt) } : null;
}

export { testPage as a, testState as t };
