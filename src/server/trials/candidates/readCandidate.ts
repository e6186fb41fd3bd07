import type { Crop } from '../../../core/chemistry'
import {
  type Component,
  componentShares,
  type Material,
  withMeasuredWater,
} from '../../../core/media'
import {
  type MixAnswer,
  type MixCost,
  mixCost,
  mixWithRange,
  type PlaceForMix,
} from '../../../core/mixes'
import { type Sample, sampleKey } from '../../../data/bench'
import { NotFound } from '../../../data/errors'
import { keepEach } from '../../../data/kept'
import { readMix } from '../../../data/mixes'
import type { TrialFinding, TrialMedium } from '../../../data/trials'
import type { LotFinding } from '../../../messages/media/lotFindingViews'
import type { Reading } from '../../../messages/media/lotViews'
import type { Candidate, CandidateTest } from '../../../messages/trials/candidateViews'
import { presentCalibration } from '../../bench'
import { dayAt } from '../../clock'
import type { OpenDatabase } from '../../database'
import { lotRow, readCardFacts, strataOf, type Tables } from '../../lots'
import { materialsAsTested, partsToComponents, testOfMix } from '../../mixes'
import { ledgerCost } from '../results/ledgerCost'
import { testsOfCandidate } from './candidateTests'

/** Where the candidates stand, and for what. */
export interface CandidateSetting {
  readonly container: Parameters<typeof mixWithRange>[0]['container']
  readonly crop: Crop | null
  readonly place: PlaceForMix
  readonly humifiedFines: Material
  /** Of a litre of a material; null where none was entered. */
  readonly priceOf: (materialId: string) => number | null
  /** What trials handed on. */
  readonly standards: readonly TrialFinding[]
}

/** All that is known of one candidate; null where it is not there any more. */
export async function readCandidate(
  db: OpenDatabase,
  tables: Tables,
  setting: CandidateSetting,
  sample: Sample,
): Promise<Candidate | null> {
  try {
    switch (sample.kind) {
      case 'mix':
        return await mixCandidate(db, tables, setting, sample)
      case 'lot':
        return await lotCandidate(db, tables, setting, sample)
      case 'material':
        return await bagCandidate(db, tables, setting, sample)
    }
  } catch (error) {
    if (error instanceof NotFound) return null
    throw error
  }
}

async function mixCandidate(
  db: OpenDatabase,
  tables: Tables,
  setting: CandidateSetting,
  sample: Sample,
): Promise<Candidate> {
  const { id, name, versions } = await readMix(db, Number(sample.id))
  const [{ number, parts, at }] = versions
  const test = await testOfMix(db, id, at)
  const asTested = materialsAsTested(parts, tables.materials, test)
  const components = partsToComponents(parts, new Map([...tables.materials, ...asTested]))
  const tests = await testsOfCandidate(db, sample, at, tables.timeZone)
  const answer = await answerOf(db, `mix ${id} ${number} ${test?.id}`, components, setting)
  return {
    ...whatItIs(sample, name, components),
    version: number,
    address: `/mixes/design?mix=${id}`,
    ...costOfParts(components, answer, setting),
    answer,
    waterTestedOn: test?.from.includes('porosity') ? dayAt(tables.timeZone, test.at) : null,
    ...readingsOf(tests),
    tests,
    standardFor: standardsOf(
      setting,
      tables,
      (medium) => medium.kind === 'mix' && medium.mixId === id,
    ),
    finding: null,
  }
}

async function bagCandidate(
  db: OpenDatabase,
  tables: Tables,
  setting: CandidateSetting,
  sample: Sample,
): Promise<Candidate | null> {
  const material = tables.materials.get(String(sample.id))
  if (!material) return null
  const components = [{ material, parts: 1 }]
  const test = await presentCalibration(db, sample)
  const tests = await testsOfCandidate(db, sample, null, tables.timeZone)
  const answer = await answerOf(db, `bag ${material.id}`, components, setting)
  return {
    ...whatItIs(sample, material.name, components),
    version: null,
    address: null,
    ...costOfParts(components, answer, setting),
    answer,
    waterTestedOn: test?.from.includes('porosity') ? dayAt(tables.timeZone, test.at) : null,
    ...readingsOf(tests),
    tests,
    standardFor: standardsOf(
      setting,
      tables,
      (medium) => medium.kind === 'bag' && medium.materialId === material.id,
    ),
    finding: null,
  }
}

