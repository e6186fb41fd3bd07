import type { CandidatesPage } from '../../../messages/trials/candidateViews'

type Asked = Pick<CandidatesPage, 'of' | 'potId' | 'cropId' | 'by'>

/** The sheet with something of it changed; what order its candidates stand in is worked out anew. */
export function sheetAddress(page: Asked, change: Partial<Asked> = {}): string {
  const { of, potId, cropId, by } = { ...page, ...change }
  const query = new URLSearchParams({
    of: of.join(','),
    ...(potId === null ? {} : { pot: String(potId) }),
    crop: cropId ?? 'none',
    by,
  })
  return `/trials/candidates?${query}`
}

/** Where a trial of them begins: with the first recipe or lot among them. */
export function planAddress(of: readonly string[]): string {
  const first = of.find((key) => /^(mix|lot):/.test(key))
  const [kind, id] = first?.split(':') ?? []
  return `/trials/new?kind=comparison${kind ? `&${kind}=${id}` : ''}`
}

/** Where they are watered together; recipes and bags only. */
export function waterAddress(of: readonly string[]): string | null {
  const keys = of.flatMap((key) =>
    key.startsWith('lot:') ? [] : [key.slice(key.indexOf(':') + 1)],
  )
  return keys.length > 1 ? `/mixes/compare?mixes=${keys.slice(0, 4).join(',')}` : null
}
