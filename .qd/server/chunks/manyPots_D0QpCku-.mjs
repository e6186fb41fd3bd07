import { J as Joi } from './passphrase_DS02Zua_.mjs';
import { j as id, l as line, e as lines, g as day } from './rules_BOjb8_mp.mjs';
import { am as EXPOSURES, aj as ENDINGS } from './database_CmGvnzKd.mjs';

const pots = Joi.array().items(id("The container")).min(1).max(500).unique().required().label("The containers").messages({ "array.min": "Choose at least one container" });
const changeManySchema = Joi.object({
  ids: pots,
  place: line("The place", 80).allow("").default(""),
  name: line("The name", 80).allow("").default(""),
  exposure: Joi.string().valid(...EXPOSURES).allow(null).default(null).label("Sun and wind")
});
const putBackManySchema = Joi.object({
  pots: Joi.array().items(
    Joi.object({
      id: id("The container").required(),
      place: line("The place", 80).required(),
      name: line("The name", 80).required(),
      exposure: Joi.string().valid(...EXPOSURES).required()
    })
  ).min(1).max(500).required().label("The containers")
});
const manyPotsSchema = Joi.object({ ids: pots });
const endManySchema = Joi.object({
  pots,
  on: day("The day it ended").required(),
  growth: Joi.number().integer().min(1).max(5).allow(null).default(null).label("How it grew"),
  why: Joi.string().valid(...ENDINGS).required().label("Why it ended"),
  note: lines("The note", 500).allow("").default("")
});

export { changeManySchema as c, endManySchema as e, manyPotsSchema as m, putBackManySchema as p };
