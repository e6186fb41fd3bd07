import { createRequire as oldWay } from 'node:module'; const require = oldWay(import.meta.url);
var __defProp = Object.defineProperty;
var __export = (target, all) => {
  for (var name in all)
    __defProp(target, name, { get: all[name], enumerable: true });
};

// src/server/config.ts
import { homedir } from "node:os";
import path from "node:path";

// src/server/storage/startError.ts
var StartError = class extends Error {
  name = "StartError";
};

// src/server/config.ts
var DEFAULT_PORT = 4321;
function readConfig(env = process.env) {
  const port = env.PORT === void 0 || env.PORT === "" ? DEFAULT_PORT : Number(env.PORT);
  if (!Number.isInteger(port) || port < 1 || port > 65535) {
    throw new StartError(`PORT must be a number from 1 to 65535, not "${env.PORT}".`);
  }
  const fixedNow = env.INNINGS_NOW ? new Date(env.INNINGS_NOW) : null;
  if (fixedNow && Number.isNaN(fixedNow.getTime())) {
    throw new StartError(`INNINGS_NOW must be a time like 2026-10-20T09:00:00Z.`);
  }
  return {
    dataFolder: path.resolve(env.INNINGS_DATA || defaultDataFolder(env)),
    host: env.HOST || "127.0.0.1",
    port,
    extraHosts: (env.INNINGS_HOSTS ?? "").split(",").map((host) => host.trim()).filter(Boolean),
    demo: env.INNINGS_DEMO === "1",
    dailyCopies: env.INNINGS_COPIES !== "0",
    balance: balanceOf(env),
    tls: tlsFiles(env),
    fixedNow
  };
}
function balanceOf({
  INNINGS_BALANCE: setting,
  INNINGS_DEMO
}) {
  if (setting === void 0 || setting === "") return INNINGS_DEMO === "1" ? "simulated" : null;
  if (setting === "none") return null;
  if (setting === "simulated") return setting;
  const [, host = "", port = ""] = /^\[?(.+?)\]?:(\d{1,5})$/.exec(setting) ?? [];
  if (!host || Number(port) < 1 || Number(port) > 65535) {
    throw new StartError(
      `INNINGS_BALANCE must be a host and port such as 192.168.1.20:5000, "simulated" or "none", not "${setting}".`
    );
  }
  return { host, port: Number(port) };
}
function tlsFiles({ INNINGS_TLS_CERT: certificate, INNINGS_TLS_KEY: key }) {
  if (!certificate && !key) return null;
  if (!certificate || !key) {
    throw new StartError("INNINGS_TLS_CERT and INNINGS_TLS_KEY belong together: set both.");
  }
  return { certificate: path.resolve(certificate), key: path.resolve(key) };
}
function defaultDataFolder(env) {
  const shared = env.XDG_DATA_HOME || path.join(homedir(), ".local", "share");
  return path.join(shared, "innings");
}

// src/server/storage/copies.ts
import { existsSync, mkdirSync, readdirSync, rmSync, statSync } from "node:fs";
import path3 from "node:path";

// src/server/storage/places.ts
import path2 from "node:path";
function placesIn(dataFolder) {
  return {
    database: path2.join(dataFolder, "database"),
    /** A database in the making; whatever it holds was never answered for. */
    unfinished: path2.join(dataFolder, "database.unfinished"),
    /** A copy being put back. */
    restoring: path2.join(dataFolder, "database.restoring"),
    backups: path2.join(dataFolder, "backups"),
    logs: path2.join(dataFolder, "logs"),
    reserve: path2.join(dataFolder, "reserve"),
    /** Who may come in. */
    access: path2.join(dataFolder, "access.json"),
    lock: path2.join(dataFolder, "innings.lock")
  };
}

// src/server/storage/copies.ts
var ENDING = ".tar.gz";
function listCopies(dataFolder) {
  const { backups } = placesIn(dataFolder);
  if (!existsSync(backups)) return [];
  return readdirSync(backups).filter((entry) => entry.endsWith(ENDING) && !entry.startsWith(".")).map((entry) => {
    const file = path3.join(backups, entry);
    const { size, mtime } = statSync(file);
    return { name: entry.slice(0, -ENDING.length), file, bytes: size, takenAt: mtime };
  }).sort((a, b) => b.takenAt.getTime() - a.takenAt.getTime() || b.name.localeCompare(a.name));
}

// src/server/storage/freeSpace.ts
import { existsSync as existsSync2, rmSync as rmSync2, statfsSync, writeFileSync } from "node:fs";

// src/server/log.ts
import { createStream } from "rotating-file-stream";

// src/server/storage/freeSpace.ts
var SEGMENT_BYTES = 16 * 1024 * 1024;
var WRITE_NEEDS_BYTES = 2 * SEGMENT_BYTES;
var NEW_NEEDS_BYTES = 8 * SEGMENT_BYTES;
function freeBytes(folder) {
  const { bavail, bsize } = statfsSync(folder);
  return bavail * bsize;
}
function megabytes(bytes2) {
  return `${(bytes2 / 1e6).toFixed(bytes2 < 1e7 ? 1 : 0)} MB`;
}

// src/server/storage/restoreCopy.ts
import { existsSync as existsSync3, mkdirSync as mkdirSync2, readFileSync as readFileSync2, renameSync as renameSync2, rmSync as rmSync4 } from "node:fs";
import path5 from "node:path";
import { PGlite } from "@electric-sql/pglite";
import { NodeFS } from "@electric-sql/pglite/nodefs";

// src/server/storage/gardenTables.ts
import { getTableName, is } from "drizzle-orm";
import { PgTable } from "drizzle-orm/pg-core";

