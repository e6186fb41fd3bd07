import { J as Joi } from './passphrase_DS02Zua_.mjs';
import { q as litres, k as key, j as id } from './rules_BOjb8_mp.mjs';
import { R as RUNG_IDS } from './ladderTypes_DyuMSsV2.mjs';

const fields = {
  lot: id("The lot").required(),
  drop: Joi.number().min(0).max(300).required().label("The level drop in cm"),
  roots: Joi.string().valid("fine", "dense", "bound", "woody").required().label("The root mass"),
  side: Joi.string().valid("yes", "no").required().label("Water running down the side"),
  crop: key("The next crop").required().messages({ "any.required": "Choose the next crop", "string.empty": "Choose the next crop" }),
  litres: litres("The litres wanted", "Say how many litres, such as 40 L").optional().allow(null).default(null),
  share: Joi.number().min(0).max(0.6).required().label("The compost share"),
  feed: Joi.string().valid("organic", "coated", "soluble").required().label("The kind of feed"),
  every: Joi.number().greater(0).max(60).optional().allow(null).default(null).label("The days between waterings"),
  way: Joi.string().valid(...RUNG_IDS).default("full").label("The way to go on"),
  place: Joi.string().valid("tipped", "in-place").optional().label("How it is worked")
};
const potList = Joi.array().items(id("The container")).min(1).max(200).unique().required().label("The containers").messages({
  "array.min": "Choose at least one container",
  "any.required": "Choose at least one container"
});
const intakeBodySchema = Joi.object({ ...fields, pots: potList });
const potListText = Joi.string().max(2e3).custom((value, helpers) => {
  const ids = value.split(",").filter(Boolean).map(Number);
  const { error } = potList.validate(ids);
  return error ? helpers.message({ custom: "Choose at least one container" }) : ids;
}).label("The containers").messages({
  "any.required": "Choose at least one container",
  "string.empty": "Choose at least one container"
});
const intakeQuerySchema = Joi.object({
  ...fields,
  pots: potListText.required()
});
const intakeStartSchema = Joi.object({
  ...Object.fromEntries(Object.entries(fields).map(([name, rule]) => [name, rule.optional()])),
  lot: fields.lot,
  pots: potListText.optional()
});

export { intakeStartSchema as a, intakeQuerySchema as b, intakeBodySchema as i };
