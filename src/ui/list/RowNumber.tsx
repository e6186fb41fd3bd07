import { Figure, type FigureProps } from '../Figure'

/**
 * A number of a row: it hangs on its point below the numbers of other rows.
 * @param digits most digits behind the point in this column
 */
export function RowNumber({ digits = 1, ...figure }: FigureProps & { readonly digits?: number }) {
  return <Figure {...figure} pad={padOf(figure.amount.number, digits)} />
}

/** What is missing behind the point: ".0" of 142 where others have one digit there. */
export function padOf(number: string, digits: number): string {
  const behind = /[.,](\d{1,2})$/.exec(number)?.[1]?.length ?? 0
  const missing = Math.max(0, digits - behind)
  return (behind === 0 && missing > 0 ? '.' : '') + '0'.repeat(missing)
}
