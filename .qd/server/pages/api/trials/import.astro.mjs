import { df as packagedTrialSchema, j as readTables, c$ as createTrial, cx as changeTrial, dg as summarizeTrials, bL as listPlaces, bj as readTrial, bM as putPlaceAway, cC as excludePot, aY as MEASURE_KIND, cw as TRIAL_EVENTS, cP as MEASURE_RANGE, cv as TRIAL_MEASURES, dh as PACKAGE_BODY_BYTES, di as packageSchema } from '../../../chunks/database_CmGvnzKd.mjs';
import { d as defineEndpoint } from '../../../chunks/defineEndpoint_CZUmPauA.mjs';
import { d as dayAt, T as TZDate } from '../../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import 'csv-parse/sync';
import { p as putContainersAway } from '../../../chunks/manyContainers_dBD7e4bG.mjs';
import { a as writeLogs } from '../../../chunks/potLog_GKYz53d1.mjs';
import { r as readSite } from '../../../chunks/rules_BOjb8_mp.mjs';
import { r as refuseField, R as Refused } from '../../../chunks/problem_BTADoVqZ.mjs';
import { a as addMissing } from '../../../chunks/setPots_C4HnyvQ4.mjs';
import { unzipSync, strFromU8 } from 'fflate';
import Papa from 'papaparse';
import { v as validate } from '../../../chunks/validate_BZRkRH8r.mjs';
import { P as PACKAGE_TABLES, a as PACKAGE_FORMAT } from '../../../chunks/schema_DMpiHSlq.mjs';
export { renderers } from '../../../renderers.mjs';

