import { J as Joi } from './passphrase_DS02Zua_.mjs';
import { e as lines, k as key, j as id } from './rules_BOjb8_mp.mjs';

const newFoundSchema = Joi.object({
  problemId: key("What you saw").required().messages({
    "any.required": "Choose what you saw from the list",
    "string.empty": "Choose what you saw from the list"
  }),
  note: lines("The note", 500).allow("")
});
const foundParamsSchema = Joi.object({
  id: id("The number of the lot").required(),
  findingId: id("The number of the finding").required()
});
const foundCountsSchema = Joi.object({
  counts: Joi.boolean().required().label("Whether it counts")
});

export { foundParamsSchema as a, foundCountsSchema as f, newFoundSchema as n };
