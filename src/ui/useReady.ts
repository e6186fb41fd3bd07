import { useSyncExternalStore } from 'react'

const neverChanges = () => () => {}

/** Whether the page's script has taken over: before, what is typed or pressed would be lost. */
export function useReady(): boolean {
  return useSyncExternalStore(
    neverChanges,
    () => true,
    () => false,
  )
}
