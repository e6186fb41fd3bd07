import assert from 'node:assert/strict'
import { test } from 'node:test'
import { renderHook, settle } from '../../testing/renderHook'
import { fetchedOnce, useFetched } from './useFetched'

test('what comes is shown, and is not fetched again by whoever shows it next', async () => {
  let asked = 0
  const fetched = fetchedOnce(async () => {
    asked++
    return 'the form'
  })
  const first = await renderHook(() => useFetched(fetched), null)
  await first.act(settle)
  assert.equal(first.now().thing, 'the form')
  const second = await renderHook(() => useFetched(fetched), null)
  assert.equal(second.now().thing, 'the form', 'there at once')
  assert.equal(asked, 1)
  await first.unmount()
  await second.unmount()
})

test('what a lost connection keeps away says so, and comes when it is asked for again', async () => {
  let isCut = true
  const fetched = fetchedOnce(async () => {
    if (isCut) throw new TypeError('the connection broke')
    return 'the form'
  })
  const part = await renderHook(() => useFetched(fetched), null)
  await part.act(settle)
  assert.equal(part.now().thing, null)
  assert.equal(part.now().failed, true)
  isCut = false
  await part.act(async () => {
    part.now().again()
    await settle()
  })
  await part.act(settle)
  assert.equal(part.now().failed, false)
  assert.equal(part.now().thing, 'the form')
  await part.unmount()
})

test('a part that was left before its script came sets nothing any more', async () => {
  let comes: (thing: string) => void = () => undefined
  const fetched = fetchedOnce(
    () =>
      new Promise<string>((resolve) => {
        comes = resolve
      }),
  )
  const part = await renderHook(() => useFetched(fetched), null)
  await part.unmount()
  comes('the form')
  await settle()
  assert.equal(part.now().thing, null)
})
