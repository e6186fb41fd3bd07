import { readConfig } from '../config'
import { readAccess } from './accessFile'
import { deviceSecretOf } from './sessions'
import type { Caller } from './signIn'

/** Who signs in, as far as a request tells: where from, with what kind of device. */
export function callerOf({
  address,
  request,
  now,
}: {
  readonly address: string
  readonly request: Request
  readonly now: Date
}): Caller {
  return {
    address,
    device: kindOf(request.headers.get('user-agent') ?? ''),
    deviceSecret: deviceSecretOf(readAccess(readConfig().dataFolder), request),
    at: now,
  }
}

const SYSTEMS: readonly (readonly [RegExp, string])[] = [
  [/iPhone/, 'Phone'],
  [/iPad/, 'Tablet'],
  [/Android.*Mobile/, 'Phone'],
  [/Android/, 'Tablet'],
  [/Mobile/, 'Phone'],
  [/Mozilla/, 'Computer'],
]

/** A kind of device is enough to tell one's own apart; what else a browser says of itself is not kept. */
function kindOf(agent: string): string {
  return SYSTEMS.find(([sign]) => sign.test(agent))?.[1] ?? 'Program'
}
