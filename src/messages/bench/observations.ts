import Joi from 'joi'
import {
  BALLS,
  DROPS,
  type Observation,
  type Observations,
  SEEDLING_SIGNS,
  SEEDLING_SORTS,
  SIGHTS,
  SMELLS,
  TEST_KINDS,
  type TestKind,
  type TestWater,
} from '../../core/bench'
import { EC_METHODS } from '../../core/chemistry'
import { day, id, key, line, lines, PH_RANGE } from '../rules'

const missing = (what: string) => ({
  'number.base': what,
  'any.required': what,
  'number.integer': '{#label} must be a whole number',
})
const number = (label: string, what: string, max: number, min = 0) =>
  Joi.number().min(min).max(max).required().label(label).messages(missing(what))
const orNull = (label: string, max: number, min = 0) =>
  Joi.number().min(min).max(max).allow(null).required().label(label)
const choice = (label: string, what: string, words: readonly string[]) =>
  Joi.any()
    .valid(...words)
    .required()
    .label(label)
    .messages({ 'any.only': what, 'any.required': what })

const seconds = (label: string) => orNull(label, 86_400)

const drain = {
  pouredMl: number('The water poured', 'Say how much was poured, such as 700 mL', 50_000),
  drainedMl: number('The water run out', 'Say how much ran out in all, such as 610 mL', 50_000),
  stoodOnTop: Joi.boolean().required(),
  /** Where the clock was not used; a moment of the clock counts before them. */
  firstDripS: seconds('The first drip'),
  markS: seconds('The time to the mark'),
  stoppedS: seconds('The end of dripping'),
}

