import assert from 'node:assert/strict'
import { afterEach, beforeEach, mock, test } from 'node:test'
import { type UseFormReturn, useForm } from 'react-hook-form'
import { catchRequests, renderHook } from '../../../testing/renderHook'
import type { BenchValues } from './benchBody'
import { useSharedDraft } from './useSharedDraft'

const KEPT = 'draft/bench/7'
let network: ReturnType<typeof catchRequests>
beforeEach(() => {
  localStorage.clear()
  network = catchRequests()
  mock.timers.enable({ apis: ['setTimeout'] })
})
afterEach(() => {
  mock.timers.reset()
  network.restore()
})

/** The form of a test, as it stands on a device. */
const device = () =>
  renderHook(() => {
    const form: UseFormReturn<BenchValues> = useForm<BenchValues>({
      defaultValues: { pouredMl: '', drainedMl: '', feels: [] },
    })
    return { form, forget: useSharedDraft(7, form) }
  }, undefined)
type Device = Awaited<ReturnType<typeof device>>
const type = (on: Device, name: string, text: string) =>
  on.act(() => on.now().form.setValue(name, text))

test('what is typed is kept here at once, and on the server when somebody stops typing', async () => {
  const desk = await device()
  await type(desk, 'pouredMl', '5')
  await type(desk, 'pouredMl', '500')
  assert.match(localStorage.getItem(KEPT) ?? '', /"pouredMl":"500"/)
  assert.equal(network.made.length, 0, 'not at every key')
  await desk.act(() => mock.timers.tick(700))
  assert.deepEqual(
    network.made.map(({ method, address }) => [method, address]),
    [['PUT', '/api/bench/tests/7/draft']],
  )
  const { values } = (network.made[0]?.body ?? {}) as { values: BenchValues }
  assert.equal(values.pouredMl, '500')
  await desk.act(() => network.made[0]?.answer(200))
  assert.equal(localStorage.getItem(KEPT), null, 'the server has it')
  await desk.unmount()
})

test('what was typed while it was sent stays here until it is sent as well', async () => {
  const desk = await device()
  await type(desk, 'pouredMl', '500')
  await desk.act(() => mock.timers.tick(700))
  await type(desk, 'drainedMl', '120')
  await desk.act(() => network.made[0]?.answer(200))
  assert.match(localStorage.getItem(KEPT) ?? '', /"drainedMl":"120"/)
  await desk.act(() => mock.timers.tick(700))
  await desk.act(() => network.made[1]?.answer(200))
  assert.equal(localStorage.getItem(KEPT), null)
  await desk.unmount()
})

test('a line that was cut loses nothing: the next visit fills it in and sends it', async () => {
  const before = await device()
  await type(before, 'pouredMl', '500')
  await before.act(() => mock.timers.tick(700))
  await before.act(() => network.made[0]?.answer(0))
  await before.unmount()

  const after = await device()
  assert.equal(after.now().form.getValues('pouredMl'), '500')
  assert.equal(network.made.length, 2, 'sent without a key being pressed')
  await after.act(() => network.made[1]?.answer(200))
  assert.equal(localStorage.getItem(KEPT), null)
  await after.unmount()
})

test('a test that is over is forgotten here, whatever its form still says', async () => {
  const desk = await device()
  await type(desk, 'pouredMl', '500')
  await desk.act(() => desk.now().forget())
  await type(desk, 'pouredMl', '501')
  assert.equal(localStorage.getItem(KEPT), null)
  await desk.unmount()
})

test('what is kept and cannot be read does not stop anyone', async () => {
  localStorage.setItem(KEPT, '{"pouredMl":')
  const desk = await device()
  assert.equal(desk.now().form.getValues('pouredMl'), '')
  assert.equal(network.made.length, 0)
  await desk.unmount()
})
