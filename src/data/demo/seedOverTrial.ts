import { containerVolume } from '../../core/containers'
import { type LedgerComponent, proportionalLine } from '../../core/media'
import type { PotLogKind } from '../../core/season'
import {
  layoutTrial,
  MEASURE_KIND,
  MEASURE_RANGE,
  type TrialMeasure,
  usualSummary,
} from '../../core/trials'
import { DAY_MS } from '../../core/units'
import { placed } from '../containers'
import { containers } from '../containers/tables'
import type { Database } from '../database'
import { appendLines, createLot, putAwayLot } from '../media/lots'
import { readMix } from '../mixes/mixes'
import { potLog } from '../season/plantingTables'
import type { TrialMedium } from '../trials/tables'
import { excludePot } from '../trials/trialLog'
import {
  changeTrial,
  changeTrialPots,
  createTrial,
  readTrial,
  setTreatmentLot,
} from '../trials/trials'
import type { DemoTrial } from './demoTrial'
import { noise } from './noise'

const CLOSED_AFTER_DAYS = 3
const PERCENT = 100
const SETTLED = 0.1

/** A trial from its plan to its end: its pots are washed and put away, its mixes thrown out, what was read stays. */
export async function seedOverTrial(db: Database, demo: DemoTrial, now: Date): Promise<void> {
  const { trial, crops = [] } = demo
  const dayOf = (day: number) => new Date(now.getTime() - (demo.plantedDaysAgo - day) * DAY_MS)
  const planted = dayOf(0)
  const lastDay = Math.max(...trial.checkDays)
  const closedAt = dayOf(lastDay + CLOSED_AFTER_DAYS)
  const treatments = demo.treatments.map((one) => ({
    added: null,
    dose: 0,
    potSize: null,
    care: '',
    risks: [],
    ...one,
  }))
  const rows = crops.length > 0 ? crops.length : trial.pots
  const layout = layoutTrial({
    treatments: treatments.map((_, number) => String(number)),
    replicates: rows,
    columns: treatments.length,
    seed: demo.seed,
  })
  const id = await createTrial(
    db,
    {
      ...trial,
      decidesDay: lastDay,
      blocks: true,
      columns: treatments.length,
      seed: demo.seed,
      cv: 20,
      createdAt: dayOf(-10),
    },
    treatments,
    layout.map(({ treatment, ...pot }) => ({
      ...pot,
      treatment: Number(treatment),
      cropId: crops[pot.block ?? 0] ?? null,
      containerId: null,
    })),
  )
  const made = await readTrial(db, id)
  const where = await placed(db, trial.place, 'open')
  const litres = potLitres(trial.potSize)
  for (const treatment of made.treatments) {
    const pots = made.potList.filter(({ treatmentId }) => treatmentId === treatment.id)
    const containerIds: number[] = []
    for (const pot of pots) {
      const [container] = await db
        .insert(containers)
        .values({
          code: pot.code,
          name: trial.potSize.name,
          shape: trial.potSize.shape,
          headspaceCm: trial.potSize.headspaceCm,
          ...where,
          putAwayAt: closedAt,
        })
        .returning({ id: containers.id })
      if (!container) continue
      containerIds.push(container.id)
      await changeTrialPots(db, [{ id: pot.id, containerId: container.id }])
    }
    const lotId = await seedItsLot(db, demo, treatment, {
      name: `${trial.name}: ${treatment.name}`.slice(0, 80),
      litres: litres * pots.length,
      planted,
      closedAt,
    })
    await setTreatmentLot(db, treatment.id, lotId)
  }
  await seedReadings(db, demo, id, dayOf)
  await changeTrial(db, id, 1, {
    plantedOn: isoDay(planted),
    closedAt,
    lessons: demo.lessons || null,
    stepsDone: { pots: isoDay(planted), label: isoDay(planted), 'fill-alike': isoDay(planted) },
  })
}

