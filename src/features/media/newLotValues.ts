import type { ContainerShape } from '../../core/containers'
import type { Exposure } from '../../core/season'
import type { HouseholdMeasures } from '../../core/units'
import { readQuantity } from '../../ui/readQuantity'
import type { BodyOf } from '../../ui/request'
import { numberOrTyped } from '../readNumber'

export type LengthName =
  | 'topDiameter'
  | 'baseDiameter'
  | 'topLength'
  | 'topWidth'
  | 'baseLength'
  | 'baseWidth'
  | 'rimDiameter'
  | 'height'
  | 'headspace'

/** The form as typed. */
export type LotValues = Record<LengthName, string> & {
  name: string
  place: string
  origin: 'bag' | 'own recipe' | 'unknown'
  /** Seasons it has served already. */
  years: string
  kind: 'round' | 'rectangular' | 'bowl' | 'none'
  exposure: Exposure
  count: string
  components: { materialId: string; litres: string }[]
}

/** A container as typed. */
export type ContainerValues = Pick<LotValues, LengthName | 'kind' | 'count'>

export const DEFAULT_LOT: LotValues = {
  name: '',
  place: '',
  origin: 'bag',
  years: '',
  kind: 'round',
  exposure: 'open',
  count: '1',
  topDiameter: '',
  baseDiameter: '',
  topLength: '',
  topWidth: '',
  baseLength: '',
  baseWidth: '',
  rimDiameter: '',
  height: '',
  headspace: '2.5 cm',
  components: [{ materialId: '', litres: '' }],
}

export const LENGTHS_OF: Readonly<Record<LotValues['kind'], readonly LengthName[]>> = {
  round: ['topDiameter', 'baseDiameter', 'height', 'headspace'],
  rectangular: ['topLength', 'topWidth', 'baseLength', 'baseWidth', 'height', 'headspace'],
  bowl: ['rimDiameter', 'height', 'headspace'],
  none: [],
}

/** The container as typed; a dimension that makes no sense is NaN, so that the server names its field. */
export function typedContainer(values: ContainerValues, measures: HouseholdMeasures) {
  const cm = (name: LengthName) =>
    readQuantity(values[name], 'length', measures).value ?? Number.NaN
  const heightCm = cm('height')
  const shapes: Readonly<Record<'round' | 'rectangular' | 'bowl', () => ContainerShape>> = {
    round: () => ({
      kind: 'round',
      topDiameterCm: cm('topDiameter'),
      baseDiameterCm: cm('baseDiameter'),
      heightCm,
    }),
    rectangular: () => ({
      kind: 'rectangular',
      topLengthCm: cm('topLength'),
      topWidthCm: cm('topWidth'),
      baseLengthCm: cm('baseLength'),
      baseWidthCm: cm('baseWidth'),
      heightCm,
    }),
    bowl: () => ({ kind: 'bowl', rimDiameterCm: cm('rimDiameter'), heightCm }),
  }
  if (values.kind === 'none') return null
  return { shape: shapes[values.kind](), headspaceCm: cm('headspace'), count: Number(values.count) }
}

/** The container once every dimension is a number above 0; null before. */
export function shapeOf(values: ContainerValues, measures: HouseholdMeasures) {
  const described = typedContainer(values, measures)
  if (!described) return null
  const { kind, ...dimensions } = described.shape
  const complete = Object.values(dimensions).every((cm) => cm > 0)
  return complete && described.headspaceCm >= 0 ? described : null
}

/** What is sent. Letters where a number should be arrive as null and are refused at their field. */
export function bodyOf(
  values: LotValues,
  measures: HouseholdMeasures,
): BodyOf<'POST /api/media/lots'> {
  return {
    name: values.name,
    place: values.place,
    origin: values.origin,
    years: numberOrTyped(values.years),
    components: filledRows(values.components).map(({ materialId, litres }) => ({
      materialId,
      litres: readQuantity(litres, 'volume', measures).value,
    })),
    container: withExposure(values, measures),
  }
}

function withExposure(values: LotValues, measures: HouseholdMeasures) {
  const typed = typedContainer(values, measures)
  return typed && { ...typed, exposure: values.exposure }
}

/** Rows at the end that were left empty are no part of the mix; the first row always counts. */
function filledRows(rows: LotValues['components']): LotValues['components'] {
  const last = rows.findLastIndex(({ materialId, litres }) => materialId || litres.trim())
  return rows.slice(0, Math.max(1, last + 1))
}
