import { keepPreviousData, QueryClient, useInfiniteQuery } from '@tanstack/react-query'
import { useDeferredValue, useMemo, useState } from 'react'
import type { TableOrder, TablePage, TableQuery } from './column'

const PAGE_ROWS = 100

// One a table, not one a module: the server would keep answers from one visit to the next.
function newClient(): QueryClient {
  return new QueryClient({
    defaultOptions: { queries: { retry: 1, staleTime: 30_000, refetchOnWindowFocus: false } },
  })
}

export interface Served<Row> {
  /** One a table, so that pages are kept apart. */
  readonly key: string
  readonly fetchPage: (query: TableQuery, signal: AbortSignal) => Promise<TablePage<Row>>
  /** What came with the page. */
  readonly first: TablePage<Row>
}

/** Rows of a large table, fetched page by page as they are scrolled to; the newest question wins. */
export function useServedRows<Row>(
  served: Served<Row>,
  order: TableOrder | null,
  typedFilter: string,
) {
  const [client] = useState(newClient)
  const filter = useDeferredValue(typedFilter)
  const untouched = filter === '' && order === null
  const query = useInfiniteQuery(
    {
      queryKey: ['table', served.key, filter, order],
      queryFn: ({ pageParam, signal }) =>
        served.fetchPage({ offset: pageParam, limit: PAGE_ROWS, filter, order }, signal),
      initialPageParam: 0,
      getNextPageParam: (last: TablePage<Row>, pages: TablePage<Row>[]) => {
        const fetched = pages.reduce((sum, { rows }) => sum + rows.length, 0)
        return fetched < last.total && last.rows.length > 0 ? fetched : undefined
      },
      placeholderData: keepPreviousData,
      ...(untouched ? { initialData: { pages: [served.first], pageParams: [0] } } : {}),
    },
    client,
  )
  const pages = query.data?.pages
  const rows = useMemo(() => pages?.flatMap((page) => page.rows) ?? [], [pages])
  return {
    rows,
    total: pages?.at(-1)?.total ?? 0,
    failed: query.isError,
    fetching: query.isFetching,
    more: query.hasNextPage,
    fetchMore: () => void query.fetchNextPage(),
    again: () => void query.refetch(),
  }
}
