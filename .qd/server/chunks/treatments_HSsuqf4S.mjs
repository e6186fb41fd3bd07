import { J as Joi } from './passphrase_DS02Zua_.mjs';
import { e as lines, g as day, j as id } from './rules_BOjb8_mp.mjs';
import { bD as TREATMENT_KINDS } from './database_CmGvnzKd.mjs';

const newTreatmentSchema = Joi.object({
  kind: Joi.string().valid(...TREATMENT_KINDS).required().label("What was done").messages({ "any.required": "Choose what was done", "any.only": "Choose what was done" }),
  skimCm: Joi.number().greater(0).max(50).allow(null).default(null).label("How deep the top was taken off"),
  topTo: Joi.string().valid("store", "bin").default("bin").label("Where the top went"),
  until: day("The day").allow(null).default(null),
  note: lines("The reason", 300).allow("").default("")
});
const treatmentParamsSchema = Joi.object({
  id: id("The number of the lot").required(),
  treatmentId: id("The number of the treatment").required()
});
const treatmentChangeSchema = Joi.object({
  counts: Joi.boolean().label("Whether it counts"),
  goesOn: Joi.boolean().label("Whether it goes on")
}).xor("counts", "goesOn").messages({
  "object.missing": "Say whether it counts or whether it goes on",
  "object.xor": "Say one of the two: whether it counts, or whether it goes on"
});

export { treatmentParamsSchema as a, newTreatmentSchema as n, treatmentChangeSchema as t };
