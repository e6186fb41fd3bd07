import { heightForVolume } from '../../core/containers'
import { DomainError } from '../../core/errors'
import { proportionalLine } from '../../core/media'
import { type PottingOn, potOn } from '../../core/season'
import {
  listContainers,
  placeLot,
  requireContainers,
  type StoredContainer,
} from '../../data/containers'
import type { Database } from '../../data/database'
import { inTransaction } from '../../data/inTransaction'
import { appendLines, placeWholeLot, readLot } from '../../data/media'
import { plantingsIn } from '../../data/season'
import type { PotOnAnswer, PotOnBody, PotOnPlan } from '../../messages/containers/goingOn'
import { newTransfer, topUp } from '../media'
import { refuseField } from '../problem'
import { partsFor, type Source, sourceOf } from './fillSource'
import { movePlants } from './movePlants'

interface Ball {
  readonly pot: StoredContainer
  readonly lotId: number
  readonly litres: number
  readonly heightCm: number
  readonly lotPots: readonly number[]
}

/**
 * A living plant with its root ball into a larger, empty pot: the mix it stands in goes along with all that is known of
 * it, new mix under it and around it, and the plants keep their first day.
 * @throws Refused where nothing grows in it, the other pot is not empty or too small, or less mix is there
 */
export async function potOnInto(
  db: Database,
  containerId: number,
  body: PotOnBody,
  at: Date,
): Promise<PotOnAnswer> {
  const ball = await ballOf(db, containerId)
  const growing = (await plantingsIn(db, [containerId])).filter(
    (one) => one.endedOn === null && one.lotId === ball.lotId,
  )
  if (growing.length === 0) refuseField('code', `Nothing grows in ${ball.pot.code}.`)
  const target = await targetOf(db, body.code)
  const on = fitted(ball, target)
  const source = await sourceOf(db, body.source)
  const plan = planOf(ball, target, on, source)
  if (source.there !== null && source.there < plan.litres) {
    refuseField(
      'source',
      `Only ${source.there.toFixed(1)} L are there; it takes ${plan.litres.toFixed(1)} L.`,
    )
  }
  if (body.check) return { plan, containerId: null }
  await inTransaction(db, async (tx) => {
    const lotId = await moveBall(tx, ball, target, at)
    for (const { id } of growing) {
      await movePlants(tx, id, { code: target.code, on: body.on, despite: body.despite }, at)
    }
    await emptyOldPot(tx, ball, target, lotId, at)
    await addNewMix(tx, lotId, body, source, plan, at)
  })
  return { plan, containerId: target.id }
}

async function ballOf(db: Database, containerId: number): Promise<Ball> {
  const [pot] = await requireContainers(db, [containerId])
  if (pot?.lotId == null) return refuseField('code', 'There is no mix in this pot.')
  const { contents, containerIds } = await readLot(db, pot.lotId)
  const pots = await requireContainers(db, containerIds)
  const room = pots.reduce((sum, { litres }) => sum + litres, 0)
  const litres = (contents.litres * pot.litres) / room
  if (!(litres > 0)) refuseField('code', 'The lot in this pot is empty.')
  const heightCm = heightForVolume({ shape: pot.shape, litres: Math.min(litres, pot.litres) })
  return { pot, lotId: pot.lotId, litres, heightCm, lotPots: containerIds }
}

async function targetOf(db: Database, code: string): Promise<StoredContainer> {
  const asked = code.trim().toLocaleLowerCase()
  const pot = (await listContainers(db)).find((one) => one.code.toLocaleLowerCase() === asked)
  if (!pot) return refuseField('code', 'No pot has that code.')
  if (pot.lotId !== null) refuseField('code', `A mix stands in ${pot.code}: choose an empty pot.`)
  return pot
}

function fitted(ball: Ball, target: StoredContainer): PottingOn {
  try {
    return potOn(
      { shape: ball.pot.shape, heightCm: ball.heightCm, litres: ball.litres },
      target.shape,
      target.headspaceCm,
    )
  } catch (error) {
    if (!(error instanceof DomainError)) throw error
    return refuseField('code', `${error.message} Choose one a size or two larger.`)
  }
}

function planOf(ball: Ball, target: StoredContainer, on: PottingOn, source: Source): PotOnPlan {
  const litres = on.newLitres / (1 - source.sinks)
  const { newLitres, ...told } = on
  return {
    ...told,
    code: target.code,
    litres,
    parts: partsFor(source, litres),
    settledLitres: ball.litres + newLitres,
  }
}

/** @returns the lot that stands in the new pot: the same where it stood in this pot alone, else a part of its own */
async function moveBall(
  db: Database,
  ball: Ball,
  target: StoredContainer,
  at: Date,
): Promise<number> {
  if (ball.lotPots.length === 1) {
    await placeLot(db, ball.lotId, [...ball.lotPots, target.id])
    return ball.lotId
  }
  const { toLotId } = await newTransfer(
    db,
    ball.lotId,
    {
      litres: ball.litres,
      to: {
        kind: 'new',
        name: `${target.name} ${target.code}`,
        containerIds: [target.id],
        storeBin: '',
      },
      note: `Potted on from ${ball.pot.code}`,
      despite: '',
    },
    at,
  )
  return toLotId
}

async function emptyOldPot(
  db: Database,
  { pot, lotId: oldLotId, lotPots }: Ball,
  target: StoredContainer,
  lotId: number,
  at: Date,
): Promise<void> {
  if (lotId !== oldLotId) {
    await placeLot(
      db,
      oldLotId,
      lotPots.filter((id) => id !== pot.id),
    )
    return
  }
  const { contents } = await readLot(db, lotId)
  const note = `${pot.code} → ${target.code}`
  await placeWholeLot(db, lotId, {
    containerIds: [target.id],
    storeBin: '',
    line: { ...proportionalLine(contents, 'moved', 0, note), components: [] },
    at,
  })
}

async function addNewMix(
  db: Database,
  lotId: number,
  body: PotOnBody,
  source: Source,
  plan: PotOnPlan,
  at: Date,
): Promise<void> {
  if (body.source.kind === 'lot') {
    await newTransfer(
      db,
      body.source.lotId,
      { litres: plan.litres, to: { kind: 'lot', lotId }, note: '', despite: body.despite },
      at,
    )
  } else {
    const total = source.components.reduce((sum, { parts }) => sum + parts, 0)
    await topUp(
      db,
      lotId,
      {
        kind: 'topped-up',
        litres: plan.litres,
        components: source.components.map(({ material, parts }) => ({
          materialId: material.id,
          litres: (plan.litres * parts) / total,
        })),
        doses: [],
        note: source.note,
      },
      at,
      body.despite,
    )
  }
  const { contents } = await readLot(db, lotId)
  const sunk = contents.litres - plan.settledLitres
  if (sunk > 0) await appendLines(db, lotId, [proportionalLine(contents, 'settled', -sunk)], at)
}
