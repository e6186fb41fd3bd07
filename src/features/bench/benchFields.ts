// Past the front door, which would bring the distribution functions along: 60 kB of scripts.
import { BALLS, DROPS, SIGHTS, SMELLS } from '../../core/bench'
import type { Dimension } from '../../core/units'
import type { TestKind, TestKit } from '../../messages/bench/benchViews'
import { bench as benchWords } from '../../ui/texts/bench/bench'

const words = benchWords.fields
const choices = benchWords.choices

/** One answer of a test's form, and how it is read. */
export type BenchField = AnyField & {
  /** What belongs together stands side by side: the pH of a jar is not to be entered at another. */
  readonly beginsRow?: true
  /** Where many rows of the same answers are asked, they stand in a table: the row, from 0, and what heads the column. */
  readonly cell?: { readonly row: number; readonly head: string }
}

type AnyField =
  | {
      readonly kind: 'millilitres' | 'litres' | 'grams' | 'cm' | 'area' | 'conductivity' | 'celsius'
      readonly name: string
      readonly label: string
      readonly hint?: string
    }
  | {
      readonly kind: 'number' | 'time'
      readonly name: string
      readonly label: string
      readonly hint?: string
    }
  | { readonly kind: 'day'; readonly name: string; readonly label: string }
  | {
      readonly kind: 'choice'
      readonly name: string
      readonly label: string
      readonly options: Readonly<Record<string, string>>
    }
  | {
      readonly kind: 'several'
      readonly name: string
      readonly label: string
      readonly options: Readonly<Record<string, string>>
    }
  | { readonly kind: 'check'; readonly name: string; readonly label: string }
  | {
      readonly kind: 'from'
      readonly name: string
      readonly label: string
      readonly list: 'pens' | 'problems' | 'amendments' | 'materials'
    }

/** What is measured in fields that take an amount with its unit. */
export const DIMENSIONS = {
  millilitres: 'volume',
  litres: 'volume',
  grams: 'mass',
  cm: 'length',
  area: 'area',
  conductivity: 'conductivity',
  celsius: 'temperature',
} as const satisfies Partial<Record<BenchField['kind'], Dimension>>

/** null for a field that takes no amount. */
export function dimensionOf({ kind }: BenchField): Dimension | null {
  return kind in DIMENSIONS ? DIMENSIONS[kind as keyof typeof DIMENSIONS] : null
}

type Named = Exclude<BenchField, { kind: 'choice' | 'several' | 'from' }>['kind']

const field = (kind: Named, name: keyof typeof words & string, hint?: string): BenchField =>
  ({ kind, name, label: words[name] as string, ...(hint ? { hint } : {}) }) as BenchField

const optional = words.optional
const only = <Word extends string>(all: Readonly<Record<string, string>>, keys: readonly Word[]) =>
  Object.fromEntries(keys.map((key) => [key, all[key] ?? key]))

const drain: readonly BenchField[] = [
  field('millilitres', 'pouredMl'),
  field('millilitres', 'drainedMl'),
  field('check', 'stoodOnTop'),
  field('time', 'firstDripS', words.withoutClock),
  field('time', 'markS', words.withoutClock),
  field('time', 'stoppedS', words.withoutClock),
]
export const JARS = 5
export const DROPS_TIMED = 5
export const COUNTS = 4
/** After filling, after watering, and twice later. */
export const HEIGHTS = words.heights.length
function inPot(row: number, name: string, head: string): BenchField {
  const label = words.ofPot(row + 1, head)
  return { kind: 'number', name: `${name}${row}`, label, cell: { row, head } }
}

/** Pots of a seedling test, at most. */
export const SEEDLING_POTS = 10
/** What a test that can lift a bar begins with: three pots of the trusted mix, three of the doubtful one. */
const USUAL_SHARES = ['0', '0', '0', '100', '100', '100']

/** Twisted and cupped leaves are counted pot by pot. */
const COUNTED_NOWHERE = ['pale', 'scorched', 'mould', 'smell'] as const

