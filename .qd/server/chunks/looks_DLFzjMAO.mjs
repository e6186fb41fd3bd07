import { J as Joi } from './passphrase_DS02Zua_.mjs';
import { cv as TRIAL_MEASURES, cw as TRIAL_EVENTS } from './database_CmGvnzKd.mjs';
import { g as day, e as lines, j as id, l as line, k as key, v as version } from './rules_BOjb8_mp.mjs';

const lookQuerySchema = Joi.object({
  on: day("The day it was looked at")
}).unknown();
const onDay = day("The day").allow(null).default(null);
const lookBodySchema = Joi.object({
  potId: id("The pot of the trial").required(),
  on: onDay,
  values: Joi.object(
    Object.fromEntries(
      TRIAL_MEASURES.map((one) => [
        one,
        Joi.number().min(0).max(1e6).allow(null).label("The number")
      ])
    )
  ).required().label("What was read"),
  note: lines("The note", 500).allow("").default("")
});
const potEventSchema = Joi.object({
  potId: id("The pot of the trial").required(),
  on: onDay,
  kind: Joi.string().valid(...TRIAL_EVENTS, "problem").required().label("What happened").messages({ "any.only": "Choose what happened from the list" }),
  problemId: key("What you saw").allow(null).default(null),
  note: line("The note", 300).allow("").default(""),
  isLeftOut: Joi.boolean().default(false).label("Whether it is left out")
});
const leaveOutSchema = Joi.object({
  potId: id("The pot of the trial").required(),
  leftOut: Joi.object({
    on: day("The day").required(),
    why: line("The reason", 300).required().messages({
      "string.empty": "Say why it is left out",
      "any.required": "Say why it is left out"
    })
  }).allow(null).required().label("Whether it is left out")
});
const resultsQuerySchema = Joi.object({
  measure: Joi.valid(...TRIAL_MEASURES).label("What was measured"),
  day: Joi.number().integer().min(0).max(3650).label("The day")
}).unknown();
const findingSchema = Joi.object({
  kind: Joi.string().valid("standard", "cap").required().label("What is handed on"),
  treatmentId: id("The treatment of the trial").required(),
  cropId: key("The crop").allow(null).default(null),
  maxPercent: Joi.number().min(0).max(100).allow(null).default(null).label("The most of it").messages({ "number.base": "Say it as a number, such as 10" })
});
const findingParamsSchema = Joi.object({
  id: id("The trial").required(),
  findingId: id("The finding of the trial").required()
});
const closeTrialSchema = Joi.object({
  version: version(),
  isClosed: Joi.boolean().required().label("Whether it is closed")
});

export { findingSchema as a, lookBodySchema as b, closeTrialSchema as c, lookQuerySchema as d, findingParamsSchema as f, leaveOutSchema as l, potEventSchema as p, resultsQuerySchema as r };
