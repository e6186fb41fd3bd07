import assert from 'node:assert/strict'
import { beforeEach, test } from 'node:test'
import { renderHook } from '../../../testing/renderHook'
import { DEFAULT_KEYS, type KeySettings, keepKeys, readKeys, useKeySettings } from './keySettings'
import { useKeys } from './useKeys'

const page = globalThis as unknown as {
  window: Window & { KeyboardEvent: typeof KeyboardEvent }
  CSS?: { escape: (text: string) => string }
}
Object.assign(globalThis, {
  HTMLElement: (page.window as unknown as Record<string, unknown>).HTMLElement,
  HTMLInputElement: (page.window as unknown as Record<string, unknown>).HTMLInputElement,
  HTMLTextAreaElement: (page.window as unknown as Record<string, unknown>).HTMLTextAreaElement,
  HTMLSelectElement: (page.window as unknown as Record<string, unknown>).HTMLSelectElement,
})
page.CSS ??= { escape: (text) => text.replace(/\W/g, '\\$&') }

const press = (key: string, on: EventTarget = document.body, more: KeyboardEventInit = {}) => {
  const event = new page.window.KeyboardEvent('keydown', {
    key,
    bubbles: true,
    cancelable: true,
    ...more,
  })
  on.dispatchEvent(event)
  return event.defaultPrevented
}

/** The keys of a page, and what they did. */
async function keys(settings: KeySettings = DEFAULT_KEYS) {
  const did: string[] = []
  const act = { find: () => did.push('find'), help: () => did.push('help') }
  const hook = await renderHook((now: KeySettings) => useKeys(now, act), settings)
  return { did, hook }
}

beforeEach(() => {
  document.body.innerHTML = ''
  keepKeys(DEFAULT_KEYS)
})

test('the key of Find opens it, F1 the keys', async () => {
  const { did, hook } = await keys()
  assert.ok(press('.'))
  assert.ok(press('F1'))
  assert.ok(!press('x'), 'another key is left to the browser')
  assert.deepEqual(did, ['find', 'help'])
  await hook.unmount()
  press('.')
  assert.equal(did.length, 2, 'a page that is gone hears nothing')
})

test('where somebody types, a key is a letter', async () => {
  const { did, hook } = await keys()
  document.body.innerHTML =
    '<input id="text"><textarea id="area"></textarea><select id="choice"></select>' +
    '<input id="tick" type="checkbox">'
  for (const id of ['text', 'area', 'choice']) {
    assert.ok(!press('.', document.getElementById(id) as HTMLElement), id)
  }
  assert.deepEqual(did, [])
  press('.', document.getElementById('tick') as HTMLElement)
  assert.deepEqual(did, ['find'], 'nothing is typed into a tick')
  await hook.unmount()
})

test('with another key held, repeated, or under an open dialog they do nothing', async () => {
  const { did, hook } = await keys()
  press('.', document.body, { ctrlKey: true })
  press('.', document.body, { altKey: true })
  press('.', document.body, { metaKey: true })
  press('.', document.body, { repeat: true })
  document.body.innerHTML = '<dialog open></dialog>'
  press('.')
  assert.deepEqual(did, [])
  await hook.unmount()
})

test('digits press the large keys of a clock, where there is one that may be pressed', async () => {
  const { hook } = await keys()
  document.body.innerHTML =
    '<button data-clock-key="1">Drip</button><button data-clock-key="2" disabled>Mark</button>'
  const pressed: string[] = []
  for (const button of document.querySelectorAll('button')) {
    button.addEventListener('click', () => pressed.push(button.textContent ?? ''))
  }
  assert.ok(press('1'))
  assert.ok(!press('2'), 'a key that is off is not pressed')
  assert.ok(!press('3'), 'nor one that is not there')
  assert.deepEqual(pressed, ['Drip'])
  await hook.unmount()
})

test('single keys are switched off or changed, and help stays', async () => {
  const { did, hook } = await keys({ on: false, find: '.' })
  press('.')
  press('F1')
  assert.deepEqual(did, ['help'])
  await hook.rerender({ on: true, find: 'ö' })
  press('.')
  press('ö')
  assert.deepEqual(did, ['help', 'find'])
  await hook.unmount()
})

test('what somebody set is kept, and every part that shows it follows', async () => {
  const shown = await renderHook(useKeySettings, undefined)
  assert.deepEqual(shown.now(), DEFAULT_KEYS)
  await shown.act(() => keepKeys({ on: false, find: 'k' }))
  assert.deepEqual(shown.now(), { on: false, find: 'k' })
  assert.deepEqual(readKeys(), { on: false, find: 'k' })
  assert.deepEqual(JSON.parse(localStorage.getItem('keys') ?? ''), { on: false, find: 'k' })
  await shown.unmount()
})

test('arrows go from row to row of a list, and with Shift tick on the way', async () => {
  const { hook } = await keys()
  document.body.innerHTML =
    '<table><tr><td><input id="k1" type="checkbox" data-row-key></td><td><a id="r1" href="#1" data-row>one</a></td></tr>' +
    '<tr><td><input id="k2" type="checkbox" data-row-key></td><td><a id="r2" href="#2" data-row>two</a></td></tr></table>' +
    '<a id="elsewhere" href="#3">three</a>'
  const at = (id: string) => document.getElementById(id) as HTMLInputElement
  at('r1').focus()
  assert.ok(press('ArrowDown', at('r1')))
  assert.equal(document.activeElement?.id, 'r2')
  assert.ok(!press('ArrowDown', at('r2')), 'below the last row the page scrolls')
  at('k1').checked = true
  assert.ok(press('ArrowDown', at('k1'), { shiftKey: true }))
  assert.equal(document.activeElement?.id, 'k2')
  assert.ok(at('k2').checked)
  assert.ok(!press('ArrowDown', at('elsewhere')))
  await hook.unmount()
})
