import { heightForVolume } from '../../core/containers'
import type { PotLook } from '../../core/recondition'
import type { StoredContainer } from '../../data/containers'
import { intakesOfPots, type PotIntake } from '../../data/recondition'
import { lastCropsInAll, openPlantings } from '../../data/season'
import { readSite } from '../../data/site'
import type {
  ManyFoundPage,
  ManyFoundQuery,
  WaitingPot,
} from '../../messages/recondition/manyFound'
import { dayAt } from '../clock'
import type { OpenDatabase } from '../database'
import { type CardFacts, foundViews, problemChoices, readCardFacts } from '../lots'
import { numbersIn } from '../numbersIn'
import { readTables } from '../tables'

/** Pots with a mix in which nothing grows now, and those asked for, with what is known of each already. */
export async function manyFoundPage(
  db: OpenDatabase,
  { pots: asked = '' }: ManyFoundQuery,
): Promise<ManyFoundPage> {
  const site = await readSite(db)
  const tables = await readTables(db, site.timeZone)
  const chosen = numbersIn(asked)
  const growing = new Set((await openPlantings(db)).map(({ containerId }) => containerId))
  const waiting = tables.containers.filter(
    ({ id, lotId }) => lotId !== null && (!growing.has(id) || chosen.includes(id)),
  )
  const lotIds = [...new Set(waiting.flatMap(({ lotId }) => lotId ?? []))]
  const facts = new Map((await readCardFacts(db, tables, lotIds)).map((one) => [one.lot.id, one]))
  const potIds = waiting.map(({ id }) => id)
  const crops = await lastCropsInAll(db)
  const intakes = new Map(
    (await intakesOfPots(db, potIds)).map((one) => [one.containerId, one] as const),
  )
  const pots = waiting.flatMap((pot): WaitingPot[] => {
    const lotFacts = pot.lotId === null ? undefined : facts.get(pot.lotId)
    if (!lotFacts || !(lotFacts.lot.contents.litres > 0)) return []
    const intake = intakes.get(pot.id)
    const isOfThisMix =
      intake !== undefined &&
      intake.lotId === lotFacts.lot.id &&
      intake.at > (lotFacts.lot.mixedAt ?? FIRST)
    return [
      {
        id: pot.id,
        code: pot.code,
        name: pot.name,
        place: pot.place,
        lotId: lotFacts.lot.id,
        lotName: lotFacts.lot.name,
        sharedWith: lotFacts.containers.filter(({ id }) => id !== pot.id).map(({ code }) => code),
        lastCropName: tables.crops.get(crops.get(pot.id) ?? '')?.name ?? null,
        expectedDropCm: expectedDropCm(pot, lotFacts),
        known: foundViews(lotFacts.found, tables).filter(({ state }) => state !== 'clear'),
        answers: isOfThisMix
          ? {
              drop: intake.levelDropCm,
              roots: intake.rootMass,
              side: intake.runsDownSide ? 'yes' : 'no',
              look: lookOf(intake),
              on: dayAt(site.timeZone, intake.at),
            }
          : null,
        innings: lotFacts.innings.length,
      },
    ]
  })
  const there = new Set(pots.map(({ id }) => id))
  return { pots, chosen: chosen.filter((id) => there.has(id)), problems: problemChoices(tables) }
}

const FIRST = new Date(0)

function lookOf({ smell, life, mulchCm, years, drains, debris }: PotIntake): PotLook {
  return { smell, life, mulchCm, years, drains, debris }
}

/** How far its surface has sunk if the ledger's litres stand in the lot's pots evenly. */
function expectedDropCm(pot: StoredContainer, { containers, lot }: CardFacts): number {
  const room = containers.reduce((sum, { litres }) => sum + litres, 0)
  const share = room > 0 ? Math.min(1, lot.contents.litres / room) : 1
  const height = heightForVolume({ shape: pot.shape, litres: pot.litres * share })
  return Math.max(0, pot.fillHeightCm - height)
}
