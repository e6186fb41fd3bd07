export { requireCount, requireShare } from './counts'
export * from './requires'
export {
  atLeastHeads,
  criticalT,
  noncentralT,
  t95,
  tQuantileAt,
  twoSidedT,
  twoSidedZ,
  upperF,
  Z_95,
} from './tails'
export { isRounding, type Spread, welchError } from './welch'
export { wilson } from './wilson'
