import type { ListPart } from '../messages/list'

/** Rows of one page of a list. */
export const PAGE_ROWS = 30

/**
 * Fetches the part of a list that is asked for; where the list has become shorter, its last page.
 * @param page counted from 1
 */
export async function partOf<Found extends { readonly total: number }>(
  page: number | undefined,
  fetch: (asked: { readonly offset: number; readonly limit: number }) => Promise<Found>,
  pageRows = PAGE_ROWS,
): Promise<Found & { readonly part: ListPart }> {
  const wanted = page ?? 1
  const at = (one: number) => fetch({ offset: (one - 1) * pageRows, limit: pageRows })
  const found = await at(wanted)
  const last = Math.max(1, Math.ceil(found.total / pageRows))
  const shown = Math.min(wanted, last)
  const rows = shown === wanted ? found : await at(shown)
  return { ...rows, part: { page: shown, pageRows, total: found.total } }
}
