import { J as Joi } from './passphrase_DS02Zua_.mjs';
import { F as listFields } from './database_CmGvnzKd.mjs';
import { l as line, e as lines, j as id, S as SMALLEST_LITRES, L as LARGEST_LITRES } from './rules_BOjb8_mp.mjs';

const transferSchema = Joi.object({
  litres: Joi.number().min(SMALLEST_LITRES).max(LARGEST_LITRES).allow(null).required().label("The litres").messages({
    "number.base": "Say how much, such as 12 L",
    "any.required": "Say how much, such as 12 L",
    "number.min": "Say how much, such as 12 L"
  }),
  to: Joi.alternatives().conditional(".kind", {
    switch: [
      {
        is: "lot",
        then: Joi.object({
          kind: Joi.valid("lot").required(),
          lotId: id("The lot").required().messages({
            "any.required": "Choose the lot it goes to",
            "number.min": "Choose the lot it goes to"
          })
        })
      },
      {
        is: "new",
        then: Joi.object({
          kind: Joi.valid("new").required(),
          name: line("The name", 80).required().messages({
            "string.empty": "Give the new lot a name",
            "any.required": "Give the new lot a name"
          }),
          containerIds: Joi.array().items(id("The pot")).max(200).unique().required(),
          storeBin: line("The place in the store", 80).allow("").default("")
        })
      }
    ],
    otherwise: Joi.forbidden().messages({ "any.unknown": "Choose where it goes" })
  }).required().messages({ "any.required": "Choose where it goes" }),
  note: lines("The note", 500).allow("").default(""),
  despite: line("The reason", 300).allow("").default("")
});
const moveSchema = Joi.object({
  containerIds: Joi.array().items(id("The pot")).max(200).unique().required().label("The pots"),
  storeBin: line("The place in the store", 80).allow("").default(""),
  rest: Joi.string().valid("store")
});
const targetsQuerySchema = Joi.object({ find: listFields.find });

export { transferSchema as a, moveSchema as m, targetsQuerySchema as t };