// src/data/schema.ts
var schema_exports = {};
__export(schema_exports, {
  amendments: () => amendments,
  answeredRequests: () => answeredRequests,
  benchMoments: () => benchMoments,
  benchTests: () => benchTests,
  containers: () => containers,
  crops: () => crops,
  innings: () => innings,
  ledgerEntries: () => ledgerEntries,
  lotContents: () => lotContents,
  lotFindings: () => lotFindings,
  lotPlaces: () => lotPlaces,
  lotSummaries: () => lotSummaries,
  lotTransfers: () => lotTransfers,
  lotTreatments: () => lotTreatments,
  lots: () => lots,
  materials: () => materials,
  measurements: () => measurements,
  mixVersions: () => mixVersions,
  mixes: () => mixes,
  penCalibrations: () => penCalibrations,
  pens: () => pens,
  photos: () => photos,
  places: () => places,
  plantings: () => plantings,
  potIntakes: () => potIntakes,
  potLog: () => potLog,
  problems: () => problems,
  sampleCalibrations: () => sampleCalibrations,
  shippedCorrections: () => shippedCorrections,
  siteSettings: () => siteSettings,
  testKits: () => testKits,
  trialFindings: () => trialFindings,
  trialPots: () => trialPots,
  trialTreatments: () => trialTreatments,
  trials: () => trials,
  workOrderSteps: () => workOrderSteps,
  workOrders: () => workOrders
});

// src/data/bench/benchTables.ts
import { sql as sql2 } from "drizzle-orm";
import { boolean as boolean4, doublePrecision as doublePrecision5, index as index2, integer as integer6, jsonb as jsonb5, pgTable as pgTable6, text as text6 } from "drizzle-orm/pg-core";

// src/data/columns.ts
import { customType, integer, timestamp } from "drizzle-orm/pg-core";
var version = () => integer("version").notNull().default(1);
var bytes = customType({ dataType: () => "bytea" });
var instant = (name) => timestamp(name, { withTimezone: true, mode: "date" });

// src/data/media/lotTables.ts
import {
  boolean as boolean2,
  date,
  doublePrecision as doublePrecision3,
  index,
  integer as integer4,
  jsonb as jsonb3,
  pgTable as pgTable3,
  primaryKey,
  text as text3,
  unique
} from "drizzle-orm/pg-core";

// src/data/containers/tables.ts
import { sql } from "drizzle-orm";
import { doublePrecision, integer as integer2, jsonb, pgTable, text, uniqueIndex } from "drizzle-orm/pg-core";
var places = pgTable(
  "places",
  {
    id: integer2("id").primaryKey().generatedAlwaysAsIdentity(),
    name: text("name").notNull(),
    exposure: text("exposure").$type().notNull().default("open"),
    putAwayAt: instant("put_away_at"),
    version: version()
  },
  ({ name }) => [uniqueIndex("places_by_name").on(sql`lower(${name})`)]
);
var containers = pgTable("containers", {
  id: integer2("id").primaryKey().generatedAlwaysAsIdentity(),
  code: text("code").notNull().unique(),
  name: text("name").notNull(),
  placeId: integer2("place_id").notNull().references(() => places.id),
  shape: jsonb("shape").$type().notNull(),
  headspaceCm: doublePrecision("headspace_cm").notNull(),
  /** Of an inert filler on its base. */
  fillerCm: doublePrecision("filler_cm").notNull().default(0),
  /** Its own sun and wind; null where it has those of its place. */
  exposure: text("exposure").$type(),
  putAwayAt: instant("put_away_at"),
  version: version()
});

// src/data/season/tables.ts
import { boolean, doublePrecision as doublePrecision2, integer as integer3, jsonb as jsonb2, pgTable as pgTable2, text as text2 } from "drizzle-orm/pg-core";
var crops = pgTable2("crops", {
  id: text2("id").primaryKey(),
  name: text2("name").notNull(),
  latin: text2("latin").notNull(),
  family: text2("family").notNull(),
  rotationGroup: text2("rotation_group").notNull(),
  kind: text2("kind").$type().notNull(),
  season: text2("season").notNull(),
  pHLow: doublePrecision2("ph_low").notNull(),
  pHHigh: doublePrecision2("ph_high").notNull(),
  airMinPercent: doublePrecision2("air_min_percent").notNull(),
  airMaxPercent: doublePrecision2("air_max_percent").notNull(),
  waterPreference: text2("water_preference").$type().notNull(),
  feeder: text2("feeder").$type().notNull(),
  nSeasonMgPerL: doublePrecision2("n_season_mg_per_l").notNull(),
  ecMaxSme: doublePrecision2("ec_max_sme").notNull(),
  rootDepthCm: doublePrecision2("root_depth_cm").notNull(),
  litresPerPlant: doublePrecision2("litres_per_plant").notNull(),
  kc: doublePrecision2("kc").notNull(),
  canopyCm2: doublePrecision2("canopy_cm2"),
  weeksInPot: integer3("weeks_in_pot").notNull(),
  sowOrPlantMonthsNorth: text2("sow_or_plant_months_north"),
  harvestMonthsNorth: text2("harvest_months_north"),
  limeHater: boolean("lime_hater").notNull(),
  freshOnly: boolean("fresh_only").notNull().default(false),
  herbicideSensitive: boolean("herbicide_sensitive").notNull(),
  note: text2("note"),
  origin: text2("origin").$type().notNull(),
  putAwayAt: instant("put_away_at"),
  version: version()
});
var problems = pgTable2("problems", {
  id: text2("id").primaryKey(),
  name: text2("name").notNull(),
  latin: text2("latin"),
  kind: text2("kind").notNull(),
  hosts: jsonb2("hosts").$type().notNull(),
  byFamily: boolean("by_family").notNull(),
  signs: text2("signs").notNull(),
  survivesIn: text2("survives_in").notNull(),
  survivalMonths: doublePrecision2("survival_months"),
  stageInMedia: text2("stage_in_media"),
  action: text2("action").notNull(),
  heatC: doublePrecision2("heat_c"),
  heatMinutes: doublePrecision2("heat_minutes"),
  restMonths: doublePrecision2("rest_months"),
  restHow: text2("rest_how"),
  familyBreakSeasons: doublePrecision2("family_break_seasons"),
  skimCm: doublePrecision2("skim_cm"),
  debrisTo: text2("debris_to"),
  severity: integer3("severity").notNull(),
  why: text2("why").notNull(),
  caution: text2("caution"),
  origin: text2("origin").$type().notNull(),
  putAwayAt: instant("put_away_at"),
  version: version()
});

