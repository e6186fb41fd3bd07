import { useState } from 'react'
import type { PotLook, RootMass } from '../../../core/recondition'
import type { ManyFound, ManyFoundPage, WaitingPot } from '../../../messages/recondition/manyFound'
import { useKept } from '../../../ui/form/useKept'
import { readQuantity } from '../../../ui/readQuantity'
import { useSite } from '../../../ui/SiteContext'
import { manyFound as words } from '../../../ui/texts/media/manyFound'
import { showToastOnNextPage } from '../../../ui/toast'
import { useSend } from '../../../ui/useSend'

const MOST_YEARS = 100

/** What is said of a pot; what is left out is as for all. */
export interface Said {
  readonly drop: string
  readonly roots: RootMass
  readonly side: 'yes' | 'no'
  readonly problems: readonly string[]
  readonly note: string
  readonly smell: '' | 'earth' | 'sour'
  readonly life: '' | 'much' | 'little'
  readonly mulch: '0' | '2' | '5'
  readonly years: string
  readonly drains: 'yes' | 'no'
  readonly debris: PotLook['debris']
  readonly part: boolean
}

const FOR_ALL: Said = {
  drop: '',
  roots: 'fine',
  side: 'no',
  problems: [],
  note: '',
  smell: '',
  life: '',
  mulch: '0',
  years: '',
  drains: 'yes',
  debris: 'left',
  part: false,
}

/** Answers for many pots: once for all, and what differs in one; kept as they are given. */
export function useManyFound(page: ManyFoundPage) {
  const { site } = useSite()
  const { problem, errorOf, isSending, isSlow, deliver } = useSend()
  const [tried, setTried] = useState(false)
  const { values, change, throwAway } = useKept('many-found', {
    chosen: page.chosen as readonly number[],
    all: FOR_ALL,
    own: {} as Readonly<Record<string, Partial<Said>>>,
  })
  const { own } = values
  // Drafts of before hold fewer answers.
  const all: Said = { ...FOR_ALL, ...values.all }
  const there = new Set(page.pots.map(({ id }) => id))
  // An address that names its pots means those, whatever was begun before.
  const chosen = (
    page.chosen.length > 0 ? union(page.chosen, values.chosen) : values.chosen
  ).filter((id) => there.has(id))
  const pots = page.pots.filter(({ id }) => chosen.includes(id))
  const saidOf = ({ id, answers }: WaitingPot): Said => ({
    ...all,
    // Where nothing was said for all, an earlier look at the pot stands.
    ...(answers && isAsBegun(all)
      ? {
          roots: answers.roots,
          side: answers.side,
          drop: answers.drop === null ? '' : `${Math.round(answers.drop * 10) / 10} cm`,
          ...saidLook(answers.look),
        }
      : {}),
    ...own[id],
    // What was seen in all of them was seen in this one too.
    problems: union(all.problems, own[id]?.problems ?? []),
  })
  const readDrop = (text: string) => readQuantity(text, 'length', site.measures)
  const isUnread = [all.drop, ...pots.map((pot) => saidOf(pot).drop)].some(
    (text) => text.trim() !== '' && readDrop(text).problem,
  )
  const yearsUnread = [all, ...pots.map(saidOf)].some(({ years }) => yearsOf(years) === undefined)

  const send = async () => {
    setTried(true)
    if (pots.length === 0 || isUnread || yearsUnread || isSending) return
    const body: ManyFound = {
      pots: pots.map((pot) => {
        const said = saidOf(pot)
        const { drop, roots, side, problems, note, part } = said
        return {
          potId: pot.id,
          drop: readDrop(drop).value,
          roots,
          side,
          problems,
          note,
          look: lookSaid(said),
          part: part && pot.sharedWith.length > 0,
        }
      }),
    }
    const answer = await deliver('POST /api/recondition/found', { body })
    if (!answer) return
    throwAway()
    showToastOnNextPage({ text: words.kept(answer.data.lots.length) })
    const lots = answer.data.lots.map(({ id }) => id).join(',')
    window.location.assign(`/turnover/batches?lots=${lots}`)
  }

  return {
    problem,
    errorOf,
    isSending,
    isSlow,
    missing: tried && pots.length === 0,
    chosen,
    pots,
    all,
    own,
    saidOf,
    choose: (ids: readonly number[]) => change({ chosen: ids }),
    sayAll: (more: Partial<Said>) => change({ all: { ...all, ...more } }),
    sayOwn: (id: number, more: Partial<Said>) =>
      change({ own: { ...own, [id]: { ...own[id], ...more } } }),
    send,
  }
}

/** Nothing was said for all yet. */
function isAsBegun(all: Said): boolean {
  return JSON.stringify(all) === JSON.stringify(FOR_ALL)
}

function saidLook({ smell, life, mulchCm, years, drains }: PotLook): Partial<Said> {
  return {
    smell: smell ?? '',
    life: life ?? '',
    mulch: mulchCm >= 5 ? '5' : mulchCm > 0 ? '2' : '0',
    years: years === null ? '' : String(years),
    drains: drains ? 'yes' : 'no',
  }
}

function lookSaid({ smell, life, mulch, years, drains, debris }: Said): PotLook {
  return {
    smell: smell || null,
    life: life || null,
    mulchCm: Number(mulch),
    years: yearsOf(years) ?? null,
    drains: drains === 'yes',
    debris,
  }
}

/** null where nothing stands there, undefined where it is no number of years. */
export function yearsOf(text: string): number | null | undefined {
  if (text.trim() === '') return null
  const years = Number(text.replace(',', '.'))
  return years >= 0 && years <= MOST_YEARS ? years : undefined
}

function union<Value>(some: readonly Value[], more: readonly Value[]): Value[] {
  return [...new Set([...some, ...more])]
}
