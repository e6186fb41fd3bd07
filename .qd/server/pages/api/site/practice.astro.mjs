import { J as Joi } from '../../../chunks/passphrase_DS02Zua_.mjs';
import { y as writePractice } from '../../../chunks/rules_BOjb8_mp.mjs';
import { R as RUNG_IDS } from '../../../chunks/ladderTypes_DyuMSsV2.mjs';
import { bY as DEFAULT_SCHOOLS } from '../../../chunks/database_CmGvnzKd.mjs';
import { d as defineEndpoint } from '../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../renderers.mjs';

const one = (label, ...values) => Joi.string().valid(...values).required().label(label);
const usual = (name, label, ...values) => one(label, ...values).optional().default(DEFAULT_SCHOOLS[name]);
const weight = (label) => Joi.number().integer().min(0).max(3).required().label(label).messages({ "number.base": `${label} is a whole number from 0 to 3` });
const practiceSchema = Joi.object({
  priorities: Joi.object({
    cost: weight("How much money matters"),
    effort: weight("How much work matters"),
    yield: weight("How much growth matters"),
    peatFree: Joi.boolean().required().label("Whether peat is left out"),
    noMineralFeed: Joi.boolean().required().label("Whether mineral feed is left out")
  }).optional().label("What matters to you"),
  schools: Joi.object({
    compostShare: Joi.number().min(0).max(0.6).required().label("The compost share"),
    feed: one("The kind of feed", "organic", "coated", "soluble"),
    heat: one("When mix is heated", "when-needed", "before-seed", "never"),
    roots: one("What is taken out", "leave-fine", "sieve", "take-wood"),
    aggregate: one("How much coarse material", "as-needed", "habit"),
    newMix: usual("newMix", "The kind of new mix", "bag", "adjust", "make"),
    way: usual("way", "The way lots go on", "compare", ...RUNG_IDS),
    wait: usual("wait", "The wait after mixing", "until-safe", "at-once"),
    place: usual("place", "The place of work", "tipped", "in-place"),
    wash: usual("wash", "The washing of containers", "jet", "disinfect"),
    surplus: usual("surplus", "The use of what is left over", "mulch", "bed"),
    minerals: usual(
      "minerals",
      "The minerals that go in beside",
      "none",
      "minerals",
      "inoculant",
      "both"
    )
  }).optional().label("How this garden works")
}).or("priorities", "schools").messages({ "object.missing": "Say what matters to you, or how this garden works" });

const PUT = defineEndpoint({
  body: practiceSchema,
  handle: async ({ db, body }) => {
    await writePractice(db, body);
    return body;
  }
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  PUT
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
