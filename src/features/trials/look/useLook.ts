import { useState } from 'react'
import type { EventScope, TrialMeasure } from '../../../core/trials'
import type { Problem } from '../../../messages/problem'
import type { Happened, LeaveOutBody, LookBody, PotEventBody } from '../../../messages/trials/looks'
import type { LookPage, LookPot } from '../../../messages/trials/lookViews'
import { useKept } from '../../../ui/form/useKept'
import { useOutbox } from '../../../ui/outbox/useOutbox'
import { type Request, request } from '../../../ui/request'
import { look as words } from '../../../ui/texts/trials/look'
import { bodyOf, nextOpen, potsOf, type Typed, typedOf, withEntered } from './look'

type Sent = LookBody | PotEventBody | LeaveOutBody

/** What is entered at the pots of a trial: kept while it is typed, and sent when there is a connection. */
export function useLook(page: LookPage, today: string) {
  const [pots, setPots] = useState(page.pots)
  const [refused, setRefused] = useState<Problem | null>(null)
  const kept = useKept(`look/${page.trialId}/${page.on}`, {
    potId: nextOpen(page.pots, null)?.id ?? page.pots[0]?.id ?? 0,
    typed: {} as Readonly<Record<string, Typed>>,
  })
  const { potId, typed } = kept.values
  const { waiting, isLate, add } = useOutbox<Sent>(`look/${page.trialId}`, {
    onAnswer: (_, { body }) => setPots((now) => now.map((pot) => entered(pot, body as Sent, page))),
    onRefused: (problem, { body }) => {
      setRefused(problem)
      // What was not taken stands in its fields again.
      const sent = body as Sent
      if (!('values' in sent)) return
      const back = {
        values: Object.fromEntries(
          Object.entries(sent.values).flatMap(([measure, value]) =>
            value === null ? [] : [[measure, String(value)]],
          ),
        ),
        note: sent.note,
      }
      kept.change({ potId: sent.potId, typed: { ...typed, [sent.potId]: back } })
    },
  })
  const shown = waiting.reduce(
    (all, { body }) => all.map((pot) => entered(pot, body, page)),
    pots as readonly LookPot[],
  )
  const pot = shown.find((one) => one.id === potId) ?? shown[0]
  const on = page.on === today ? null : page.on
  const now = pot ? (typed[pot.id] ?? typedOf(pot)) : { values: {}, note: '' }

  const send = (what: { readonly title: string; readonly asked: Request; readonly body: Sent }) =>
    add({
      title: what.title,
      where: page.name,
      page: `/trials/${page.trialId}/look`,
      ...what.asked,
      body: what.body,
    })
  const params = { id: page.trialId }

  return {
    pots: shown,
    pot,
    typed: now,
    refused,
    /** How many pots have something that has not arrived. */
    waiting: potsOf(waiting),
    isLate,
    goTo: (id: number) => kept.change({ potId: id }),
    type: (more: { measure: TrialMeasure; value: string } | { note: string }) => {
      if (!pot) return
      const next =
        'note' in more
          ? { ...now, note: more.note }
          : { ...now, values: { ...now.values, [more.measure]: more.value } }
      kept.change({ typed: { ...typed, [pot.id]: next } })
    },
    /** Keeps what is entered for this pot, and goes on; false where there is nothing that can be kept. */
    keep: (): boolean => {
      if (!pot) return false
      const body = bodyOf(pot, now, page.measures, { on, seeds: page.seeds })
      if (!body) return false
      setRefused(null)
      const { [pot.id]: _, ...others } = typed
      const after = shown.map((one) => (one.id === pot.id ? withEntered(one, body) : one))
      kept.change({ typed: others, potId: nextOpen(after, pot.id)?.id ?? pot.id })
      void send({
        title: words.kept(pot.code),
        asked: request('POST /api/trials/[id]/looks', { params, body }),
        body,
      })
      return true
    },
    skip: () => {
      if (pot) kept.change({ potId: nextOpen(shown, pot.id)?.id ?? pot.id })
    },
    happened: (what: {
      kind: Happened
      problemId: string | null
      note: string
      isLeftOut: boolean
      scope: EventScope
    }) => {
      if (!pot) return
      setRefused(null)
      const body = { potId: pot.id, on, ...what }
      void send({
        title: words.wroteEvent(words.scopes[what.scope](pot.code), words.events[what.kind]),
        asked: request('POST /api/trials/[id]/events', { params, body }),
        body,
      })
    },
    countAgain: () => {
      if (!pot) return
      const body = { potId: pot.id, leftOut: null }
      void send({
        title: words.countAgain,
        asked: request('PUT /api/trials/[id]/left-out', { params, body }),
        body,
      })
    },
  }
}

/** What happened to a block or to all pots happened to this one, as long as it counts. */
function isStruck(pot: LookPot, body: Sent, { pots }: LookPage): boolean {
  if (!('scope' in body) || pot.leftOut !== null) return false
  const block = pots.find(({ id }) => id === body.potId)?.block ?? null
  return body.scope === 'all' || (body.scope === 'block' && block !== null && pot.block === block)
}

/** A pot with what was entered for it, before the server has told it. */
function entered(pot: LookPot, body: Sent, page: LookPage): LookPot {
  if (body.potId !== pot.id && !isStruck(pot, body, page)) return pot
  if ('values' in body)
    return body.on === null || body.on === page.on ? withEntered(pot, body) : pot
  if ('leftOut' in body) {
    return { ...pot, leftOut: body.leftOut && { happened: null, ...body.leftOut } }
  }
  const on = body.on ?? page.on
  return {
    ...pot,
    leftOut: body.isLeftOut ? { on, happened: body.kind, why: body.note } : pot.leftOut,
    diedOn: body.kind === 'died' ? on : pot.diedOn,
  }
}
