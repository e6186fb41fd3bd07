import { createContext, type ReactNode, useContext, useMemo } from 'react'
import type { SiteView } from '../messages/site'
import { type Format, formatFor } from './format'

const Context = createContext<{ site: SiteView; format: Format } | null>(null)

/** Gives every part of an island the site's way of writing numbers and days. */
export function SiteProvider({ site, children }: { site: SiteView; children: ReactNode }) {
  const value = useMemo(() => ({ site, format: formatFor(site) }), [site])
  return <Context.Provider value={value}>{children}</Context.Provider>
}

export function useSite(): { site: SiteView; format: Format } {
  const value = useContext(Context)
  if (!value) throw new Error('SiteProvider is missing around this part.')
  return value
}
