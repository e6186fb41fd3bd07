import { readFileSync } from 'node:fs'
import path from 'node:path'
import Papa from 'papaparse'
import type { Amendment, AmendmentKind, Crop, CropKind } from '../../core/chemistry'
import type { Material, MaterialGroup } from '../../core/media'
import { projectRoot } from '../projectRoot'

type Row = Readonly<Record<string, string>>

/** A pest, disease, weed or condition as shipped. */
export interface Problem {
  readonly id: string
  readonly name: string
  readonly latin: string | null
  readonly kind: string
  readonly hosts: readonly string[]
  readonly byFamily: boolean
  readonly signs: string
  readonly survivesIn: string
  readonly survivalMonths: number | null
  readonly stageInMedia: string | null
  readonly action: string
  readonly heatC: number | null
  readonly heatMinutes: number | null
  readonly restMonths: number | null
  readonly restHow: string | null
  readonly familyBreakSeasons: number | null
  readonly skimCm: number | null
  readonly debrisTo: string | null
  readonly severity: number
  readonly why: string
  readonly caution: string | null
}

/** The shipped materials: typical published values, copied into the user's own list at the first start. */
export function defaultMaterials(): Material[] {
  return table('materials').map((row) => ({
    ...text(row, 'id', 'name'),
    group: cell(row, 'group') as MaterialGroup,
    ...numbers(row, 'bulkDensity', 'totalPorosity', 'interPorosity', 'grainMm', 'ksCmPerS'),
    ...numbers(row, 'decayPerYear', 'pH', 'limeBuffer', 'freeLimeGPerL', 'ec1to2', 'cToN'),
    ...numbers(row, 'nPercentDry', 'nReleaseSeason', 'nDrawdown', 'labileShare'),
    ...numbers(row, 'settlePercent', 'shedsBelow'),
    entryCm: numberOrNull(row, 'entryCm'),
    maxShare: numberOrNull(row, 'maxShare'),
    curve: {
      thetaS: number(row, 'totalPorosity'),
      ...numbers(row, 'thetaR', 'alpha', 'n'),
    },
    starterNMgPerL: numberOrNull(row, 'starterNMgPerL'),
    dustHazard: cell(row, 'dustHazard') as Material['dustHazard'],
    peat: yes(row, 'peat'),
    note: textOrNull(row, 'note'),
  }))
}

export function defaultAmendments(): Amendment[] {
  return table('amendments').map((row) => ({
    ...text(row, 'id', 'name'),
    kind: cell(row, 'kind') as AmendmentKind,
    ...numbers(row, 'nPercent', 'p2o5Percent', 'k2oPercent', 'releaseDays50', 'nReleaseSeason'),
    ...numbers(row, 'cce', 'saltIndex', 'rateLowGPerL', 'rateHighGPerL'),
    mineral: yes(row, 'mineral'),
    caution: textOrNull(row, 'caution'),
    note: textOrNull(row, 'note'),
  }))
}

export function defaultCrops(): Crop[] {
  return table('crops').map((row) => ({
    ...text(row, 'id', 'name', 'latin', 'family', 'rotationGroup', 'season'),
    kind: cell(row, 'kind') as CropKind,
    ...numbers(row, 'pHLow', 'pHHigh', 'airMinPercent', 'airMaxPercent', 'nSeasonMgPerL'),
    ...numbers(row, 'ecMaxSme', 'rootDepthCm', 'litresPerPlant', 'kc', 'weeksInPot'),
    hardyToC: numberOrNull(row, 'hardyToC'),
    waterPreference: cell(row, 'waterPreference') as Crop['waterPreference'],
    feeder: cell(row, 'feeder') as Crop['feeder'],
    sowOrPlantMonthsNorth: textOrNull(row, 'sowOrPlantMonthsNorth'),
    harvestMonthsNorth: textOrNull(row, 'harvestMonthsNorth'),
    canopyCm2: numberOrNull(row, 'canopyCm2'),
    limeHater: yes(row, 'limeHater'),
    freshOnly: yes(row, 'freshOnly'),
    herbicideSensitive: yes(row, 'herbicideSensitive'),
    note: textOrNull(row, 'note'),
  }))
}

export function defaultProblems(): Problem[] {
  return table('problems').map((row) => ({
    ...text(row, 'id', 'name', 'kind', 'signs', 'survivesIn', 'action', 'why'),
    latin: textOrNull(row, 'latin'),
    hosts: cell(row, 'hosts').split(';').filter(Boolean),
    byFamily: yes(row, 'byFamily'),
    survivalMonths: numberOrNull(row, 'survivalMonths'),
    stageInMedia: textOrNull(row, 'stageInMedia'),
    heatC: numberOrNull(row, 'heatC'),
    heatMinutes: numberOrNull(row, 'heatMinutes'),
    restMonths: numberOrNull(row, 'restMonths'),
    restHow: textOrNull(row, 'restHow'),
    familyBreakSeasons: numberOrNull(row, 'familyBreakSeasons'),
    skimCm: numberOrNull(row, 'skimCm'),
    debrisTo: textOrNull(row, 'debrisTo'),
    severity: number(row, 'severity'),
    caution: textOrNull(row, 'caution'),
  }))
}

function table(name: string): Row[] {
  const file = path.join(projectRoot(), 'src', 'data', 'defaults', `${name}.csv`)
  const { data } = Papa.parse<Row>(readFileSync(file, 'utf8'), {
    header: true,
    skipEmptyLines: true,
  })
  return data
}

function cell(row: Row, column: string): string {
  const value = row[column]
  if (value === undefined) throw new Error(`The shipped table has no column ${column}.`)
  return value.trim()
}

function yes(row: Row, column: string): boolean {
  return cell(row, column) === 'yes'
}

function textOrNull(row: Row, column: string): string | null {
  return cell(row, column) || null
}

function numberOrNull(row: Row, column: string): number | null {
  const value = cell(row, column)
  return value === '' ? null : Number(value)
}

function number(row: Row, column: string): number {
  const value = Number(cell(row, column))
  if (!Number.isFinite(value)) throw new Error(`${column} is no number in the shipped table.`)
  return value
}

function numbers<Key extends string>(row: Row, ...columns: Key[]): Record<Key, number> {
  return Object.fromEntries(columns.map((column) => [column, number(row, column)])) as Record<
    Key,
    number
  >
}

function text<Key extends string>(row: Row, ...columns: Key[]): Record<Key, string> {
  return Object.fromEntries(columns.map((column) => [column, cell(row, column)])) as Record<
    Key,
    string
  >
}
