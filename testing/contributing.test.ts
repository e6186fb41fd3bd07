import assert from 'node:assert/strict'
import { existsSync, readdirSync, readFileSync } from 'node:fs'
import path from 'node:path'
import { test } from 'node:test'
import { MAIN_PAGES, ORDER_PAGE } from '../benchmarks/mainPages'
import { AREAS } from '../src/ui/shell/areas'

const text = readFileSync('CONTRIBUTING.md', 'utf8')
/** Rooms of an area, as the steps for a new one name them. */
const ROOMS = [...text.matchAll(/^ {4}(src\/\S*<area>\S*)/gm)].map(([, room = '']) => room)
/** Areas that have a room on every floor. */
const WHOLE_AREAS = ['bench', 'media', 'mixes', 'recondition']

test('the rooms named for a new area are the rooms that areas have', () => {
  assert.ok(ROOMS.length >= 7, ROOMS.join())
  for (const area of WHOLE_AREAS) {
    for (const room of ROOMS) {
      const place = room.replace('<area>', area)
      assert.ok(existsSync(place), `${place} is named in CONTRIBUTING.md and is not there`)
    }
  }
})

test('files that the guide names are there', () => {
  const named = [
    ...text.matchAll(/^ {4}((?:src|benchmarks)\/\S+?)\/?\s/gm),
    ...text.matchAll(/`((?:src|testing|benchmarks|docs|e2e)\/[\w/.-]+)`/g),
  ].map(([, place = '']) => place)
  assert.ok(named.length > 10)
  for (const place of named.filter((one) => !one.includes('<'))) {
    assert.ok(existsSync(place), `${place} is named in CONTRIBUTING.md and is not there`)
  }
})

test('every page is measured in gardens of three sizes', () => {
  const routes = readdirSync('src/pages', { recursive: true })
    .map(String)
    .filter((file) => file.endsWith('.astro') && !/^(404|500|index)\.astro$/.test(file))
    .map((file) => `/${file.split(path.sep).join('/')}`.replace(/(\/index)?\.astro$/, ''))
  const measured = [...MAIN_PAGES, ORDER_PAGE].map(({ address }) => address.split('?')[0] ?? '')
  for (const route of routes) {
    const pattern = new RegExp(`^${route.replace(/\[\w+\]/g, '[^/]+')}$`)
    assert.ok(
      measured.some((address) => pattern.test(address)),
      `${route} has no line in benchmarks/mainPages.ts`,
    )
  }
  for (const { address } of AREAS) assert.ok(measured.includes(address), address)
})
