export type { Balance, BalanceReading } from './balance'
export { balanceByLine } from './balanceByLine'
export { type SimulatedBalance, simulateBalance } from './simulatedBalance'
