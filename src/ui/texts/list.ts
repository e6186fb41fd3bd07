/** Words of lists that are found in, sorted and leafed through. */
export const list = {
  find: 'Find',
  show: 'Show',
  columns: 'Columns',
  sort: 'Sort by',
  newest: 'Newest first',
  oldest: 'Oldest first',
  sortBy: (name: string) => `Sort by ${name}`,
  pages: 'Pages of the list',
  range: (from: string, to: string, total: string) => `${from} to ${to} of ${total}`,
  first: 'First',
  before: 'Before',
  next: 'Next',
  last: 'Last',
  nothing: 'Nothing fits what you asked for.',
  showAll: 'Show all',
} as const