// src/data/media/lotTables.ts
var lots = pgTable3("lots", {
  id: integer4("id").primaryKey().generatedAlwaysAsIdentity(),
  name: text3("name").notNull(),
  origin: text3("origin").$type().notNull(),
  /** Where it waits when it stands in no container. */
  storeBin: text3("store_bin"),
  createdAt: instant("created_at").notNull(),
  /** When something was last filled or mixed in, by its ledger. */
  mixedAt: instant("mixed_at"),
  /** How its mix was worked out when it was last mixed; null where it never was, and after that its composition tells. */
  carried: jsonb3("carried").$type(),
  /** What it went through before it was last united with another lot; null where it never was. */
  heritage: jsonb3("heritage").$type(),
  putAwayAt: instant("put_away_at"),
  version: version()
});
var lotPlaces = pgTable3(
  "lot_places",
  {
    lotId: integer4("lot_id").notNull().references(() => lots.id),
    containerId: integer4("container_id").notNull().references(() => containers.id)
  },
  (table) => [
    primaryKey({ columns: [table.lotId, table.containerId] }),
    unique("one_lot_per_container").on(table.containerId)
  ]
);
var lotTransfers = pgTable3(
  "lot_transfers",
  {
    id: integer4("id").primaryKey().generatedAlwaysAsIdentity(),
    fromLotId: integer4("from_lot_id").notNull().references(() => lots.id),
    toLotId: integer4("to_lot_id").notNull().references(() => lots.id),
    at: instant("at").notNull(),
    litres: doublePrecision3("litres").notNull(),
    /** Why they were put together although something found speaks against it. */
    despite: text3("despite"),
    undo: jsonb3("undo").$type().notNull(),
    undoneAt: instant("undone_at")
  },
  (table) => [index("transfers_from").on(table.fromLotId), index("transfers_to").on(table.toLotId)]
);
var ledgerEntries = pgTable3(
  "ledger_entries",
  {
    id: integer4("id").primaryKey().generatedAlwaysAsIdentity(),
    lotId: integer4("lot_id").notNull().references(() => lots.id),
    at: instant("at").notNull(),
    kind: text3("kind").$type().notNull(),
    /** What came in (positive) or went out (negative), L. */
    litres: doublePrecision3("litres").notNull(),
    components: jsonb3("components").$type().notNull(),
    doses: jsonb3("doses").$type().notNull(),
    note: text3("note"),
    workOrderId: integer4("work_order_id"),
    /** The lot on the other side of a split or merge. */
    otherLotId: integer4("other_lot_id").references(() => lots.id),
    reversesId: integer4("reverses_id").unique("reversed_once"),
    /** Both ends of what went from one lot to another have it. */
    transferId: integer4("transfer_id").references(() => lotTransfers.id),
    /** Of what came in with it, in the money of the site; null where a price was not known. */
    cost: doublePrecision3("cost"),
    /** How the lot stood before its mix was changed by it, so that reversing gives it back. */
    before: jsonb3("before").$type()
  },
  (table) => [
    index("ledger_by_lot").on(table.lotId, table.at),
    index("ledger_by_transfer").on(table.transferId)
  ]
);
var lotContents = pgTable3(
  "lot_contents",
  {
    lotId: integer4("lot_id").notNull().references(() => lots.id),
    materialId: text3("material_id").notNull(),
    litres: doublePrecision3("litres").notNull()
  },
  (table) => [primaryKey({ columns: [table.lotId, table.materialId] })]
);
var lotSummaries = pgTable3("lot_summaries", {
  lotId: integer4("lot_id").primaryKey().references(() => lots.id),
  /** Of the lot it was worked out from. */
  lotVersion: integer4("lot_version").notNull(),
  state: text3("state").$type().notNull(),
  isInPots: boolean2("is_in_pots").notNull(),
  litres: doublePrecision3("litres").notNull(),
  inningsCount: integer4("innings_count").notNull(),
  /** Litres that served, added up over its innings. */
  litreInnings: doublePrecision3("litre_innings").notNull().default(0),
  airFraction: doublePrecision3("air_fraction"),
  ph: doublePrecision3("ph")
});
var innings = pgTable3(
  "innings",
  {
    id: integer4("id").primaryKey().generatedAlwaysAsIdentity(),
    lotId: integer4("lot_id").notNull().references(() => lots.id),
    number: integer4("number").notNull(),
    cropId: text3("crop_id").references(() => crops.id),
    startedOn: date("started_on").notNull(),
    endedOn: date("ended_on"),
    /** From when it could be planted; null where it was not worked out. */
    readyOn: date("ready_on"),
    /** When the crop went in; null while it has not. */
    plantedOn: date("planted_on"),
    /** That served in it, L; 0 for what was kept of another lot's innings. null: as many as the lot has now. */
    litres: doublePrecision3("litres"),
    outcome: text3("outcome").$type(),
    predicted: jsonb3("predicted").$type(),
    workOrderId: integer4("work_order_id"),
    version: version()
  },
  (table) => [unique("innings_in_order").on(table.lotId, table.number)]
);
var measurements = pgTable3(
  "measurements",
  {
    id: integer4("id").primaryKey().generatedAlwaysAsIdentity(),
    lotId: integer4("lot_id").notNull().references(() => lots.id),
    at: instant("at").notNull(),
    quantity: text3("quantity").$type().notNull(),
    value: doublePrecision3("value").notNull(),
    method: text3("method").notNull(),
    readAs: jsonb3("read_as").$type(),
    /** The test of the bench it was read in; counts as long as that is not set aside. */
    testId: integer4("test_id")
  },
  (table) => [index("measurements_by_lot").on(table.lotId, table.at)]
);
var lotTreatments = pgTable3(
  "lot_treatments",
  {
    id: integer4("id").primaryKey().generatedAlwaysAsIdentity(),
    lotId: integer4("lot_id").notNull().references(() => lots.id),
    at: instant("at").notNull(),
    kind: text3("kind").$type().notNull(),
    /** ISO day from which on a quarantined lot may be used again. */
    until: text3("until"),
    /** When a rest, a quarantine or a decision was ended before its time. */
    endedAt: instant("ended_at"),
    skimCm: doublePrecision3("skim_cm"),
    note: text3("note"),
    /** What was known to be in it when it was decided to use it all the same. */
    problemIds: jsonb3("problem_ids").$type().notNull().default([]),
    /** When it was taken back as never done. */
    takenBackAt: instant("taken_back_at")
  },
  (table) => [index("treatments_by_lot").on(table.lotId, table.at)]
);
var lotFindings = pgTable3(
  "lot_findings",
  {
    id: integer4("id").primaryKey().generatedAlwaysAsIdentity(),
    lotId: integer4("lot_id").notNull().references(() => lots.id),
    at: instant("at").notNull(),
    kind: text3("kind").$type().notNull(),
    state: text3("state").$type().notNull(),
    problemId: text3("problem_id").references(() => problems.id),
    numbers: jsonb3("numbers").$type().notNull(),
    word: text3("word"),
    families: jsonb3("families").$type().notNull(),
    /** Year in which it was seen. */
    season: integer4("season").notNull(),
    /** Of the crop that stood in it. */
    rotationGroup: text3("rotation_group"),
    source: text3("source").$type().notNull(),
    /** The test that found it, where one did. */
    testId: integer4("test_id"),
    note: text3("note"),
    /** When it was taken back, or dealt with. */
    endedAt: instant("ended_at")
  },
  (table) => [index("findings_by_lot").on(table.lotId, table.at)]
);

