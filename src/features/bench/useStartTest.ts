import type { StartBody } from '../../messages/bench/tests'
import { useSend } from '../../ui/useSend'

/** Begins a test and goes to its screen. */
export function useStartTest() {
  const { problem, deliver } = useSend()
  const begin = (body: StartBody) => {
    void deliver('POST /api/bench/tests', { body }).then((answer) => {
      if (answer) window.location.assign(`/bench/tests/${answer.data.id}`)
    })
  }
  return { problem, begin }
}