async function lotCandidate(
  db: OpenDatabase,
  tables: Tables,
  setting: CandidateSetting,
  sample: Sample,
): Promise<Candidate | null> {
  const [facts] = await readCardFacts(db, tables, [Number(sample.id)])
  if (!facts) return null
  const { lot, components, measuredWater, hydraulics, ph, ecSme } = facts
  const shares = componentShares(components).map(({ material, share }) => ({
    material,
    parts: share,
  }))
  const answer = await answerOf(
    db,
    `lot ${lot.id} ${lot.version} ${tables.today}`,
    shares.length > 0 ? withMeasuredWater(shares, measuredWater) : [],
    setting,
  )
  const { total, perLitre, unknownLitres } = await ledgerCost(db, lot.id)
  return {
    ...whatItIs(sample, lot.name, components),
    version: null,
    address: `/lots/${lot.id}`,
    cost: { total, perLitre: perLitre > 0 && unknownLitres === 0 ? perLitre : null, missing: [] },
    costLitres: lot.contents.litres,
    answer,
    waterTestedOn: hydraulics?.testedOn ?? null,
    ph: read(ph),
    ecSme: read(ecSme),
    tests: await testsOfCandidate(db, sample, justAfter(lot.mixedAt), tables.timeZone),
    standardFor: standardsOf(
      setting,
      tables,
      (medium) => medium.kind === 'lot' && medium.lotId === lot.id,
    ),
    finding: warning(lotRow(facts, tables, null).finding),
  }
}

function whatItIs(sample: Sample, name: string, components: readonly Component[]) {
  return { key: sampleKey(sample), kind: sample.kind, name, strata: strataOf(components) }
}

/** What mixes do in pots, as long as neither they nor the tables behind them change. */
const keptAnswers = keepEach<string, MixAnswer>(['materials', 'crops', 'site', 'mixTests'], 300)

/** @param of the candidate in the state it is in: another state is another answer */
async function answerOf(
  db: OpenDatabase,
  of: string,
  components: readonly Component[],
  { container, crop, place, humifiedFines }: CandidateSetting,
): Promise<MixAnswer | null> {
  if (!components.some(({ parts }) => parts > 0)) return null
  const key = `${of} ${crop?.id} ${JSON.stringify([container, place.exposureFactor])}`
  const kept = await keptAnswers(db)
  const known = kept.read(key, '')
  if (known) return known
  const answer = mixWithRange({
    components,
    container,
    crop,
    groupId: null,
    place,
    humifiedFines,
  })
  kept.write(key, '', answer)
  return answer
}

function costOfParts(
  components: readonly Component[],
  answer: MixAnswer | null,
  { priceOf }: CandidateSetting,
): { readonly cost: MixCost; readonly costLitres: number } {
  const costLitres = components.reduce((sum, { parts }) => sum + parts, 0)
  return { cost: mixCost(components, priceOf, answer?.blend.volumeYield ?? 1), costLitres }
}

/** What a pen read, where it could be trusted: the mean of the repeats. */
function readingsOf(tests: readonly CandidateTest[]): Pick<Candidate, 'ph' | 'ecSme'> {
  const test = tests.find(({ kind }) => kind === 'phEc')
  const meanOf = (name: string): Reading | null => {
    const values = test?.values.find((one) => one.name === name)?.values ?? []
    if (!test || values.length === 0) return null
    return { value: values.reduce((sum, one) => sum + one, 0) / values.length, measuredOn: test.on }
  }
  const isDoubted = test?.verdicts.some(({ id }) => id === 'pen.uncertain')
  return { ph: isDoubted ? null : meanOf('ph'), ecSme: meanOf('ecSme') }
}

function read(reading: Reading | null): Reading | null {
  return reading?.measuredOn ? reading : null
}

/** What was read before something was mixed in is of another mix. */
function justAfter(mixedAt: Date | null): Date | null {
  return mixedAt && new Date(mixedAt.getTime() + 1)
}

/** What keeps a lot out of pots, or out of some; what its present crop lacks does not matter here. */
function warning(finding: LotFinding): LotFinding | null {
  return ['found', 'held', 'overridden', 'empty'].includes(finding.kind) ? finding : null
}

function standardsOf(
  { standards }: CandidateSetting,
  { crops }: Tables,
  isIt: (medium: TrialMedium) => boolean,
): Candidate['standardFor'] {
  return standards
    .filter(({ medium }) => isIt(medium))
    .map(({ trialId, trialName, cropId }) => ({
      trialId,
      trialName,
      cropName: cropId === null ? null : (crops.get(cropId)?.name ?? cropId),
    }))
}
