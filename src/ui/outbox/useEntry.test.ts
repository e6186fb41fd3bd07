import assert from 'node:assert/strict'
import { afterEach, beforeEach, test } from 'node:test'
import { outboxPage } from '../../../testing/outboxPage'
import { renderHook, settle } from '../../../testing/renderHook'
import { presentToast, showToast } from '../toast'
import { useEntry } from './useEntry'
import { useOutbox, useWholeOutbox } from './useOutbox'

let page: Awaited<ReturnType<typeof outboxPage>>
beforeEach(async () => {
  page = await outboxPage()
  showToast(null)
})
afterEach(() => page.close())

const PROBLEM = {
  type: 'about:blank',
  title: 'Not valid',
  status: 422,
  code: 'not-valid',
  detail: 'The litres must be above 0.',
  fields: [{ field: 'litres', message: 'Say more than 0.' }],
}
const what = (title: string, address = '/api/pots/1/fill') => ({
  title,
  where: 'P01 Tub',
  page: '/pots/1',
  method: 'POST' as const,
  address,
  body: { litres: 4 },
})

const form = (about: string, onLate?: (data: unknown) => void) =>
  renderHook(() => useEntry(about, onLate), undefined)

/** Presses the key of a form. @returns what became of it, once something did */
async function press(on: Awaited<ReturnType<typeof form>>, title: string, address?: string) {
  let outcome: unknown
  await on.act(async () => {
    void on
      .now()
      .enter(what(title, address))
      .then((came) => {
        outcome = came
      })
    await settle()
  })
  return () => outcome
}

test('an entry is sent once, however often its key is pressed', async () => {
  const on = await form('pot/1')
  const became = await press(on, 'Filled with 4 L')
  assert.equal(on.now().isSending, true)
  assert.equal((await press(on, 'Filled with 4 L'))(), null, 'while it is sent')
  assert.equal(page.made.length, 1)
  await on.act(async () => {
    page.sentTo('/api/pots/1/fill').answer(200, { lotId: 7 })
    await settle()
  })
  assert.deepEqual(became(), { kind: 'answered', data: { lotId: 7 } })
  assert.equal(on.now().isSending, false)
  assert.equal((await press(on, 'Filled with 4 L'))(), null, 'the second half of a double click')
  assert.equal(page.made.length, 1)
  await on.unmount()
})

test('a refusal comes back to its fields, is not kept, and may be sent again at once', async () => {
  const on = await form('pot/2')
  const became = await press(on, 'Filled with 0 L', '/api/pots/2/fill')
  await on.act(async () => {
    page.sentTo('/api/pots/2/fill').answer(422, PROBLEM)
    await settle()
  })
  assert.deepEqual((became() as { kind: string }).kind, 'refused')
  assert.equal(on.now().problem?.detail, PROBLEM.detail)
  assert.equal(on.now().errorOf('litres')?.message, 'Say more than 0.')
  assert.equal(on.now().errorOf('note'), undefined)
  const whole = await renderHook(() => useWholeOutbox(), undefined)
  await whole.act(settle)
  assert.deepEqual(whole.now().entries, [])
  await whole.unmount()

  const stamp = on.now().errorOf('litres')?.stamp ?? 0
  const again = await press(on, 'Filled with 0 L', '/api/pots/2/fill')
  await on.act(async () => {
    page.sentTo('/api/pots/2/fill').answer(422, PROBLEM)
    await settle()
  })
  assert.ok(again())
  assert.ok((on.now().errorOf('litres')?.stamp ?? 0) > stamp, 'told anew, so that it is read anew')
  await on.unmount()
})

test('out of reach it is kept and that is said; what arrives late is told to the page', async () => {
  const late: unknown[] = []
  const on = await form('pot/3', (data) => late.push(data))
  const became = await press(on, 'Filled with 5 L', '/api/pots/3/fill')
  await on.act(async () => {
    page.sentTo('/api/pots/3/fill').answer(0)
    await settle()
  })
  await on.act(() => page.wait(2_500))
  assert.deepEqual(became(), { kind: 'waiting' })
  assert.match(presentToast()?.text ?? '', /Filled with 5 L/)
  assert.equal(on.now().problem, null, 'nothing is wrong with it')

  // The connection is back: it goes out by itself, the same request.
  const [first] = page.made
  await on.act(() => page.comeOnline())
  const second = page.made[1]
  assert.ok(second)
  assert.equal(second.id, first?.id)
  assert.deepEqual(second.body, { litres: 4 })
  await on.act(async () => {
    second.answer(200, { lotId: 9 })
    await settle()
  })
  assert.deepEqual(late, [{ lotId: 9 }])
  await on.unmount()
})

test('each thing hears of its own entries, and knows how many of them wait', async () => {
  const heard: string[] = []
  const listen = (about: string) =>
    renderHook(
      () =>
        useOutbox(about, {
          onAnswer: () => heard.push(`${about} answered`),
          onRefused: ({ detail }) => heard.push(`${about}: ${detail}`),
        }),
      undefined,
    )
  const [one, other] = [await listen('order/1'), await listen('order/2')]
  await one.act(async () => {
    void one.now().add(what('Ticked', '/api/orders/1'))
    void other.now().add(what('Ticked', '/api/orders/2'))
    await settle()
  })
  assert.deepEqual([one.now().waiting.length, other.now().waiting.length], [1, 1])
  assert.equal(page.made.length, 1, 'one after another')
  await one.act(async () => {
    page
      .sentTo('/api/orders/1')
      .answer(409, { ...PROBLEM, status: 409, detail: 'Changed meanwhile.' })
    await settle()
  })
  await one.act(async () => {
    page.sentTo('/api/orders/2').answer(200, {})
    await settle()
  })
  assert.deepEqual(heard, ['order/1: Changed meanwhile.', 'order/2 answered'])
  assert.deepEqual([one.now().waiting.length, other.now().waiting.length], [0, 0])
  assert.equal(one.now().isOpen, true)
  await one.unmount()
  await other.unmount()
})

test('a server that cannot answer is no refusal: it is late, and asked again', async () => {
  const on = await renderHook(() => useOutbox('order/5'), undefined)
  await on.act(async () => {
    void on.now().add(what('Ticked', '/api/orders/5'))
    await settle()
  })
  await on.act(async () => {
    page.sentTo('/api/orders/5').answer(503, { ...PROBLEM, status: 503 })
    await settle()
  })
  assert.equal(on.now().isLate, true)
  assert.equal(on.now().waiting.length, 1)
  await on.act(() => page.comeOnline())
  await on.act(async () => {
    page.sentTo('/api/orders/5').answer(200, {})
    await settle()
  })
  assert.equal(on.now().isLate, false)
  assert.equal(on.now().waiting.length, 0)
  await on.unmount()
})
