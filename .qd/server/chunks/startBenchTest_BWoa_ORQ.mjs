import { j as readTables, r as readBenchTest, s as startTest, ab as expectedOf } from './database_CmGvnzKd.mjs';
import { r as readKit } from './kit_DM-C40vb.mjs';
import './passphrase_DS02Zua_.mjs';
import { r as readSite } from './rules_BOjb8_mp.mjs';
import { R as Refused } from './problem_BTADoVqZ.mjs';
import { s as sampleFacts } from './sampleFacts_DLwZme5n.mjs';

async function startBenchTest(db, { kind, sample, besideId, reference = false }, at) {
  const { timeZone } = await readSite(db);
  const facts = await sampleFacts(db, await readTables(db, timeZone), sample);
  const beside = besideId === void 0 ? null : await readBenchTest(db, besideId);
  if (beside && beside.kind !== kind) {
    throw new Refused(422, "not-valid", "Runs beside each other have to be of the same test.");
  }
  if (beside && !reference && (beside.sample.kind !== sample.kind || String(beside.sample.id) !== String(sample.id))) {
    throw new Refused(422, "not-valid", "A repeat is made on the same sample.");
  }
  const kit = beside?.kit ?? (await readKit(db)).kit;
  return startTest(db, {
    kind,
    sample: facts.sample,
    setId: beside ? beside.setId ?? beside.id : null,
    isReference: reference,
    innings: facts.innings,
    place: beside?.place ?? "",
    judge: beside?.judge ?? "",
    kit,
    expected: facts.present ? expectedOf(kind, facts.present, kit, facts.components) : null,
    at
  });
}

export { startBenchTest as s };
