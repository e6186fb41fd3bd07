import '../../testing/renderHook'
import assert from 'node:assert/strict'
import { beforeEach, test } from 'node:test'
import {
  presentToast,
  showToast,
  showToastOnNextPage,
  subscribeToToast,
  type Toast,
  takeUpToast,
} from './toast'

const DONE: Toast = {
  text: 'Put away.',
  undo: { method: 'POST', address: '/api/mixes/3/put-back', body: {} },
}
beforeEach(() => {
  sessionStorage.clear()
  showToast(null)
})

test('what was just done stands until the next thing is done, and all who show it hear', () => {
  let heard = 0
  const leave = subscribeToToast(() => heard++)
  showToast(DONE)
  assert.equal(presentToast(), DONE)
  showToast({ text: 'Renamed.' })
  assert.equal(presentToast()?.text, 'Renamed.')
  showToast(null)
  assert.equal(presentToast(), null)
  assert.equal(heard, 3)
  leave()
  showToast(DONE)
  assert.equal(heard, 3)
})

test('it is said on the page that comes next, with its way back, once', () => {
  showToastOnNextPage(DONE)
  assert.equal(presentToast(), null, 'not on this one')
  takeUpToast()
  assert.deepEqual(presentToast(), DONE)
  showToast(null)
  takeUpToast()
  assert.equal(presentToast(), null, 'nor again on the one after')
})

test('what cannot be read is not said', () => {
  sessionStorage.setItem('toast', '{"text"')
  takeUpToast()
  assert.equal(presentToast(), null)
})
