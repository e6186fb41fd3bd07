import { readFileSync, writeFileSync } from 'node:fs'
import { chartSvg } from '../../../src/ui/chart/chartSvg'
import * as learning from './learning'
import { seenTable } from './seen'
import * as water from './water'

// Draws the figures of docs/models.md with the code they are about: `npm run figures`.
const COLOURS = {
  ink: '#17211c',
  water: '#1668b0',
  ok: '#2c6023',
  act: '#9a5310',
  loam: '#6b4f3a',
  quiet: '#55625b',
  band: '#bcd6b3',
  short: '#fdf5ec',
}
const SIZE = { width: 640, height: 300, font: 'sans-serif' }

for (const [name, spec] of Object.entries({ ...water, ...learning })) {
  writeFileSync(new URL(`../${name}.svg`, import.meta.url), `${chartSvg(spec(), COLOURS, SIZE)}\n`)
  console.log(`docs/figures/${name}.svg: ${spec().says}`)
}

const models = new URL('../../models.md', import.meta.url)
const [START, END] = ['<!-- seen -->', '<!-- end of seen -->']
const [before, rest] = readFileSync(models, 'utf8').split(START)
const after = rest?.split(END)[1]
if (after === undefined) throw new Error('docs/models.md has no place for the table.')
writeFileSync(models, `${before}${START}\n${seenTable()}\n${END}${after}`)
console.log('docs/models.md: the table of what is seen')
