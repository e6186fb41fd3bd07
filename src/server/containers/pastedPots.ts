import Papa from 'papaparse'
import { type ContainerShape, containerVolume, requireShape } from '../../core/containers'
import { DomainError } from '../../core/errors'
import { EXPOSURES, type Exposure, usualHeadspaceCm } from '../../core/season'
import { type HouseholdMeasures, parseQuantity } from '../../core/units'
import type { NewContainer } from '../../data/containers'
import type { PastedColumn, PastedRow } from '../../messages/containers/pastedPots'

/** A pot of a pasted table, as it would be written. */
export interface ReadPot extends NewContainer {
  /** null: the next free number. */
  readonly code: string | null
  readonly count: number
}

export interface ReadTable {
  readonly columns: readonly PastedColumn[]
  /** Headings that stand for nothing here: what is under them is left out. */
  readonly passedOver: readonly string[]
  readonly rows: readonly (PastedRow & {
    readonly pot: ReadPot | null
    /** What it is filled with, to its gap; null where it is empty. */
    readonly filling: { readonly materialId: string; readonly years: number | null } | null
  })[]
}

/** A mix that a cell may name. */
export interface NamedMix {
  readonly id: string
  readonly name: string
}

/** What a heading may be called; the first is what we call it. */
const HEADINGS: Readonly<Record<PastedColumn, readonly string[]>> = {
  code: ['code', 'number', 'no', 'nr', 'label', 'id'],
  name: ['name', 'pot', 'container', 'what'],
  place: ['place', 'where', 'location', 'zone', 'stands'],
  exposure: ['sun', 'exposure', 'sun and wind', 'wind'],
  shape: ['shape', 'form', 'kind', 'type'],
  top: ['top', 'diameter', 'diameter at the top', 'top diameter', 'rim', 'width'],
  length: ['length', 'long'],
  base: ['base', 'bottom', 'base diameter', 'diameter at the base'],
  height: ['height', 'depth', 'height inside', 'high', 'deep'],
  gap: ['gap', 'headspace', 'gap to the rim'],
  count: ['count', 'how many', 'pieces', 'number of pots', 'qty', 'quantity'],
  mix: ['mix', 'medium', 'media', 'filled with', 'potting mix'],
  years: ['years', 'years in use', 'seasons', 'age', 'in use'],
}
const COLUMNS = Object.keys(HEADINGS) as PastedColumn[]

const SHAPES: Readonly<Record<'round' | 'rectangular' | 'bowl', readonly string[]>> = {
  round: ['round', 'pot', 'tub', 'bag', 'bucket', 'cylinder'],
  rectangular: ['rectangular', 'trough', 'box', 'square', 'crate', 'window box'],
  bowl: ['bowl', 'basket', 'hanging basket'],
}
const EXPOSURE_WORDS: Readonly<Record<Exposure, readonly string[]>> = {
  indoors: ['indoors', 'inside', 'house'],
  shade: ['shade', 'sheltered shade', 'shady'],
  open: ['open', 'in the open', 'sun', 'full sun'],
  windy: ['windy', 'wind', 'hot', 'hot paving', 'windy, or on hot paving'],
}

/** A pot narrows to its base by about so much where nobody measured it. */
const USUAL_BASE = 0.8
const MOST_ROWS = 500
const MOST_OF_ONE = 200
const SMALLEST_CM = 1
/** Control characters, line breaks within a cell too, and what stands for half of a pair of surrogates. */
const UNWRITABLE = /[\p{Cc}\p{Cs}\uFFFD]/u
const LARGEST_CM = 500
const MOST_YEARS = 100

/**
 * Reads a table of pots as a spreadsheet gives it: by tabs, commas or semicolons, with a row of headings.
 * @param taken codes that are given out
 * @param mixes what a pot may be filled with
 * @throws DomainError where there is no table in it, or it holds too many rows
 */