const MOST_BYTES = 8e6;
const MOST_ROWS = {
  treatments: 12,
  pots: 400,
  readings: 5e4,
  events: 5e3
};
const FIELD$1 = "package";
const DESCRIPTOR = "datapackage.json";
function readPackage(bytes) {
  const files = unpacked(bytes);
  const trial = readDescriptor(files);
  const tables = Object.keys(PACKAGE_TABLES);
  const rows = Object.fromEntries(tables.map((table) => [table, readTable(files, table)]));
  return { trial, rows };
}
function unpacked(bytes) {
  const wanted = [DESCRIPTOR, ...Object.keys(PACKAGE_TABLES).map((table) => `${table}.csv`)];
  try {
    return unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        if (wanted.includes(name) && originalSize > MOST_BYTES) {
          refuseField(FIELD$1, `${name} is larger than 8 MB: this is no package of a trial.`);
        }
        return wanted.includes(name);
      }
    });
  } catch (error) {
    if (error instanceof Refused) throw error;
    return refuseField(FIELD$1, "This file is no archive, or a broken one: choose the package again.");
  }
}
function fileOf(files, name) {
  const bytes = files[name];
  if (!bytes) return refuseField(FIELD$1, `${name} is missing in this package.`);
  return strFromU8(bytes).replace(/^\uFEFF/, "");
}
function readDescriptor(files) {
  const told = parsed(fileOf(files, DESCRIPTOR));
  const { innings } = told ?? {};
  if (typeof innings !== "object" || innings === null) {
    return refuseField(FIELD$1, `${DESCRIPTOR} tells of no trial of this program.`);
  }
  if (innings.format !== PACKAGE_FORMAT) {
    return refuseField(FIELD$1, "This package was made by another version of the program.");
  }
  try {
    return validate(packagedTrialSchema, innings.trial ?? {}, false);
  } catch (error) {
    if (!(error instanceof Refused)) throw error;
    return refuseField(FIELD$1, `${DESCRIPTOR}: ${error.message}`);
  }
}
function parsed(text) {
  try {
    return JSON.parse(text);
  } catch {
    return refuseField(FIELD$1, `${DESCRIPTOR} is not written as it should be: it is no JSON.`);
  }
}
function readTable(files, table) {
  const name = `${table}.csv`;
  const fields = PACKAGE_TABLES[table];
  const { data, errors } = Papa.parse(fileOf(files, name), {
    delimiter: ",",
    skipEmptyLines: true
  });
  const [broken] = errors;
  if (broken) refuseField(FIELD$1, `${name}, line ${(broken.row ?? 0) + 1}: ${broken.message}.`);
  const [head = [], ...lines] = data;
  const missing = fields.find(({ name: column }) => !head.includes(column));
  if (missing) refuseField(FIELD$1, `${name} has no column ${missing.name}.`);
  if (lines.length > MOST_ROWS[table]) {
    refuseField(FIELD$1, `${name} has more than ${MOST_ROWS[table]} rows.`);
  }
  return lines.map(
    (cells, index) => Object.fromEntries(
      fields.map((field) => [
        field.name,
        cellOf(cells[head.indexOf(field.name)] ?? "", field, `${name}, line ${index + 2}`)
      ])
    )
  );
}
function cellOf(text, { name, type, isRequired }, where) {
  const value = text.replace(/^'(?=[=+\-@\t\r])/, "");
  if (value === "") {
    return isRequired ? refuseField(FIELD$1, `${where}: ${name} is empty.`) : null;
  }
  const shown = value.slice(0, 40);
  switch (type) {
    case "string":
      return value.length <= 500 ? value : refuseField(FIELD$1, `${where}: ${name} is longer than 500 letters.`);
    case "integer":
      return /^\d{1,9}$/.test(value) ? Number(value) : refuseField(FIELD$1, `${where}: ${name} is no whole number: ${shown}.`);
    case "number":
      return /^\d{1,9}(\.\d{1,12})?$/.test(value) ? Number(value) : refuseField(FIELD$1, `${where}: ${name} is no number: ${shown}.`);
    case "date":
      return isDay(value) ? value : refuseField(FIELD$1, `${where}: ${name} is no day such as 2026-05-14: ${shown}.`);
  }
}
function isDay(text) {
  const at = /* @__PURE__ */ new Date(`${text}T00:00:00Z`);
  return /^\d{4}-\d{2}-\d{2}$/.test(text) && !Number.isNaN(at.getTime()) && at.toISOString().startsWith(text);
}

const FIELD = "package";
const NOON = 12;
async function importTrial(db, bytes, at) {
  const { timeZone } = await readSite(db);
  const tables = await readTables(db, timeZone);
  const packed = readPackage(bytes);
  requireSound(packed, tables, dayAt(timeZone, at));
  const { trial, rows } = packed;
  const id = await createTrial(
    db,
    { ...planOf(packed), createdAt: at },
    rows.treatments.map((row) => ({
      name: String(row.name),
      medium: mediumOf(row.material_id, row.medium, tables),
      added: row.added === null ? null : mediumOf(row.added_material_id, row.added, tables),
      dose: Number(row.dose_percent),
      potSize: null,
      care: String(row.care ?? ""),
      risks: []
    })),
    rows.pots.map((row) => ({
      code: String(row.pot),
      treatment: Number(row.treatment),
      position: Number(row.position),
      row: Number(row.row),
      column: Number(row.column),
      block: row.block === null ? null : Number(row.block),
      replicate: Number(row.replicate),
      cropId: row.crop_id === null ? null : String(row.crop_id),
      containerId: null
    }))
  );
  await addItsPots(db, id, packed, at);
  await writeReadings(db, id, packed, tables);
  await changeTrial(db, id, 1, {
    plantedOn: trial.plantedOn,
    closedAt: noonOf(trial.closedOn, timeZone),
    lessons: trial.lessons.trim() || null
  });
  await summarizeTrials(db);
  return { id };
}
function planOf({ trial }) {
  const { plantedOn: _, closedOn: __, lessons: ___, ...plan } = trial;
  return { ...plan, jars: null };
}
function mediumOf(materialId, name, { materials }) {
  return typeof materialId === "string" && materials.has(materialId) ? { kind: "bag", materialId } : { kind: "named", name: String(name) };
}
function requireSound({ trial, rows }, { crops }, today) {
  const refuse = (message) => refuseField(FIELD, message);
  if (trial.kind === "jar") refuse("Jars are read at the bench: they come in no package.");
  if (trial.closedOn < trial.plantedOn)
    refuse("datapackage.json: it is closed before it is planted.");
  if (trial.closedOn > today)
    refuse("datapackage.json: it is closed on a day that has not come yet.");
  const numbers = rows.treatments.map(({ treatment }) => treatment);
  if (numbers.length < 2 || numbers.some((number, index) => number !== index)) {
    refuse("treatments.csv: treatments are numbered from 0, the control, without gaps.");
  }
  const codes = new Set(rows.pots.map(({ pot }) => pot));
  if (rows.pots.length === 0) refuse("pots.csv holds no pot.");
  if (codes.size < rows.pots.length) refuse("pots.csv: a pot stands there twice.");
  const positions = new Set(rows.pots.map(({ position }) => position));
  if (positions.size < rows.pots.length) refuse("pots.csv: two pots have the same position.");
  rows.pots.forEach(({ pot, treatment, crop_id: cropId, left_out_for: event }, index) => {
    const where = `pots.csv, line ${index + 2}`;
    if (String(pot).length > 20) refuse(`${where}: the code is longer than 20 letters.`);
    if (!numbers.includes(treatment))
      refuse(`${where}: there is no treatment ${treatment}.`);
    if (cropId !== null && !crops.has(String(cropId)))
      refuse(`${where}: ${cropId} is no crop of the list.`);
    if (event !== null && !isHappening(event)) refuse(`${where}: ${event} is nothing that happens.`);
  });
  if (trial.cropId !== null && !crops.has(trial.cropId)) {
    refuse(`datapackage.json: ${trial.cropId} is no crop of the list.`);
  }
  const requireSeen = (pot, date, where) => {
    if (!codes.has(String(pot))) refuse(`${where}: pots.csv has no pot ${pot}.`);
    if (String(date) < trial.plantedOn || String(date) > trial.closedOn) {
      refuse(`${where}: ${date} lies outside the trial.`);
    }
  };
  rows.readings.forEach(({ pot, date, measure, value }, index) => {
    const where = `readings.csv, line ${index + 2}`;
    requireSeen(pot, date, where);
    requireReadable(measure, Number(value), where);
  });
  rows.events.forEach(({ pot, date, kind }, index) => {
    const where = `events.csv, line ${index + 2}`;
    requireSeen(pot, date, where);
    if (!isHappening(kind)) refuse(`${where}: ${kind} is nothing that happens.`);
  });
}
function requireReadable(measure, value, where) {
  if (!isMeasure(measure)) {
    refuseField(FIELD, `${where}: nothing is measured that is called ${measure}.`);
  }
  const { low, high } = MEASURE_RANGE[measure];
  if (value < low || value > high) {
    refuseField(FIELD, `${where}: ${measure} lies between ${low} and ${high}, not at ${value}.`);
  }
}
function isMeasure(measure) {
  return TRIAL_MEASURES.includes(measure);
}
function isHappening(kind) {
  return kind === "problem" || TRIAL_EVENTS.includes(kind);
}
async function addItsPots(db, id, { rows }, at) {
  const places = new Set((await listPlaces(db)).map((place) => place.id));
  const trial = await readTrial(db, id);
  const containerOf = await addMissing(db, trial);
  await putContainersAway(db, [...containerOf.values()], at);
  const brought = (await listPlaces(db)).find((place) => !places.has(place.id));
  if (brought) await putPlaceAway(db, brought.id, at);
  const inOrder = [...rows.pots].sort((a, b) => Number(a.position) - Number(b.position));
  for (const [index, row] of inOrder.entries()) {
    const pot = trial.potList[index];
    if (!pot || row.left_out_on === null) continue;
    await excludePot(db, pot.id, {
      on: String(row.left_out_on),
      happened: isHappening(row.left_out_for) ? row.left_out_for : null,
      why: String(row.left_out_why ?? "")
    });
  }
}
async function writeReadings(db, id, { rows }, { problems, timeZone }) {
  const { potList } = await readTrial(db, id);
  const inOrder = [...rows.pots].sort((a, b) => Number(a.position) - Number(b.position));
  const containerOf = new Map(
    inOrder.map(({ pot }, index) => [pot, potList[index]?.containerId ?? 0])
  );
  const entry = (pot, date) => ({
    containerId: containerOf.get(String(pot)) ?? 0,
    plantingId: null,
    lotId: null,
    at: noonOf(String(date), timeZone),
    findingId: null,
    trialId: id
  });
  const problemOf = (name) => [...problems.values()].find((problem) => problem.name === name)?.id ?? null;
  await writeLogs(db, [
    ...rows.readings.map(({ pot, date, measure, value }) => ({
      ...entry(pot, date),
      kind: MEASURE_KIND[measure],
      value: Number(value),
      problemId: null,
      note: null
    })),
    ...rows.events.map(({ pot, date, kind, problem, note }) => ({
      ...entry(pot, date),
      kind,
      value: null,
      problemId: problemOf(problem),
      note: [problemOf(problem) === null ? problem : null, note].filter(Boolean).join(", ") || null
    }))
  ]);
}
function noonOf(day, timeZone) {
  const [year = 0, month = 1, date = 1] = day.split("-").map(Number);
  return new Date(new TZDate(year, month - 1, date, NOON, timeZone).getTime());
}

const POST = defineEndpoint({
  body: packageSchema,
  limitBytes: PACKAGE_BODY_BYTES,
  status: 201,
  handle: async ({ db, body, now }) => importTrial(db, new Uint8Array(Buffer.from(body.package, "base64")), now)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
