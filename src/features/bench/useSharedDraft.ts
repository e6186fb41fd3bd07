import { useEffect, useRef } from 'react'
import type { UseFormReturn } from 'react-hook-form'
import { ask } from '../../ui/send'
import type { BenchValues } from './benchBody'

const QUIET_MS = 700

/**
 * Keeps what is typed into a test's form on the server, so that a test that takes weeks is filled in on more than one
 * device. Until the server has it, it is kept in this browser too.
 * @returns a function that forgets what is kept here, once the test is finished or thrown away
 */
export function useSharedDraft(testId: number, form: UseFormReturn<BenchValues>): () => void {
  const name = `draft/bench/${testId}`
  const over = useRef(false)
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined
    const push = async () => {
      const values = form.getValues()
      const typed = JSON.stringify(values)
      const answer = await ask('PUT /api/bench/tests/[id]/draft', {
        params: { id: testId },
        body: { values },
      })
      // Typed on meanwhile: what is newer stays here until it is sent as well.
      if (answer.ok && localStorage.getItem(name) === typed) localStorage.removeItem(name)
    }
    const unsent = readUnsent(name)
    if (unsent) {
      form.reset({ ...form.getValues(), ...unsent }, { keepDefaultValues: true })
      void push()
    }
    const { unsubscribe } = form.watch((values) => {
      if (over.current) return
      try {
        localStorage.setItem(name, JSON.stringify(values))
      } catch {
        // A full or forbidden store must not stop anyone from working on.
      }
      clearTimeout(timer)
      timer = setTimeout(() => void push(), QUIET_MS)
    })
    return () => {
      clearTimeout(timer)
      unsubscribe()
    }
  }, [form, name, testId])
  return () => {
    over.current = true
    localStorage.removeItem(name)
  }
}

function readUnsent(name: string): BenchValues | null {
  try {
    return JSON.parse(localStorage.getItem(name) ?? 'null') as BenchValues | null
  } catch {
    return null
  }
}
