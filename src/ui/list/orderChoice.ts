import { list as listWords } from '../texts/list'
import type { ListChoice } from './ChoiceSentence'
import type { RowColumn } from './rowColumn'

/**
 * The orders of a list as one of its choices: those of its columns up and down, and the usual one.
 * @param usual how it comes where nothing is asked
 */
export function orderChoice<Row>(
  columns: readonly RowColumn<Row>[],
  asked: string | undefined,
  usual: string,
): ListChoice {
  return {
    name: 'order',
    label: listWords.sort,
    value: asked ?? '',
    options: [
      { value: '', name: usual, says: listWords.by(usual) },
      ...columns.flatMap(({ order, head }) =>
        order === undefined
          ? []
          : [
              { value: order, name: listWords.upwards(head) },
              { value: `${order}.down`, name: listWords.downwards(head) },
            ],
      ),
    ],
  }
}
