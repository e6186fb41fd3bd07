import type { Candidate, CandidatesPage } from '../../../messages/trials/candidateViews'
import type { Amount, Format } from '../../../ui/format'
import { lowerFirst } from '../../../ui/texts/lowerFirst'
import { candidates as words } from '../../../ui/texts/mixes/candidates'
import { airOf, type CandidateFact, daysOf, phOf, saltsOf, waterOf } from './candidateFacts'
import { againstYardstick } from './candidateRank'
import { type RowMaker, type SheetCell, type SheetRow, sentence } from './sheet'

/** What a crop wants, on the scale it is drawn on. */
type Wanted = Omit<NonNullable<SheetCell['band']>, 'value'> & { readonly quantity: 'air' | 'ph' }

/** What it does in the pot: by its test, else by its recipe. */
export function potRows(page: CandidatesPage, format: Format, row: RowMaker): SheetRow[] {
  const { candidates, wish, crops, cropId } = page
  const crop = lowerFirst(crops.find(({ id }) => id === cropId)?.name ?? '')
  const percent = (share: number) => format.plain(format.percent(share))
  const facts = (
    of: (candidate: Candidate) => CandidateFact | null,
    amount: (value: number) => Amount,
    more: Pick<SheetCell, 'why'>,
    wanted: Wanted | null = null,
  ) => {
    const [yardstick] = candidates
    return (candidate: Candidate): SheetCell | null => {
      const fact = of(candidate)
      if (!fact) return null
      const against =
        candidate === yardstick ? null : againstYardstick(fact, yardstick ? of(yardstick) : null)
      const [low, high] = fact.likely ?? []
      return {
        amount: amount(fact.value),
        measuredOn: fact.measuredOn,
        notes: [
          fact.measuredOn === null && low !== undefined && high !== undefined
            ? words.likely(amount(low).number, format.plain(amount(high)).trim())
            : '',
          fact.measuredOn === null ? '' : words.measured(format.day(fact.measuredOn)),
          wanted && fact.value < wanted.low
            ? words.forCrop(words.outside[wanted.quantity].low, crop)
            : '',
          wanted && fact.value > wanted.high
            ? words.forCrop(words.outside[wanted.quantity].high, crop)
            : '',
          against ? words.apart[against] : '',
        ].filter(Boolean),
        ...more,
        ...(wanted ? { band: { value: fact.value, ...wanted } } : {}),
      }
    }
  }
  const days = (value: number): Amount => ({
    number: format.number(value, 1),
    unit: words.daysUnit,
  })
  const kg = (value: number): Amount => ({ number: format.number(value, 1), unit: 'kg' })
  const ph = (value: number): Amount => ({ number: format.number(value, 1), unit: '' })
  const air = wish && {
    low: wish.airMin,
    high: wish.airMax,
    from: 0,
    to: 0.6,
    quantity: 'air' as const,
  }
  const acid = wish && {
    low: wish.pHLow,
    high: wish.pHHigh,
    from: 3.5,
    to: 8.5,
    quantity: 'ph' as const,
  }
  return [
    ...row(
      'air',
      named(words.rows.air, wish && [percent(wish.airMin), percent(wish.airMax)]),
      facts(airOf, format.percent, { why: 'air' }, air),
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
      facts(phOf, ph, { why: 'ph' }, acid),
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
