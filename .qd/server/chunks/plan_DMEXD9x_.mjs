import { J as Joi } from './passphrase_DS02Zua_.mjs';
import { k as key, p as ids } from './rules_BOjb8_mp.mjs';
import { M as MOST_LADDERS } from './ladderTypes_DyuMSsV2.mjs';

const planQuerySchema = Joi.object({
  lots: ids("The lots", MOST_LADDERS).optional(),
  crop: key("The next crop").allow("").optional()
});
const laddersQuerySchema = Joi.object({
  lots: ids("The lots", MOST_LADDERS).invalid("").required().messages({
    "any.invalid": "Choose at least one lot",
    "any.required": "Choose at least one lot"
  }),
  crop: key("The next crop").required().messages({ "any.required": "Choose the next crop", "string.empty": "Choose the next crop" })
});

export { laddersQuerySchema as l, planQuerySchema as p };
