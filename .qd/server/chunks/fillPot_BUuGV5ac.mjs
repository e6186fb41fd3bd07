import { J as Joi } from './passphrase_DS02Zua_.mjs';
import { j as id, k as key, l as line, S as SMALLEST_LITRES, L as LARGEST_LITRES } from './rules_BOjb8_mp.mjs';
import { f as fillerField } from './pots_DNz7mDGc.mjs';

const fillSource = Joi.alternatives().conditional(".kind", {
  switch: [
    {
      is: "mix",
      then: Joi.object({ kind: Joi.valid("mix"), mixId: id("The mix").required() })
    },
    {
      is: "bag",
      then: Joi.object({ kind: Joi.valid("bag"), materialId: key("The bag").required() })
    },
    {
      is: "lot",
      then: Joi.object({ kind: Joi.valid("lot"), lotId: id("The lot").required() })
    }
  ],
  otherwise: Joi.forbidden().messages({ "any.unknown": "Choose what goes in" })
}).required().messages({ "any.required": "Choose what goes in" });
const fillPotSchema = Joi.object({
  source: fillSource,
  litres: Joi.number().min(SMALLEST_LITRES).max(LARGEST_LITRES).allow(null).default(null).label("The litres").messages({ "number.base": "Say how much, such as 12 L" }),
  fillerCm: fillerField,
  name: line("The name", 80).allow("").default(""),
  check: Joi.boolean().required().label("Only look")
});

export { fillSource as a, fillPotSchema as f };
