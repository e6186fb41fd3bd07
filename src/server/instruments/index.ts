export { layOnPan } from './layOnPan'
export { balanceKind, balanceView } from './theBalance'
