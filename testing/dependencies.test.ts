import assert from 'node:assert/strict'
import { readFileSync } from 'node:fs'
import { test } from 'node:test'

const { dependencies, devDependencies } = JSON.parse(readFileSync('package.json', 'utf8'))
const names = Object.keys({ ...dependencies, ...devDependencies })
const rows = readFileSync('docs/dependencies.md', 'utf8')
  .split('\n')
  .filter((line) => line.startsWith('| ') && !line.startsWith('| package'))
  .map((line) => line.split('|').map((cell) => cell.trim()))

test('every dependency stands in the list with its reason, and nothing else does', () => {
  const listed = rows.flatMap(([, packages = '']) => packages.split(', '))
  assert.deepEqual([...listed].sort(), [...names].sort())
})

test('what is shipped has a licence that lets it be', () => {
  const free = /^(MIT|Apache-2\.0|BSD-[23]-Clause|ISC|OFL-1\.1)$/
  for (const name of Object.keys(dependencies)) {
    const told = JSON.parse(readFileSync(`node_modules/${name}/package.json`, 'utf8'))
    // Older packages tell a list.
    const license = told.license ?? told.licenses?.map(({ type }: { type: string }) => type).join()
    assert.match(license, free, name)
    const row = rows.find(([, packages]) => packages === name)
    assert.equal(row?.[3], license, `the list says otherwise of ${name}`)
  }
})
