import type { ChildProcess } from 'node:child_process'
import { readFileSync } from 'node:fs'
import type { Figure } from './measure'

const WATCHED_EVERY_MS = 250

/** Watches what a process takes. @returns ends it, and tells the most; nothing where the system does not tell it */
export function mostMemory({ pid }: ChildProcess): (name: string, belowMB: number) => Figure[] {
  let mostBytes = 0
  const watch = setInterval(() => {
    mostBytes = Math.max(mostBytes, memoryOf(pid) ?? 0)
  }, WATCHED_EVERY_MS)
  return (name, below) => {
    clearInterval(watch)
    return mostBytes > 0 ? [{ name, unit: 'MB', goal: { below }, value: mostBytes / 1e6 }] : []
  }
}

/** Resident memory of a process, where the system tells it. */
function memoryOf(pid: number | undefined): number | null {
  try {
    const [, pages = ''] = readFileSync(`/proc/${pid}/statm`, 'utf8').split(' ')
    return Number(pages) * 4096
  } catch {
    return null
  }
}