// src/data/media/materialTables.ts
import { boolean as boolean3, doublePrecision as doublePrecision4, pgTable as pgTable4, text as text4 } from "drizzle-orm/pg-core";
var materials = pgTable4("materials", {
  id: text4("id").primaryKey(),
  name: text4("name").notNull(),
  group: text4("material_group").$type().notNull(),
  bulkDensity: doublePrecision4("bulk_density").notNull(),
  totalPorosity: doublePrecision4("total_porosity").notNull(),
  interPorosity: doublePrecision4("inter_porosity").notNull(),
  grainMm: doublePrecision4("grain_mm").notNull(),
  thetaR: doublePrecision4("theta_r").notNull(),
  alpha: doublePrecision4("alpha").notNull(),
  n: doublePrecision4("n").notNull(),
  ksCmPerS: doublePrecision4("ks_cm_per_s").notNull(),
  decayPerYear: doublePrecision4("decay_per_year").notNull(),
  pH: doublePrecision4("ph").notNull(),
  limeBuffer: doublePrecision4("lime_buffer").notNull(),
  freeLimeGPerL: doublePrecision4("free_lime_g_per_l").notNull(),
  ec1to2: doublePrecision4("ec_1_to_2").notNull(),
  cToN: doublePrecision4("c_to_n").notNull(),
  nPercentDry: doublePrecision4("n_percent_dry").notNull(),
  nReleaseSeason: doublePrecision4("n_release_season").notNull(),
  starterNMgPerL: doublePrecision4("starter_n_mg_per_l"),
  dustHazard: text4("dust_hazard").$type().notNull(),
  peat: boolean3("peat").notNull().default(false),
  note: text4("note"),
  origin: text4("origin").$type().notNull(),
  pricePerLitre: doublePrecision4("price_per_litre"),
  stockLitres: doublePrecision4("stock_litres").notNull().default(0),
  putAwayAt: instant("put_away_at"),
  version: version()
});

// src/data/mixes/mixTables.ts
import { integer as integer5, jsonb as jsonb4, pgTable as pgTable5, text as text5, unique as unique2 } from "drizzle-orm/pg-core";
var mixes = pgTable5("mixes", {
  id: integer5("id").primaryKey().generatedAlwaysAsIdentity(),
  name: text5("name").notNull(),
  createdAt: instant("created_at").notNull(),
  putAwayAt: instant("put_away_at"),
  version: version()
});
var mixVersions = pgTable5(
  "mix_versions",
  {
    id: integer5("id").primaryKey().generatedAlwaysAsIdentity(),
    mixId: integer5("mix_id").notNull().references(() => mixes.id),
    number: integer5("number").notNull(),
    parts: jsonb4("parts").$type().notNull(),
    madeFor: jsonb4("made_for").$type().notNull(),
    note: text5("note"),
    at: instant("at").notNull()
  },
  (table) => [unique2("versions_in_order").on(table.mixId, table.number)]
);

// src/data/bench/benchTables.ts
var testKits = pgTable6("test_kits", {
  id: integer6("id").primaryKey(),
  kit: jsonb5("kit").$type().notNull(),
  version: version()
});
var pens = pgTable6("pens", {
  id: integer6("id").primaryKey().generatedAlwaysAsIdentity(),
  name: text6("name").notNull(),
  createdAt: instant("created_at").notNull(),
  putAwayAt: instant("put_away_at")
});
var penCalibrations = pgTable6(
  "pen_calibrations",
  {
    id: integer6("id").primaryKey().generatedAlwaysAsIdentity(),
    penId: integer6("pen_id").notNull().references(() => pens.id),
    at: instant("at").notNull(),
    tempC: doublePrecision5("temp_c").notNull(),
    buffers: jsonb5("buffers").$type().notNull()
  },
  (table) => [index2("calibrations_by_pen").on(table.penId, table.at)]
);
var benchTests = pgTable6(
  "bench_tests",
  {
    id: integer6("id").primaryKey().generatedAlwaysAsIdentity(),
    kind: text6("kind").$type().notNull(),
    /** The first run of the repeats it belongs to; its own for that one. */
    setId: integer6("set_id"),
    /** Run on another sample beside them, to be compared with. */
    isReference: boolean4("is_reference").notNull().default(false),
    lotId: integer6("lot_id").references(() => lots.id),
    mixId: integer6("mix_id").references(() => mixes.id),
    materialId: text6("material_id").references(() => materials.id),
    /** Which innings the lot was in. */
    innings: integer6("innings"),
    startedAt: instant("started_at").notNull(),
    endedAt: instant("ended_at"),
    thrownAwayAt: instant("thrown_away_at"),
    /** Why a finished test does not count any more. */
    setAsideFor: text6("set_aside_for"),
    /** The test whose answers this one puts right; that one is set aside and kept. */
    correctsId: integer6("corrects_id"),
    place: text6("place").notNull().default(""),
    judge: text6("judge").notNull().default(""),
    note: text6("note").notNull().default(""),
    kit: jsonb5("kit").$type().notNull(),
    /** null for tests without water. */
    water: jsonb5("water").$type(),
    expected: jsonb5("expected").$type(),
    /** What was typed so far, as typed: tests that take weeks are filled in on more than one device. */
    draft: jsonb5("draft").$type(),
    observation: jsonb5("observation").$type(),
    outcome: jsonb5("outcome").$type(),
    version: version()
  },
  (table) => [
    index2("tests_by_lot").on(table.lotId, table.startedAt),
    index2("tests_by_set").on(table.setId),
    index2("tests_by_mix").on(table.mixId),
    index2("tests_by_material").on(table.materialId),
    index2("tests_by_start").on(table.startedAt),
    // Few, and asked for with every reading of what tests found.
    index2("tests_thrown_away").on(table.id).where(sql2`${table.thrownAwayAt} is not null`)
  ]
);
var benchMoments = pgTable6(
  "bench_moments",
  {
    id: text6("id").primaryKey(),
    testId: integer6("test_id").notNull().references(() => benchTests.id),
    key: text6("key").notNull(),
    at: instant("at").notNull(),
    tappedAt: instant("tapped_at").notNull(),
    /** Such as the temperature read at that moment. */
    value: doublePrecision5("value"),
    undoneAt: instant("undone_at")
  },
  (table) => [index2("moments_by_test").on(table.testId, table.at)]
);
var sampleCalibrations = pgTable6(
  "sample_calibrations",
  {
    id: integer6("id").primaryKey().generatedAlwaysAsIdentity(),
    lotId: integer6("lot_id").references(() => lots.id),
    mixId: integer6("mix_id").references(() => mixes.id),
    materialId: text6("material_id").references(() => materials.id),
    at: instant("at").notNull(),
    testIds: jsonb5("test_ids").$type().notNull(),
    from: jsonb5("from").$type().notNull(),
    prior: jsonb5("prior").$type().notNull(),
    measured: jsonb5("measured").$type().notNull(),
    doubts: jsonb5("doubts").$type().notNull()
  },
  (table) => [
    index2("sample_calibrations_by_lot").on(table.lotId, table.at),
    index2("sample_calibrations_by_mix").on(table.mixId),
    index2("sample_calibrations_by_material").on(table.materialId)
  ]
);

