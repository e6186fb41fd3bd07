import { DEFAULT_PRIORITIES, MOST_LADDERS } from '../../core/recondition'
import { findLotIds } from '../../data/media'
import { openPlantings } from '../../data/season'
import { readSite } from '../../data/site'
import type { PlanPage, PlanQuery } from '../../messages/recondition/plan'
import { WAITING_STATES } from '../../messages/recondition/turnover'
import type { OpenDatabase } from '../database'
import { readCardFacts } from '../lots'
import { numbersIn } from '../numbersIn'
import { readTables } from '../tables'

/** Lots that wait, to be planned together; those asked for are chosen, else all that stand in pots. */
export async function planPage(
  db: OpenDatabase,
  { lots: asked = '', crop = '' }: PlanQuery,
): Promise<PlanPage> {
  const site = await readSite(db)
  const tables = await readTables(db, site.timeZone)
  const wanted = numbersIn(asked)
  const waiting = await findLotIds(db, {
    find: '',
    states: WAITING_STATES,
    offset: 0,
    limit: 2 * MOST_LADDERS,
  })
  const facts = await readCardFacts(db, tables, [...new Set([...wanted, ...waiting])])
  const filled = facts.filter(({ lot }) => lot.contents.litres > 0)
  const inPots = filled.filter(({ lot }) => lot.containerIds.length > 0)
  const growing = new Set((await openPlantings(db)).map(({ lotId }) => lotId))
  const free = inPots.flatMap(({ lot }) => (growing.has(lot.id) ? [] : lot.id))
  const chosen = wanted.length > 0 ? wanted : free
  const there = new Set(inPots.map(({ lot }) => lot.id))
  const { way } = tables.schools
  return {
    lots: inPots.map(({ lot, where, strata }) => ({
      id: lot.id,
      name: lot.name,
      where,
      litres: lot.contents.litres,
      strata,
      isGrowing: growing.has(lot.id),
    })),
    asked: wanted,
    chosen: chosen.filter((id) => there.has(id)).slice(0, MOST_LADDERS),
    crops: [...tables.crops.values()].map(({ id, name }) => ({ id, name })),
    crop: tables.crops.has(crop) ? crop : '',
    priorities: { ...DEFAULT_PRIORITIES, ...site.practice.priorities },
    usualWay: way === 'compare' ? null : way,
    inStore: filled.length - inPots.length,
  }
}
