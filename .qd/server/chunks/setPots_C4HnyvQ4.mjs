import './passphrase_DS02Zua_.mjs';
import { d9 as groupBy, bL as listPlaces, b0 as addContainers, d4 as changeTrialPots, bj as readTrial, cx as changeTrial } from './database_CmGvnzKd.mjs';
import { f as freshCodes } from './freshCodes_Co41guPt.mjs';

async function setPots(db, id, version) {
  const trial = await readTrial(db, id);
  await changeTrial(db, id, version);
  await addMissing(db, trial);
}
async function addMissing(db, trial) {
  const missing = trial.potList.filter(({ containerId }) => containerId === null);
  const treatments = new Map(trial.treatments.map((one) => [one.id, one]));
  const known = new Map(
    trial.potList.flatMap(
      ({ id, containerId }) => containerId === null ? [] : [[id, containerId]]
    )
  );
  const bySize = groupBy(missing, ({ treatmentId }) => {
    return treatments.get(treatmentId)?.potSize ?? trial.potSize;
  });
  const there = (await listPlaces(db)).find(({ name }) => name === trial.place);
  const exposure = there?.exposure ?? "open";
  for (const [{ name, shape, headspaceCm }, pots] of bySize) {
    const planned = pots.map(({ code }) => code);
    const codes = await freshCodes(db, planned, trial.seed, planned);
    const ids = await addContainers(
      db,
      { name, place: trial.place, shape, headspaceCm, exposure },
      pots.length,
      codes
    );
    await changeTrialPots(
      db,
      pots.map(({ id }, index) => ({
        id,
        containerId: ids[index],
        code: codes[index]
      }))
    );
    pots.forEach(({ id }, index) => {
      known.set(id, ids[index]);
    });
  }
  return known;
}

export { addMissing as a, setPots as s };