/** The answers of each test, in the order in which they are known. */
export const benchFields: Readonly<Record<TestKind, readonly BenchField[]>> = {
  drain,
  layers: [
    ...drain,
    { kind: 'from', name: 'bottomMaterialId', label: words.bottomMaterialId, list: 'materials' },
    field('cm', 'bottomCm'),
    field('cm', 'wetZoneCm'),
  ],
  porosity: [
    field('millilitres', 'volumeMl'),
    {
      kind: 'choice',
      name: 'startMoisture',
      label: words.startMoisture,
      options: choices.moisture,
    },
    field('millilitres', 'addedMl'),
    { kind: 'millilitres', name: 'drainedMl', label: words.drainedHourMl },
    field('grams', 'startMassG', optional),
    field('grams', 'dryMassG', optional),
  ],
  squeeze: [
    { kind: 'choice', name: 'ball', label: words.ball, options: only(choices.ball, BALLS) },
    { kind: 'choice', name: 'drops', label: words.drops, options: only(choices.drops, DROPS) },
  ],
  palm: [
    {
      kind: 'several',
      name: 'feels',
      label: words.feels,
      options: {
        threads: words.threads,
        grit: words.grit,
        stain: words.stain,
        nothing: words.nothingFelt,
      },
    },
  ],
  wetting: [
    ...Array.from(
      { length: DROPS_TIMED },
      (_, i): BenchField => ({ kind: 'number', name: `drop${i}`, label: words.dropsS(i + 1) }),
    ),
    field('check', 'runsDownSide'),
    field('number', 'gapMm'),
  ],
  settling: words.heights.map(
    (label, i): BenchField => ({
      kind: 'cm',
      name: `height${i}`,
      label,
      ...(i > 1 ? { hint: optional } : {}),
    }),
  ),
  phEc: [
    { kind: 'choice', name: 'method', label: words.method, options: choices.method },
    field('number', 'ph'),
    { kind: 'from', name: 'penId', label: words.penId, list: 'pens' },
    field('conductivity', 'ecDsPerM'),
    field('celsius', 'tempC'),
    field('check', 'compensated'),
    field('conductivity', 'waterEcDsPerM'),
  ],
  jar: [
    { kind: 'from', name: 'amendmentId', label: words.amendmentId, list: 'amendments' },
    field('number', 'target'),
    field('number', 'days'),
    ...Array.from({ length: JARS }, (_, i): BenchField[] => [
      { kind: 'number', name: `dose${i}`, label: words.jarDose(i + 1), beginsRow: true },
      { kind: 'number', name: `ph${i}`, label: words.jarPh(i + 1) },
    ]).flat(),
  ],
  seedling: [
    { kind: 'choice', name: 'sownAs', label: words.sownAs, options: choices.sownAs },
    field('number', 'daysSown', words.daysSownHint),
    field('number', 'useSharePercent', words.useShareHint),
    ...Array.from({ length: SEEDLING_POTS }, (_, i): BenchField[] => [
      inPot(i, 'share', words.potShare),
      inPot(i, 'sown', words.sown),
      inPot(i, 'sprouted', words.sprouted),
      inPot(i, 'heightMm', words.heightMm),
      inPot(i, 'curled', words.curled),
    ]).flat(),
    {
      kind: 'several',
      name: 'signs',
      label: words.signs,
      options: only(choices.signs, COUNTED_NOWHERE),
    },
  ],
  weeds: [
    field('area', 'areaCm2'),
    field('litres', 'litres', optional),
    ...Array.from({ length: COUNTS }, (_, i): BenchField[] => [
      { kind: 'day', name: `day${i}`, label: words.countOn(i + 1), beginsRow: true },
      { kind: 'number', name: `count${i}`, label: words.count(i + 1) },
    ]).flat(),
    field('area', 'untreatedAreaCm2', optional),
    field('number', 'untreatedCount', optional),
  ],
  heat: [{ kind: 'from', name: 'problemId', label: benchWords.heat.forWhat, list: 'problems' }],
  sieve: [
    field('litres', 'litresIn'),
    field('litres', 'litresOut'),
    field('litres', 'woodyLitres'),
  ],
  look: [
    {
      kind: 'choice',
      name: 'smell',
      label: words.smell,
      options: only(choices.smell, SMELLS),
    },
    { kind: 'several', name: 'sights', label: words.sights, options: only(choices.sights, SIGHTS) },
    field('check', 'searched'),
  ],
}

/** Tests whose water is written down beside them. */
export const WITH_WATER: readonly TestKind[] = ['drain', 'layers', 'porosity', 'wetting', 'phEc']

/** What the form holds before anything is typed: amounts of the kit, and what is usual. */
export function benchDefaults(
  kind: TestKind,
  kit: TestKit,
  {
    penId,
    today,
    tapWater,
  }: {
    penId: number | null
    today: string
    tapWater: { readonly ecDsPerM: number; readonly alkalinityMgPerL: number }
  },
): Record<string, string | string[]> {
  const defaults: Record<string, string | string[]> = {
    place: '',
    judge: '',
    note: '',
    waterTempC: '',
    waterEc: String(tapWater.ecDsPerM),
    waterAlkalinity: String(tapWater.alkalinityMgPerL),
  }
  for (const one of benchFields[kind]) defaults[one.name] = one.kind === 'several' ? [] : ''
  const usual: Readonly<Record<string, string>> = {
    pouredMl: `${kit.pouredMl} mL`,
    volumeMl: `${kit.porosityLitres} L`,
    startMoisture: 'air-dry',
    gapMm: '0',
    stoodOnTop: 'no',
    runsDownSide: 'no',
    searched: 'no',
    compensated: 'yes',
    method: '1:2',
    tempC: '20',
    waterEcDsPerM: '0',
    penId: penId === null ? '' : String(penId),
    days: '14',
    woodyLitres: '0 L',
    day0: today,
    useSharePercent: '100',
    ...Object.fromEntries(USUAL_SHARES.map((share, i) => [`share${i}`, share])),
    ...Object.fromEntries([0, 1, 2, 4].map((dose, i) => [`dose${i}`, String(dose)])),
  }
  for (const [name, value] of Object.entries(usual)) if (name in defaults) defaults[name] = value
  return defaults
}
