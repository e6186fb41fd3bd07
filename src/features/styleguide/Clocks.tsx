import { useEffect, useState } from 'react'
import { Button } from '../../ui/Button'
import { Clock, type Moment } from '../../ui/Clock'
import { PhotoField } from '../../ui/Photo'
import { styleguide as styleguideWords } from '../../ui/texts/styleguide'
import styles from './Styleguide.module.css'

const words = styleguideWords.clock
const KEPT = 'draft/styleguide-clock'

/** A clock kept as moments in this browser: reload it, it runs on. */
export function Clocks() {
  const [moments, setMoments] = useState<readonly Moment[]>([])
  useEffect(() => setMoments(JSON.parse(localStorage.getItem(KEPT) ?? '[]')), [])
  const press = (index: number) => {
    const next = [
      ...moments,
      { id: String(index), name: words.keys[index] ?? '', at: new Date().toISOString() },
    ]
    localStorage.setItem(KEPT, JSON.stringify(next))
    setMoments(next)
  }
  const at = (id: string) => moments.find((moment) => moment.id === id)?.at ?? null
  return (
    <div className={styles.two}>
      <Clock
        label={words.label}
        startedAt={at('0')}
        endedAt={at('2')}
        moments={moments}
        keys={words.keys.map((name, index) => ({
          name,
          onPress: () => press(index),
          disabled: moments.length !== index,
        }))}
      />
      <div>
        <p>{words.hint}</p>
        <Button
          onClick={() => {
            localStorage.removeItem(KEPT)
            setMoments([])
          }}
        >
          {words.reset}
        </Button>
      </div>
    </div>
  )
}

export function Photos() {
  return <PhotoField label={styleguideWords.photo} onPhoto={() => {}} />
}
