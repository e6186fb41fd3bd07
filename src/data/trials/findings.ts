import { and, asc, desc, eq, isNull, or, sql } from 'drizzle-orm'
import type { Database } from '../database'
import { NotFound } from '../errors'
import { type TrialMedium, trialFindings, trials } from './tables'

/** What a trial handed on and still holds, with the trial it comes from. */
export interface TrialFinding {
  readonly id: number
  readonly trialId: number
  readonly trialName: string
  readonly kind: 'standard' | 'cap'
  /** null: for whatever grows. */
  readonly cropId: string | null
  readonly medium: TrialMedium
  readonly maxPercent: number | null
  readonly at: Date
}

export type NewFinding = Omit<TrialFinding, 'id' | 'trialName'>

const COLUMNS = {
  id: trialFindings.id,
  trialId: trialFindings.trialId,
  trialName: trials.name,
  kind: trialFindings.kind,
  cropId: trialFindings.cropId,
  medium: trialFindings.medium,
  maxPercent: trialFindings.maxPercent,
  at: trialFindings.at,
}

/** Hands something on; what said the same thing of the same crop before ends with it. */
export async function addFinding(db: Database, finding: NewFinding): Promise<number> {
  const sameCrop =
    finding.cropId === null
      ? isNull(trialFindings.cropId)
      : eq(trialFindings.cropId, finding.cropId)
  const sameThing =
    finding.kind === 'standard'
      ? sameCrop
      : and(sameCrop, sql`${trialFindings.medium} = ${JSON.stringify(finding.medium)}::jsonb`)
  await db
    .update(trialFindings)
    .set({ endedAt: finding.at })
    .where(and(eq(trialFindings.kind, finding.kind), isNull(trialFindings.endedAt), sameThing))
  const [made] = await db.insert(trialFindings).values(finding).returning({ id: trialFindings.id })
  if (!made) throw new Error('What the trial found was not written down.')
  return made.id
}

/** @throws NotFound where the trial handed on no such thing */
export async function endFindingOfTrial(
  db: Database,
  trialId: number,
  id: number,
  at: Date,
): Promise<void> {
  const [ended] = await db
    .update(trialFindings)
    .set({ endedAt: at })
    .where(and(eq(trialFindings.id, id), eq(trialFindings.trialId, trialId)))
    .returning({ id: trialFindings.id })
  if (!ended) throw new NotFound(`There is no finding ${id} of this trial.`)
}

/** Everything trials handed on that holds, the newest first; of trials that were put away as well as of others. */
export async function listFindings(
  db: Database,
  { trialId, kind }: { readonly trialId?: number; readonly kind?: TrialFinding['kind'] } = {},
): Promise<TrialFinding[]> {
  return db
    .select(COLUMNS)
    .from(trialFindings)
    .innerJoin(trials, eq(trials.id, trialFindings.trialId))
    .where(
      and(
        isNull(trialFindings.endedAt),
        trialId === undefined ? undefined : eq(trialFindings.trialId, trialId),
        kind === undefined ? undefined : eq(trialFindings.kind, kind),
      ),
    )
    .orderBy(desc(trialFindings.at), desc(trialFindings.id))
}

/** What is the standard for a crop: the one that was found for it, or else the one for whatever grows. */
export async function standardFor(db: Database, cropId: string): Promise<TrialFinding | null> {
  const [found] = await db
    .select(COLUMNS)
    .from(trialFindings)
    .innerJoin(trials, eq(trials.id, trialFindings.trialId))
    .where(
      and(
        eq(trialFindings.kind, 'standard'),
        isNull(trialFindings.endedAt),
        or(eq(trialFindings.cropId, cropId), isNull(trialFindings.cropId)),
      ),
    )
    .orderBy(sql`${trialFindings.cropId} is null`, desc(trialFindings.at), asc(trialFindings.id))
    .limit(1)
  return found ?? null
}
