import type { ReactElement } from 'react'
import type { SiteView } from '../src/messages/site/site'
import { renderHook } from './renderHook'

/** The garden that screens are of in tests. */
export const SITE: SiteView = {
  name: 'Foundry Steps',
  locale: 'en-GB',
  timeZone: 'UTC',
  unitSystem: 'metric',
  currency: null,
  measures: { scoopL: 1, cupL: 0.25 } as SiteView['measures'],
  today: '2026-11-02',
}

/** A hook of a screen, in that garden. */
export async function onSite<Result>(hook: () => Result) {
  const { createElement } = await import('react')
  const { SiteProvider } = await import('../src/ui/SiteContext')
  return renderHook(hook, null, (inner: ReactElement) =>
    createElement(SiteProvider, { site: SITE, children: inner }),
  )
}
