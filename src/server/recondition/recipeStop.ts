import type { Crop } from '../../core/chemistry'
import { cropBars, seasonOf } from '../../core/recondition'
import type { IntakeAnswers } from '../../messages/recondition/answers'
import type { RecipeStop } from '../../messages/recondition/turnover'
import type { OpenDatabase } from '../database'
import { foundViews, judgeLot, triageView } from '../lots'
import { askedOf } from './buildRecipe'
import { cropChoice, lotHead } from './intakePage'

/** So many other crops are named. */
const MOST_OTHERS = 8

/** Why there is no recipe for this crop in this lot, and what may be done instead; null where nothing speaks against it. */
export async function recipeStop(
  db: OpenDatabase,
  answers: IntakeAnswers,
): Promise<RecipeStop | null> {
  const { facts, tables, site, crop, triage, bars } = await askedOf(db, answers)
  if (bars.length === 0 || !triage) return null
  const others = [...tables.crops.values()].filter((other) => {
    if (other.freshOnly || other.id === crop.id) return false
    const judged = judgeLot(facts, tables, seasonOf(other, tables.today, site.latitudeDeg))
    return cropBars(judged, other).length === 0
  })
  // What is used alike comes first, then what flowers for a summer.
  const nearness = ({ kind }: Crop) => (kind === crop.kind ? 2 : kind === 'annual' ? 1 : 0)
  const alike = others.sort((a, b) => nearness(b) - nearness(a))
  return {
    lot: lotHead(facts),
    answers,
    crop: cropChoice(crop),
    bars,
    found: foundViews(facts.found, tables),
    triage: triageView(triage, tables),
    otherCrops: alike.slice(0, MOST_OTHERS).map(cropChoice),
  }
}
