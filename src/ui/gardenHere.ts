/** Header that says which garden was looked at when something was entered. */
export const GARDEN_HEADER = 'innings-garden'

/** The garden that this page shows: ids of rows mean something in that one only. */
export function gardenHere(): string {
  return document.documentElement?.dataset?.garden ?? ''
}
