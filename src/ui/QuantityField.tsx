import type { InputHTMLAttributes } from 'react'
import type { Dimension } from '../core/units'
import { TextField } from './Field'
import type { Format } from './format'
import { readQuantity } from './readQuantity'
import { useSite } from './SiteContext'
import { common as commonWords } from './texts/common'

/** A quantity typed as people say it, echoed in the site's unit while typing. */
export function QuantityField({
  label,
  hint,
  error,
  typed,
  dimension,
  echoes = 'always',
  ...rest
}: {
  readonly label: string
  readonly hint?: string
  readonly error?: string | undefined
  /** The text as it stands in the field. */
  readonly typed: string
  readonly dimension: Dimension
  /** `converted`: only where it was typed in another way than it is written. */
  readonly echoes?: 'always' | 'converted'
} & Omit<InputHTMLAttributes<HTMLInputElement>, 'defaultValue'>) {
  const { site, format } = useSite()
  const { value, problem } = readQuantity(typed, dimension, site.measures)
  const understood = value === null ? null : written(value, dimension, format)
  const plain = echoes === 'converted' && understood !== null && sameWords(typed, understood)
  const echo = understood === null ? hint : plain ? undefined : commonWords.echo(typed, understood)
  return (
    <TextField
      label={label}
      hint={echo}
      error={error ?? problem ?? undefined}
      inputMode="text"
      {...rest}
    />
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
  const amount =
    dimension === 'volume'
      ? format.litres(value)
      : dimension === 'mass'
        ? format.grams(value)
        : format.cm(value)
  return format.plain(amount)
}
