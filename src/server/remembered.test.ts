import assert from 'node:assert/strict'
import { test } from 'node:test'
import { remembered } from './remembered'

interface Asked {
  readonly parts: readonly number[]
  readonly place?: { readonly tempC: number } | undefined
}

function counted(most: number) {
  const worked: Asked[] = []
  const ask = remembered(most, (asked: Asked) => {
    worked.push(asked)
    return { sum: asked.parts.reduce((sum, one) => sum + one, 0) }
  })
  return { worked, ask }
}

test('the very same question is worked out once, whoever writes it down', () => {
  const { worked, ask } = counted(10)
  const first = ask({ parts: [1, 2], place: { tempC: 15 } })
  assert.deepEqual(first, { sum: 3 })
  assert.equal(ask({ parts: [1, 2], place: { tempC: 15 } }), first)
  assert.equal(ask({ parts: [1, 2], place: undefined }), ask({ parts: [1, 2] }))
  assert.equal(worked.length, 2)
})

test('a question that differs in anything is another one', () => {
  const { worked, ask } = counted(10)
  const parts = [1, 2]
  ask({ parts })
  ask({ parts: [2, 1] })
  ask({ parts, place: { tempC: 15 } })
  ask({ parts, place: { tempC: 15.0001 } })
  parts.push(3)
  assert.deepEqual(ask({ parts }), { sum: 6 }, 'what was changed since is asked anew')
  assert.equal(worked.length, 5)
})

test('what was not asked for longest goes first', () => {
  const { worked, ask } = counted(2)
  ask({ parts: [1] })
  ask({ parts: [2] })
  ask({ parts: [1] })
  ask({ parts: [3] })
  ask({ parts: [1] })
  assert.equal(worked.length, 3, 'the one that was asked for again stayed')
  ask({ parts: [2] })
  assert.equal(worked.length, 4)
})

test('a question that was refused is not remembered', () => {
  let tries = 0
  const ask = remembered(2, (asked: Asked) => {
    tries += 1
    if (tries === 1) throw new Error('no')
    return asked.parts.length
  })
  assert.throws(() => ask({ parts: [] }), /no/)
  assert.equal(ask({ parts: [] }), 0)
})
