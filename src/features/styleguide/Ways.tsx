import { useEffect, useState } from 'react'
import { Button } from '../../ui/Button'
import { Progress } from '../../ui/Progress'
import { Stepper } from '../../ui/Stepper'
import { styleguide as styleguideWords } from '../../ui/texts/styleguide'

const words = styleguideWords.ways
const STATES = ['done', 'now', 'next', 'next'] as const

export function Ways() {
  return (
    <>
      <Stepper
        label={words.steps}
        steps={words.stepNames.map((name, index) => ({ name, state: STATES[index] ?? 'next' }))}
      />
      <Stoppable />
      <Progress label={words.unknown} share={null} />
    </>
  )
}

/** Work that really takes time, to be stopped or started again. */
function Stoppable() {
  const [share, setShare] = useState<number | null>(0)
  useEffect(() => {
    if (share === null || share >= 1) return
    const timer = setTimeout(() => setShare(Math.min(1, share + 0.02)), 400)
    return () => clearTimeout(timer)
  }, [share])
  if (share === null) {
    return (
      <p>
        {words.stopped} <Button onClick={() => setShare(0)}>{words.start}</Button>
      </p>
    )
  }
  return <Progress label={words.progress} share={share} onStop={() => setShare(null)} />
}
