import type { ListChoice } from './ChoiceSentence'

/**
 * What a list may be narrowed to, one of some, as one of its choices; all of it goes without saying.
 * @param all what not to narrow it is called
 */
export function narrowChoice(
  name: string,
  label: string,
  asked: string | undefined,
  all: string,
  options: ListChoice['options'],
): ListChoice {
  return {
    name,
    label,
    value: asked ?? '',
    options: [{ value: '', name: all, says: null }, ...options],
  }
}
