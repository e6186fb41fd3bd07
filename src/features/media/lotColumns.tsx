import type { LotRow } from '../../messages/media/lotViews'
import type { Format } from '../../ui/format'
import { RowNumber } from '../../ui/list/RowNumber'
import type { RowColumn } from '../../ui/list/rowColumn'
import { CoreSample } from '../../ui/pictures/CoreSample'
import { media as mediaWords } from '../../ui/texts/media/media'

const { columns } = mediaWords

/** A lot's core sample, in a list of whichever room. */
export const sampleColumn = {
  id: 'sample',
  head: columns.sample,
  kind: 'picture',
  cell: ({ strata }: Pick<LotRow, 'strata'>) => <CoreSample strata={strata} />,
} as const satisfies RowColumn<Pick<LotRow, 'strata'>>

/** A lot's name with what is said below it. */
export function lotColumn<Row extends Pick<LotRow, 'name'>>(below: (row: Row) => string) {
  return {
    id: 'lot',
    head: columns.lot,
    kind: 'name',
    cell: ({ name }: Row) => name,
    below,
  } as const satisfies RowColumn<Row>
}

/** What is left of a lot. */
export function litresColumn(format: Format) {
  return {
    id: 'litres',
    head: columns.litres,
    kind: 'number',
    isLead: true,
    cell: ({ litres }: Pick<LotRow, 'litres'>) => <RowNumber amount={format.litres(litres)} />,
  } as const satisfies RowColumn<Pick<LotRow, 'litres'>>
}