// src/data/chemistry/tables.ts
import { boolean as boolean5, doublePrecision as doublePrecision6, pgTable as pgTable7, text as text7 } from "drizzle-orm/pg-core";
var amendments = pgTable7("amendments", {
  id: text7("id").primaryKey(),
  name: text7("name").notNull(),
  kind: text7("kind").$type().notNull(),
  nPercent: doublePrecision6("n_percent").notNull(),
  p2o5Percent: doublePrecision6("p2o5_percent").notNull(),
  k2oPercent: doublePrecision6("k2o_percent").notNull(),
  releaseDays50: doublePrecision6("release_days_50").notNull(),
  nReleaseSeason: doublePrecision6("n_release_season").notNull(),
  cce: doublePrecision6("cce").notNull(),
  saltIndex: doublePrecision6("salt_index").notNull(),
  rateLowGPerL: doublePrecision6("rate_low_g_per_l").notNull(),
  rateHighGPerL: doublePrecision6("rate_high_g_per_l").notNull(),
  mineral: boolean5("mineral").notNull().default(false),
  caution: text7("caution"),
  note: text7("note"),
  origin: text7("origin").$type().notNull(),
  pricePerKg: doublePrecision6("price_per_kg"),
  stockGrams: doublePrecision6("stock_grams").notNull().default(0),
  putAwayAt: instant("put_away_at"),
  version: version()
});

// src/data/recondition/tables.ts
import { sql as sql3 } from "drizzle-orm";
import {
  boolean as boolean6,
  doublePrecision as doublePrecision7,
  index as index3,
  integer as integer7,
  jsonb as jsonb6,
  pgTable as pgTable8,
  text as text8,
  unique as unique3,
  uniqueIndex as uniqueIndex2
} from "drizzle-orm/pg-core";
var potIntakes = pgTable8(
  "pot_intakes",
  {
    id: integer7("id").primaryKey().generatedAlwaysAsIdentity(),
    lotId: integer7("lot_id").notNull().references(() => lots.id),
    containerId: integer7("container_id").notNull().references(() => containers.id),
    at: instant("at").notNull(),
    /** null where it was not looked at. */
    levelDropCm: doublePrecision7("level_drop_cm"),
    rootMass: text8("root_mass").$type().notNull(),
    runsDownSide: boolean6("runs_down_side").notNull(),
    smell: text8("smell").$type(),
    life: text8("life").$type(),
    mulchCm: doublePrecision7("mulch_cm").notNull().default(0),
    years: doublePrecision7("years"),
    drains: boolean6("drains").notNull().default(true),
    debris: text8("debris").$type().notNull().default("left"),
    note: text8("note")
  },
  (table) => [index3("intakes_by_pot").on(table.containerId, table.at)]
);
var workOrders = pgTable8(
  "work_orders",
  {
    id: integer7("id").primaryKey().generatedAlwaysAsIdentity(),
    lotId: integer7("lot_id").notNull().references(() => lots.id),
    state: text8("state").$type().notNull(),
    createdAt: instant("created_at").notNull(),
    finishedAt: instant("finished_at"),
    /** What was found and wanted. */
    intake: jsonb6("intake").$type().notNull(),
    recipe: jsonb6("recipe").$type().notNull(),
    readyOn: text8("ready_on").notNull(),
    /** What it takes to undo its end; null while it is open, and for orders of before. */
    undo: jsonb6("undo").$type(),
    version: version()
  },
  (table) => [
    uniqueIndex2("one_open_order").on(table.lotId).where(sql3`${table.state} = 'open'`),
    index3("orders_by_lot").on(table.lotId),
    index3("orders_by_day").on(table.createdAt)
  ]
);
var workOrderSteps = pgTable8(
  "work_order_steps",
  {
    id: integer7("id").primaryKey().generatedAlwaysAsIdentity(),
    workOrderId: integer7("work_order_id").notNull().references(() => workOrders.id),
    position: integer7("position").notNull(),
    plan: jsonb6("plan").$type().notNull(),
    /** Planned and, where it differed, actual. */
    amounts: jsonb6("amounts").$type().notNull(),
    doneAt: instant("done_at"),
    /** Why it was ticked before its wait was over. */
    earlyFor: text8("early_for"),
    version: version()
  },
  (table) => [unique3("steps_in_order").on(table.workOrderId, table.position)]
);

