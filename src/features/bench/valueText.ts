import type { BenchUnit } from '../../messages/bench/benchViews'
import type { Amount, Format } from '../../ui/format'
import { bench as benchWords } from '../../ui/texts/bench/bench'
import { secondsText } from '../../ui/texts/bench/benchVerdicts'

/** A value of a test with its unit, as it is written. */
export function valueAmount(value: number, unit: BenchUnit, format: Format): Amount {
  switch (unit) {
    case 'share':
      return format.percent(value)
    case 'L':
      return format.litres(value)
    case 'cm':
      return format.cm(value)
    case 's': {
      const [number = '', of = ''] = secondsText(value, format).split(' ')
      return { number, unit: of }
    }
    case 'mL':
    case 'mL/min':
    case 'min':
    case '°C':
    case 'seedlings':
      return { number: format.number(value), unit }
    case 'pH':
      return { number: format.number(value, 1), unit: '' }
    case 'times':
      return { number: format.number(value, 2), unit: '×' }
    case 'g/L':
    case 'kg/L':
      return { number: format.number(value, 2), unit }
    case 'dS/m':
      return format.conductivity(value, 2)
    case 'cm/min':
    case 'per 100 cm²':
    case '%':
      return { number: format.number(value, 1), unit }
  }
}

/** What a value is called. */
export function valueName(name: string): string {
  const [, what = '', share = ''] = /^(\w+) (\d+)$/.exec(name) ?? []
  const ofShare = benchWords.seedlings[what]
  if (ofShare) return ofShare(share)
  return benchWords.values[name] ?? name
}
