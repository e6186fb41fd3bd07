import { J as Joi } from './passphrase_DS02Zua_.mjs';
import { am as EXPOSURES, al as shapeSchema, F as listFields } from './database_CmGvnzKd.mjs';
import { e as lines, k as key, l as line, f as litresOrNone, j as id, q as litres } from './rules_BOjb8_mp.mjs';

const fields = {
  name: line("The name", 80).required().messages({
    "string.empty": "Give the mix a name",
    "any.required": "Give the mix a name",
    "string.max": "Keep the name to 80 letters"
  }),
  parts: Joi.array().items(
    Joi.object({
      materialId: key("The material").required().messages({ "string.empty": "Choose a material" }),
      litres: litresOrNone("The litres", "Say how much, such as 4 1/2 L")
    })
  ).min(1).max(50).required().label("The materials"),
  madeFor: Joi.object({
    container: Joi.object({
      shape: shapeSchema,
      headspaceCm: Joi.number().min(0).max(50).required().label("The headspace")
    }).required(),
    containerName: line("The name of the container", 80).allow("").required(),
    cropId: key("The crop").allow(null).required(),
    groupId: key("The plant group").allow(null).required(),
    exposure: Joi.string().valid(...EXPOSURES).required(),
    everyDays: Joi.number().min(0.25).max(60).required().label("How often you water").messages({ "number.base": "Say how often you water, such as every 2 days" })
  }).required(),
  note: lines("The note", 1e3).allow("").required()
};
const newMixSchema = Joi.object(fields);
const nextVersionSchema = Joi.object({
  ...fields,
  after: id("The version").required()
});
const mixToLotSchema = Joi.object({
  litres: litres("The litres", "Say how many litres of mix, such as 40 L"),
  name: line("The name", 80).required().messages({ "string.empty": "Give the lot a name" }),
  storeBin: line("The place", 80).required().messages({ "string.empty": "Say where it waits, such as Bin 3" })
});
const mixParamsSchema = Joi.object({
  id: id("The number of the mix").required()
});
const designQuerySchema = Joi.object({
  mix: id("The mix"),
  lot: id("The lot"),
  group: key("The plant group"),
  bag: key("The bag")
}).unknown();
const compareQuerySchema = Joi.object({
  mixes: line("The mixes", 300).allow(""),
  pots: line("The pots", 40).allow("")
}).unknown();
const mixesQuerySchema = Joi.object(listFields).unknown();

export { mixParamsSchema as a, newMixSchema as b, compareQuerySchema as c, designQuerySchema as d, mixesQuerySchema as e, mixToLotSchema as m, nextVersionSchema as n };
