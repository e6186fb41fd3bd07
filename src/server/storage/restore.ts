import { readConfig } from '../config'
import { listCopies } from './copies'
import { megabytes } from './freeSpace'
import { placesIn } from './places'
import { restoreCopy } from './restoreCopy'
import { StartError } from './startError'

// `npm run restore`: lists the copies of a garden, or puts one back.
async function restore(name: string | undefined): Promise<void> {
  process.umask(0o077)
  const { dataFolder } = readConfig()
  if (!name) return listAll(dataFolder)
  const { copy, keptIn } = await restoreCopy(dataFolder, name, new Date())
  print(`The garden as it was at ${timeOf(copy.takenAt)} is back in ${dataFolder}.`)
  if (keptIn) {
    print(`What was there before is kept in ${keptIn}: delete it when you need it no longer.`)
  }
}

function listAll(dataFolder: string): void {
  const copies = listCopies(dataFolder)
  if (copies.length === 0) {
    print(`There are no copies in ${placesIn(dataFolder).backups}.`)
    print('Innings takes one each day it runs; INNINGS_DATA names another folder.')
    return
  }
  print(`Copies of the garden in ${dataFolder}, newest first; each was opened once to prove it:`)
  const width = Math.max(...copies.map((copy) => copy.name.length))
  for (const { name, bytes, takenAt } of copies) {
    print(`  ${name.padEnd(width)}  taken ${timeOf(takenAt)}  ${megabytes(bytes)}`)
  }
  print('')
  print(`To put one back, stop Innings, then: npm run restore -- ${copies[0]?.name}`)
  print('The present garden is not lost by it: it is kept beside.')
}

function timeOf(at: Date): string {
  return at.toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' })
}

function print(line: string): void {
  process.stdout.write(`${line}\n`)
}

restore(process.argv[2]).then(
  () => process.exit(0),
  (error: unknown) => {
    const known = error instanceof StartError
    process.stderr.write(
      `${known ? error.message : `The copy could not be put back: ${(error as Error)?.message ?? error}`}\n`,
    )
    process.exit(1)
  },
)
