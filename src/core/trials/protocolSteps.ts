import type { SeedProtocol, TrialKind } from './trialKinds'

export type ProtocolStepId =
  | 'pots'
  | 'label'
  | 'fill-alike'
  | 'presoak'
  | 'depth'
  | 'plant-alike'
  | 'no-seeds'
  | 'bottom-water'
  | 'top-water'
  | 'light'
  | 'places'

/** A step that has to be done alike for all pots, with its number where it has one (hours, cm). */
export interface ProtocolStep {
  readonly id: ProtocolStepId
  readonly value: number | null
}

/** What is done, in order, so that pots differ in nothing but what is asked about. */
export function protocolSteps({
  kind,
  seeds,
  protocol,
  isSown,
}: {
  readonly kind: TrialKind
  /** In each pot; 0: nothing is sown on purpose. */
  readonly seeds: number
  readonly protocol: SeedProtocol
  readonly isSown: boolean
}): ProtocolStep[] {
  const step = (id: ProtocolStepId, value: number | null = null) => ({ id, value })
  const planting = isSown
    ? [
        ...(protocol.presoakHours > 0 ? [step('presoak', protocol.presoakHours)] : []),
        step('depth', protocol.depthCm),
      ]
    : [step(kind === 'count' && seeds === 0 ? 'no-seeds' : 'plant-alike')]
  return [
    step('pots'),
    step('label'),
    step('fill-alike'),
    ...planting,
    step(protocol.bottomWater ? 'bottom-water' : 'top-water'),
    step('light'),
    step('places'),
  ]
}
