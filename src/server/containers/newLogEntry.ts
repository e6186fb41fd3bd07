import { GROWTH_SCORES } from '../../core/season'
import { MEASURE_KIND } from '../../core/trials'
import { requireContainers } from '../../data/containers'
import type { Database } from '../../data/database'
import { NotFound } from '../../data/errors'
import { growingPlanting, listProblems, writeLog } from '../../data/season'
import type { NewLogEntry } from '../../messages/containers/pots'
import { newFound } from '../lots'
import { refuseField } from '../problem'

const MEASURED: readonly string[] = Object.values(MEASURE_KIND)

/**
 * Writes down what was seen or done at a container. A problem is kept as found in the mix that stands there: what it says
 * counts in triage, in the next recipe and in the next planting.
 */
export async function newLogEntry(
  db: Database,
  containerId: number,
  { kind, value, problemId, note }: NewLogEntry,
  at: Date,
): Promise<{ readonly id: number }> {
  const [container] = await requireContainers(db, [containerId])
  if (!container) throw new NotFound('There is no such container.')
  const { lotId } = container
  requireTold(kind, value)
  if (problemId !== null || kind === 'problem') await requireProblem(db, problemId)
  const growing = lotId === null ? null : await growingPlanting(db, containerId, lotId)
  const found =
    problemId !== null && lotId !== null
      ? await newFound(db, lotId, { problemId, note }, at, growing?.cropId ?? null)
      : null
  const id = await writeLog(db, {
    containerId,
    plantingId: growing?.id ?? null,
    lotId,
    at,
    kind,
    value,
    problemId,
    findingId: found?.id ?? null,
    note: note.trim() || null,
  })
  return { id }
}

function requireTold(kind: NewLogEntry['kind'], value: number | null): void {
  if (kind === 'growth' && !(GROWTH_SCORES as readonly (number | null)[]).includes(value)) {
    refuseField('value', 'How it grows is a score from 1 to 5.')
  }
  if (kind === 'harvest' && !((value ?? 0) > 0)) {
    refuseField('value', 'Say how much was harvested, such as 250 g.')
  }
  if (value === null && MEASURED.includes(kind)) refuseField('value', 'Say the number.')
}

async function requireProblem(db: Database, problemId: string | null): Promise<void> {
  const known = await listProblems(db)
  if (!known.some(({ id }) => id === problemId)) {
    refuseField('problemId', 'Choose what you saw from the list.')
  }
}
