import type { PgColumn, PgTable } from 'drizzle-orm/pg-core'
import {
  benchTests,
  penCalibrations,
  pens,
  sampleCalibrations,
  testKits,
} from '../bench/benchTables'
import { amendments } from '../chemistry/tables'
import { containers, places } from '../containers/tables'
import { ledgerEntries, lotContents, lotPlaces, lots, mendedLots } from '../media/lotTables'
import { materials } from '../media/materialTables'
import { plantings } from '../season/plantingTables'
import { crops, problems } from '../season/tables'
import { shippedCorrections } from '../site/correctionTables'
import { siteSettings } from '../site/tables'

/** Rows that something kept rests on. */
export interface RestsOn {
  readonly table: PgTable
  /** Of an update, only one that writes these counts. */
  readonly only?: readonly PgColumn[]
  /** Of an update, only one that writes something else counts. */
  readonly besides?: readonly PgColumn[]
  /** Only rows in which this stands. */
  readonly having?: PgColumn
}

const { thrownAwayAt } = benchTests
const { stockLitres, pricePerLitre, version } = materials

/** What changes rarely and is asked for by almost every page, each with the rows it rests on. */
export const TOPICS = {
  site: [{ table: siteSettings }],
  corrections: [{ table: shippedCorrections }],
  /** What a material is like, as its tests found it. */
  materials: [
    { table: materials, besides: [stockLitres, pricePerLitre, version] },
    { table: sampleCalibrations, having: sampleCalibrations.materialId },
    { table: benchTests, only: [thrownAwayAt], having: benchTests.materialId },
  ],
  /** What is on the shelf, and what it cost: nothing is worked out of it. */
  stock: [{ table: materials }],
  amendments: [{ table: amendments }],
  crops: [{ table: crops }],
  problems: [{ table: problems }],
  containers: [{ table: containers }, { table: places }, { table: lotPlaces }],
  plantings: [{ table: plantings }],
  pens: [{ table: pens }, { table: penCalibrations }],
  kit: [{ table: testKits }],
  /** What tests made of mixes. */
  mixTests: [
    { table: sampleCalibrations, having: sampleCalibrations.mixId },
    { table: benchTests, only: [thrownAwayAt], having: benchTests.mixId },
  ],
  /** What an update mended and nobody has seen yet. */
  mends: [{ table: mendedLots }, { table: lots, only: [lots.name] }],
  /** Every litre that came and went. */
  litres: [{ table: ledgerEntries }, { table: lotContents }],
} satisfies Readonly<Record<string, readonly RestsOn[]>>

export type Topic = keyof typeof TOPICS
