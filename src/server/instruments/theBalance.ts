import {
  type Balance,
  balanceByLine,
  type SimulatedBalance,
  simulateBalance,
} from '../../instruments'
import type { BalanceKind, BalanceView } from '../../messages/instruments/balance'
import { readConfig } from '../config'

const SEED = 2611
const clock = () => performance.now()
const shared = globalThis as {
  inningsBalance?: { readonly setting: string; readonly balance: Opened }
}

type Opened =
  | { readonly kind: 'none' }
  | { readonly kind: 'simulated'; readonly balance: SimulatedBalance }
  | { readonly kind: 'line'; readonly balance: Balance }

/** The balance that the settings name, opened when it is first asked for. */
export function theBalance(): Opened {
  const { balance } = readConfig()
  const setting = JSON.stringify(balance)
  if (shared.inningsBalance?.setting !== setting) {
    if (shared.inningsBalance && shared.inningsBalance.balance.kind !== 'none') {
      shared.inningsBalance.balance.balance.close()
    }
    shared.inningsBalance = { setting, balance: open(balance) }
  }
  return shared.inningsBalance.balance
}

function open(setting: ReturnType<typeof readConfig>['balance']): Opened {
  if (setting === null) return { kind: 'none' }
  if (setting === 'simulated') {
    return { kind: 'simulated', balance: simulateBalance({ seed: SEED, clock }) }
  }
  return { kind: 'line', balance: balanceByLine({ ...setting, clock }) }
}

/** Whether there is one, without asking it. */
export function balanceKind(): BalanceKind {
  const { balance } = readConfig()
  return balance === null ? 'none' : balance === 'simulated' ? 'simulated' : 'line'
}

/** What it shows now. */
export function balanceView(): BalanceView {
  const opened = theBalance()
  const reading = opened.kind === 'none' ? null : opened.balance.read()
  return {
    kind: opened.kind,
    grams: reading?.grams ?? null,
    isStable: reading?.isStable ?? false,
  }
}
