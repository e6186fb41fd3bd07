import Joi from 'joi'
import {
  type BufferReading,
  type SampleKind,
  TEST_KINDS,
  type TestKind,
  type TestKit,
} from '../../core/bench'
import { type ListQuery, listFields } from '../list'
import { id, key, line, moment, typed, version } from '../rules'

/** Lots and mixes are known by their numbers, materials by their keys. */
const sampleId = Joi.when('kind', {
  is: 'material',
  then: key('The sample').required(),
  otherwise: id('The sample').required(),
})

export interface StartBody {
  readonly kind: TestKind
  readonly sample: { readonly kind: SampleKind; readonly id: number | string }
  /** A run of the set it is repeated in, or a reference beside. */
  readonly besideId?: number
  readonly reference?: boolean
}

export const startSchema = Joi.object<StartBody>({
  kind: Joi.string()
    .valid(...TEST_KINDS)
    .required()
    .label('The test')
    .messages({ 'any.only': 'There is no such test' }),
  sample: Joi.object({
    kind: Joi.string().valid('lot', 'mix', 'material').required(),
    id: sampleId,
  })
    .required()
    .label('The sample')
    .messages({ 'any.required': 'Say what the test is made on' }),
  besideId: id('The run beside'),
  reference: Joi.boolean(),
})

export interface SetAside {
  readonly reason: string
}

export const setAsideSchema = Joi.object<SetAside>({
  reason: line('The reason', 200).required().messages({
    'string.empty': 'Say why it does not count',
    'any.required': 'Say why it does not count',
  }),
})

export interface MomentBody {
  readonly id: string
  readonly key: string
  readonly at: string
  readonly value: number | null
}

export const momentSchema = Joi.object<MomentBody>({
  id: key('The moment').required(),
  key: key('The key').required(),
  at: moment('The time').required(),
  value: Joi.number().min(-20).max(150).allow(null).required().label('The reading'),
})

/** A form as typed, before anything of it is looked at. */
export interface DraftBody {
  readonly values: Readonly<Record<string, string | readonly string[]>>
}

export const draftSchema = Joi.object<DraftBody>({
  values: Joi.object()
    .pattern(
      key('The field'),
      Joi.alternatives(
        typed('The field', 500).allow(''),
        Joi.array().items(typed('The field', 40).allow('')).max(20),
      ),
    )
    .max(60)
    .required(),
})

export interface CorrectionBody {
  readonly at?: string
  readonly value?: number
  readonly undone?: boolean
}

export const correctionSchema = Joi.object<CorrectionBody>({
  at: moment('The time'),
  value: Joi.number().min(-20).max(150).label('The reading'),
  undone: Joi.boolean(),
}).min(1)

export const testParamsSchema = Joi.object<{ readonly id: number }>({
  id: id('The test').required(),
})

export const momentParamsSchema = Joi.object<{ readonly id: number; readonly moment: string }>({
  id: id('The test').required(),
  moment: key('The moment').required(),
})

export interface NewPen {
  readonly name: string
}

export const newPenSchema = Joi.object<NewPen>({
  name: line('The name', 80).required().messages({ 'string.empty': 'Give the pen a name' }),
})

export interface NewCalibration {
  readonly tempC: number
  readonly buffers: readonly BufferReading[]
}

export const newCalibrationSchema = Joi.object<NewCalibration>({
  tempC: Joi.number()
    .min(0)
    .max(50)
    .required()
    .label('The temperature')
    .messages({ 'number.base': 'Say how warm the buffers were, in °C' }),
  buffers: Joi.array()
    .items(
      Joi.object({
        ph: Joi.number().valid(4.01, 7, 10.01).required(),
        millivolts: Joi.number().min(-600).max(600).allow(null).required().label('The millivolts'),
      }),
    )
    .min(1)
    .max(3)
    .required()
    .label('The buffers')
    .messages({ 'array.min': 'Tick the buffers it was calibrated in' }),
})

const cm = (label: string) =>
  Joi.number()
    .min(1)
    .max(300)
    .required()
    .label(label)
    .messages({ 'number.base': `${label} is missing or no length` })
const round = (what: string) =>
  Joi.object({
    kind: Joi.valid('round').required(),
    topDiameterCm: cm(`${what}: width at the top`),
    baseDiameterCm: cm(`${what}: width at the base`),
    heightCm: cm(`${what}: height`),
  }).required()
/** Of what is measured in a kit, whatever its unit. */
const LEAST = 0.01
const above = (label: string, max: number) =>
  Joi.number()
    .min(LEAST)
    .max(max)
    .required()
    .label(label)
    .messages({ 'number.base': `${label} is missing` })

export interface KitBody {
  readonly kit: TestKit
  readonly version: number
}

export const kitSchema = Joi.object<KitBody>({
  kit: Joi.object({
    columnShape: round('The column'),
    mixLitres: above('The mix in the column', 200),
    pouredMl: above('The water poured', 50_000),
    pourS: above('The time of pouring', 600),
    markMl: above('The mark', 50_000),
    endS: above('The end of the test', 86_400),
    porosityShape: round('The pot for pores'),
    porosityLitres: above('The mix in the pot for pores', 200),
    drainMinutes: above('The time to drain', 1440),
    meshMm: above('The mesh', 100),
  }).required(),
  version: version(0),
})

export interface TapWaterBody {
  readonly ph: number
  readonly ecDsPerM: number
  readonly alkalinityMgPerL: number
  readonly version: number
}

export const tapWaterSchema = Joi.object<TapWaterBody>({
  ph: above('The pH of the water', 12),
  ecDsPerM: Joi.number()
    .min(0)
    .max(10)
    .required()
    .label('The salts of the water')
    .messages({ 'number.base': 'Say what the water has in dS/m, such as 0.6' }),
  alkalinityMgPerL: Joi.number()
    .min(0)
    .max(1000)
    .required()
    .label('The alkalinity')
    .messages({ 'number.base': 'Say its alkalinity in mg of lime per litre, such as 210' }),
  version: version(),
})

/** How finished tests may be sorted; newest first where nothing is said. */
export const TEST_ORDERS = ['oldest', 'sample'] as const

/** What a page of a new test is asked for, and which of the finished ones are listed. */
export interface BenchQuery extends ListQuery {
  readonly lot?: number
  readonly mix?: number
  readonly material?: string
  readonly test?: TestKind
  readonly order?: (typeof TEST_ORDERS)[number]
}

/** Two samples, such as "lot:3" and "mix:1", and the test they are compared in. */
export interface CompareTestsQuery {
  readonly a?: string
  readonly b?: string
  readonly test?: TestKind
}

export const compareTestsSchema = Joi.object<CompareTestsQuery>({
  a: key('The first sample').allow(''),
  b: key('The second sample').allow(''),
  test: Joi.string()
    .valid(...TEST_KINDS)
    .label('The kind of test'),
}).unknown()

/** What can be tested, by its name. */
export interface SamplesQuery {
  readonly find?: string
}

export const samplesQuerySchema = Joi.object<SamplesQuery>({ find: listFields.find })

export const benchQuerySchema = Joi.object<BenchQuery>({
  lot: id('The lot'),
  mix: id('The mix'),
  material: key('The material'),
  ...listFields,
  test: Joi.string()
    .valid(...TEST_KINDS)
    .label('The kind of test'),
  order: Joi.string()
    .valid(...TEST_ORDERS)
    .label('The order'),
}).unknown()

export const sampleParamsSchema = Joi.object<{
  readonly kind: SampleKind
  readonly id: number | string
}>({
  kind: Joi.string().valid('lot', 'mix', 'material').required().label('The sample'),
  id: sampleId,
})
