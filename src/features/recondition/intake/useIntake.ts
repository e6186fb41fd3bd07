import { useMemo, useState } from 'react'
import { litresAtLevel, type RungId } from '../../../core/recondition'
import type { IntakeAnswers } from '../../../messages/recondition/answers'
import type { IntakePage } from '../../../messages/recondition/turnover'
import type { SiteView } from '../../../messages/site/site'
import { useFields } from '../../../ui/form/useForm'
import { readQuantity } from '../../../ui/readQuantity'
import { useSite } from '../../../ui/SiteContext'
import { intake as words } from '../../../ui/texts/recondition/intake'
import { recipeAddress, waysAddress } from './answers'

interface Values {
  drop: string
  roots: IntakeAnswers['roots']
  side: IntakeAnswers['side']
  crop: string
  pots: string[]
  litres: string
  share: string
  feed: IntakeAnswers['feed']
  every: string
  place: NonNullable<IntakeAnswers['place']>
}

export type Given = Partial<IntakeAnswers>

const MOST_DAYS = 60

/** What is told of a tired lot: the form, what follows from it at once, and the way to its recipe. */
export function useIntake(page: IntakePage, given: Given) {
  const { site, format } = useSite()
  const defaults = useMemo(() => defaultsOf(page, given), [page, given])
  const { form, values, throwAway } = useFields<Values>(`turnover/${page.lot.id}`, defaults)
  const [tried, setTried] = useState(false)
  const found = litresFound(page, values.drop, site)
  const crop = page.crops.find(({ id }) => id === values.crop)
  const chosen = page.pots.filter(({ id }) => asList(values.pots).includes(String(id)))
  const room = chosen.reduce((sum, { litres }) => sum + litres, 0)
  const drop = readQuantity(values.drop, 'length', site.measures)
  const litres = readQuantity(values.litres, 'volume', site.measures)
  const every = daysTold(values.every)
  const missing = {
    crop: tried && !crop ? words.chooseCrop : undefined,
    pots: tried && chosen.length === 0 ? words.choosePot : undefined,
    drop: found !== null && !(found > 0) ? words.nothingLeft : undefined,
    every: every === undefined ? words.everyUnread : undefined,
    litres:
      litres.value !== null && litres.value > room * 1.001
        ? words.tooMuch(
            format.plain(format.litres(litres.value)),
            format.plain(format.litres(room)),
          )
        : litres.value === 0
          ? words.nothingWanted
          : undefined,
  }

  /** The answers where they are right, else the first field that is not. */
  const answersThen = (address: (answers: IntakeAnswers) => string) =>
    form.handleSubmit(() => {
      setTried(true)
      const wrong = !crop || chosen.length === 0 || drop.problem || litres.problem
      if (wrong || missing.drop || missing.litres || every === undefined) {
        const first =
          drop.problem || missing.drop
            ? 'drop'
            : !crop
              ? 'crop'
              : litres.problem || missing.litres
                ? 'litres'
                : every === undefined
                  ? 'every'
                  : 'pots'
        form.setFocus(first)
        return
      }
      window.location.assign(
        address({
          lot: page.lot.id,
          drop: drop.value ?? 0,
          roots: values.roots,
          side: values.side,
          crop: values.crop,
          pots: chosen.map(({ id }) => id),
          litres: litres.value,
          share: Number(values.share),
          feed: values.feed,
          every,
          place: values.place,
          ...(given.way ? { way: given.way } : {}),
        }),
      )
    })

  return {
    form,
    throwAway,
    values,
    found,
    crop,
    room,
    missing,
    toWays: answersThen(waysAddress),
    toRecipe: (way: RungId) => answersThen((answers) => recipeAddress({ ...answers, way })),
  }
}

function defaultsOf(page: IntakePage, given: Given): Values {
  const own = page.pots.filter((pot) => pot.own).map(({ id }) => id)
  const { looked } = page.answers
  const drop = given.drop ?? looked?.dropCm ?? page.lot.expectedDropCm
  return {
    drop: drop === null || drop === undefined ? '' : `${Math.round(drop * 10) / 10} cm`,
    roots: given.roots ?? looked?.roots ?? 'fine',
    side: given.side ?? page.answers.side ?? looked?.side ?? 'no',
    crop: given.crop ?? '',
    pots: (given.pots ?? own).map(String),
    litres: given.litres ? `${Math.round(given.litres * 10) / 10} L` : '',
    share: String(given.share ?? page.usual.share),
    feed: given.feed ?? page.usual.feed,
    every: String(given.every ?? page.answers.every ?? ''),
    place: given.place ?? page.usual.place,
  }
}

/** null where nothing stands there, undefined where it is no number of days. */
function daysTold(text: string): number | null | undefined {
  if (text.trim() === '') return null
  const days = Number(text.replace(',', '.').replace(/\s*days?\s*$/i, ''))
  return days > 0 && days <= MOST_DAYS ? days : undefined
}

/** A lone checkbox arrives as one value, several as a list. */
function asList(value: readonly string[] | string | false): readonly string[] {
  if (!value) return []
  return typeof value === 'string' ? [value] : value
}

function litresFound(page: IntakePage, drop: string, site: SiteView): number | null {
  const own = page.pots.filter((pot) => pot.own)
  const read = readQuantity(drop, 'length', site.measures)
  if (own.length === 0 || read.problem) return null
  return own.reduce(
    (sum, { shape, headspaceCm }) => sum + litresAtLevel(shape, headspaceCm, read.value ?? 0),
    0,
  )
}
