/**
 * In a list the arrows go from row to row: from link to link, or from box to box. With Shift a box that is reached is
 * ticked as the one it was reached from.
 * @returns whether the key went somewhere
 */
export function walkRows(event: KeyboardEvent): boolean {
  const step = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0
  const from = event.target
  if (step === 0 || !(from instanceof HTMLElement)) return false
  const kind = KINDS.find((one) => from.matches(one))
  const table = from.closest('table')
  if (!kind || !table) return false
  const there = [...table.querySelectorAll<HTMLElement>(kind)]
  const next = there[there.indexOf(from) + step]
  if (!next) return false
  next.focus()
  if (event.shiftKey && isBox(from) && isBox(next) && next.checked !== from.checked) next.click()
  return true
}

const KINDS = ['a[data-row]', 'input[data-row-key]']

function isBox(thing: HTMLElement): thing is HTMLInputElement {
  return thing instanceof HTMLInputElement
}
