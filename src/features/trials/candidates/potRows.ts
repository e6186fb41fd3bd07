import type { Candidate, CandidatesPage } from '../../../messages/trials/candidateViews'
import { sideOf } from '../../../ui/AgainstWanted'
import type { Amount, Format } from '../../../ui/format'
import { common as commonWords } from '../../../ui/texts/common'
import { lowerFirst } from '../../../ui/texts/lowerFirst'
import { candidates as words } from '../../../ui/texts/mixes/candidates'
import { airOf, type CandidateFact, daysOf, phOf, saltsOf, waterOf } from './candidateFacts'
import { againstYardstick } from './candidateRank'
import { type RowMaker, type SheetCell, type SheetRow, sentence } from './sheet'

/** What it does in the pot: by its test, else by its recipe. */
export function potRows(page: CandidatesPage, format: Format, row: RowMaker): SheetRow[] {
  const { candidates, wish, crops, cropId } = page
  const crop = lowerFirst(crops.find(({ id }) => id === cropId)?.name ?? '')
  const percent = (share: number) => format.plain(format.percent(share))
  const facts = (
    of: (candidate: Candidate) => CandidateFact | null,
    amount: (value: number) => Amount,
    more: Pick<SheetCell, 'why'>,
    quantity: 'air' | 'ph' | null = null,
  ) => {
    const [yardstick] = candidates
    return (candidate: Candidate): SheetCell | null => {
      const fact = of(candidate)
      if (!fact) return null
      const against =
        candidate === yardstick ? null : againstYardstick(fact, yardstick ? of(yardstick) : null)
      const [low, high] = fact.likely ?? []
      const side = wish && quantity ? sideOf(quantity, fact.value, wish) : null
      return {
        amount: amount(fact.value),
        measuredOn: fact.measuredOn,
        notes: [
          fact.measuredOn === null && low !== undefined && high !== undefined
            ? commonWords.likely(amount(low).number, format.plain(amount(high)).trim())
            : '',
          fact.measuredOn === null ? '' : words.measured(format.day(fact.measuredOn)),
          side && quantity ? words.forCrop(words.outside[quantity][side], crop) : '',
          against ? words.apart[against] : '',
        ].filter(Boolean),
        ...more,
        ...(wish && quantity ? { against: { quantity, value: fact.value, wanted: wish } } : {}),
      }
    }
  }
  const days = (value: number): Amount => ({
    number: format.number(value, 1),
    unit: words.daysUnit,
  })
  const kg = (value: number): Amount => ({ number: format.number(value, 1), unit: 'kg' })
  const ph = (value: number): Amount => ({ number: format.number(value, 1), unit: '' })
  return [
    ...row(
      'air',
      named(words.rows.air, wish && [percent(wish.airMin), percent(wish.airMax)]),
      facts(airOf, format.percent, { why: 'air' }, 'air'),
    ),
    ...row('days', words.rows.days, (one) =>
      one.answer?.dry.days === null
        ? sentence(words.forEver)
        : facts(daysOf, days, { why: 'days' })(one),
    ),
    ...row('water', words.rows.water, facts(waterOf, format.litres, { why: 'water' })),
    ...row('weight', words.rows.weight, ({ answer }) =>
      answer
        ? { amount: kg(answer.dry.heftCapacityKg), measuredOn: null, notes: [], why: 'weight' }
        : null,
    ),
    ...row(
      'ph',
      named(words.rows.ph, wish && [ph(wish.pHLow).number, ph(wish.pHHigh).number]),
      facts(phOf, ph, { why: 'ph' }, 'ph'),
    ),
    ...row('ec', words.rows.ec, facts(saltsOf, format.conductivity, { why: 'ec' })),
    ...row('nitrogen', words.rows.nitrogen, ({ answer }) =>
      answer?.nitrogen
        ? {
            amount: { number: format.number(answer.nitrogen.tiedUpMgPerL), unit: 'mg/L' },
            measuredOn: null,
            notes: [],
            why: 'nitrogen',
          }
        : null,
    ),
  ]
}

function named(name: string, wanted: readonly [string, string] | null): string {
  return wanted ? `${name}, ${words.wanted(wanted[0], wanted[1])}` : name
}
