import { MEASURE_RANGE, type TrialMeasure } from '../../../core/trials'
import type { MeasureView, ResultsPage } from '../../../messages/trials/resultViews'
import type { ChartSpec, Series, Tone } from '../../../ui/chart/chartSpec'
import { trialResults as words } from '../../../ui/texts/trials/trialResults'

/** The control in ink; the others by turns. */
const TONES: readonly Tone[] = ['ink', 'water', 'ok', 'act', 'loam']
/** More lines than this are a thicket: the means alone are drawn. */
const MOST_LINES = 60

export function toneOf(treatment: number): Tone {
  return treatment === 0 ? 'ink' : (TONES[1 + ((treatment - 1) % (TONES.length - 1))] ?? 'water')
}

/** A thin line for each pot and a thick one for the mean of each treatment; null below two days of anything. */
export function growthChart({
  growth,
  isHidden,
  treatments,
}: Pick<ResultsPage, 'growth' | 'isHidden' | 'treatments'>): ChartSpec | null {
  if (!growth) return null
  const { measure, lines: grown } = growth
  const lines =
    grown.length > MOST_LINES && !isHidden
      ? []
      : grown.map(
          ({ code, points, treatment }): Series => ({
            kind: 'line',
            name: code,
            tone: isHidden ? 'quiet' : toneOf(treatment ?? 0),
            points,
            isThin: true,
          }),
        )
  const means = treatments.flatMap(({ number, name }): Series[] => {
    const mine = grown.filter(({ treatment }) => treatment === number)
    const points = meanByDay(mine.map((pot) => pot.points))
    return points.length > 1 ? [{ kind: 'line', name, tone: toneOf(number), points }] : []
  })
  const name = words.measures[measure]
  return {
    title: words.growth.chart(name),
    says: isHidden ? words.growth.saysBlind : words.growth.says,
    x: { name: words.growth.axis, unit: '', min: 0 },
    y: { name, unit: unitOf(measure), min: 0 },
    series: [...lines, ...means],
  }
}

/** Days on which most of the pots were read: a mean of the few that were left would jump. */
function meanByDay(all: readonly (readonly (readonly [number, number])[])[]): [number, number][] {
  const byDay = new Map<number, number[]>()
  for (const [day, value] of all.flat()) byDay.set(day, [...(byDay.get(day) ?? []), value])
  return [...byDay]
    .filter(([, values]) => values.length * 2 > all.length)
    .map(([day, values]): [number, number] => [
      day,
      values.reduce((sum, one) => sum + one, 0) / values.length,
    ])
    .sort((a, b) => a[0] - b[0])
}

/** Pots by their dose, with the steps that were fitted to them. */
export function doseChart(
  page: ResultsPage,
  view: Extract<MeasureView, { by: 'means' }>,
): ChartSpec | null {
  const { dose, measure, isShare } = view
  if (!dose) return null
  const doseOf = new Map(page.treatments.map(({ number, dose: percent }) => [number, percent]))
  const points = page.pots.flatMap(({ treatment, value }) => {
    const at = treatment === null ? undefined : doseOf.get(treatment)
    return at === undefined || value === null ? [] : [[at, value] as const]
  })
  const last = dose.doses.at(-1) ?? 100
  const steps = dose.doses.flatMap((at, index) => {
    const fitted = dose.fitted[index] as number
    const next = dose.doses[index + 1] ?? last
    return [[at, fitted] as const, [next, fitted] as const]
  })
  const name = words.measures[measure]
  return {
    title: words.dose.chart(name),
    says: words.dose.says,
    x: { name: words.dose.axis, unit: '%', min: 0, max: Math.max(100, last) },
    y: {
      name,
      unit: isShare ? words.ofSeeds : unitOf(measure),
      min: 0,
      ...(isShare ? { max: 100 } : {}),
    },
    series: [
      { kind: 'line', name: words.dose.fitted, tone: 'water', points: steps },
      { kind: 'dots', name: words.dots.pots, tone: 'ink', points },
    ],
  }
}

function unitOf(measure: TrialMeasure): string {
  return MEASURE_RANGE[measure].unit
}
