import { J as Joi } from './passphrase_DS02Zua_.mjs';
import { F as listFields, cq as LOT_ORDERS } from './database_CmGvnzKd.mjs';
import { j as id, k as key, L as LARGEST_LITRES, l as line, v as version } from './rules_BOjb8_mp.mjs';

const FINISHED_ORDERS = ["oldest", "name"];
const turnoverQuerySchema = Joi.object({
  ...listFields,
  order: Joi.string().valid(...LOT_ORDERS).label("The order"),
  finished: listFields.page,
  finishedFind: listFields.find,
  finishedOrder: Joi.string().valid(...FINISHED_ORDERS).label("The order")
}).unknown();
const orderParamsSchema = Joi.object({
  id: id("The work order").required()
});
const stepParamsSchema = Joi.object({
  id: id("The work order").required(),
  stepId: id("The step").required()
});
const stepBodySchema = Joi.object({
  version: version(),
  done: Joi.boolean(),
  early: line("The reason", 200),
  actuals: Joi.object().pattern(
    key("The amount"),
    Joi.number().min(0).max(LARGEST_LITRES).allow(null).label("The amount")
  )
}).or("done", "actuals");

export { stepParamsSchema as a, orderParamsSchema as o, stepBodySchema as s, turnoverQuerySchema as t };
