import { MOST_CANDIDATES, type TrialKind } from '../../../core/trials'
import { type Sample, sampleKey } from '../../../data/bench'
import { listMaterials } from '../../../data/media'
import { findMixNames } from '../../../data/mixes'
import {
  closedTrials,
  type Trial,
  type TrialMedium,
  type TrialTreatment,
} from '../../../data/trials'
import { sampleOfKey } from '../../bench'
import type { OpenDatabase } from '../../database'
import { keptTrial } from './keptTrial'

const NEWEST_TRIALS = 5
const FIRST_MIXES = 2
const ALL_OF_IT = 100
/** Trials that choose between mixes; others find out about a material. */
const OF_MIXES: readonly TrialKind[] = ['comparison', 'side-by-side']

/** What an address asks for, each once; where it asks for nothing, what was tried last, else the first mixes and a bag. */
export async function askedCandidates(db: OpenDatabase, of: string): Promise<readonly Sample[]> {
  const keys = [...new Set(of.split(',').filter(Boolean))].slice(0, MOST_CANDIDATES)
  if (keys.length > 0) return keys.flatMap((key) => sampleOfKey(key) ?? [])
  const tried = await triedLast(db)
  if (tried.length > 1) return tried
  const { rows } = await findMixNames(db, '', FIRST_MIXES)
  const bag = (await listMaterials(db)).find(({ material }) => material.group === 'bagged mix')
  return [
    ...rows.map(({ id }) => ({ kind: 'mix' as const, id })),
    ...(bag ? [{ kind: 'material' as const, id: bag.material.id }] : []),
  ]
}

async function triedLast(db: OpenDatabase): Promise<readonly Sample[]> {
  const closed = (await closedTrials(db, NEWEST_TRIALS)).filter(({ outcome }) => !outcome.isVoid)
  const tried: { readonly isOfMixes: boolean; readonly samples: readonly Sample[] }[] = []
  for (const one of closed) {
    const trial = await keptTrial(db, one)
    const samples = candidatesOfTrial(trial)
    if (samples.length > 1) tried.push({ isOfMixes: OF_MIXES.includes(trial.kind), samples })
  }
  return (tried.find(({ isOfMixes }) => isOfMixes) ?? tried[0])?.samples ?? []
}

/** The mixes, bags and lots that a trial holds against each other, the control first. */
export function candidatesOfTrial({ treatments }: Pick<Trial, 'treatments'>): readonly Sample[] {
  const samples = treatments.flatMap((one) => {
    const medium = pureMedium(one)
    return (medium && sampleOfMedium(medium)) ?? []
  })
  const byKey = new Map(samples.map((one) => [sampleKey(one), one]))
  return [...byKey.values()].slice(0, MOST_CANDIDATES)
}

/** What alone fills a treatment's pots; null where something is mixed into it for the trial. */
function pureMedium({
  medium,
  added,
  dose,
}: Pick<TrialTreatment, 'medium' | 'added' | 'dose'>): TrialMedium | null {
  if (!added || dose === 0) return medium
  return dose >= ALL_OF_IT ? added : null
}

function sampleOfMedium(medium: TrialMedium): Sample | null {
  switch (medium.kind) {
    case 'mix':
      return { kind: 'mix', id: medium.mixId }
    case 'lot':
      return { kind: 'lot', id: medium.lotId }
    case 'bag':
      return { kind: 'material', id: medium.materialId }
    case 'named':
      return null
  }
}

/**
 * The treatment that is a candidate and nothing else. Where several are, as with feeds or pots compared in one mix, the
 * trial says nothing of the mix; of two versions the newer one counts.
 */
export function treatmentOf<
  Treatment extends Pick<TrialTreatment, 'medium' | 'added' | 'dose' | 'lotId'>,
>({ treatments }: { readonly treatments: readonly Treatment[] }, sample: Sample): Treatment | null {
  const fits = treatments.filter((one) => {
    const medium = pureMedium(one)
    if (sample.kind === 'lot' && one.lotId === sample.id) return true
    const mine = medium && sampleOfMedium(medium)
    return mine != null && sampleKey(mine) === sampleKey(sample)
  })
  const newest = Math.max(...fits.map(versionOf))
  const [only, ...more] = fits.filter((one) => versionOf(one) === newest)
  return only && more.length === 0 ? only : null
}

function versionOf({ medium }: Pick<TrialTreatment, 'medium'>): number {
  return medium.kind === 'mix' ? medium.version : 0
}