// src/data/requests/tables.ts
import { index as index4, integer as integer8, jsonb as jsonb7, pgTable as pgTable9, text as text9 } from "drizzle-orm/pg-core";
var answeredRequests = pgTable9(
  "answered_requests",
  {
    id: text9("id").primaryKey(),
    /** Of method, address and body. */
    fingerprint: text9("fingerprint").notNull(),
    status: integer8("status").notNull(),
    answer: jsonb7("answer").$type(),
    at: instant("at").notNull()
  },
  (table) => [index4("answered_by_time").on(table.at)]
);

// src/data/season/plantingTables.ts
import {
  boolean as boolean7,
  date as date2,
  doublePrecision as doublePrecision8,
  index as index5,
  integer as integer9,
  pgTable as pgTable10,
  text as text10
} from "drizzle-orm/pg-core";
var plantings = pgTable10(
  "plantings",
  {
    id: integer9("id").primaryKey().generatedAlwaysAsIdentity(),
    containerId: integer9("container_id").notNull().references(() => containers.id),
    lotId: integer9("lot_id").notNull().references(() => lots.id),
    inningsId: integer9("innings_id").notNull().references(() => innings.id, { onDelete: "cascade" }),
    cropId: text10("crop_id").notNull().references(() => crops.id),
    cultivar: text10("cultivar"),
    how: text10("how").$type().notNull(),
    /** Plants; null where nobody counted them. */
    count: integer9("count"),
    startedOn: date2("started_on").notNull(),
    endedOn: date2("ended_on"),
    /** 1 to 5. */
    growth: integer9("growth"),
    harvestG: doublePrecision8("harvest_g"),
    endedWhy: text10("ended_why").$type(),
    note: text10("note"),
    /** Why it was planted although something found in the lot speaks against it. */
    despite: text10("despite"),
    /** The same plants in the container before. */
    movedFromId: integer9("moved_from_id").references(() => plantings.id),
    /** The turnover that ended it: taken back with that. */
    workOrderId: integer9("work_order_id"),
    version: version()
  },
  (table) => [
    index5("plantings_by_container").on(table.containerId, table.startedOn),
    index5("plantings_by_innings").on(table.inningsId),
    index5("plantings_by_lot").on(table.lotId)
  ]
);
var photos = pgTable10("photos", {
  id: integer9("id").primaryKey().generatedAlwaysAsIdentity(),
  bytes: bytes("bytes").notNull(),
  widthPx: integer9("width_px").notNull(),
  heightPx: integer9("height_px").notNull()
});
var potLog = pgTable10(
  "pot_log",
  {
    id: integer9("id").primaryKey().generatedAlwaysAsIdentity(),
    containerId: integer9("container_id").notNull().references(() => containers.id),
    plantingId: integer9("planting_id").references(() => plantings.id, { onDelete: "set null" }),
    lotId: integer9("lot_id").references(() => lots.id),
    at: instant("at").notNull(),
    kind: text10("kind").$type().notNull(),
    /** The score, grams harvested, or what was measured of it. */
    value: doublePrecision8("value"),
    problemId: text10("problem_id").references(() => problems.id),
    /** The finding it became in the lot. */
    findingId: integer9("finding_id").references(() => lotFindings.id),
    photoId: integer9("photo_id").references(() => photos.id),
    note: text10("note"),
    takenBack: boolean7("taken_back").notNull().default(false),
    /** The trial for which it was looked at, or which it happened to. */
    trialId: integer9("trial_id")
  },
  (table) => [index5("pot_log_by_container").on(table.containerId, table.at)]
);

// src/data/site/correctionTables.ts
import { boolean as boolean8, integer as integer10, pgTable as pgTable11, text as text11 } from "drizzle-orm/pg-core";
var shippedCorrections = pgTable11("shipped_corrections", {
  id: integer10("id").primaryKey().generatedAlwaysAsIdentity(),
  list: text11("list").$type().notNull(),
  rowId: text11("row_id").notNull(),
  taken: boolean8("taken").notNull(),
  at: instant("at").notNull()
});

// src/data/site/tables.ts
import { doublePrecision as doublePrecision9, integer as integer11, jsonb as jsonb8, pgTable as pgTable12, text as text12 } from "drizzle-orm/pg-core";
var siteSettings = pgTable12("site_settings", {
  id: integer11("id").primaryKey(),
  name: text12("name").notNull(),
  latitudeDeg: doublePrecision9("latitude_deg").notNull(),
  timeZone: text12("time_zone").notNull(),
  locale: text12("locale").notNull(),
  unitSystem: text12("unit_system").$type().notNull(),
  currency: text12("currency"),
  climateByMonth: jsonb8("climate_by_month").$type().notNull(),
  tapWater: jsonb8("tap_water").$type().notNull(),
  measures: jsonb8("measures").$type().notNull(),
  practice: jsonb8("practice").$type().notNull().default({}),
  seededAt: instant("seeded_at"),
  version: version()
});

