import type { HouseholdMeasures } from '../../core/units'
import type { TestKit } from '../../messages/bench/benchViews'
import { readQuantity } from '../../ui/readQuantity'
import type { BodyOf } from '../../ui/request'
import { benchScreens } from '../../ui/texts/bench/benchScreens'
import { readNumber } from '../readNumber'

const words = benchScreens.kitScreen

/** A measure of the kit in the form, and where it stands in the kit. */
export interface KitField {
  readonly group: 'drain' | 'porosity'
  readonly name: string
  readonly path: string
  readonly label: string
  readonly kind: 'cm' | 'litres' | 'millilitres' | 'number'
  /** How many of the kit's unit one of the form's is: minutes are kept as seconds. */
  readonly times: number
}

const field = (
  group: KitField['group'],
  path: string,
  label: string,
  kind: KitField['kind'],
  times = 1,
): KitField => ({ group, name: path.replace('.', '_'), path, label, kind, times })

export const KIT_FIELDS: readonly KitField[] = [
  field('drain', 'columnShape.topDiameterCm', words.column, 'cm'),
  field('drain', 'columnShape.baseDiameterCm', words.columnBase, 'cm'),
  field('drain', 'columnShape.heightCm', words.height, 'cm'),
  field('drain', 'mixLitres', words.mix, 'litres'),
  field('drain', 'pouredMl', words.poured, 'millilitres'),
  field('drain', 'pourS', words.pour, 'number'),
  field('drain', 'markMl', words.mark, 'millilitres'),
  field('drain', 'endS', words.end, 'number', 60),
  field('porosity', 'porosityShape.topDiameterCm', words.pot, 'cm'),
  field('porosity', 'porosityShape.baseDiameterCm', words.columnBase, 'cm'),
  field('porosity', 'porosityShape.heightCm', words.height, 'cm'),
  field('porosity', 'porosityLitres', words.potMix, 'litres'),
  field('porosity', 'drainMinutes', words.drains, 'number'),
  field('porosity', 'meshMm', words.mesh, 'number'),
]

const UNITS = { cm: ' cm', litres: ' L', millilitres: ' mL', number: '' } as const

export function kitDefaults(kit: TestKit): Record<string, string> {
  return Object.fromEntries(
    KIT_FIELDS.map(({ name, path, kind, times }) => [
      name,
      `${Number(read(kit, path)) / times}${UNITS[kind]}`,
    ]),
  )
}

/** The kit as typed; what is no measure arrives as null and is refused at its field. */
export function kitBody(
  values: Readonly<Record<string, string>>,
  measures: HouseholdMeasures,
): BodyOf<'PUT /api/bench/kit'>['kit'] {
  const kit: Record<string, unknown> = {
    columnShape: { kind: 'round' },
    porosityShape: { kind: 'round' },
  }
  for (const { name, path, kind, times } of KIT_FIELDS) {
    const typed = values[name] ?? ''
    const value =
      kind === 'number'
        ? readNumber(typed)
        : readQuantity(typed, kind === 'cm' ? 'length' : 'volume', measures).value
    const kept =
      value === null
        ? null
        : Number((value * times * (kind === 'millilitres' ? 1000 : 1)).toFixed(6))
    const [outer = '', inner] = path.split('.')
    if (inner === undefined) kit[outer] = kept
    else kit[outer] = { ...(kit[outer] as object), [inner]: kept }
  }
  return kit as BodyOf<'PUT /api/bench/kit'>['kit']
}

function read(kit: TestKit, path: string): unknown {
  return path
    .split('.')
    .reduce<unknown>((of, name) => (of as Readonly<Record<string, unknown>>)[name], kit)
}
