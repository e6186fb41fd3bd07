import { b as constructFrom, t as toDate, B as millisecondsInHour, T as TZDate } from './passphrase_DS02Zua_.mjs';
import { t as timeOfDay } from './_id__BVimMp4I.mjs';
import { cR as addDays } from './database_CmGvnzKd.mjs';

/**
 * The {@link addMilliseconds} function options.
 */

/**
 * @name addMilliseconds
 * @category Millisecond Helpers
 * @summary Add the specified number of milliseconds to the given date.
 *
 * @description
 * Add the specified number of milliseconds to the given date.
 *
 * @typeParam DateType - The `Date` type, the function operates on. Gets inferred from passed arguments. Allows to use extensions like [`UTCDate`](https://github.com/date-fns/utc).
 * @typeParam ResultDate - The result `Date` type, it is the type returned from the context function if it is passed, or inferred from the arguments.
 *
 * @param date - The date to be changed
 * @param amount - The amount of milliseconds to be added.
 * @param options - The options object
 *
 * @returns The new date with the milliseconds added
 *
 * @example
 * // Add 750 milliseconds to 10 July 2014 12:45:30.000:
 * const result = addMilliseconds(new Date(2014, 6, 10, 12, 45, 30, 0), 750)
 * //=> Thu Jul 10 2014 12:45:30.750
 */
function addMilliseconds(date, amount, options) {
  return constructFrom(date, +toDate(date) + amount);
}

/**
 * The {@link addHours} function options.
 */

/**
 * @name addHours
 * @category Hour Helpers
 * @summary Add the specified number of hours to the given date.
 *
 * @description
 * Add the specified number of hours to the given date.
 *
 * @typeParam DateType - The `Date` type, the function operates on. Gets inferred from passed arguments. Allows to use extensions like [`UTCDate`](https://github.com/date-fns/utc).
 * @typeParam ResultDate - The result `Date` type, it is the type returned from the context function if it is passed, or inferred from the arguments.
 *
 * @param date - The date to be changed
 * @param amount - The amount of hours to be added
 * @param options - An object with options
 *
 * @returns The new date with the hours added
 *
 * @example
 * // Add 2 hours to 10 July 2014 23:00:00:
 * const result = addHours(new Date(2014, 6, 10, 23, 0), 2)
 * //=> Fri Jul 11 2014 01:00:00
 */
function addHours(date, amount, options) {
  return addMilliseconds(date, amount * millisecondsInHour);
}

const FURTHEST_MS = 13 * 36e5;
function withTimeOfDay(at, typed, timeZone) {
  const time = readTime(typed);
  if (!time) return null;
  const given = new TZDate(at, timeZone);
  const shown = [-1, 0, 1].flatMap((days) => {
    const there = addDays(given, days);
    there.setHours(time.hours, time.minutes, time.seconds, given.getMilliseconds());
    return [addHours(there, -1), there, addHours(there, 1)];
  });
  const wanted = `${two(time.hours)}:${two(time.minutes)}:${two(time.seconds)}`;
  const apart = (moment) => Math.abs(moment.getTime() - given.getTime());
  const fitting = shown.filter(
    (moment) => timeOfDay(moment.toISOString(), timeZone) === wanted && apart(moment) <= FURTHEST_MS
  );
  const [nearest] = fitting.sort((a, b) => apart(a) - apart(b));
  return nearest ? new Date(nearest.getTime()).toISOString() : null;
}
function readTime(text) {
  const found = /^\s*(\d{1,2}):(\d{2}):(\d{2})\s*$/.exec(text);
  if (!found) return null;
  const [hours, minutes, seconds] = found.slice(1).map(Number);
  return hours < 24 && minutes < 60 && seconds < 60 ? { hours, minutes, seconds } : null;
}
function two(value) {
  return String(value).padStart(2, "0");
}

export { withTimeOfDay };
