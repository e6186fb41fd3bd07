import '../../../testing/renderHook'
import assert from 'node:assert/strict'
import { afterEach, test } from 'node:test'
import { chooseTheme, chosenTheme, isTheme, subscribeToTheme } from './theme'

afterEach(() => chooseTheme(null))

test('a look is chosen, kept for the server in a cookie, and told to charts', () => {
  let told = 0
  const stop = subscribeToTheme(() => told++)
  chooseTheme('outdoor')
  assert.equal(chosenTheme(), 'outdoor')
  assert.match(document.cookie, /innings-theme=outdoor/)
  chooseTheme('dark')
  assert.match(document.cookie, /innings-theme=dark/)
  assert.equal(told, 2)
  stop()
  chooseTheme('light')
  assert.equal(told, 2)
})

test('none chosen follows the system again', () => {
  chooseTheme('dark')
  chooseTheme(null)
  assert.equal(chosenTheme(), null)
  assert.doesNotMatch(document.cookie, /innings-theme=dark/)
})

test('a look nobody drew is none', () => {
  document.documentElement.dataset.theme = 'sepia'
  assert.equal(chosenTheme(), null)
  assert.ok(!isTheme('sepia'))
  assert.ok(!isTheme(null))
})
