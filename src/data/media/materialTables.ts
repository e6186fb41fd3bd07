import { boolean, doublePrecision, pgTable, text } from 'drizzle-orm/pg-core'
import type { Material } from '../../core/media'
import { instant, version } from '../columns'

/** Where a row's values come from. */
export type Origin = 'typical published range' | 'label' | 'own test'

/** The user's own list of materials, filled from the shipped table at the first start. */
export const materials = pgTable('materials', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  group: text('material_group').$type<Material['group']>().notNull(),
  bulkDensity: doublePrecision('bulk_density').notNull(),
  totalPorosity: doublePrecision('total_porosity').notNull(),
  interPorosity: doublePrecision('inter_porosity').notNull(),
  grainMm: doublePrecision('grain_mm').notNull(),
  thetaR: doublePrecision('theta_r').notNull(),
  alpha: doublePrecision('alpha').notNull(),
  n: doublePrecision('n').notNull(),
  ksCmPerS: doublePrecision('ks_cm_per_s').notNull(),
  entryCm: doublePrecision('entry_cm'),
  decayPerYear: doublePrecision('decay_per_year').notNull(),
  pH: doublePrecision('ph').notNull(),
  limeBuffer: doublePrecision('lime_buffer').notNull(),
  freeLimeGPerL: doublePrecision('free_lime_g_per_l').notNull(),
  ec1to2: doublePrecision('ec_1_to_2').notNull(),
  cToN: doublePrecision('c_to_n').notNull(),
  nPercentDry: doublePrecision('n_percent_dry').notNull(),
  nReleaseSeason: doublePrecision('n_release_season').notNull(),
  nDrawdown: doublePrecision('n_drawdown').notNull().default(1),
  labileShare: doublePrecision('labile_share').notNull().default(0),
  maxShare: doublePrecision('max_share'),
  settlePercent: doublePrecision('settle_percent').notNull().default(8),
  shedsBelow: doublePrecision('sheds_below').notNull().default(0),
  starterNMgPerL: doublePrecision('starter_n_mg_per_l'),
  dustHazard: text('dust_hazard').$type<Material['dustHazard']>().notNull(),
  peat: boolean('peat').notNull().default(false),
  note: text('note'),
  origin: text('origin').$type<Origin>().notNull(),
  pricePerLitre: doublePrecision('price_per_litre'),
  stockLitres: doublePrecision('stock_litres').notNull().default(0),
  putAwayAt: instant('put_away_at'),
  version: version(),
})
