import assert from 'node:assert/strict'
import { test } from 'node:test'
import { ADDRESS_HEADER, keepCallerAddress } from './callerAddress'

const told = (headers: Record<string, string | string[]>, header: string | null) => {
  keepCallerAddress(headers, header)
  return headers
}

test('of where a request comes from nothing is believed that anybody could write', () => {
  const headers = {
    'x-forwarded-for': '10.0.0.7',
    forwarded: 'for=10.0.0.7',
    [ADDRESS_HEADER]: '10.0.0.8',
  }
  assert.deepEqual(told({ ...headers }, null), {})
})

test('of the header that the program in front writes, the last address is its own', () => {
  const chain = { 'x-forwarded-for': '6.6.6.6, 192.0.2.9', host: 'garden.example' }
  assert.deepEqual(told({ ...chain }, 'x-forwarded-for'), {
    [ADDRESS_HEADER]: '192.0.2.9',
    host: 'garden.example',
  })
  const own = { 'x-real-ip': '192.0.2.5', 'x-forwarded-for': '6.6.6.6' }
  assert.equal(told({ ...own }, 'x-real-ip')[ADDRESS_HEADER], '192.0.2.5')
  assert.equal(told({ [ADDRESS_HEADER]: '6.6.6.6' }, 'x-real-ip')[ADDRESS_HEADER], undefined)
})
