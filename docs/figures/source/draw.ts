import { writeFileSync } from 'node:fs'
import { chartSvg } from '../../../src/ui/chart/chartSvg'
import * as learning from './learning'
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