export function readPastedPots(
  text: string,
  taken: ReadonlySet<string>,
  measures: HouseholdMeasures,
  mixes: readonly NamedMix[],
): ReadTable {
  const [heading = [], ...body] = cellsOf(text)
  const columns = heading.map(columnOf)
  if (!columns.includes('height') || !(columns.includes('top') || columns.includes('length'))) {
    throw new DomainError(
      'too-few',
      'The first row names the columns: at least name, place, top and height.',
      { field: 'text' },
    )
  }
  if (body.length === 0) {
    throw new DomainError('too-few', 'There is no row below the headings yet.', { field: 'text' })
  }
  if (body.length > MOST_ROWS) {
    throw new DomainError('out-of-range', `Paste up to ${MOST_ROWS} rows at once.`, {
      field: 'text',
    })
  }
  const codes = new Set([...taken].map(lower))
  return {
    columns: columns.filter((column) => column !== null),
    passedOver: heading.filter((_, index) => columns[index] === null).filter(Boolean),
    rows: body.map((cells, index) => {
      const cell = (column: PastedColumn) =>
        (cells[columns.indexOf(column)] ?? '').normalize('NFC').trim()
      return readRow(index + 2, cell, codes, measures, mixes)
    }),
  }
}

function readRow(
  line: number,
  cell: (column: PastedColumn) => string,
  codes: Set<string>,
  measures: HouseholdMeasures,
  mixes: readonly NamedMix[],
): ReadTable['rows'][number] {
  const errors: { column: PastedColumn; message: string }[] = []
  const wrong = (column: PastedColumn, message: string) => {
    errors.push({ column, message })
    return null
  }
  const length = (column: PastedColumn): number | null => {
    const typed = cell(column)
    if (typed === '') return null
    try {
      const { value } = parseQuantity({ text: typed, dimension: 'length', measures })
      if (value >= SMALLEST_CM && value <= LARGEST_CM) return value
      return wrong(column, `${typed} is no size of a pot: 1 cm to 5 m`)
    } catch (error) {
      if (!(error instanceof DomainError)) throw error
      return wrong(column, error.message)
    }
  }

  // What a cell holds is written down as it stands: it has to be one line of text.
  for (const column of ['code', 'name', 'place'] as const) {
    if (UNWRITABLE.test(cell(column)))
      wrong(column, 'Holds a character that cannot be written down')
  }
  const code = cell('code')
  if (code.length > 20) wrong('code', 'A code has up to 20 letters')
  if (code !== '' && codes.has(lower(code))) wrong('code', `${code} is given out already`)
  if (code !== '') codes.add(lower(code))
  const place = cell('place') || wrong('place', 'Say where it stands')
  const name = cell('name') || 'Pot'
  if (name.length > 80) wrong('name', 'A name has up to 80 letters')
  if ((place?.length ?? 0) > 80) wrong('place', 'A place has up to 80 letters')
  const exposure = wordOf(EXPOSURE_WORDS, cell('exposure'), 'open')
  if (!exposure) wrong('exposure', `Not known: write ${EXPOSURES.join(', ')}`)
  const kind = wordOf<keyof typeof SHAPES>(
    SHAPES,
    cell('shape'),
    cell('length') === '' ? 'round' : 'rectangular',
  )
  if (!kind) wrong('shape', 'Not known: write round, rectangular or bowl')
  const count = readCount(cell('count'))
  if (count === null) wrong('count', `A whole number up to ${MOST_OF_ONE}`)
  if ((count ?? 1) > 1 && code !== '') wrong('count', 'One code is for one pot: leave it empty')

  const mix = mixes.find(({ id, name: called }) => [id, lower(called)].includes(lower(cell('mix'))))
  if (cell('mix') !== '' && !mix) wrong('mix', 'Not in the list of materials: write it as there')
  const years = cell('years') === '' ? null : Number(cell('years').replace(',', '.'))
  if (years !== null && !(years >= 0 && years <= MOST_YEARS)) {
    wrong('years', `A number of seasons up to ${MOST_YEARS}`)
  } else if (years !== null && cell('mix') === '') {
    wrong('mix', 'Say which mix has served so long')
  }

  const top = length('top')
  const long = length('length')
  const base = length('base')
  const height = length('height')
  if (cell('top') === '' && kind !== 'rectangular') wrong('top', 'Say how wide it is at the top')
  if (kind === 'rectangular' && cell('length') === '' && cell('top') === '') {
    wrong('length', 'Say how long it is')
  }
  if (cell('height') === '') wrong('height', 'Say how high it is inside')
  const shape = kind && height !== null ? shapeOf(kind, { top, long, base, height }) : null
  const gap = length('gap')
  const headspaceCm = gap ?? (shape ? usualHeadspaceCm(shape) : 0)
  if (height !== null && headspaceCm >= height) wrong('gap', 'The gap is as high as the pot')
  let litres: number | null = null
  if (shape && errors.length === 0) {
    try {
      requireShape(shape)
      litres = containerVolume({ shape, fillHeightCm: shape.heightCm - headspaceCm })
    } catch (error) {
      if (!(error instanceof DomainError)) throw error
      wrong('height', error.message)
    }
  }
  const pot =
    errors.length === 0 && shape && place && exposure && count
      ? { code: code || null, name, place, shape, headspaceCm, exposure, count }
      : null
  return {
    line,
    code,
    name,
    place: place ?? '',
    kind: kind ?? null,
    litres,
    count: count ?? 1,
    mix: mix?.name ?? null,
    years,
    assumed: [
      ...(base === null && cell('base') === '' && kind !== 'bowl' && shape
        ? ['base' as const]
        : []),
      ...(kind === 'rectangular' && cell('length') === '' && shape ? ['length' as const] : []),
      ...(cell('gap') === '' && shape ? ['gap' as const] : []),
    ],
    errors,
    pot,
    filling: pot && mix ? { materialId: mix.id, years } : null,
  }
}

