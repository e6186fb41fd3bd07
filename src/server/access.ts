/** Who asks, as far as this server knows. */
export interface Visitor {
  readonly kind: 'owner'
}

/**
 * Every page and endpoint passes through here before anything is read or written. There are no accounts yet:
 * whoever reaches this machine's own address is its owner.
 */
export function admit(_request: Request): Visitor {
  return { kind: 'owner' }
}
