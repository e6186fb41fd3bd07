import type { BenchVerdict } from '../../../messages/bench/benchViews'
import type { Format } from '../../format'

type Told = BenchVerdict['told']
/** What a test means, from what it told. */
export type Sentence = (told: Told, format: Format) => string

/** Values of a verdict, as its sentences write them. */
export const number = (told: Told, key: string) => Number(told[key] ?? 0)
export const potHeight = (told: Told, format: Format) =>
  typeof told.heightCm === 'number' ? ` (${format.plain(format.cm(told.heightCm))} of mix)` : ''
export const share = (told: Told, key: string, format: Format) =>
  format.plain(format.percent(number(told, key)))
export const word = (told: Told, key: string) => String(told[key] ?? '')
export const lower = (name: string) => name.charAt(0).toLocaleLowerCase() + name.slice(1)
