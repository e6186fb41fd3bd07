import { cpus } from 'node:os'
import { isSizeName } from './gardens/sizes'
import { kernels } from './kernels'
import { type Figure, meets } from './measure'
import { pages } from './pages'
import { scripts } from './scripts'
import { storage } from './storage'

// `npm run bench`: one table; a missed goal is marked and makes the command fail. Words narrow it to part of it, or to
// gardens of one size.
const words = process.argv.slice(2)
const sizes = words.filter(isSizeName)
const wanted = words.filter((word) => !isSizeName(word))
const parts: readonly [string, () => Figure[] | Promise<Figure[]>][] = [
  ['kernels', kernels],
  ['storage', storage],
  ['scripts', scripts],
  ['pages', () => pages(sizes)],
]
const figures: Figure[] = []
for (const [name, measure] of parts) {
  if (wanted.length === 0 || wanted.includes(name)) figures.push(...(await measure()))
}

const machine = `${cpus().length} × ${cpus()[0]?.model.trim() ?? 'unknown'}, Node ${process.version}`
const width = Math.max(...figures.map(({ name }) => name.length))
const goalOf = ({ goal }: Figure) =>
  !goal ? '' : 'below' in goal ? `< ${goal.below}` : `> ${goal.above}`
console.log(`${'name'.padEnd(width)}  ${'figure'.padStart(9)}  unit  goal      (${machine})`)
for (const figure of figures) {
  const met = meets(figure)
  console.log(
    `${figure.name.padEnd(width)}  ${figure.value.toFixed(figure.value < 10 ? 2 : 0).padStart(9)}  ${figure.unit.padEnd(4)}  ${goalOf(figure).padEnd(8)}  ${met === false ? 'MISSED' : ''}`,
  )
}
if (figures.some((figure) => meets(figure) === false)) process.exitCode = 1