// src/data/trials/tables.ts
import {
  boolean as boolean9,
  date as date3,
  doublePrecision as doublePrecision10,
  index as index6,
  integer as integer12,
  jsonb as jsonb9,
  pgTable as pgTable13,
  text as text13,
  unique as unique4
} from "drizzle-orm/pg-core";
var trials = pgTable13("trials", {
  id: integer12("id").primaryKey().generatedAlwaysAsIdentity(),
  name: text13("name").notNull(),
  kind: text13("kind").$type().notNull(),
  question: text13("question").notNull(),
  /** Which way of a result is the better one. */
  wish: text13("wish").$type().notNull(),
  must: text13("must").$type().notNull(),
  mustValue: doublePrecision10("must_value").notNull(),
  measures: jsonb9("measures").$type().notNull(),
  /** Days after planting on which it is looked at. */
  checkDays: jsonb9("check_days").$type().notNull(),
  cropId: text13("crop_id").references(() => crops.id),
  how: text13("how").$type().notNull(),
  /** Seeds or plants in each pot; 0: nothing is sown. */
  perPot: integer12("per_pot").notNull(),
  pots: integer12("pots").notNull(),
  blocks: boolean9("blocks").notNull(),
  columns: integer12("columns").notNull(),
  seed: integer12("seed").notNull(),
  isBlind: boolean9("is_blind").notNull(),
  place: text13("place").notNull(),
  potSize: jsonb9("pot_size").$type().notNull(),
  protocol: jsonb9("protocol").$type().notNull(),
  /** Days on which steps were done, by step. */
  stepsDone: jsonb9("steps_done").$type().notNull().default({}),
  /** Plant-to-plant variation it was planned with, percent. */
  cv: doublePrecision10("cv").notNull(),
  jars: jsonb9("jars").$type(),
  /** The jar test of the bench that it became. */
  benchTestId: integer12("bench_test_id").references(() => benchTests.id, { onDelete: "set null" }),
  plantedOn: date3("planted_on"),
  closedAt: instant("closed_at"),
  /** What it found, as it was closed; null while it goes on. */
  outcome: jsonb9("outcome").$type(),
  lessons: text13("lessons"),
  createdAt: instant("created_at").notNull(),
  putAwayAt: instant("put_away_at"),
  version: version()
});
var trialTreatments = pgTable13(
  "trial_treatments",
  {
    id: integer12("id").primaryKey().generatedAlwaysAsIdentity(),
    trialId: integer12("trial_id").notNull().references(() => trials.id, { onDelete: "cascade" }),
    number: integer12("number").notNull(),
    name: text13("name").notNull(),
    medium: jsonb9("medium").$type().notNull(),
    /** What is mixed into it, and its share of the litres; of a jar test grams a litre instead. */
    added: jsonb9("added").$type(),
    dose: doublePrecision10("dose").notNull().default(0),
    /** A pot of its own; null: as the trial's. */
    potSize: jsonb9("pot_size").$type(),
    care: text13("care").notNull().default(""),
    risks: jsonb9("risks").$type().notNull(),
    /** The lot its pots were filled with. */
    lotId: integer12("lot_id").references(() => lots.id)
  },
  (table) => [unique4("treatments_in_order").on(table.trialId, table.number)]
);
var trialPots = pgTable13(
  "trial_pots",
  {
    id: integer12("id").primaryKey().generatedAlwaysAsIdentity(),
    trialId: integer12("trial_id").notNull().references(() => trials.id, { onDelete: "cascade" }),
    treatmentId: integer12("treatment_id").notNull().references(() => trialTreatments.id, { onDelete: "cascade" }),
    code: text13("code").notNull(),
    position: integer12("position").notNull(),
    row: integer12("row").notNull(),
    column: integer12("column").notNull(),
    block: integer12("block"),
    replicate: integer12("replicate").notNull(),
    /** Of a side by side: what grows in this pot. */
    cropId: text13("crop_id").references(() => crops.id),
    containerId: integer12("container_id").references(() => containers.id),
    plantingId: integer12("planting_id").references(() => plantings.id, { onDelete: "set null" }),
    /** From which day on it does not count, what happened to it, and the reason in words: it stays listed. */
    excludedOn: date3("excluded_on"),
    excludedFor: text13("excluded_for").$type(),
    excludedWhy: text13("excluded_why")
  },
  (table) => [
    index6("trial_pots_by_trial").on(table.trialId),
    index6("trial_pots_by_container").on(table.containerId)
  ]
);
var trialFindings = pgTable13(
  "trial_findings",
  {
    id: integer12("id").primaryKey().generatedAlwaysAsIdentity(),
    trialId: integer12("trial_id").notNull().references(() => trials.id, { onDelete: "cascade" }),
    kind: text13("kind").$type().notNull(),
    /** null: for whatever grows. */
    cropId: text13("crop_id").references(() => crops.id),
    /** Of a standard: what it is made of. Of a cap: what is held below it. */
    medium: jsonb9("medium").$type().notNull(),
    /** Of a cap: of the litres. */
    maxPercent: doublePrecision10("max_percent"),
    at: instant("at").notNull(),
    /** Another took its place, or it was taken back. */
    endedAt: instant("ended_at")
  },
  (table) => [index6("findings_by_trial").on(table.trialId)]
);

// src/server/storage/gardenTables.ts
function gardenTables() {
  return Object.values(schema_exports).flatMap((value) => is(value, PgTable) ? [getTableName(value)] : []).sort();
}

// src/server/storage/checkGarden.ts
async function checkGarden(client) {
  const { rows } = await client.query(
    `select tablename as name from pg_tables where schemaname = 'public'`
  );
  const there = new Set(rows.map(({ name }) => name));
  const counts = {};
  for (const table of gardenTables().filter((name) => there.has(name))) {
    const found = await client.query(
      `select count(*)::int as count, sum(length("${table}"::text)) from "${table}"`
    );
    counts[table] = found.rows[0]?.count ?? 0;
  }
  return counts;
}

// src/server/storage/flushFolder.ts
import { closeSync, fsyncSync, openSync, readdirSync as readdirSync2 } from "node:fs";
import path4 from "node:path";
function flush(place) {
  const handle = openSync(place, "r");
  try {
    fsyncSync(handle);
  } finally {
    closeSync(handle);
  }
}
function flushFolder(folder) {
  for (const entry of readdirSync2(folder, { withFileTypes: true })) {
    const place = path4.join(folder, entry.name);
    if (entry.isDirectory()) flushFolder(place);
    else flush(place);
  }
  flush(folder);
}

