import assert from 'node:assert/strict'
import { test } from 'node:test'
import type Joi from 'joi'
import { listEndpoints, listPages } from './routes'

interface Described {
  readonly type?: string
  readonly flags?: { readonly only?: boolean }
  readonly rules?: readonly { readonly name: string; readonly args?: { readonly limit?: number } }[]
  readonly metas?: readonly { readonly text?: string }[]
  readonly [part: string]: unknown
}

/** Every text, number and list inside a schema, with the way to it. */
function leavesOf(described: unknown, way: string): { way: string; leaf: Described }[] {
  if (typeof described !== 'object' || described === null) return []
  const here = described as Described
  const own =
    typeof here.type === 'string' && !here.flags?.only
      ? [{ way: `${way}:${here.type}`, leaf: here }]
      : []
  const inner = Object.entries(here).flatMap(([name, part]) =>
    name === 'metas' || name === 'rules' || name === 'flags'
      ? []
      : leavesOf(part, `${way}.${name}`),
  )
  return [...own, ...inner]
}

async function everyLeaf() {
  const schemas: [string, Joi.Schema | undefined | null][] = []
  for (const { method, pattern, endpoint } of listEndpoints()) {
    const { params, query, body } = endpoint.operation
    for (const schema of [params, query, body]) schemas.push([`${method} ${pattern}`, schema])
  }
  for (const { pattern, params, query } of await listPages()) {
    for (const schema of [params, query]) schemas.push([pattern, schema])
  }
  return schemas.flatMap(([name, schema]) => (schema ? leavesOf(schema.describe(), name) : []))
}

const rule = ({ rules }: Described, ...names: string[]) =>
  rules?.some(({ name }) => names.includes(name)) ?? false

test('every text that is taken has a rule: one line, several, a key, a day, a moment, a zone', async () => {
  const leaves = await everyLeaf()
  assert.ok(leaves.length > 150, 'the schemas were found')
  const loose = leaves
    .filter(({ leaf }) => leaf.type === 'string' && !leaf.metas?.some(({ text }) => text))
    .map(({ way }) => way)
    // Numbers of containers as a list in an address: each is checked by itself.
    .filter((way) => !/turnover\/(recipe|new|ways)\.keys\.pots/.test(way))
  assert.deepEqual(loose, [])
})

test('every number that is taken has a lowest and a highest, every list a longest', async () => {
  const loose = (await everyLeaf())
    .filter(({ leaf, way }) => {
      if (leaf.type === 'array') return !rule(leaf, 'max')
      // A condition on top of a number is described apart, without the rules it adds to.
      if (leaf.type !== 'number' || /\.(otherwise|then)/.test(way)) return false
      return !(rule(leaf, 'min', 'greater') && rule(leaf, 'max'))
    })
    .map(({ way }) => way)
  assert.deepEqual(loose, [])
})

test('what writes takes a body, so that it is read as JSON from our own pages only', async () => {
  const without = listEndpoints()
    .filter(({ method, endpoint }) => method !== 'GET' && !endpoint.operation.body)
    .map(({ method, pattern }) => `${method} ${pattern}`)
  assert.deepEqual(without, [])
})
