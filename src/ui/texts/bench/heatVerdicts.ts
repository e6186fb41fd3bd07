import type { VerdictKey } from '../../../messages/bench/benchViews'
import { lower, number, type Sentence, word } from '../media/verdictWords'

/** What a heat record means. */
export const heatSentences = {
  'heat.done': (told, format) =>
    `Done: ${format.number(number(told, 'minutes'))} minutes at ${format.number(number(told, 'tempC'))} °C or above; ${lower(word(told, 'problem'))} needs ${format.number(number(told, 'needed'))}.`,
  'heat.continue': (told, format) =>
    `Continue for ${format.number(Math.ceil(number(told, 'missing')))} minutes at ${format.number(number(told, 'tempC'))} °C or above for ${lower(word(told, 'problem'))}.`,
  'heat.warm up': (told, format) =>
    `Below ${format.number(number(told, 'tempC'))} °C: ${format.number(Math.ceil(number(told, 'missing')))} minutes are missing for ${lower(word(told, 'problem'))}. Heat on.`,
  'heat.no help': (told) => `Heat does not help against ${lower(word(told, 'problem'))}.`,
  'heat.too hot': (told, format) =>
    `Too hot: ${format.number(number(told, 'peak'))} °C kills all that is useful, sets salts and ammonia free, and weeds come back first. Leach it and let it stand before use.`,
} as const satisfies Partial<Record<VerdictKey, Sentence>>