// src/server/storage/lock.ts
import { linkSync, readFileSync, renameSync, rmSync as rmSync3, statSync as statSync2, writeFileSync as writeFileSync2 } from "node:fs";
var DEEPEST = 4;
var WAIT_MS = 2e3;
var PAUSE_MS = 5;
function lockFolder(folder) {
  const { lock } = placesIn(folder);
  const own = `${lock}.${process.pid}-${Math.random().toString(36).slice(2)}`;
  const text14 = JSON.stringify({ pid: process.pid, started: startedAt(process.pid) });
  const holder = inOneSentence(folder, () => {
    writeFileSync2(own, text14, { flag: "wx" });
    try {
      return take(lock, own, text14, 0);
    } finally {
      rmSync3(own, { force: true });
    }
  });
  if (holder) {
    throw new StartError(
      `The data folder ${folder} is open in another Innings (process ${holder.pid}): close that one first.`
    );
  }
  return { release: () => releaseOwn(lock, text14) };
}
function inOneSentence(folder, work) {
  try {
    return work();
  } catch (error) {
    throw new StartError(
      `The data folder ${folder} could not be locked (${codeOf(error) ?? error}): set INNINGS_DATA to a folder on a disk of this machine that you may write to.`
    );
  }
}
function take(lock, own, text14, depth) {
  const until = Date.now() + WAIT_MS;
  for (; ; ) {
    if (tryLink(own, lock)) return null;
    const found = readText(lock);
    if (found === null) continue;
    const holder = holderOf(found);
    if (holder && isAlive(holder)) {
      if (depth === 0 || Date.now() > until) return holder;
      pause();
      continue;
    }
    if (depth >= DEEPEST) throw new Error("too many abandoned guards");
    const guard = `${lock}.guard`;
    const guarding = take(guard, own, text14, depth + 1);
    if (guarding) return guarding;
    try {
      if (readText(lock) === found && replace(own, lock)) return null;
    } finally {
      releaseOwn(guard, text14);
    }
  }
}
function tryLink(own, lock) {
  try {
    linkSync(own, lock);
    return true;
  } catch (error) {
    if (codeOf(error) === "EEXIST") return false;
    throw error;
  }
}
function replace(own, lock) {
  if (statSync2(lock).isDirectory()) {
    renameSync(lock, `${lock}.aside-${Date.now()}`);
    return tryLink(own, lock);
  }
  const copy = `${own}.in`;
  linkSync(own, copy);
  renameSync(copy, lock);
  return true;
}
function releaseOwn(lock, text14) {
  if (readText(lock) === text14) rmSync3(lock, { force: true });
}
function readText(file) {
  try {
    return readFileSync(file, "utf8");
  } catch (error) {
    if (codeOf(error) === "ENOENT") return null;
    if (codeOf(error) === "EISDIR") return "";
    throw error;
  }
}
function holderOf(text14) {
  try {
    const { pid, started } = JSON.parse(text14);
    if (typeof pid !== "number" || !Number.isInteger(pid) || pid < 1) return null;
    return { pid, started: typeof started === "string" ? started : null };
  } catch {
    return null;
  }
}
function isAlive({ pid, started }) {
  try {
    process.kill(pid, 0);
  } catch (error) {
    if (codeOf(error) === "ESRCH") return false;
  }
  const startedNow = startedAt(pid);
  if (started === null || startedNow === null || started === startedNow) return true;
  return startedNow.split(" ")[0] === started;
}
function startedAt(pid) {
  try {
    const stat = readFileSync(`/proc/${pid}/stat`, "utf8");
    const boot = readFileSync("/proc/sys/kernel/random/boot_id", "utf8").trim();
    const ticks = stat.slice(stat.lastIndexOf(")") + 2).split(" ")[19];
    return ticks ? `${ticks} ${boot}` : null;
  } catch {
    return null;
  }
}
function pause() {
  Atomics.wait(new Int32Array(new SharedArrayBuffer(4)), 0, 0, PAUSE_MS);
}
function codeOf(error) {
  return error.code;
}

// src/server/storage/restoreCopy.ts
async function restoreCopy(dataFolder, name, at) {
  const copy = listCopies(dataFolder).find((one) => one.name === name);
  if (!copy) {
    throw new StartError(`There is no copy "${name}" in ${placesIn(dataFolder).backups}.`);
  }
  const lock = lockFolder(dataFolder);
  try {
    await unpack(dataFolder, copy);
    return { copy, keptIn: swap(dataFolder, at) };
  } finally {
    lock.release();
  }
}
async function unpack(dataFolder, copy) {
  const { restoring } = placesIn(dataFolder);
  if (freeBytes(dataFolder) < NEW_NEEDS_BYTES) {
    throw new StartError(
      `Too little room in ${dataFolder}: ${megabytes(NEW_NEEDS_BYTES)} are needed beside the present garden.`
    );
  }
  rmSync4(restoring, { recursive: true, force: true });
  mkdirSync2(restoring);
  try {
    const loadDataDir = new Blob([readFileSync2(copy.file)]);
    const client = await PGlite.create({ fs: new NodeFS(restoring), loadDataDir });
    await checkGarden(client);
    await client.close();
  } catch {
    rmSync4(restoring, { recursive: true, force: true });
    throw new StartError(
      `The copy ${copy.file} cannot be opened: take another one. Nothing was changed.`
    );
  }
  flushFolder(restoring);
}
function swap(dataFolder, at) {
  const { database, restoring } = placesIn(dataFolder);
  const stamp = at.toISOString().slice(0, 19).replaceAll(":", "-");
  const keptIn = path5.join(dataFolder, `database.kept-${stamp}`);
  const wasThere = existsSync3(database);
  if (wasThere) renameSync2(database, keptIn);
  renameSync2(restoring, database);
  flush(dataFolder);
  return wasThere ? keptIn : null;
}

// src/server/storage/restore.ts
async function restore(name) {
  process.umask(63);
  const { dataFolder } = readConfig();
  if (!name) return listAll(dataFolder);
  const { copy, keptIn } = await restoreCopy(dataFolder, name, /* @__PURE__ */ new Date());
  print(`The garden as it was at ${timeOf(copy.takenAt)} is back in ${dataFolder}.`);
  if (keptIn) {
    print(`What was there before is kept in ${keptIn}: delete it when you need it no longer.`);
  }
}
function listAll(dataFolder) {
  const copies = listCopies(dataFolder);
  if (copies.length === 0) {
    print(`There are no copies in ${placesIn(dataFolder).backups}.`);
    print("Innings takes one each day it runs; INNINGS_DATA names another folder.");
    return;
  }
  print(`Copies of the garden in ${dataFolder}, newest first; each was opened once to prove it:`);
  const width = Math.max(...copies.map((copy) => copy.name.length));
  for (const { name, bytes: bytes2, takenAt } of copies) {
    print(`  ${name.padEnd(width)}  taken ${timeOf(takenAt)}  ${megabytes(bytes2)}`);
  }
  print("");
  print(`To put one back, stop Innings, then: npm run restore -- ${copies[0]?.name}`);
  print("The present garden is not lost by it: it is kept beside.");
}
function timeOf(at) {
  return at.toLocaleString("en-GB", { dateStyle: "medium", timeStyle: "short" });
}
function print(line) {
  process.stdout.write(`${line}
`);
}
restore(process.argv[2]).then(
  () => process.exit(0),
  (error) => {
    const known = error instanceof StartError;
    process.stderr.write(
      `${known ? error.message : `The copy could not be put back: ${error?.message ?? error}`}
`
    );
    process.exit(1);
  }
);
