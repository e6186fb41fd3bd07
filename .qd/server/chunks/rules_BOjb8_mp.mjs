import { sql, and, eq } from 'drizzle-orm';
import { D as DomainError, S as StaleWrite } from './problem_BTADoVqZ.mjs';
import { k as keep, f as forget, s as siteSettings, J as Joi } from './passphrase_DS02Zua_.mjs';

function requireNumber(name, value, range = {}) {
  if (value === void 0 || value === null) {
    throw new DomainError("bad-argument", `${name} is missing.`, { field: name });
  }
  if (typeof value !== "number" || !Number.isFinite(value)) {
    throw new DomainError("not-finite", `${name} must be a number.`, { field: name });
  }
  const outside = range.min !== void 0 && value < range.min || range.max !== void 0 && value > range.max || range.above !== void 0 && value <= range.above || range.below !== void 0 && value >= range.below;
  if (outside) {
    throw new DomainError("out-of-range", `${name} must be ${describeRange(range)}.`, {
      field: name,
      value
    });
  }
  return value;
}
function requireWhole(name, value, range = {}) {
  const number = requireNumber(name, value, range);
  if (!Number.isInteger(number)) {
    throw new DomainError("bad-argument", `${name} must be a whole number.`, { field: name, value });
  }
  return number;
}
function requireOneOf(name, value, words) {
  const found = words.find((word) => word === value);
  if (found === void 0) {
    throw new DomainError("bad-argument", `${name} must be one of ${words.join(", ")}.`, {
      field: name
    });
  }
  return found;
}
function requireObject(name, value) {
  if (typeof value !== "object" || value === null || Array.isArray(value)) {
    throw new DomainError("bad-argument", `${name} is missing.`, { field: name });
  }
  return value;
}
function describeRange({ min, max, above, below }) {
  const low = above !== void 0 ? `above ${above}` : min !== void 0 ? `at least ${min}` : "";
  const high = below !== void 0 ? `below ${below}` : max !== void 0 ? `at most ${max}` : "";
  return [low, high].filter(Boolean).join(" and ");
}

const TROPIC_DEG = 23.4;
const NORTH = [4, 5, 6, 7, 8, 9, 10];
const HALF_YEAR = 6;
function isSouthern(latitudeDeg) {
  return requireNumber("The latitude in degrees", latitudeDeg, { min: -90, max: 90 }) < 0;
}
function growingMonths(latitudeDeg) {
  const southern = isSouthern(latitudeDeg);
  if (Math.abs(latitudeDeg) < TROPIC_DEG) return Array.from({ length: 12 }, (_, i) => i + 1);
  return southern ? NORTH.map(monthHalfAYearOn) : [...NORTH];
}
function monthsAt(northern, latitudeDeg) {
  const [from, to = from] = (northern ?? "").split("-").map(Number);
  if (!from || !to) return null;
  if (!isSouthern(latitudeDeg)) return { from, to };
  return { from: monthHalfAYearOn(from), to: monthHalfAYearOn(to) };
}
function halfAYearOn(byMonth) {
  return [...byMonth.slice(HALF_YEAR), ...byMonth.slice(0, HALF_YEAR)];
}
function monthHalfAYearOn(month) {
  return (month - 1 + HALF_YEAR) % 12 + 1;
}

const ONLY_ROW = 1;
const readSite = keep("site", async (db) => {
  const [site] = await db.select().from(siteSettings).where(eq(siteSettings.id, ONLY_ROW));
  if (!site) throw new Error("The site settings are missing: the data folder was not prepared.");
  return site;
});
async function writeTapWater(db, tapWater, expected) {
  forget("site");
  const [row] = await db.update(siteSettings).set({ tapWater, version: sql`${siteSettings.version} + 1` }).where(and(eq(siteSettings.id, ONLY_ROW), eq(siteSettings.version, expected))).returning({ version: siteSettings.version });
  if (row) return row.version;
  const now = await readSite(db);
  throw new StaleWrite("The water was changed in the meantime; your entries are kept here.", {
    ...now.tapWater,
    version: now.version
  });
}
async function writePlace(db, {
  timeZone,
  southern,
  version
}) {
  const { latitudeDeg, climateByMonth } = await readSite(db);
  const turned = isSouthern(latitudeDeg) !== southern;
  forget("site");
  const [row] = await db.update(siteSettings).set({
    timeZone,
    ...turned ? { latitudeDeg: -latitudeDeg || -1, climateByMonth: halfAYearOn(climateByMonth) } : {},
    version: sql`${siteSettings.version} + 1`
  }).where(and(eq(siteSettings.id, ONLY_ROW), eq(siteSettings.version, version))).returning({ version: siteSettings.version });
  if (row) return row.version;
  const now = await readSite(db);
  throw new StaleWrite("The place was changed on another page meanwhile.", {
    timeZone: now.timeZone,
    southern: isSouthern(now.latitudeDeg),
    version: now.version
  });
}
async function writePractice(db, practice) {
  forget("site");
  await db.update(siteSettings).set({ practice: sql`${siteSettings.practice} || ${JSON.stringify(practice)}::jsonb` }).where(eq(siteSettings.id, ONLY_ROW));
}
async function writePpm(db, ppmPerDsM) {
  forget("site");
  await db.update(siteSettings).set({ measures: sql`${siteSettings.measures} || ${JSON.stringify({ ppmPerDsM })}::jsonb` }).where(eq(siteSettings.id, ONLY_ROW));
}

