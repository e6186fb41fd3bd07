import { J as Joi } from './passphrase_DS02Zua_.mjs';
import { S as SIGHTS, A as SMELLS, E as EC_METHODS, B as DROPS, C as BALLS, F as listFields } from './database_CmGvnzKd.mjs';
import { k as key, g as day, P as PH_RANGE, j as id, e as lines, l as line, m as moment, t as typed, v as version } from './rules_BOjb8_mp.mjs';

const SEEDLING_SIGNS = ["cupped", "twisted", "pale", "scorched", "mould", "smell"];
const SEEDLING_SORTS = ["legume", "lettuce", "brassica", "solanum", "cucurbit"];

const TEST_KINDS = [
  "drain",
  "layers",
  "porosity",
  "squeeze",
  "palm",
  "wetting",
  "settling",
  "phEc",
  "jar",
  "seedling",
  "weeds",
  "heat",
  "sieve",
  "look"
];

const missing = (what) => ({
  "number.base": what,
  "any.required": what,
  "number.integer": "{#label} must be a whole number"
});
const number = (label, what, max, min = 0) => Joi.number().min(min).max(max).required().label(label).messages(missing(what));
const orNull = (label, max, min = 0) => Joi.number().min(min).max(max).allow(null).required().label(label);
const choice = (label, what, words) => Joi.any().valid(...words).required().label(label).messages({ "any.only": what, "any.required": what });
const seconds = (label) => orNull(label, 86400);
const drain = {
  pouredMl: number("The water poured", "Say how much was poured, such as 700 mL", 5e4),
  drainedMl: number("The water run out", "Say how much ran out in all, such as 610 mL", 5e4),
  stoodOnTop: Joi.boolean().required(),
  /** Where the clock was not used; a moment of the clock counts before them. */
  firstDripS: seconds("The first drip"),
  markS: seconds("The time to the mark"),
  stoppedS: seconds("The end of dripping")
};
const schemas = {
  drain,
  layers: {
    ...drain,
    bottomMaterialId: key("The bottom layer").required().messages({ "string.empty": "Choose what lies at the bottom" }),
    bottomCm: number("The bottom layer", "Say how high the bottom layer is", 100),
    wetZoneCm: number("The wet zone", "Say how high the wet zone reaches, from the base", 200)
  },
  porosity: {
    volumeMl: number("The volume of the mix", "Say how much mix it is, such as 1 L", 2e5, 100),
    addedMl: number("The water added", "Say how much water it took to the brim", 2e5),
    drainedMl: number("The water run out", "Say how much ran out within the hour", 2e5),
    startMoisture: choice("How moist it was", "Say how moist it was before", [
      "air-dry",
      "moist",
      "wet"
    ]),
    startMassG: orNull("The weight before wetting", 5e5, 1),
    dryMassG: orNull("The dry weight", 5e5, 1)
  },
  squeeze: {
    ball: choice("What the ball did", "Say what the ball did", BALLS),
    drops: choice("What came out", "Say how much water came", DROPS)
  },
  palm: {
    threads: Joi.boolean().required().messages({ "boolean.base": "Tap what you feel and see, or that nothing stands out" }),
    grit: Joi.boolean().required(),
    stain: Joi.boolean().required()
  },
  wetting: {
    dropsS: Joi.array().items(Joi.number().min(0).max(3600).allow(null)).max(20).required().label("The drops"),
    runsDownSide: Joi.boolean().required(),
    gapMm: number("The gap at the edge", "Say how wide the gap at the edge is, 0 for none", 100)
  },
  settling: {
    heightsCm: Joi.array().items(
      // Not required: a list cannot say of which of its entries.
      number("The height", "Say how high it stands, from the base", 300).optional()
    ).min(2).max(4).required().label("The heights").messages({ "array.min": "Measure the height after filling and after watering" })
  },
  phEc: {
    method: choice("The way of reading", "Say how it was read", EC_METHODS),
    ph: orNull("The pH", 12, 2).messages(PH_RANGE),
    ecDsPerM: orNull("The conductivity", 30),
    tempC: number("The temperature", "Say how warm the liquid was, in °C", 50),
    compensated: Joi.boolean().required(),
    penId: id("The pen").allow(null).required(),
    waterEcDsPerM: number("The salts of the water", "Say what the water itself has", 10)
  },
  jar: {
    amendmentId: key("The product").required().messages({ "string.empty": "Choose what was stirred in" }),
    target: number("The pH wanted", "Say which pH is wanted", 7.8, 3.5),
    days: number("The days the jars stood", "Say how many days the jars stood", 28, 7),
    points: Joi.array().items(
      Joi.object({
        gPerL: number("The dose", "Say the dose in g per litre", 20),
        ph: number("The pH", "Say the pH of this jar", 12, 2).messages(PH_RANGE)
      })
    ).min(3).max(20).required().label("The jars").messages({ "array.min": "A jar test needs at least three jars" })
  },
  seedling: {
    pots: Joi.array().items(
      Joi.object({
        sharePercent: number("The share", "Say the share in per cent", 100),
        sown: number("The seeds sown", "Say how many seeds were sown", 1e4, 1).integer(),
        sprouted: number("The seeds sprouted", "Say how many came up", 1e4).integer(),
        heightMm: orNull("The height", 5e3)
      })
    ).min(1).max(12).required().label("The pots").messages({ "array.min": "Count at least one row of pots" }),
    signs: Joi.array().items(Joi.string().valid(...SEEDLING_SIGNS)).max(10).unique().required(),
    sownAs: Joi.any().valid(...SEEDLING_SORTS, null).default(null).label("What was sown")
  },
  weeds: {
    areaCm2: number("The area of the tray", "Say how large the tray is, in cm²", 1e5),
    litres: Joi.number().min(0.01).max(1e4).allow(null).default(null).label("The mix in the tray"),
    counts: Joi.array().items(
      Joi.object({
        on: day("The day").required(),
        count: number("The count", "Say how many came up", 1e5).integer()
      })
    ).min(1).max(30).required().label("The counts").messages({ "array.min": "Count at least once" }),
    untreatedAreaCm2: orNull("The area of the untreated tray", 1e5),
    untreatedCount: orNull("The weeds of the untreated tray", 1e5)
  },
  heat: {
    problemId: key("The problem").allow(null).required(),
    readings: Joi.array().items(
      Joi.object({
        minute: number("The minute", "Say at which minute", 10080),
        tempC: number("The temperature", "Say what the probe showed, in °C", 150, -20)
      })
    ).max(500).required()
  },
  sieve: {
    litresIn: number("The litres before", "Say how much went in", 1e5),
    litresOut: number("The litres after", "Say how much came through", 1e5),
    woodyLitres: number(
      "The woody litres",
      "Say how much of what stayed is wood, 0 for none",
      1e5
    )
  },
  look: {
    smell: choice("The smell", "Say what it smells of, or that it smells of nothing", SMELLS),
    sights: Joi.array().items(Joi.string().valid(...SIGHTS)).max(SIGHTS.length).unique().required()
  }
};
const observation = Joi.object({
  kind: Joi.string().valid(...TEST_KINDS).required()
}).unknown().when(".kind", {
  switch: TEST_KINDS.map((kind) => ({
    is: kind,
    then: Joi.object({ kind: Joi.valid(kind).required(), ...schemas[kind] })
  }))
});
const finishSchema = Joi.object({
  observation: observation.required(),
  place: line("The place", 80).allow("").required(),
  judge: line("The name", 80).allow("").required(),
  note: lines("The note", 500).allow("").required(),
  water: Joi.object({
    tempC: orNull("The temperature of the water", 60),
    ecDsPerM: orNull("The salts of the water", 10),
    alkalinityMgPerL: orNull("The alkalinity of the water", 1e3)
  }).allow(null).default(null)
});

