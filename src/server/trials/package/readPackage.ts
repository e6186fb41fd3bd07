import { strFromU8, unzipSync } from 'fflate'
import Papa from 'papaparse'
import { type PackagedTrial, packagedTrialSchema } from '../../../messages/trials/packages'
import { Refused, refuseField } from '../../problem'
import { validate } from '../../validate'
import {
  PACKAGE_FORMAT,
  PACKAGE_TABLES,
  type PackageField,
  type PackageRows,
  type PackageTable,
} from './schema'

const MOST_BYTES = 8_000_000
const MOST_ROWS: Readonly<Record<PackageTable, number>> = {
  treatments: 12,
  pots: 400,
  readings: 50_000,
  events: 5000,
}
const FIELD = 'package'
const DESCRIPTOR = 'datapackage.json'

export interface ReadPackage {
  readonly trial: PackagedTrial
  readonly rows: PackageRows
}

/**
 * A package as it was sent: its descriptor and its tables, each cell of the type its schema tells.
 * @throws Refused with the file, the line and the column of the first thing that is wrong
 */
export function readPackage(bytes: Uint8Array): ReadPackage {
  const files = unpacked(bytes)
  const trial = readDescriptor(files)
  const tables = Object.keys(PACKAGE_TABLES) as PackageTable[]
  const rows = Object.fromEntries(tables.map((table) => [table, readTable(files, table)]))
  return { trial, rows: rows as PackageRows }
}

function unpacked(bytes: Uint8Array): Readonly<Record<string, Uint8Array>> {
  const wanted = [DESCRIPTOR, ...Object.keys(PACKAGE_TABLES).map((table) => `${table}.csv`)]
  try {
    return unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        if (wanted.includes(name) && originalSize > MOST_BYTES) {
          refuseField(FIELD, `${name} is larger than 8 MB: this is no package of a trial.`)
        }
        return wanted.includes(name)
      },
    })
  } catch (error) {
    if (error instanceof Refused) throw error
    return refuseField(FIELD, 'This file is no archive, or a broken one: choose the package again.')
  }
}

function fileOf(files: Readonly<Record<string, Uint8Array>>, name: string): string {
  const bytes = files[name]
  if (!bytes) return refuseField(FIELD, `${name} is missing in this package.`)
  return strFromU8(bytes).replace(/^\uFEFF/, '')
}

function readDescriptor(files: Readonly<Record<string, Uint8Array>>): PackagedTrial {
  const descriptor = parsed(fileOf(files, DESCRIPTOR)) as {
    readonly innings?: { readonly format?: unknown; readonly trial?: unknown }
  } | null
  const { innings } = descriptor ?? {}
  if (typeof innings !== 'object' || innings === null) {
    return refuseField(FIELD, `${DESCRIPTOR} tells of no trial of this program.`)
  }
  if (innings.format !== PACKAGE_FORMAT) {
    return refuseField(FIELD, 'This package was made by another version of the program.')
  }
  try {
    return validate(packagedTrialSchema, innings.trial ?? {}, false)
  } catch (error) {
    if (!(error instanceof Refused)) throw error
    return refuseField(FIELD, `${DESCRIPTOR}: ${error.message}`)
  }
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch {
    return refuseField(FIELD, `${DESCRIPTOR} is not written as it should be: it is no JSON.`)
  }
}

function readTable(
  files: Readonly<Record<string, Uint8Array>>,
  table: PackageTable,
): PackageRows[PackageTable] {
  const name = `${table}.csv`
  const fields: readonly PackageField[] = PACKAGE_TABLES[table]
  const { data, errors } = Papa.parse<string[]>(fileOf(files, name), {
    delimiter: ',',
    skipEmptyLines: true,
  })
  const [broken] = errors
  if (broken) refuseField(FIELD, `${name}, line ${(broken.row ?? 0) + 1}: ${broken.message}.`)
  const [head = [], ...lines] = data
  const missing = fields.find(({ name: column }) => !head.includes(column))
  if (missing) refuseField(FIELD, `${name} has no column ${missing.name}.`)
  if (lines.length > MOST_ROWS[table]) {
    refuseField(FIELD, `${name} has more than ${MOST_ROWS[table]} rows.`)
  }
  return lines.map((cells, index) =>
    Object.fromEntries(
      fields.map((field) => [
        field.name,
        cellOf(cells[head.indexOf(field.name)] ?? '', field, `${name}, line ${index + 2}`),
      ]),
    ),
  )
}

function cellOf(
  text: string,
  { name, type, isRequired }: PackageField,
  where: string,
): string | number | null {
  // A leading quote was put before what a table would take for a formula.
  const value = text.replace(/^'(?=[=+\-@\t\r])/, '')
  if (value === '') {
    return isRequired ? refuseField(FIELD, `${where}: ${name} is empty.`) : null
  }
  const shown = value.slice(0, 40)
  switch (type) {
    case 'string':
      return value.length <= 500
        ? value
        : refuseField(FIELD, `${where}: ${name} is longer than 500 letters.`)
    case 'integer':
      return /^\d{1,9}$/.test(value)
        ? Number(value)
        : refuseField(FIELD, `${where}: ${name} is no whole number: ${shown}.`)
    case 'number':
      return /^\d{1,9}(\.\d{1,12})?$/.test(value)
        ? Number(value)
        : refuseField(FIELD, `${where}: ${name} is no number: ${shown}.`)
    case 'date':
      return isDay(value)
        ? value
        : refuseField(FIELD, `${where}: ${name} is no day such as 2026-05-14: ${shown}.`)
  }
}

function isDay(text: string): boolean {
  const at = new Date(`${text}T00:00:00Z`)
  return (
    /^\d{4}-\d{2}-\d{2}$/.test(text) &&
    !Number.isNaN(at.getTime()) &&
    at.toISOString().startsWith(text)
  )
}
