import assert from 'node:assert/strict'
import { test } from 'node:test'
import { onSite } from '../../../../testing/onSite'
import { useTypedAmount } from './useTypedAmount'

/** A field of litres, what it sent, and what is kept of it as the page is told. */
async function field(first: string) {
  const sent: (number | null)[] = []
  const { useState } = await import('react')
  const hook = await onSite(() => {
    const [kept, setKept] = useState(first)
    return { ...useTypedAmount(kept, 'volume', (value) => sent.push(value)), setKept }
  })
  const type = (text: string) => hook.act(() => hook.now().type(text))
  const send = () => hook.act(() => hook.now().send())
  const enter = async (text: string) => {
    await type(text)
    await send()
  }
  const isTold = (kept: string) => hook.act(() => hook.now().setKept(kept))
  /** What stands in it, of which all or nothing is marked. @returns how often all was marked anew since */
  const isMarked = (text: string, all: boolean) => {
    const input = document.createElement('input')
    document.body.append(input)
    input.value = text
    input.focus()
    input.setSelectionRange(all ? 0 : text.length, text.length)
    let times = 0
    input.select = () => {
      times++
    }
    hook.now().field.current = input
    return () => times
  }
  const shown = () => hook.now().typed
  return { shown, close: hook.unmount, sent, type, send, enter, isTold, isMarked }
}

test('what is typed after an entry is not written over by the answer to it', async () => {
  const it = await field('')
  await it.enter('14 L')
  await it.type('13 L')
  await it.isTold('14.0 L')
  assert.equal(it.shown(), '13 L')
  await it.send()
  assert.deepEqual(it.sent, [14, 13])
  await it.isTold('13.0 L')
  assert.equal(it.shown(), '13.0 L')
  await it.close()
})

test('an amount that is marked to be typed over stays marked when it is written as it is kept', async () => {
  const it = await field('')
  await it.enter('14 L')
  const marked = it.isMarked('14 L', true)
  await it.isTold('14.0 L')
  assert.equal(it.shown(), '14.0 L')
  assert.equal(marked(), 1)
  await it.enter('13 L')
  const unmarked = it.isMarked('13 L', false)
  await it.isTold('13.0 L')
  assert.equal(unmarked(), 0)
  await it.close()
})

test('an entry shows as it is kept, and leaving the field sends it no second time', async () => {
  const it = await field('')
  await it.enter('14 l')
  await it.isTold('14.0 L')
  assert.equal(it.shown(), '14.0 L')
  await it.send()
  assert.deepEqual(it.sent, [14])
  await it.close()
})

test('nonsense stays to be put right, and is not sent', async () => {
  const it = await field('2.0 L')
  await it.enter('two')
  await it.isTold('3.0 L')
  assert.equal(it.shown(), 'two')
  assert.deepEqual(it.sent, [])
  await it.close()
})

test('what was typed and taken back does not undo what somebody else entered meanwhile', async () => {
  const it = await field('')
  await it.type('1')
  await it.isTold('8.0 L')
  await it.type('')
  await it.send()
  assert.deepEqual(it.sent, [])
  assert.equal(it.shown(), '8.0 L')
  await it.close()
})

test('an entry that is on its way can be taken back', async () => {
  const it = await field('')
  await it.enter('14 L')
  await it.enter('')
  assert.deepEqual(it.sent, [14, null])
  await it.close()
})
