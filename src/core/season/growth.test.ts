import assert from 'node:assert/strict'
import { test } from 'node:test'
import { outcomeOf } from './growth'

const planted = (growth: number | null, count: number | null = null) => ({ growth, count })

test('how a season went is the mean of what was scored, each planting by its plants', () => {
  assert.equal(outcomeOf([planted(4)]), 'well')
  assert.equal(outcomeOf([planted(3)]), 'fair')
  assert.equal(outcomeOf([planted(2)]), 'poor')
  assert.equal(outcomeOf([planted(5, 1), planted(2, 9)]), 'poor')
  assert.equal(outcomeOf([planted(5, 9), planted(2, 1)]), 'well')
  assert.equal(
    outcomeOf([planted(5), planted(null, 9)]),
    'well',
    'what was not scored says nothing',
  )
})

test('nothing scored is no verdict', () => {
  assert.equal(outcomeOf([]), null)
  assert.equal(outcomeOf([planted(null)]), null)
})