function shapeOf(
  kind: 'round' | 'rectangular' | 'bowl',
  sizes: { top: number | null; long: number | null; base: number | null; height: number },
): ContainerShape | null {
  const { top, long, base, height } = sizes
  if (kind === 'rectangular') {
    const lengthCm = long ?? top
    const widthCm = top ?? long
    if (lengthCm === null || widthCm === null) return null
    // One number for the base is its width; the length narrows alike.
    const share = base === null ? USUAL_BASE : base / widthCm
    return {
      kind,
      topLengthCm: lengthCm,
      topWidthCm: widthCm,
      baseLengthCm: lengthCm * share,
      baseWidthCm: widthCm * share,
      heightCm: height,
    }
  }
  if (top === null) return null
  return kind === 'bowl'
    ? { kind, rimDiameterCm: top, heightCm: height }
    : { kind, topDiameterCm: top, baseDiameterCm: base ?? top * USUAL_BASE, heightCm: height }
}

function readCount(typed: string): number | null {
  if (typed === '') return 1
  const count = Number(typed)
  return Number.isInteger(count) && count >= 1 && count <= MOST_OF_ONE ? count : null
}

function cellsOf(text: string): string[][] {
  const first = text.trimStart().split(/\r?\n/, 1)[0] ?? ''
  const delimiter = first.includes('\t') ? '\t' : first.includes(';') ? ';' : ','
  const { data, errors } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { delimiter })
  if (errors.some(({ code }) => code === 'MissingQuotes')) {
    throw new DomainError(
      'bad-argument',
      'This is no table that can be read: copy the cells from the spreadsheet once more.',
      { field: 'text' },
    )
  }
  return data
    .map((row) => row.map((cell) => cell.trim()))
    .filter((row) => row.some((cell) => cell !== ''))
}

function columnOf(heading: string): PastedColumn | null {
  // "Height (cm)" is a height: what is in brackets is its unit.
  const plain = lower(heading.replace(/\(.*?\)|\[.*?\]|,\s*cm$/g, '')).replace(/\s+cm$/, '')
  return COLUMNS.find((column) => HEADINGS[column].includes(plain)) ?? null
}

function wordOf<Key extends string>(
  words: Readonly<Record<Key, readonly string[]>>,
  typed: string,
  none: Key,
): Key | null {
  if (typed === '') return none
  const asked = lower(typed)
  const keys = Object.keys(words) as Key[]
  return keys.find((key) => words[key].includes(asked)) ?? null
}

function lower(text: string): string {
  return text.trim().toLocaleLowerCase()
}
