import { type ContainerShape, containerVolume } from '../../core/containers'
import {
  blendMedia,
  type Component,
  containerCapacity,
  type LedgerLine,
  proportionalLine,
} from '../../core/media'
import { drainHoles, emitters, settlingTopUp } from '../../core/season'
import { requireContainers, type StoredContainer, setFiller } from '../../data/containers'
import { inTransaction } from '../../data/inTransaction'
import {
  appendLines,
  createLot,
  findLotIds,
  materialsById,
  readLotCards,
  readLotStocks,
} from '../../data/media'
import { findMixNames } from '../../data/mixes'
import { listCrops } from '../../data/season'
import { listFindings } from '../../data/trials'
import type { FillAnswer, FillChoices, FillPlan, FillPot } from '../../messages/containers/fillPot'
import type { OpenDatabase } from '../database'
import { litresThatFit, refuseTooMuch } from '../lots'
import { newTransfer } from '../media'
import { refuseField } from '../problem'
import { partsFor, type Source, sourceOf } from './fillSource'
import { shapeWithFiller } from './shapeWithFiller'

const FIRST = 50
const PERCENT = 100

/**
 * Fills an empty pot from a mix, a bag or a lot in the store: what is measured out, what sinks, and the lot it becomes.
 * @throws Refused where the pot is not empty, more would go in than there is room, or less is there
 */
export async function fillPot(
  db: OpenDatabase,
  potId: number,
  body: FillPot,
  at: Date,
): Promise<FillAnswer> {
  const [pot] = await requireContainers(db, [potId])
  if (!pot) throw new Error('The container was required.')
  if (pot.lotId !== null) {
    refuseField('source', `A mix stands in ${pot.code}: empty it, or top it up by its ledger.`)
  }
  const source = await sourceOf(db, body.source)
  const fillerCm = body.fillerCm ?? pot.fillerCm
  const plan = planOf(pot, fillerCm, source, body.litres)
  const fits = litresThatFit([plan.shape], source.components)
  if (plan.litres > fits) {
    refuseTooMuch('litres', plan.litres, fits, 'Take so much, or a larger pot.')
  }
  const { shape: _, ...told } = plan
  if (body.check) return { plan: told, lotId: null }
  const name = body.name.trim() || `${pot.name} ${pot.code}`
  if (body.source.kind === 'lot') {
    const fromLotId = body.source.lotId
    const lotId = await inTransaction(db, async (tx) => {
      await setFiller(tx, potId, fillerCm)
      const { toLotId } = await newTransfer(
        tx,
        fromLotId,
        {
          litres: plan.litres,
          to: { kind: 'new', name, containerIds: [potId], storeBin: '' },
          note: '',
          despite: '',
        },
        at,
      )
      await settle(tx, toLotId, plan, at)
      return toLotId
    })
    return { plan: told, lotId }
  }
  const total = source.components.reduce((sum, { parts }) => sum + parts, 0)
  const filled: LedgerLine = {
    kind: 'filled',
    litres: plan.litres,
    components: source.components.map(({ material, parts }) => ({
      materialId: material.id,
      litres: (plan.litres * parts) / total,
    })),
    doses: [],
    note: source.note,
  }
  const lotId = await inTransaction(db, async (tx) => {
    await setFiller(tx, potId, fillerCm)
    const made = await createLot(tx, {
      name,
      origin: source.origin,
      storeBin: null,
      containerIds: [potId],
      lines: [filled],
      at,
    })
    await settle(tx, made, plan, at)
    return made
  })
  return { plan: told, lotId }
}

/** What sinks with the first watering. */
async function settle(db: OpenDatabase, lotId: number, plan: FillPlan, at: Date): Promise<void> {
  const [lot] = await readLotCards(db, [lotId])
  const sunk = plan.litres - plan.settledLitres
  if (!lot || !(sunk > 0)) return
  await appendLines(db, lotId, [proportionalLine(lot.contents, 'settled', -sunk)], at)
}

/** Loose mix that stands at the gap to the rim once it has settled, or as much as there is. */
function planOf(
  { outerShape, headspaceCm }: StoredContainer,
  fillerCm: number,
  source: Source,
  asked: number | null,
): FillPlan & { readonly shape: ContainerShape } {
  const { components, there, sinks, isDoubtful } = source
  const shape = shapeWithFiller(outerShape, fillerCm, headspaceCm)
  const full = litresAtGap(shape, headspaceCm)
  const wanted = asked ?? full / (1 - sinks)
  const loose = there === null ? wanted : Math.min(wanted, there)
  const { volumeYield } = blendMedia({ components })
  return {
    litres: loose,
    parts: partsFor(source, loose),
    volumeYield: there === null && components.length > 1 ? volumeYield : null,
    settledLitres: loose * (1 - sinks),
    topUpLitres: settlingTopUp(Math.min(loose, full), sinks * PERCENT),
    headspaceCm,
    filler:
      fillerCm > 0
        ? {
            heightCm: fillerCm,
            savedLitres: litresAtGap(outerShape, headspaceCm) - full,
            air: airOf(components, shape, headspaceCm),
            airWithout: airOf(components, outerShape, headspaceCm),
          }
        : null,
    holes: drainHoles(outerShape),
    emitters: emitters(outerShape, 1).count,
    isDoubtful,
    shape,
  }
}

/** After draining, filled to the gap. */
function airOf(
  components: readonly Component[],
  shape: ContainerShape,
  headspaceCm: number,
): number {
  const { curve } = blendMedia({ components })
  return containerCapacity({ curve, shape, fillHeightCm: shape.heightCm - headspaceCm }).airFraction
}

function litresAtGap(shape: ContainerShape, headspaceCm: number): number {
  return containerVolume({ shape, fillHeightCm: shape.heightCm - headspaceCm })
}

/** What an empty pot can be filled from: lots that wait in the store, own mixes, bags. */
export async function fillChoices(db: OpenDatabase): Promise<FillChoices> {
  const ids = await findLotIds(db, { states: ['store'], offset: 0, limit: FIRST })
  const lots = await readLotStocks(db, ids)
  const { rows } = await findMixNames(db, '', FIRST)
  const materials = await materialsById(db)
  const standards = await standardMedia(db)
  return {
    lots: lots.filter(({ litres }) => litres > 0),
    mixes: rows.map(({ id, name }) => ({
      id,
      name,
      standardFor: standards.get(`mix:${id}`) ?? [],
    })),
    bags: [...materials.values()]
      .filter(({ group }) => group === 'bagged mix')
      .map(({ id, name }) => ({ id, name, standardFor: standards.get(`bag:${id}`) ?? [] })),
  }
}

/** Crops that a mix or a bag is the standard for, by what trials found. */
async function standardMedia(db: OpenDatabase): Promise<ReadonlyMap<string, (string | null)[]>> {
  const crops = new Map((await listCrops(db)).map(({ id, name }) => [id, name]))
  const standards = new Map<string, (string | null)[]>()
  for (const { medium, cropId } of await listFindings(db, { kind: 'standard' })) {
    if (medium.kind !== 'mix' && medium.kind !== 'bag') continue
    const key = medium.kind === 'mix' ? `mix:${medium.mixId}` : `bag:${medium.materialId}`
    const name = cropId === null ? null : (crops.get(cropId) ?? cropId)
    standards.set(key, [...(standards.get(key) ?? []), name])
  }
  return standards
}