const nothing = Joi.object({}).required();
const LARGEST_ID = 2 ** 31 - 1;
const EARLIEST = "1900-01-01";
const LATEST = "2200-12-31";
const LARGEST_LITRES = 1e5;
const SMALLEST_LITRES = 1e-3;
const CONTROL = /[^\P{Cc}\n]/u;
const HALF_PAIR = /\p{Cs}/u;
const TEXT_MESSAGES = {
  "text.control": "{{#label}} holds a character that cannot be written down: type it again",
  "string.max": "{{#label}} is too long: keep it to {{#limit}} letters"
};
function id(label) {
  return Joi.number().integer().min(1).max(LARGEST_ID).label(label).messages({
    "number.max": "{{#label}} is no number that was ever given out"
  });
}
function ids(label, most) {
  return Joi.string().custom((value, helpers) => {
    const all = value.split(",").filter(Boolean);
    const areIds = all.every((one) => /^\d{1,10}$/.test(one) && Number(one) <= LARGEST_ID);
    return areIds && all.length <= most ? value : helpers.error("text.ids", { limit: most });
  }).allow("").label(label).meta({ text: "ids" }).messages({ "text.ids": "{{#label}} are at most {{#limit}} numbers such as 3,4" });
}
function version(least = 1) {
  return Joi.number().integer().min(least).max(LARGEST_ID).required().label("The version");
}
function key(label) {
  return Joi.string().pattern(/^[A-Za-z0-9][A-Za-z0-9_.:-]{0,59}$/).label(label).meta({ text: "key" }).messages({ "string.pattern.base": "{{#label}} is not in the list" });
}
function line(label, max) {
  return text("line", label, max);
}
function lines(label, max) {
  return text("lines", label, max);
}
function typed(label, max) {
  return text("typed", label, max);
}
function text(kind, label, max) {
  return Joi.string().custom((value, helpers) => {
    const clean = cleanText(value, kind);
    if (clean === null) return helpers.error("text.control");
    if (clean.length > max) return helpers.error("string.max", { limit: max });
    if (clean === "" && kind === "line" && value !== "") {
      return allowsEmpty(helpers.schema) ? "" : helpers.error("string.empty");
    }
    return clean;
  }).label(label).meta({ text: kind, max }).messages(TEXT_MESSAGES);
}
function allowsEmpty(schema) {
  const { allow } = schema.describe();
  return allow?.includes("") ?? false;
}
function cleanText(value, kind) {
  const breaks = value.replace(/\r\n?|\u2028|\u2029|\v|\f/g, "\n").replaceAll("	", " ");
  if (CONTROL.test(breaks) || HALF_PAIR.test(breaks)) return null;
  const composed = breaks.normalize("NFC");
  if (kind === "typed") return composed;
  return (kind === "line" ? composed.replaceAll("\n", " ") : composed).trim();
}
function day(label) {
  return Joi.string().custom((value, helpers) => {
    const known = /^\d{4}-\d{2}-\d{2}$/.test(value) && isDay(value);
    return known && value >= EARLIEST && value <= LATEST ? value : helpers.error("day.none");
  }).label(label).meta({ text: "day" }).messages({ "day.none": "{{#label}} is no day from 1900 to 2200" });
}
function moment(label) {
  return Joi.string().custom((value, helpers) => {
    const [on = ""] = value.split("T");
    const form = /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}(:\d{2}(\.\d{1,6})?)?(Z|[+-]\d{2}:\d{2})$/;
    const known = form.test(value) && isDay(on) && !Number.isNaN(Date.parse(value));
    return known && on >= EARLIEST && on <= LATEST ? value : helpers.error("moment.none");
  }).label(label).meta({ text: "moment" }).messages({ "moment.none": "{{#label}} is no time from 1900 to 2200" });
}
function zone(label) {
  return Joi.string().max(60).custom((value, helpers) => isZone(value) ? value : helpers.error("zone.none")).label(label).meta({ text: "zone" }).messages({ "zone.none": "{{#label}} is not known: choose one from the list" });
}
function litres(label, missing) {
  return Joi.number().min(SMALLEST_LITRES).max(LARGEST_LITRES).required().label(label).messages({
    "number.base": missing,
    "any.required": missing,
    "number.min": "{{#label}} are less than 1 mL: take a part out rather than make it so small",
    "number.max": `{{#label}} are more than ${LARGEST_LITRES / 1e3} m³`
  });
}
function litresOrNone(label, missing) {
  return litres(label, missing).allow(0);
}
function isZone(value) {
  try {
    return new Intl.DateTimeFormat("en", { timeZone: value }).resolvedOptions().timeZone.length > 0;
  } catch {
    return false;
  }
}
function isDay(value) {
  const at = /* @__PURE__ */ new Date(`${value}T00:00:00Z`);
  return !Number.isNaN(at.getTime()) && at.toISOString().slice(0, 10) === value;
}
const PH_RANGE = {
  "number.max": "A pH lies between 2 and 12",
  "number.min": "A pH lies between 2 and 12"
};

export { LARGEST_LITRES as L, PH_RANGE as P, SMALLEST_LITRES as S, requireObject as a, requireNumber as b, requireOneOf as c, requireWhole as d, lines as e, litresOrNone as f, day as g, halfAYearOn as h, isSouthern as i, id as j, key as k, line as l, moment as m, nothing as n, monthsAt as o, ids as p, litres as q, readSite as r, growingMonths as s, typed as t, writePlace as u, version as v, writeTapWater as w, writePpm as x, writePractice as y, zone as z };
