export type AmendmentKind =
  | 'organic fertilizer'
  | 'coated fertilizer'
  | 'soluble feed'
  | 'liming'
  | 'calcium'
  | 'acidifying'
  | 'magnesium'
  | 'trace minerals'
  | 'biological'

/** One row of the amendments table: what is weighed in. */
export interface Amendment {
  readonly id: string
  readonly name: string
  readonly kind: AmendmentKind
  readonly nPercent: number
  readonly p2o5Percent: number
  readonly k2oPercent: number
  /** Days at 20 °C until half of it is released or has reacted; 0 means at once. */
  readonly releaseDays50: number
  readonly nReleaseSeason: number
  /** Calcium carbonate equivalent; negative acidifies. */
  readonly cce: number
  readonly saltIndex: number
  readonly rateLowGPerL: number
  readonly rateHighGPerL: number
  /** Made as a salt, not from plants or animals: left out where mineral feed is not wanted. */
  readonly mineral: boolean
  readonly caution: string | null
  readonly note: string | null
}

export type CropKind =
  | 'vegetable'
  | 'fruit'
  | 'herb'
  | 'annual'
  | 'perennial'
  | 'shrub'
  | 'succulent'
  | 'carnivorous'
  | 'epiphyte'
  | 'houseplant'
  | 'seedling'

/** What a crop wants: one row of the crops table. */
export interface Crop {
  readonly id: string
  readonly name: string
  readonly latin: string
  readonly family: string
  readonly rotationGroup: string
  readonly kind: CropKind
  readonly season: string
  readonly pHLow: number
  readonly pHHigh: number
  readonly airMinPercent: number
  readonly airMaxPercent: number
  readonly waterPreference: 'wet' | 'moist' | 'even' | 'dry-between'
  readonly feeder: 'light' | 'medium' | 'heavy'
  /** Nitrogen taken up per litre of media in one season, mg/L. */
  readonly nSeasonMgPerL: number
  /** Highest electrical conductivity tolerated, saturated media extract, dS/m. */
  readonly ecMaxSme: number
  readonly rootDepthCm: number
  readonly litresPerPlant: number
  readonly kc: number
  /** Ground a full-grown plant with its litres shades, cm²; null for seedlings and cuttings, which shade their tray. */
  readonly canopyCm2: number | null
  readonly weeksInPot: number
  /** Coldest air it stands, °C; null where it is not known. */
  readonly hardyToC?: number | null
  readonly sowOrPlantMonthsNorth: string | null
  readonly harvestMonthsNorth: string | null
  readonly limeHater: boolean
  /** Is never planted into used mix. */
  readonly freshOnly: boolean
  readonly herbicideSensitive: boolean
  readonly note: string | null
}

/** An amendment and how much of it goes into each litre of mix. */
export interface Dose {
  readonly amendment: Amendment
  readonly gPerL: number
}
