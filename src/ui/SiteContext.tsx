import { createContext, type ReactNode, useContext, useMemo } from 'react'
import type { SiteView } from '../messages/site/site'
import { type Format, formatFor } from './format'
import styles from './SiteContext.module.css'
import { useReady } from './useReady'

const Context = createContext<{ site: SiteView; format: Format } | null>(null)

/**
 * Gives every part of an island the site's way of writing numbers and days. Until the page's script has taken over,
 * controls are held back: what is typed or pressed before would be lost.
 * @param isStill a page without a script of its own: its forms go to an address, and can be used from the first byte
 */
export function SiteProvider({
  site,
  isStill = false,
  children,
}: {
  site: SiteView
  isStill?: boolean
  children: ReactNode
}) {
  const value = useMemo(() => ({ site, format: formatFor(site) }), [site])
  const ready = useReady()
  return (
    <Context.Provider value={value}>
      <fieldset className={styles.stage} disabled={!ready && !isStill} role="presentation">
        {children}
      </fieldset>
    </Context.Provider>
  )
}

export function useSite(): { site: SiteView; format: Format } {
  const value = useContext(Context)
  if (!value) throw new Error('SiteProvider is missing around this part.')
  return value
}
