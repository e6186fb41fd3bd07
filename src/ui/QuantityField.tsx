import { type ComponentProps, useState } from 'react'
import type { Dimension } from '../core/units'
import { type FieldProblem, TextField } from './Field'
import { fetchedPart } from './fetchedPart'
import type { Format } from './format'
import { readQuantity } from './readQuantity'
import { useSite } from './SiteContext'
import { common as commonWords } from './texts/common'

/** Asked for once a garden, by who types ppm. */
const ppmFactor = fetchedPart<{ readonly onSaid: (ppmPerDsM: number) => void }>(() =>
  import('./PpmFactor').then((file) => file.PpmFactor),
)

/** A quantity typed as people say it, echoed in the site's unit while typing. */
export function QuantityField({
  label,
  hint,
  error,
  typed,
  dimension,
  echoes = 'always',
  bareUnit,
  ...rest
}: {
  readonly label: string
  readonly hint?: string
  readonly error?: FieldProblem | undefined
  /** The text as it stands in the field. */
  readonly typed: string
  readonly dimension: Dimension
  /** What a number without a unit is in, where that is not L, g or cm. */
  readonly bareUnit?: string
  /** `converted`: only where it was typed in another way than it is written. */
  readonly echoes?: 'always' | 'converted'
} & Omit<ComponentProps<'input'>, 'defaultValue'>) {
  const { site, format } = useSite()
  const [ppmPerDsM, setPpm] = useState(site.measures.ppmPerDsM)
  const measures = ppmPerDsM ? { ...site.measures, ppmPerDsM } : site.measures
  const { value, problem, asksPpm } = readQuantity(typed, dimension, measures, bareUnit)
  const understood = value === null ? null : written(value, dimension, format)
  const plain = echoes === 'converted' && understood !== null && sameWords(typed, understood)
  const echo = understood === null ? hint : plain ? undefined : commonWords.echo(typed, understood)
  return (
    <>
      <TextField
        label={label}
        hint={echo}
        error={problem ?? error ?? undefined}
        inputMode="text"
        {...rest}
      />
      {asksPpm && <ppmFactor.Part onSaid={setPpm} />}
    </>
  )
}

/** "2 L" and "2.0 L" say the same in the same way. */
function sameWords(typed: string, understood: string): boolean {
  const parts = (text: string) => /^([\d.,]+)\s*(\D+)$/.exec(text.trim().toLowerCase())
  const [mine, theirs] = [parts(typed), parts(understood)]
  if (!mine || !theirs) return false
  const number = (text = '') => Number(text.replace(',', '.'))
  return mine[2]?.trim() === theirs[2]?.trim() && number(mine[1]) === number(theirs[1])
}

function written(value: number, dimension: Dimension, format: Format): string {
  switch (dimension) {
    case 'volume':
      return format.plain(format.litres(value))
    case 'mass':
      return format.plain(format.grams(value))
    case 'length':
      return format.plain(format.cm(value))
    case 'area':
      return `${format.number(value)} cm²`
    case 'conductivity':
      return format.plain(format.conductivity(value, 2))
    case 'temperature':
      return `${format.number(value, 1)} °C`
  }
}
