import assert from 'node:assert/strict'
import { afterEach, beforeEach, test } from 'node:test'
import { catchRequests, renderHook, settle } from '../../testing/renderHook'
import { useSend } from './useSend'

let network: ReturnType<typeof catchRequests>
beforeEach(() => {
  network = catchRequests()
  sessionStorage.clear()
})
afterEach(() => network.restore())

const refusal = (field: string, message: string) => ({
  type: 'about:blank',
  title: 'not-valid',
  status: 422,
  code: 'not-valid',
  detail: message,
  fields: [{ field, message }],
})

const lot = (name: string) => ({
  body: { name, place: '', origin: 'home-made', components: [], container: null },
})
const water = (ph: number) => ({ body: { ph, ecDsPerM: 1, alkalinityMgPerL: 1, version: 1 } })

test('what is refused stands at its field, and goes when it is taken', async () => {
  const form = await renderHook(() => useSend(), null)
  let sent: Promise<{ data: unknown } | null> = Promise.resolve(null)
  await form.act(() => {
    sent = form.now().deliver('POST /api/media/lots', lot(''))
  })
  assert.equal(form.now().isSending, true)
  await form.act(() => network.made[0]?.answer(422, refusal('name', 'Give the lot a name')))
  assert.equal(await sent, null)
  assert.equal(form.now().isSending, false)
  assert.equal(form.now().errorOf('name')?.message, 'Give the lot a name')
  assert.equal(form.now().errorOf('place')?.message, undefined)

  await form.act(() => {
    sent = form.now().deliver('POST /api/media/lots', lot('Tub'))
  })
  await form.act(() => network.made[1]?.answer(200, { id: 7 }))
  assert.deepEqual(await sent, { data: { id: 7 } })
  assert.equal(form.now().problem, null)
})

test('a double click sends once, and both get the answer', async () => {
  const form = await renderHook(() => useSend(), null)
  const sent: Promise<unknown>[] = []
  await form.act(() => {
    sent.push(form.now().deliver('POST /api/bench/pens', { body: { name: 'Blue' } }))
    sent.push(form.now().deliver('POST /api/bench/pens', { body: { name: 'Blue' } }))
  })
  assert.equal(network.made.length, 1)
  await form.act(() => network.made[0]?.answer(201, { id: 1 }))
  assert.deepEqual(await Promise.all(sent), [{ data: { id: 1 } }, { data: { id: 1 } }])
})

test('a lost connection is told in a sentence, and the next try says the same id', async () => {
  const form = await renderHook(() => useSend(), null)
  const ids: unknown[] = []
  const real = globalThis.fetch
  globalThis.fetch = ((address: string, init: RequestInit) => {
    ids.push((init.headers as Record<string, string>)['idempotency-key'])
    return real(address, init)
  }) as typeof fetch
  const send = () =>
    form.act(() => {
      void form
        .now()
        .deliver('POST /api/containers/[id]/more', { params: { id: 1 }, body: { count: 3 } })
    })
  await send()
  await form.act(() => network.made[0]?.answer(0))
  assert.equal(form.now().problem?.status, 0)
  assert.ok((form.now().problem?.detail.length ?? 0) > 10)
  await send()
  assert.equal(ids[0], ids[1])
  await form.act(() => network.made[1]?.answer(200, null))
  assert.equal(form.now().problem, null)
})

test('an answer that was overtaken says nothing about what stands in the form now', async () => {
  const form = await renderHook(() => useSend(), null)
  await form.act(() => {
    void form.now().deliver('PUT /api/bench/water', water(0))
    void form.now().deliver('PUT /api/bench/water', water(7))
  })
  await form.act(() => network.made[1]?.answer(200, {}))
  await form.act(() => network.made[0]?.answer(422, refusal('ph', 'too low')))
  await settle()
  assert.equal(form.now().problem, null)
})

test('who asks is told of a refusal with what is there now', async () => {
  const form = await renderHook(() => useSend(), null)
  let told = ''
  await form.act(() => {
    void form.now().deliver('PUT /api/bench/water', water(7), ({ code }) => {
      told = code
    })
  })
  await form.act(() => network.made[0]?.answer(409, { ...refusal('', ''), code: 'stale' }))
  assert.equal(told, 'stale')
})
