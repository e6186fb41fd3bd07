import { useState } from 'react'
import type { RootMass } from '../../core/recondition'
import type {
  ManyFound,
  ManyFoundAnswer,
  ManyFoundPage,
  WaitingPot,
} from '../../messages/recondition/manyFound'
import { readQuantity } from '../../ui/readQuantity'
import { useSite } from '../../ui/SiteContext'
import { manyFound as words } from '../../ui/texts/manyFound'
import { showToastOnNextPage } from '../../ui/toast'
import { useKept } from '../../ui/useKept'
import { useSend } from '../../ui/useSend'

/** What is said of a pot; what is left out is as for all. */
export interface Said {
  readonly drop: string
  readonly roots: RootMass
  readonly side: 'yes' | 'no'
  readonly problems: readonly string[]
  readonly note: string
}

const FOR_ALL: Said = { drop: '', roots: 'fine', side: 'no', problems: [], note: '' }

/** Answers for many pots: once for all, and what differs in one; kept as they are given. */
export function useManyFound(page: ManyFoundPage) {
  const { site } = useSite()
  const { problem, errorOf, isSending, deliver } = useSend()
  const [tried, setTried] = useState(false)
  const { values, change, throwAway } = useKept('many-found', {
    chosen: page.chosen as readonly number[],
    all: FOR_ALL,
    own: {} as Readonly<Record<string, Partial<Said>>>,
  })
  const { all, own } = values
  const there = new Set(page.pots.map(({ id }) => id))
  // An address that names its pots means those, whatever was begun before.
  const chosen = (
    page.chosen.length > 0 ? union(page.chosen, values.chosen) : values.chosen
  ).filter((id) => there.has(id))
  const pots = page.pots.filter(({ id }) => chosen.includes(id))
  const saidOf = ({ id, told }: WaitingPot): Said => ({
    ...all,
    // Where nothing was said for all, an earlier look at the pot stands.
    ...(told && all === FOR_ALL
      ? {
          roots: told.roots,
          side: told.side,
          drop: told.drop === null ? '' : `${Math.round(told.drop * 10) / 10} cm`,
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

  const send = async () => {
    setTried(true)
    if (pots.length === 0 || isUnread || isSending) return
    const body: ManyFound = {
      pots: pots.map((pot) => {
        const { drop, roots, side, problems, note } = saidOf(pot)
        return { potId: pot.id, drop: readDrop(drop).value, roots, side, problems, note }
      }),
    }
    const answer = await deliver<ManyFoundAnswer>('POST', '/api/recondition/found', body)
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

function union<Value>(some: readonly Value[], more: readonly Value[]): Value[] {
  return [...new Set([...some, ...more])]
}
