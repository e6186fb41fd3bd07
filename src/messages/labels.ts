import Joi from 'joi'
import type { FoundPot } from './containers/potViews'
import type { Stratum } from './media/lotViews'
import { line } from './rules'

/** How labels lie on what they are printed on; lengths in mm. */
export interface LabelSize {
  readonly id: 'sheet-21' | 'sheet-10' | 'stakes' | 'roll-62' | 'roll-50'
  readonly widthMm: number
  readonly heightMm: number
  readonly columns: number
  readonly rows: number
  readonly leftMm: number
  readonly topMm: number
  readonly gapMm: number
  /** One label after the other instead of an A4 sheet. */
  readonly isRoll: boolean
}

const roll = { columns: 1, rows: 1, leftMm: 0, topMm: 0, gapMm: 0, isRoll: true } as const

export const LABEL_SIZES: readonly LabelSize[] = [
  {
    id: 'sheet-21',
    widthMm: 63.5,
    heightMm: 38.1,
    columns: 3,
    rows: 7,
    leftMm: 7.2,
    topMm: 15.1,
    gapMm: 2.5,
    isRoll: false,
  },
  {
    id: 'sheet-10',
    widthMm: 99,
    heightMm: 57,
    columns: 2,
    rows: 5,
    leftMm: 4.6,
    topMm: 6,
    gapMm: 2.5,
    isRoll: false,
  },
  {
    id: 'stakes',
    widthMm: 26,
    heightMm: 138,
    columns: 7,
    rows: 2,
    leftMm: 14,
    topMm: 10,
    gapMm: 0,
    isRoll: false,
  },
  { id: 'roll-62', widthMm: 62, heightMm: 29, ...roll },
  { id: 'roll-50', widthMm: 50, heightMm: 25, ...roll },
]

/** A label is for a pot or for a lot. */
export interface LabelView extends Pick<FoundPot, 'id' | 'code' | 'name' | 'place'> {
  readonly kind: 'pot' | 'lot'
  /** Of the lot, or of the one in the pot; empty where there is none. */
  readonly lotName: string
  readonly strata: readonly Stratum[]
  /** Seasons its mix has served, the present one too; null where there is no mix. */
  readonly innings: number | null
  /** What grows in it. */
  readonly crops: readonly string[]
  /** Address that the code leads to. */
  readonly address: string
  /** Its modules as a path one module wide, in a square of so many modules a side, quiet zone included. */
  readonly qr: { readonly path: string; readonly modules: number }
}

export interface LabelsPage {
  readonly asked: LabelsQuery
  readonly size: LabelSize
  /** Labels of a sheet that were used before. */
  readonly skip: number
  readonly labels: readonly LabelView[]
  /** How many more there would be. */
  readonly left: number
  readonly places: readonly string[]
  /** Where the codes lead to. */
  readonly origin: string
  /** Only this machine opens that address. */
  readonly isOnlyHere: boolean
}

export interface LabelsQuery {
  /** Ids with commas between. */
  readonly pots?: string
  readonly lots?: string
  readonly place?: string
  readonly size?: LabelSize['id']
  readonly skip?: number
  /** Address under which the phone opens Innings, where that is another one. */
  readonly at?: string
}

const idList = (label: string) =>
  Joi.string()
    .pattern(/^\d{1,9}(,\d{1,9}){0,499}$/)
    .label(label)
    .meta({ text: 'key' })
    .messages({ 'string.pattern.base': '{{#label}} are numbers with commas between' })

export const labelsQuerySchema = Joi.object<LabelsQuery>({
  pots: idList('The pots'),
  lots: idList('The lots'),
  place: line('The place', 80).allow(''),
  size: Joi.string()
    .valid(...LABEL_SIZES.map(({ id }) => id))
    .label('The size')
    .messages({ 'any.only': 'Choose a size of label from the list' }),
  skip: Joi.number()
    .integer()
    .min(0)
    .max(20)
    .empty('')
    .label('Labels already used')
    .messages({ 'number.base': 'Labels already used: a number from 0 to 20' }),
  at: line('The address', 200)
    .uri({ scheme: ['http', 'https'] })
    .empty('')
    .messages({
      'string.uriCustomScheme':
        'The address begins with http:// or https://, such as http://192.168.1.20:4321',
    }),
}).unknown()
