import { createContext, type ReactNode, useContext } from 'react'
import type { Design } from './useDesign'

const Context = createContext<Design | null>(null)

/** Hands the mix under design to all the parts of its screen. */
export function DesignProvider({
  design,
  children,
}: {
  readonly design: Design
  readonly children: ReactNode
}) {
  return <Context.Provider value={design}>{children}</Context.Provider>
}

/** @throws Error outside the screen of a design: a mistake in the code. */
export function useMixDesign(): Design {
  const design = useContext(Context)
  if (!design) throw new Error('There is no mix under design here.')
  return design
}
