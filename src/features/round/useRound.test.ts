import assert from 'node:assert/strict'
import { afterEach, beforeEach, test } from 'node:test'
import { outboxPage } from '../../../testing/outboxPage'
import { renderHook, settle } from '../../../testing/renderHook'
import type { RoundPage, RoundPot, RoundQuery } from '../../messages/containers/round'
import { useRound } from './useRound'

const TODAY = '2026-11-02'

let page: Awaited<ReturnType<typeof outboxPage>>
beforeEach(async () => {
  page = await outboxPage()
})
afterEach(() => page.close())

/** Each test has pots of its own: what one entered is no other's. */
let next = 0
function garden(asked: RoundQuery = {}, places = ['Steps', 'Steps', 'Wall']): RoundPage {
  const from = next
  next += 100
  const pots = places.map(
    (place, at): RoundPot => ({
      id: from + at + 1,
      code: `P${at + 1}`,
      name: 'Tub',
      place,
      crops: [],
    }),
  )
  return { asked, pots, problems: [] }
}

const walk = (round: RoundPage, today = TODAY) => renderHook(() => useRound(round, today), null)
type Walk = Awaited<ReturnType<typeof walk>>

const potOf = (round: RoundPage, at: number) => round.pots[at] as RoundPot
const note = (said: string) => ({ kind: 'growing well', said }) as never
const logOf = ({ id }: RoundPot) => `/api/containers/${id}/log`

async function write(on: Walk, pot: RoundPot, said: string): Promise<void> {
  await on.act(async () => {
    await on.now().write(pot, note(said))
    await settle()
  })
}

async function answer(on: Walk, pot: RoundPot, logId: number): Promise<void> {
  await on.act(async () => {
    page.sentTo(logOf(pot)).answer(201, { id: logId })
    await settle()
  })
}

test('a round begins at the place asked for, and goes from pot to pot of it', async () => {
  const round = { ...garden(), asked: { place: 'Steps' } }
  const on = await walk(round)
  assert.equal(on.now().round.potId, potOf(round, 0).id)
  await write(on, potOf(round, 0), 'Growing well')
  assert.equal(on.now().round.potId, potOf(round, 1).id, 'on to the next')
  const { method, body } = page.sentTo(logOf(potOf(round, 0)))
  assert.equal(method, 'POST')
  assert.deepEqual(body, { kind: 'growing well', value: null, problemId: null, note: '' })
  await answer(on, potOf(round, 0), 41)
  assert.deepEqual(
    on.now().round.written.map(({ said, logId }) => [said, logId]),
    [['Growing well', 41]],
  )
  await on.unmount()
})

test('the second half of a double tap falls on no pot', async () => {
  const round = garden({ place: 'Steps' })
  const on = await walk(round)
  await write(on, potOf(round, 0), 'Growing well')
  assert.equal(on.now().isHeld, true)
  await write(on, potOf(round, 1), 'Growing well')
  await on.act(() => on.now().next())
  assert.equal(on.now().round.written.length, 1)
  assert.equal(on.now().round.potId, potOf(round, 1).id)
  await on.act(() => page.wait(400))
  assert.equal(on.now().isHeld, false)
  await answer(on, potOf(round, 0), 1)
  await on.act(() => on.now().next())
  assert.equal(on.now().round.potId, null, 'the place is done')
  await on.unmount()
})

test('whoever stays at a pot writes down two things there', async () => {
  const round = { ...garden(), asked: { place: 'Steps' } }
  const on = await walk(round)
  await on.act(() => on.now().change((now) => ({ ...now, stays: true })))
  await write(on, potOf(round, 0), 'Growing well')
  await answer(on, potOf(round, 0), 5)
  await on.act(() => page.wait(400))
  await write(on, potOf(round, 0), 'Stays wet')
  assert.equal(on.now().round.potId, potOf(round, 0).id)
  assert.deepEqual(
    on.now().round.written.map(({ said }) => said),
    ['Growing well', 'Stays wet'],
  )
  await answer(on, potOf(round, 0), 6)
  await on.unmount()
})

test('a reload goes on from there; another day begins anew but keeps the habit of staying', async () => {
  const round = garden()
  const asked = { ...round, asked: { pot: potOf(round, 1).id } }
  const before = await walk(asked)
  assert.equal(before.now().round.potId, potOf(round, 1).id)
  await before.act(() => before.now().change((now) => ({ ...now, stays: true })))
  await before.unmount()

  const after = await walk(round)
  assert.equal(after.now().round.potId, potOf(round, 1).id)
  assert.deepEqual(after.now().round.seen, [potOf(round, 1).id])
  await after.unmount()

  const tomorrow = await walk(round, '2026-11-03')
  assert.deepEqual(
    [tomorrow.now().round.potId, tomorrow.now().round.seen, tomorrow.now().round.stays],
    [null, [], true],
  )
  await tomorrow.unmount()
})

test('what has arrived is taken back by its number, what has not is never sent', async () => {
  const round = garden({ place: 'Steps' })
  const on = await walk(round)
  await write(on, potOf(round, 0), 'Growing well')
  await answer(on, potOf(round, 0), 77)
  const [arrived] = on.now().round.written
  assert.ok(arrived)
  await on.act(async () => {
    void on.now().takeBack(arrived)
    await settle()
  })
  assert.deepEqual(on.now().round.written, [])
  const taken = page.sentTo('/api/containers/log/77/counts')
  assert.deepEqual([taken.method, taken.body], ['POST', { counts: false }])
  await on.act(async () => {
    taken.answer(200, {})
    await settle()
  })

  // Out of reach: the first try breaks, and what is taken back before the next one does not go out any more.
  await on.act(() => page.wait(400))
  const pot = potOf(round, 1)
  await write(on, pot, 'Harvested')
  await on.act(async () => {
    page.sentTo(logOf(pot)).answer(0)
    await settle()
  })
  const [waiting] = on.now().round.written
  assert.ok(waiting)
  const tries = page.made.length
  await on.act(async () => {
    void on.now().takeBack(waiting)
    await settle()
  })
  await on.act(() => page.wait(60_000))
  assert.equal(page.made.length, tries)
  await on.unmount()
})

test('what is taken back while it is on its way is taken back once it has its number', async () => {
  const round = garden({ place: 'Steps' })
  const on = await walk(round)
  const pot = potOf(round, 0)
  await write(on, pot, 'Growing well')
  const [written] = on.now().round.written
  assert.ok(written)
  await on.act(async () => {
    void on.now().takeBack(written)
    await settle()
  })
  await answer(on, pot, 90)
  assert.deepEqual(page.sentTo('/api/containers/log/90/counts').body, { counts: false })
  await on.act(async () => {
    page.sentTo('/api/containers/log/90/counts').answer(200, {})
    await settle()
  })
  await on.unmount()
})

test('a photo goes to the photos of its pot', async () => {
  const round = garden({ place: 'Wall' })
  const on = await walk(round)
  const pot = potOf(round, 2)
  await on.act(async () => {
    await on.now().write(pot, { jpeg: 'AAAA', said: 'Photo' })
    await settle()
  })
  const sent = page.sentTo(`/api/containers/${pot.id}/photos`)
  assert.deepEqual(sent.body, { jpeg: 'AAAA', note: '' })
  await on.act(async () => {
    sent.answer(201, { id: 3 })
    await settle()
  })
  assert.equal(on.now().round.written[0]?.logId, 3)
  await on.unmount()
})
