import { J as Joi } from './passphrase_DS02Zua_.mjs';
import { F as listFields, ah as columnsField, ai as HOW_PLANTED, aj as ENDINGS, ak as POT_LOG_KINDS, al as shapeSchema, am as EXPOSURES } from './database_CmGvnzKd.mjs';
import { l as line, j as id, g as day, k as key, e as lines, v as version } from './rules_BOjb8_mp.mjs';

const POT_STATES = ["growing", "waiting", "empty"];
const POT_ORDERS = ["code", "place", "litres", "crop"];
const POT_COLUMNS = ["grows", "lot", "litres", "size", "exposure"];
const potsQuerySchema = Joi.object({
  ...listFields,
  place: line("The place", 80),
  state: Joi.string().valid(...POT_STATES).label("Which pots"),
  order: Joi.string().valid(...POT_ORDERS).label("The order"),
  columns: columnsField(POT_COLUMNS)
});
const potParamsSchema = Joi.object({
  id: id("The number of the container").required()
});
const plantingParamsSchema = Joi.object({
  id: id("The number of the planting").required()
});
const logParamsSchema = Joi.object({
  id: id("The number of the log entry").required()
});
const newPlantingsSchema = Joi.object({
  pots: Joi.array().items(id("The container")).min(1).max(500).unique().required().label("The containers").messages({ "array.min": "Choose at least one container" }),
  cropId: key("The crop").required().messages({ "any.required": "Choose a crop", "string.empty": "Choose a crop" }),
  cultivar: line("The variety", 80).allow("").default(""),
  how: Joi.string().valid(...HOW_PLANTED).required().label("How it went in"),
  count: Joi.number().integer().min(1).max(1e4).allow(null).default(null).label("The number of plants"),
  on: day("The day it went in").required(),
  despite: line("Why all the same", 200).allow("").default("")
});
const takeOutSchema = Joi.object({
  ids: Joi.array().items(id("The planting")).min(1).max(500).unique().required().label("The plantings")
});
const problemList = Joi.array().items(key("The problem")).max(10).unique().default([]).label("What went wrong").messages({ "array.unique": "A problem stands there twice" });
const endOfPlantingSchema = Joi.object({
  on: day("The day it ended").required(),
  growth: Joi.number().integer().min(1).max(5).allow(null).default(null).label("How it grew"),
  harvestG: Joi.number().min(0).max(1e6).allow(null).default(null).label("The harvest in g"),
  why: Joi.string().valid(...ENDINGS).required().label("Why it ended"),
  problems: problemList,
  note: lines("The note", 500).allow("").default("")
});
const newLogEntrySchema = Joi.object({
  kind: Joi.string().valid(...POT_LOG_KINDS.filter((kind) => kind !== "photo")).required().label("What happened"),
  value: Joi.number().min(0).max(1e6).allow(null).default(null).label("The number"),
  problemId: key("What you saw").allow(null).default(null),
  note: lines("The note", 500).allow("").default("")
});
const fillerField = Joi.number().min(0).max(200).allow(null).default(null).label("The filler").messages({ "number.base": "Say how high the filler stands, such as 6 cm" });
const potCorrectionSchema = Joi.object({
  code: line("The code", 20).required().messages({ "string.empty": "Give the pot a code" }),
  name: line("The name", 80).required().messages({ "string.empty": "Give the pot a name" }),
  place: line("The place", 80).required().messages({ "string.empty": "Say where it stands" }),
  shape: shapeSchema,
  headspaceCm: Joi.number().min(0).max(50).required().label("The gap to the rim"),
  fillerCm: fillerField,
  exposure: Joi.string().valid(...EXPOSURES).required().label("The exposure"),
  version: version()
});
const FIRST_YEAR = 1900;
const earlierYearsSchema = Joi.object({
  seasons: Joi.array().items(
    Joi.object({
      year: Joi.number().integer().min(FIRST_YEAR).max(2200).required().label("The year"),
      cropId: key("The crop").required().messages({ "any.required": "Choose a crop", "string.empty": "Choose a crop" }),
      growth: Joi.number().integer().min(1).max(5).allow(null).default(null).label("How it grew"),
      problems: problemList
    })
  ).min(1).max(20).unique("year").required().label("The seasons").messages({ "array.unique": "A year stands there twice" })
});
const morePotsSchema = Joi.object({
  count: Joi.number().integer().min(1).max(200).required().label("How many")
});

export { potCorrectionSchema as a, endOfPlantingSchema as b, plantingParamsSchema as c, newPlantingsSchema as d, earlierYearsSchema as e, fillerField as f, potsQuerySchema as g, logParamsSchema as l, morePotsSchema as m, newLogEntrySchema as n, potParamsSchema as p, takeOutSchema as t };
