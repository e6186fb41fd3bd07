import { useState } from 'react'
import type { StartBody } from '../../messages/bench/tests'
import type { Problem } from '../../messages/problem'
import { send } from '../../ui/send'

/** Begins a test and goes to its screen. */
export function useStartTest() {
  const [problem, setProblem] = useState<Problem | null>(null)
  const begin = (body: StartBody) => {
    setProblem(null)
    void send<{ id: number }>('POST', '/api/bench/tests', body).then((answer) => {
      if (answer.ok) window.location.assign(`/bench/tests/${answer.data.id}`)
      else setProblem(answer.problem)
    })
  }
  return { problem, begin }
}
