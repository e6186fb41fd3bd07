import Joi from 'joi'
import type { MaterialGroup } from '../../core/media'
import { line } from '../rules'

/** A material as a line of a table. */
export interface MaterialRow {
  readonly id: string
  readonly name: string
  readonly group: MaterialGroup
  /** kg/L, dry. */
  readonly bulkDensity: number
  readonly totalPorosity: number
  /** Air at 10 cm suction, as a share of the volume. */
  readonly airAt10: number
  readonly grainMm: number
  readonly pH: number
  readonly ec1to2: number
  readonly cToN: number
  readonly pricePerLitre: number | null
  readonly stockLitres: number
}

export const MATERIAL_COLUMNS = [
  'name',
  'group',
  'bulkDensity',
  'totalPorosity',
  'airAt10',
  'grainMm',
  'pH',
  'ec1to2',
  'cToN',
  'pricePerLitre',
  'stockLitres',
] as const satisfies readonly (keyof MaterialRow)[]

export interface MaterialsQuery {
  readonly offset: number
  readonly limit: number
  readonly filter: string
  readonly order: (typeof MATERIAL_COLUMNS)[number]
  readonly descending: boolean
}

export interface MaterialsPage {
  readonly rows: readonly MaterialRow[]
  readonly total: number
}

export const materialsQuerySchema = Joi.object<MaterialsQuery>({
  offset: Joi.number().integer().min(0).max(1_000_000).default(0),
  limit: Joi.number().integer().min(1).max(500).default(100),
  filter: line('The filter', 100).allow('').default(''),
  order: Joi.string()
    .valid(...MATERIAL_COLUMNS)
    .default('name'),
  descending: Joi.boolean().default(false),
})
