import type { ControlMust } from '../../core/trials'
import type { Format } from '../../ui/format'
import { trialWords } from '../../ui/texts/trials/trialWords'

/** What the control of a trial came to, and what it must, in words. */
export function mustText(
  must: ControlMust,
  reached: number,
  mustValue: number,
  format: Pick<Format, 'number'>,
): [reached: string, must: string] {
  const digits = must === 'vigour' ? 1 : 0
  const text = (value: number) => `${format.number(value, digits)} ${trialWords.musts[must].unit}`
  return [text(reached), text(mustValue)]
}
