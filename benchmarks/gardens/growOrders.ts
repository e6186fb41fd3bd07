import type { Database } from '../../src/data/database'
import { workOrderSteps, workOrders } from '../../src/data/recondition'
import { type BuiltRecipe, buildRecipe, scheduleOf } from '../../src/server/recondition'
import { TROUGH_TO_STRAWBERRY } from '../../testing/answers'
import { pick, type Random } from '../../testing/random'
import type { GrownLot } from './growLots'
import { insertRows } from './insertRows'

const DAY_MS = 86_400_000
const YEAR_DAYS = 365
const TURNED_SHARE = 0.5
const OPEN_SHARE = 0.04
const CROPS = ['strawberry', 'chard', 'lettuce', 'tomato-bush'] as const

type Pattern = ReturnType<typeof scheduleOf> & { readonly built: BuiltRecipe }

/** Work orders of the grown lots over their years, finished ones and some that are open, each with a true recipe. */
export async function growOrders(
  db: Database,
  random: Random,
  grown: readonly GrownLot[],
  now: Date,
): Promise<void> {
  const patterns: Pattern[] = []
  for (const crop of CROPS) {
    const built = await buildRecipe(db, { ...TROUGH_TO_STRAWBERRY, crop }, now)
    patterns.push({ built, ...scheduleOf(built, now) })
  }
  const orderOf = ({ id, potIds }: GrownLot, state: 'open' | 'finished', daysAgo: number) => {
    const { built, steps, readyOn } = pick(random, patterns)
    const createdAt = new Date(now.getTime() - daysAgo * DAY_MS)
    const finishedAt = state === 'finished' ? new Date(createdAt.getTime() + DAY_MS) : null
    const intake = { ...built.intake, containerIds: potIds }
    return {
      steps,
      row: { lotId: id, state, createdAt, finishedAt, intake, recipe: built.recipe, readyOn },
    }
  }
  const orders = grown.flatMap((lot) => [
    ...Array.from({ length: lot.years - 1 }, (_, year) => year)
      .filter(() => random() < TURNED_SHARE)
      .map((year) => orderOf(lot, 'finished', 200 + year * YEAR_DAYS)),
    ...(lot.potIds.length > 0 && random() < OPEN_SHARE ? [orderOf(lot, 'open', 5)] : []),
  ])
  const ids = await insertRows(
    db,
    workOrders,
    orders.map(({ row }) => row),
  )
  await insertRows(
    db,
    workOrderSteps,
    orders.flatMap(({ steps, row }, i) =>
      steps.map((plan, position) => ({
        workOrderId: ids[i] as number,
        position,
        plan,
        amounts: plan.amounts,
        doneAt: row.finishedAt ?? (position < 2 ? row.createdAt : null),
      })),
    ),
  )
}