/** A rule for each answer of each test, and for nothing else. */
const schemas: {
  readonly [Kind in TestKind]: Readonly<Record<keyof Observations[Kind], Joi.Schema>>
} = {
  drain,
  layers: {
    ...drain,
    bottomMaterialId: key('The bottom layer')
      .required()
      .messages({ 'string.empty': 'Choose what lies at the bottom' }),
    bottomCm: number('The bottom layer', 'Say how high the bottom layer is', 100),
    wetZoneCm: number('The wet zone', 'Say how high the wet zone reaches, from the base', 200),
  },
  porosity: {
    volumeMl: number('The volume of the mix', 'Say how much mix it is, such as 1 L', 200_000, 100),
    addedMl: number('The water added', 'Say how much water it took to the brim', 200_000),
    drainedMl: number('The water run out', 'Say how much ran out within the hour', 200_000),
    startMoisture: choice('How moist it was', 'Say how moist it was before', [
      'air-dry',
      'moist',
      'wet',
    ]),
    startMassG: orNull('The weight before wetting', 500_000, 1),
    dryMassG: orNull('The dry weight', 500_000, 1),
  },
  squeeze: {
    ball: choice('What the ball did', 'Say what the ball did', BALLS),
    drops: choice('What came out', 'Say how much water came', DROPS),
  },
  palm: {
    threads: Joi.boolean()
      .required()
      .messages({ 'boolean.base': 'Tap what you feel and see, or that nothing stands out' }),
    grit: Joi.boolean().required(),
    stain: Joi.boolean().required(),
  },
  wetting: {
    dropsS: Joi.array()
      .items(Joi.number().min(0).max(3600).allow(null))
      .max(20)
      .required()
      .label('The drops'),
    runsDownSide: Joi.boolean().required(),
    gapMm: number('The gap at the edge', 'Say how wide the gap at the edge is, 0 for none', 100),
  },
  settling: {
    heightsCm: Joi.array()
      .items(
        // Not required: a list cannot say of which of its entries.
        number('The height', 'Say how high it stands, from the base', 300).optional(),
      )
      .min(2)
      .max(4)
      .required()
      .label('The heights')
      .messages({ 'array.min': 'Measure the height after filling and after watering' }),
  },
  phEc: {
    method: choice('The way of reading', 'Say how it was read', EC_METHODS),
    ph: orNull('The pH', 12, 2).messages(PH_RANGE),
    ecDsPerM: orNull('The conductivity', 30),
    tempC: number('The temperature', 'Say how warm the liquid was, in °C', 50),
    compensated: Joi.boolean().required(),
    penId: id('The pen').allow(null).required(),
    waterEcDsPerM: number('The salts of the water', 'Say what the water itself has', 10),
  },
  jar: {
    amendmentId: key('The product')
      .required()
      .messages({ 'string.empty': 'Choose what was stirred in' }),
    target: number('The pH wanted', 'Say which pH is wanted', 7.8, 3.5),
    days: number('The days the jars stood', 'Say how many days the jars stood', 28, 7),
    points: Joi.array()
      .items(
        Joi.object({
          gPerL: number('The dose', 'Say the dose in g per litre', 20),
          ph: number('The pH', 'Say the pH of this jar', 12, 2).messages(PH_RANGE),
        }),
      )
      .min(3)
      .max(20)
      .required()
      .label('The jars')
      .messages({ 'array.min': 'A jar test needs at least three jars' }),
  },
  seedling: {
    pots: Joi.array()
      .items(
        Joi.object({
          sharePercent: number('The share', 'Say the share in per cent', 100),
          sown: number('The seeds sown', 'Say how many seeds were sown', 10_000, 1).integer(),
          sprouted: number('The seeds sprouted', 'Say how many came up', 10_000).integer(),
          heightMm: orNull('The height', 5000),
          curled: Joi.number()
            .integer()
            .min(0)
            .max(10_000)
            .allow(null)
            .default(0)
            .label('The seedlings with twisted leaves'),
        }),
      )
      .min(1)
      .max(12)
      .required()
      .label('The pots')
      .messages({ 'array.min': 'Count at least one row of pots' }),
    signs: Joi.array()
      .items(Joi.string().valid(...SEEDLING_SIGNS))
      .max(10)
      .unique()
      .required(),
    days: Joi.number().min(0).max(400).allow(null).default(null).label('The days since sowing'),
    useSharePercent: Joi.number()
      .min(1)
      .max(100)
      .default(100)
      .label('The share it will be used at'),
    sownAs: Joi.any()
      .valid(...SEEDLING_SORTS, null)
      .default(null)
      .label('What was sown'),
  },
  weeds: {
    areaCm2: number('The area of the tray', 'Say how large the tray is, in cm²', 100_000),
    litres: Joi.number()
      .min(0.01)
      .max(10_000)
      .allow(null)
      .default(null)
      .label('The mix in the tray'),
    counts: Joi.array()
      .items(
        Joi.object({
          on: day('The day').required(),
          count: number('The count', 'Say how many came up', 100_000).integer(),
        }),
      )
      .min(1)
      .max(30)
      .required()
      .label('The counts')
      .messages({ 'array.min': 'Count at least once' }),
    untreatedAreaCm2: orNull('The area of the untreated tray', 100_000),
    untreatedCount: orNull('The weeds of the untreated tray', 100_000),
  },
  heat: {
    problemId: key('The problem').allow(null).required(),
    readings: Joi.array()
      .items(
        Joi.object({
          minute: number('The minute', 'Say at which minute', 10_080),
          tempC: number('The temperature', 'Say what the probe showed, in °C', 150, -20),
        }),
      )
      .max(500)
      .required(),
  },
  sieve: {
    litresIn: number('The litres before', 'Say how much went in', 100_000),
    litresOut: number('The litres after', 'Say how much came through', 100_000),
    woodyLitres: number(
      'The woody litres',
      'Say how much of what stayed is wood, 0 for none',
      100_000,
    ),
  },
  look: {
    smell: choice('The smell', 'Say what it smells of, or that it smells of nothing', SMELLS),
    searched: Joi.boolean().default(false).label('Whether the mix was searched'),
    sights: Joi.array()
      .items(Joi.string().valid(...SIGHTS))
      .max(SIGHTS.length)
      .unique()
      .required(),
  },
}

/** One test's observation, and who judged it where. */
export interface FinishBody {
  readonly observation: Observation
  readonly place: string
  readonly judge: string
  readonly note: string
  /** Water used; null for tests without water. */
  readonly water: TestWater | null
}

const observation = Joi.object({
  kind: Joi.string()
    .valid(...TEST_KINDS)
    .required(),
})
  .unknown()
  .when('.kind', {
    switch: TEST_KINDS.map((kind) => ({
      is: kind,
      then: Joi.object({ kind: Joi.valid(kind).required(), ...schemas[kind] }),
    })),
  })

export const finishSchema = Joi.object<FinishBody>({
  observation: observation.required(),
  place: line('The place', 80).allow('').required(),
  judge: line('The name', 80).allow('').required(),
  note: lines('The note', 500).allow('').required(),
  water: Joi.object({
    tempC: orNull('The temperature of the water', 60),
    ecDsPerM: orNull('The salts of the water', 10),
    alkalinityMgPerL: orNull('The alkalinity of the water', 1000),
  })
    .allow(null)
    .default(null),
})
