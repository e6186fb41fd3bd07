import { strToU8, zipSync } from 'fflate'
import Papa from 'papaparse'
import { fileName } from '../../../core/fileName'
import type { PackagedTrial } from '../../../messages/trials/packages'
import { PACKAGE_FORMAT, PACKAGE_TABLES, type PackageRows, type PackageTable } from './schema'

/** A table of a trial as text: commas, a heading, dates as year-month-day, points in numbers. */
export function tableCsv(table: PackageTable, rows: PackageRows): string {
  const fields = PACKAGE_TABLES[table].map(({ name }) => name)
  const data = rows[table].map((row) => fields.map((name) => row[name] ?? ''))
  return `${Papa.unparse({ fields, data }, { escapeFormulae: true })}\r\n`
}

/** Readings with what is known of their pots beside them. */
export function readingsCsv(
  { readings, pots, treatments }: PackageRows,
  isHidden: boolean,
): string {
  const nameOf = new Map(treatments.map(({ treatment, name }) => [treatment, name]))
  const potOf = new Map(pots.map((one) => [one.pot, one]))
  const own = PACKAGE_TABLES.readings.map(({ name }) => name)
  const fields = [
    ...own.slice(0, 1),
    ...(isHidden ? [] : ['treatment', 'treatment_name']),
    'block',
    'left_out_on',
    ...own.slice(1),
  ]
  const data = readings.map((reading) => {
    const pot = potOf.get(reading.pot ?? '')
    const row: Readonly<Record<string, string | number | null | undefined>> = {
      ...reading,
      treatment: pot?.treatment,
      treatment_name: nameOf.get(pot?.treatment ?? -1),
      block: typeof pot?.block === 'number' ? pot.block + 1 : null,
      left_out_on: pot?.left_out_on,
    }
    return fields.map((name) => row[name] ?? '')
  })
  return `${Papa.unparse({ fields, data }, { escapeFormulae: true })}\r\n`
}

/** A data package: a descriptor with the schema of each table, and the tables as CSV, in one archive. */
export function writePackage(trial: PackagedTrial, rows: PackageRows, at: Date): Uint8Array {
  const tables = Object.keys(PACKAGE_TABLES) as PackageTable[]
  const descriptor = {
    profile: 'data-package',
    name: fileName(trial.name, 'trial'),
    title: trial.name,
    description: trial.question,
    created: at.toISOString(),
    innings: { format: PACKAGE_FORMAT, trial },
    resources: tables.map((table) => ({
      profile: 'tabular-data-resource',
      name: table,
      path: `${table}.csv`,
      encoding: 'utf-8',
      schema: {
        fields: PACKAGE_TABLES[table].map(({ name, type, description, ...more }) => ({
          name,
          type,
          description,
          ...('isRequired' in more ? { constraints: { required: true } } : {}),
        })),
        missingValues: [''],
      },
    })),
  }
  return zipSync({
    'datapackage.json': strToU8(`${JSON.stringify(descriptor, null, 2)}\n`),
    ...Object.fromEntries(tables.map((table) => [`${table}.csv`, strToU8(tableCsv(table, rows))])),
  })
}
