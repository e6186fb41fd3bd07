import { f as fileName } from './fileName_C1myviap.mjs';
import { C as Conflict } from './problem_BTADoVqZ.mjs';
import { d as dayAt } from './passphrase_DS02Zua_.mjs';
import { r as readSite } from './rules_BOjb8_mp.mjs';
import { cJ as mediumName, cP as MEASURE_RANGE, d8 as daysBetween, j as readTables, bj as readTrial, cy as courseOf } from './database_CmGvnzKd.mjs';
import { D as Download } from './defineEndpoint_CZUmPauA.mjs';
import { zipSync, strToU8 } from 'fflate';
import Papa from 'papaparse';
import { P as PACKAGE_TABLES, a as PACKAGE_FORMAT } from './schema_DMpiHSlq.mjs';

async function packageRows(db, tables, trial, { pots, plantedOn }) {
  const treatments = [];
  for (const { number, name, medium, added, dose, care } of trial.treatments) {
    treatments.push({
      treatment: number,
      name,
      medium: (await mediumName(db, tables, medium)).name,
      material_id: medium.kind === "bag" ? medium.materialId : null,
      added: added ? (await mediumName(db, tables, added)).name : null,
      added_material_id: added?.kind === "bag" ? added.materialId : null,
      dose_percent: dose,
      care: care || null
    });
  }
  const numberOf = new Map(trial.treatments.map(({ id, number }) => [id, number]));
  return {
    treatments,
    pots: trial.potList.map((pot) => ({
      pot: pot.code,
      treatment: numberOf.get(pot.treatmentId) ?? 0,
      block: pot.block,
      position: pot.position,
      row: pot.row,
      column: pot.column,
      replicate: pot.replicate,
      crop_id: pot.cropId,
      left_out_on: pot.excludedOn,
      left_out_for: pot.excludedFor,
      left_out_why: pot.excludedWhy
    })),
    readings: pots.flatMap(
      ({ code, records }) => records.map(({ on, measure, value }) => ({
        pot: code,
        date: on,
        day: daysBetween(plantedOn, on),
        measure,
        value,
        unit: MEASURE_RANGE[measure].unit || null
      }))
    ),
    events: pots.flatMap(({ code, events, diedOn }) => [
      ...events.map(({ on, kind, problemName, note }) => ({
        pot: code,
        date: on,
        kind,
        problem: problemName,
        note: note || null
      })),
      // Said at the end of its planting, not as an event.
      ...diedOn != null && !events.some(({ kind }) => kind === "died") ? [{ pot: code, date: diedOn, kind: "died", problem: null, note: null }] : []
    ])
  };
}

function tableCsv(table, rows) {
  const fields = PACKAGE_TABLES[table].map(({ name }) => name);
  const data = rows[table].map((row) => fields.map((name) => row[name] ?? ""));
  return `${Papa.unparse({ fields, data }, { escapeFormulae: true })}\r
`;
}
function writePackage(trial, rows, at) {
  const tables = Object.keys(PACKAGE_TABLES);
  const descriptor = {
    profile: "data-package",
    name: fileName(trial.name, "trial"),
    title: trial.name,
    description: trial.question,
    created: at.toISOString(),
    innings: { format: PACKAGE_FORMAT, trial },
    resources: tables.map((table) => ({
      profile: "tabular-data-resource",
      name: table,
      path: `${table}.csv`,
      encoding: "utf-8",
      schema: {
        fields: PACKAGE_TABLES[table].map(({ name, type, description, ...more }) => ({
          name,
          type,
          description,
          ..."isRequired" in more ? { constraints: { required: true } } : {}
        })),
        missingValues: [""]
      }
    }))
  };
  return zipSync({
    "datapackage.json": strToU8(`${JSON.stringify(descriptor, null, 2)}
`),
    ...Object.fromEntries(tables.map((table) => [`${table}.csv`, strToU8(tableCsv(table, rows))]))
  });
}

async function trialPackage(db, id, at) {
  const { trial, rows, timeZone } = await readAll(db, id);
  const { closedAt, plantedOn } = trial;
  if (closedAt === null || plantedOn === null) {
    throw new Conflict("This trial goes on still: close it, then it can be packed.");
  }
  const packed = { ...told(trial), plantedOn, closedOn: dayAt(timeZone, closedAt) };
  return new Download(
    writePackage(packed, rows, at),
    "application/zip",
    `${fileName(trial.name, "trial")}.zip`
  );
}
async function trialReadings(db, id) {
  const { trial, rows } = await readAll(db, id);
  return new Download(
    new TextEncoder().encode(tableCsv("readings", rows)),
    "text/csv; charset=utf-8",
    `${fileName(trial.name, "trial")}-readings.csv`
  );
}
async function readAll(db, id) {
  const { timeZone } = await readSite(db);
  const tables = await readTables(db, timeZone);
  const trial = await readTrial(db, id);
  const course = await courseOf(db, tables, trial);
  if (!course) throw new Conflict("This trial is not planted yet: nothing was read in it.");
  return { trial, rows: await packageRows(db, tables, trial, course), timeZone };
}
function told(trial) {
  return {
    name: trial.name,
    kind: trial.kind,
    question: trial.question,
    wish: trial.wish,
    must: trial.must,
    mustValue: trial.mustValue,
    measures: trial.measures,
    checkDays: trial.checkDays,
    cropId: trial.cropId,
    how: trial.how,
    perPot: trial.perPot,
    pots: trial.pots,
    blocks: trial.blocks,
    columns: trial.columns,
    seed: trial.seed,
    isBlind: trial.isBlind,
    place: trial.place,
    potSize: trial.potSize,
    protocol: trial.protocol,
    cv: trial.cv,
    lessons: trial.lessons ?? ""
  };
}

export { trialReadings as a, trialPackage as t };
