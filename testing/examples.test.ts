import assert from 'node:assert/strict'
import { readdirSync, readFileSync } from 'node:fs'
import { test } from 'node:test'
import * as core from '../src/core'
import { defaultAmendments, defaultCrops, defaultMaterials } from '../src/data/defaults'

/** What an example may name beside the core itself: shipped rows by their ids. */
const byId = <Row extends { readonly id: string }>(rows: readonly Row[]) => {
  const known = new Map(rows.map((row) => [row.id, row]))
  return (id: string): Row => known.get(id) ?? assert.fail(`${id} is not shipped`)
}
const SCOPE: Readonly<Record<string, unknown>> = {
  ...core,
  material: byId(defaultMaterials()),
  amendment: byId(defaultAmendments()),
  crop: byId(defaultCrops()),
}

const evaluate = (code: string): unknown =>
  new Function(...Object.keys(SCOPE), `return (${code})`)(...Object.values(SCOPE))

/** As far as an example writes its numbers. */
function agrees(found: unknown, written: unknown): boolean {
  if (typeof found === 'number' && typeof written === 'number') {
    const digits = String(written).split('.')[1]?.length ?? 0
    return Math.abs(found - written) <= 0.501 * 10 ** -digits
  }
  if (typeof found !== 'object' || found === null) return found === written
  if (typeof written !== 'object' || written === null) return false
  return Object.entries(written).every(([key, value]) =>
    agrees((found as Readonly<Record<string, unknown>>)[key], value),
  )
}

test('every example of the core comes to what stands beside it', () => {
  const files = readdirSync('src/core', { recursive: true, encoding: 'utf8' })
  const examples = files
    .filter((file) => /(?<!\.test)\.ts$/.test(file))
    .flatMap((file) =>
      [...readFileSync(`src/core/${file}`, 'utf8').matchAll(/@example (.+?) \/\/ (.+)$/gm)].map(
        ([, code = '', written = '']) => ({ file, code, written }),
      ),
    )
  assert.ok(examples.length >= 40, `${examples.length} examples`)
  const wrong = examples.flatMap(({ file, code, written }) => {
    const found = evaluate(code)
    return agrees(found, evaluate(written.replace(/^about /, '')))
      ? []
      : [`${file}: ${code} // ${JSON.stringify(found)}, not ${written}`]
  })
  assert.deepEqual(wrong, [])
})