/** Filled as it was planted, sunk with the first watering, thrown out at the end. */
async function seedItsLot(
  db: Database,
  demo: DemoTrial,
  { medium, added, dose }: { medium: TrialMedium; added: TrialMedium | null; dose: number },
  lot: {
    readonly name: string
    readonly litres: number
    readonly planted: Date
    readonly closedAt: Date
  },
): Promise<number> {
  const loose = lot.litres / (1 - SETTLED)
  const base = await sharesOf(db, medium)
  const more = added ? await sharesOf(db, added) : new Map<string, number>()
  const share = added ? dose / PERCENT : 0
  const components = new Map<string, number>()
  for (const [parts, of] of [
    [base, 1 - share],
    [more, share],
  ] as const) {
    for (const [material, part] of parts) {
      if (part * of <= 0) continue
      components.set(material, (components.get(material) ?? 0) + part * of * loose)
    }
  }
  const contents: LedgerComponent[] = [...components].map(([materialId, litres]) => ({
    materialId,
    litres,
  }))
  const id = await createLot(db, {
    name: lot.name,
    origin: contents.length > 1 ? 'own recipe' : 'bag',
    storeBin: null,
    containerIds: [],
    lines: [
      { kind: 'filled', litres: loose, components: contents, doses: [], note: demo.trial.name },
    ],
    at: lot.planted,
  })
  const all = { components: contents, litres: loose }
  const settled = proportionalLine(all, 'settled', lot.litres - loose)
  await appendLines(db, id, [settled], lot.planted)
  const left = {
    components: contents.map((one) => ({ ...one, litres: one.litres * (1 - SETTLED) })),
    litres: lot.litres,
  }
  await appendLines(db, id, [proportionalLine(left, 'discarded', -lot.litres)], lot.closedAt)
  await putAwayLot(db, id, lot.closedAt)
  return id
}

async function sharesOf(db: Database, medium: TrialMedium): Promise<ReadonlyMap<string, number>> {
  if (medium.kind === 'bag') return new Map([[medium.materialId, 1]])
  if (medium.kind !== 'mix') throw new Error('Trials of the demo that are over hold no lots.')
  const { versions } = await readMix(db, medium.mixId)
  const parts = versions.find(({ number }) => number === medium.version)?.parts ?? []
  const total = parts.reduce((sum, { litres }) => sum + litres, 0)
  return new Map(parts.map(({ materialId, litres }) => [materialId, litres / total]))
}

async function seedReadings(
  db: Database,
  demo: DemoTrial,
  id: number,
  dayOf: (day: number) => Date,
): Promise<void> {
  const { trial, means, happened = [], cv } = demo
  const made = await readTrial(db, id)
  const draw = noise(demo.seed)
  const entries: (typeof potLog.$inferInsert)[] = []
  for (const { number, id: treatmentId } of made.treatments) {
    const pots = made.potList.filter((pot) => pot.treatmentId === treatmentId)
    for (const [place, pot] of pots.entries()) {
      const event = happened.find((one) => one.treatment === number && one.place === place)
      const entry = (day: number, kind: PotLogKind, value: number | null, note: string | null) => ({
        containerId: pot.containerId as number,
        at: dayOf(day),
        kind,
        value,
        note,
        trialId: id,
      })
      // A pot is a little ahead or behind all along.
      const own = 1 + (cv / PERCENT) * draw()
      const crop = demo.crops?.indexOf(pot.cropId ?? '') ?? -1
      for (const [check, day] of trial.checkDays.entries()) {
        if (event?.isLeftOut && event.day <= day) break
        for (const measure of trial.measures) {
          const mean = means[measure]?.[number]?.[crop >= 0 ? crop : check]
          const isLast = check === trial.checkDays.length - 1
          if (mean == null || (crop >= 0 && !isLast)) continue
          entries.push(
            entry(day, MEASURE_KIND[measure], readable(mean * own, measure, trial.perPot), null),
          )
        }
      }
      if (!event) continue
      entries.push(entry(event.day, event.kind, null, event.note || null))
      if (!event.isLeftOut) continue
      const on = isoDay(dayOf(event.day))
      await excludePot(db, pot.id, { on, happened: event.kind, why: event.note })
    }
  }
  await db.insert(potLog).values(entries)
}

/** As it would be read and written down. */
function readable(value: number, measure: TrialMeasure, seeds: number): number {
  const { low, high, decimals } = MEASURE_RANGE[measure]
  const most = measure === 'emerged' && seeds > 0 ? seeds : high
  const digits = usualSummary(measure) === 'last' && decimals === 1 && value < PERCENT ? 1 : 0
  return Math.min(most, Math.max(low, Number(value.toFixed(digits))))
}

function potLitres({ shape, headspaceCm }: DemoTrial['trial']['potSize']): number {
  return containerVolume({ shape, fillHeightCm: shape.heightCm - headspaceCm })
}

function isoDay(at: Date): string {
  return at.toISOString().slice(0, 10)
}