const sampleId = Joi.when("kind", {
  is: "material",
  then: key("The sample").required(),
  otherwise: id("The sample").required()
});
const startSchema = Joi.object({
  kind: Joi.string().valid(...TEST_KINDS).required().label("The test").messages({ "any.only": "There is no such test" }),
  sample: Joi.object({
    kind: Joi.string().valid("lot", "mix", "material").required(),
    id: sampleId
  }).required().label("The sample").messages({ "any.required": "Say what the test is made on" }),
  besideId: id("The run beside"),
  reference: Joi.boolean()
});
const setAsideSchema = Joi.object({
  reason: line("The reason", 200).required().messages({
    "string.empty": "Say why it does not count",
    "any.required": "Say why it does not count"
  })
});
const momentSchema = Joi.object({
  id: key("The moment").required(),
  key: key("The key").required(),
  at: moment("The time").required(),
  value: Joi.number().min(-20).max(150).allow(null).required().label("The reading")
});
const draftSchema = Joi.object({
  values: Joi.object().pattern(
    key("The field"),
    Joi.alternatives(
      typed("The field", 500).allow(""),
      Joi.array().items(typed("The field", 40).allow("")).max(20)
    )
  ).max(60).required()
});
const correctionSchema = Joi.object({
  at: moment("The time"),
  value: Joi.number().min(-20).max(150).label("The reading"),
  undone: Joi.boolean()
}).min(1);
const testParamsSchema = Joi.object({
  id: id("The test").required()
});
const momentParamsSchema = Joi.object({
  id: id("The test").required(),
  moment: key("The moment").required()
});
const newPenSchema = Joi.object({
  name: line("The name", 80).required().messages({ "string.empty": "Give the pen a name" })
});
const newCalibrationSchema = Joi.object({
  tempC: Joi.number().min(0).max(50).required().label("The temperature").messages({ "number.base": "Say how warm the buffers were, in °C" }),
  buffers: Joi.array().items(
    Joi.object({
      ph: Joi.number().valid(4.01, 7, 10.01).required(),
      millivolts: Joi.number().min(-600).max(600).allow(null).required().label("The millivolts")
    })
  ).min(1).max(3).required().label("The buffers").messages({ "array.min": "Tick the buffers it was calibrated in" })
});
const cm = (label) => Joi.number().min(1).max(300).required().label(label).messages({ "number.base": `${label} is missing or no length` });
const round = (what) => Joi.object({
  kind: Joi.valid("round").required(),
  topDiameterCm: cm(`${what}: width at the top`),
  baseDiameterCm: cm(`${what}: width at the base`),
  heightCm: cm(`${what}: height`)
}).required();
const LEAST = 0.01;
const above = (label, max) => Joi.number().min(LEAST).max(max).required().label(label).messages({ "number.base": `${label} is missing` });
const kitSchema = Joi.object({
  kit: Joi.object({
    columnShape: round("The column"),
    mixLitres: above("The mix in the column", 200),
    pouredMl: above("The water poured", 5e4),
    pourS: above("The time of pouring", 600),
    markMl: above("The mark", 5e4),
    endS: above("The end of the test", 86400),
    porosityShape: round("The pot for pores"),
    porosityLitres: above("The mix in the pot for pores", 200),
    drainMinutes: above("The time to drain", 1440),
    meshMm: above("The mesh", 100)
  }).required(),
  version: version(0)
});
const tapWaterSchema = Joi.object({
  ph: above("The pH of the water", 12),
  ecDsPerM: Joi.number().min(0).max(10).required().label("The salts of the water").messages({ "number.base": "Say what the water has in dS/m, such as 0.6" }),
  alkalinityMgPerL: Joi.number().min(0).max(1e3).required().label("The alkalinity").messages({ "number.base": "Say its alkalinity in mg of lime per litre, such as 210" }),
  version: version()
});
const TEST_ORDERS = ["oldest", "sample"];
const compareTestsSchema = Joi.object({
  a: key("The first sample").allow(""),
  b: key("The second sample").allow(""),
  test: Joi.string().valid(...TEST_KINDS).label("The kind of test")
}).unknown();
const samplesQuerySchema = Joi.object({ find: listFields.find });
const benchQuerySchema = Joi.object({
  lot: id("The lot"),
  mix: id("The mix"),
  material: key("The material"),
  ...listFields,
  test: Joi.string().valid(...TEST_KINDS).label("The kind of test"),
  order: Joi.string().valid(...TEST_ORDERS).label("The order")
}).unknown();
const sampleParamsSchema = Joi.object({
  kind: Joi.string().valid("lot", "mix", "material").required().label("The sample"),
  id: sampleId
});

export { newPenSchema as a, momentSchema as b, correctionSchema as c, draftSchema as d, setAsideSchema as e, finishSchema as f, startSchema as g, tapWaterSchema as h, compareTestsSchema as i, benchQuerySchema as j, kitSchema as k, sampleParamsSchema as l, momentParamsSchema as m, newCalibrationSchema as n, samplesQuerySchema as s, testParamsSchema as t };
