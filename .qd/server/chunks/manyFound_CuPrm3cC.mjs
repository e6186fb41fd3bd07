import { J as Joi } from './passphrase_DS02Zua_.mjs';
import { e as lines, k as key, j as id, p as ids } from './rules_BOjb8_mp.mjs';
import { N as NO_LOOK } from './intakes_BxtI8sir.mjs';

const lookSchema = Joi.object({
  smell: Joi.string().valid("earth", "sour").allow(null).default(null).label("The smell"),
  life: Joi.string().valid("much", "little").allow(null).default(null).label("The life in it"),
  mulchCm: Joi.number().min(0).max(50).default(0).label("What lies on top in cm"),
  years: Joi.number().min(0).max(100).allow(null).default(null).label("The years in use"),
  drains: Joi.boolean().default(true).label("Whether it drains"),
  debris: Joi.string().valid("left", "compost", "bin").default("left").label("Where the debris went")
}).label("What was seen");
const manyFoundSchema = Joi.object({
  pots: Joi.array().items(
    Joi.object({
      potId: id("The container").required(),
      drop: Joi.number().min(0).max(300).allow(null).required().label("The level drop in cm"),
      roots: Joi.string().valid("fine", "dense", "bound", "woody").required().label("The root mass"),
      side: Joi.string().valid("yes", "no").required().label("Water running down the side"),
      problems: Joi.array().items(key("What you saw")).max(20).unique().default([]).label("What you saw"),
      note: lines("The note", 300).allow("").default(""),
      look: lookSchema.default(NO_LOOK),
      part: Joi.boolean().default(false).label("Whether its mix is parted")
    })
  ).min(1).max(500).unique("potId").required().label("The containers").messages({
    "array.min": "Choose at least one container",
    "any.required": "Choose at least one container",
    "array.unique": "Say what was found once for each container"
  })
});
const manyFoundQuerySchema = Joi.object({
  pots: ids("The containers", 500)
}).unknown();

export { manyFoundQuerySchema as a, manyFoundSchema as m };
