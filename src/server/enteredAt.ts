import { DAY_MS } from '../core/units'
import { Refused } from './problem'

/** Header with how long ago something was entered, ms; a page without a connection sends it later. */
export const ENTERED_AGO_HEADER = 'entered-ago-ms'

/** Answers are kept a little longer, so that nothing is done twice. */
const LONGEST_AGO_DAYS = 60

/**
 * When it was entered, by this machine's clock: a phone that is an hour off is off at both ends, so how long ago holds.
 * @param now when it arrived
 * @throws Refused for a time that is none, or too long ago
 */
export function enteredAt(request: Request, now: Date): Date {
  const said = request.headers.get(ENTERED_AGO_HEADER)
  if (said === null) return now
  const agoMs = Number(said)
  if (!/^\d{1,12}$/.test(said) || agoMs > LONGEST_AGO_DAYS * DAY_MS) {
    throw new Refused(
      400,
      'too-long-ago',
      `This was entered more than ${LONGEST_AGO_DAYS} days ago: enter it anew with its own day, if it still counts.`,
    )
  }
  return new Date(now.getTime() - agoMs)
}
