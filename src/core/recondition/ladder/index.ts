export { bestRung } from './bestRung'
export {
  type BestReason,
  type BestRung,
  type Gate,
  type Ladder,
  type LadderClimate,
  type LadderInput,
  type LadderPriorities,
  MOST_LADDERS,
  RUNG_IDS,
  type Rung,
  type RungBar,
  type RungId,
  type RungNote,
} from './ladderTypes'
export { planLadder } from './planLadder'
export { RUNG_RECIPES } from './rungRecipes'
