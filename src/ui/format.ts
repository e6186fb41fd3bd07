import type { SiteView } from '../messages/site/site'

const L_PER_GALLON = 3.785411784
const L_PER_CUP = 0.2365882365
const CM_PER_INCH = 2.54
const G_PER_OUNCE = 28.349523125

/** A number and its unit apart, so that the unit can stand small and grey. */
export interface Amount {
  readonly number: string
  readonly unit: string
}

/** Writes numbers, days and money the way the site wants them. */
export interface Format {
  readonly number: (value: number, digits?: number) => string
  readonly litres: (litres: number) => Amount
  /** As one measures it out: in halves from a litre on. */
  readonly measured: (litres: number) => string
  readonly grams: (grams: number) => Amount
  readonly cm: (cm: number) => Amount
  readonly percent: (share: number) => Amount
  /** Salts in water or in a saturated extract. */
  readonly conductivity: (dSPerM: number, digits?: number) => Amount
  readonly day: (isoDay: string) => string
  /** Time of day of an ISO time, in the site's zone. */
  readonly time: (isoTime: string) => string
  /** Days that were worked out: no finer than anybody could tell. */
  readonly days: (days: number) => string
  /** Work time, from an hour on in hours. */
  readonly minutes: (minutes: number) => string
  readonly money: (value: number) => string
  readonly plain: (amount: Amount) => string
}

export function formatFor(
  site: Pick<SiteView, 'locale' | 'unitSystem' | 'currency' | 'timeZone'>,
): Format {
  // What rounds to nothing is nothing, and has no sign.
  const number = (value: number, digits = 0) =>
    numberFormat(site.locale, digits).format(Math.abs(value) < 0.5 * 10 ** -digits ? 0 : value)
  const us = site.unitSystem === 'us'
  const amount = (value: number, unit: string, digits = digitsFor(value)): Amount => ({
    number: number(value, digits),
    unit,
  })
  return {
    number,
    litres: (litres) => {
      if (!us) return amount(litres, 'L')
      return litres < L_PER_GALLON
        ? amount(litres / L_PER_CUP, 'cups')
        : amount(litres / L_PER_GALLON, 'gal')
    },
    measured: (litres) => {
      if (us) return `${number(litres / L_PER_GALLON, 1)} gal`
      if (litres < 1) return `${number(litres, litres < 0.1 ? 2 : 1)} L`
      const halves = Math.round(litres * 2)
      const whole = Math.floor(halves / 2)
      return `${number(whole)}${halves % 2 === 1 ? '½' : ''} L`
    },
    days: (days) => {
      if (days < 5) return number(days, 1)
      return number(days < 20 ? days : 5 * Math.round(days / 5))
    },
    grams: (grams) =>
      us ? amount(grams / G_PER_OUNCE, 'oz') : amount(grams, 'g', grams < 9.95 ? 1 : 0),
    cm: (cm) => (us ? amount(cm / CM_PER_INCH, 'in') : amount(cm, 'cm')),
    percent: (share) => amount(share * 100, '%', 0),
    conductivity: (dSPerM, digits = 1) => amount(dSPerM, 'dS/m', digits),
    day: (isoDay) => dayFormat(site.locale).format(new Date(`${isoDay}T00:00:00Z`)),
    time: (isoTime) => timeFormat(site.locale, site.timeZone).format(new Date(isoTime)),
    minutes: (minutes) => {
      const whole = Math.round(minutes)
      const [hours, rest] = [Math.floor(whole / 60), whole % 60]
      if (hours === 0) return `${rest} min`
      return rest === 0 ? `${number(hours)} h` : `${number(hours)} h ${rest} min`
    },
    money: (value) =>
      site.currency ? moneyFormat(site.locale, site.currency).format(value) : number(value, 2),
    plain: ({ number: digits, unit }) => `${digits} ${unit}`,
  }
}

/** Of a number as it will stand there: what rounds to 100 is written as 100 is, what rounds to nothing as 0. */
function digitsFor(value: number): number {
  const size = Math.abs(value)
  if (size >= 99.95) return 0
  return size >= 0.005 && size < 0.995 ? 2 : 1
}

// Making a formatter costs a hundred times what using it does: one of each is kept.
const numberFormat = keepMade(
  (locale, digits: number) =>
    new Intl.NumberFormat(locale, { minimumFractionDigits: digits, maximumFractionDigits: digits }),
)
const moneyFormat = keepMade(
  (locale, currency: string) => new Intl.NumberFormat(locale, { style: 'currency', currency }),
)
const timeFormat = keepMade(
  (locale, timeZone: string) =>
    new Intl.DateTimeFormat(locale, { hour: '2-digit', minute: '2-digit', timeZone }),
)
const dayFormat = keepMade(
  (locale) =>
    new Intl.DateTimeFormat(locale, {
      day: 'numeric',
      month: 'short',
      year: 'numeric',
      timeZone: 'UTC',
    }),
)

function keepMade<Made, Rest extends readonly (string | number)[]>(
  make: (locale: string, ...rest: Rest) => Made,
): (locale: string, ...rest: Rest) => Made {
  const kept = new Map<string, Made>()
  return (locale, ...rest) => {
    const key = [locale, ...rest].join(' ')
    const made = kept.get(key) ?? make(locale, ...rest)
    kept.set(key, made)
    return made
  }
}
