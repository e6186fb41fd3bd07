import { useMemo, useState } from 'react'
import { containerVolume } from '../../core/containers'
import { type Adjuster, type AdjusterPot, adjustersFor, type MixQuality } from '../../core/mixes'
import { Button } from '../../ui/Button'
import { useSite } from '../../ui/SiteContext'
import { mixes as mixesWords } from '../../ui/texts/mixes/mixes'
import { useMixDesign } from './DesignContext'
import { MixSwap } from './designParts'
import styles from './MixDesign.module.css'
import { MixMiss } from './MixMiss'
import type { SwapId } from './MixSwap'

const words = mixesWords.adjust
const SWAPS: readonly SwapId[] = ['noPeat', 'onlyMine']

/** A habit or a place said in a word, and the change of the mix it calls for, computed. */
export function Adjusters() {
  const { page, answer, container, wish, everyDays } = useMixDesign()
  const [chosen, setChosen] = useState<string | null>(null)
  const pots = useMemo(
    () =>
      page.containers.map(({ name, shape, headspaceCm }): AdjusterPot => {
        const fillHeightCm = shape.heightCm - headspaceCm
        return { name, shape, headspaceCm, litres: containerVolume({ shape, fillHeightCm }) }
      }),
    [page.containers],
  )
  if (!answer) return null
  const adjusters = adjustersFor(answer, {
    wish,
    pot: container,
    pots,
    everyDays,
    alkalinityMgPerL: page.alkalinityMgPerL,
  })
  const adjuster = adjusters.find(({ id }) => id === chosen)
  const swap = SWAPS.find((id) => id === chosen)
  const choice = (id: string, name: string) => (
    <Button
      key={id}
      weight="quiet"
      aria-pressed={id === chosen}
      onClick={() => setChosen(id === chosen ? null : id)}
    >
      {name}
    </Button>
  )
  const done = () => setChosen(null)
  return (
    <section aria-label={words.title} className={styles.adjusters}>
      <span>{words.title}</span>
      {adjusters.map(({ id }) => choice(id, words.names[id]))}
      {SWAPS.map((id) => choice(id, mixesWords.swap.names[id]))}
      <div className={styles.adjusted}>
        {adjuster && <Adjusted adjuster={adjuster} onDone={done} />}
        {swap && <MixSwap id={swap} onDone={done} />}
      </div>
    </section>
  )
}

function Adjusted({
  adjuster: { id, quality, low, high, water, rainShare, pot },
  onDone,
}: {
  readonly adjuster: Adjuster
  readonly onDone: () => void
}) {
  const { page, form, question } = useMixDesign()
  const { format } = useSite()
  const percent = (share: number) => format.plain(format.percent(share))
  const moved = useMemo(
    () =>
      pot && question
        ? {
            ...question,
            container: {
              shape: pot.shape,
              fillHeightCm: pot.shape.heightCm - pot.headspaceCm,
            },
          }
        : null,
    [pot?.name, JSON.stringify(pot), question],
  )
  const sentence =
    id === 'hardWater'
      ? (before: string) =>
          words.hardWater(
            format.number(water?.alkalinityMgPerL ?? 0),
            before,
            format.number(high, 1),
            rainShare ? percent(rainShare) : null,
          )
      : id === 'small' || id === 'shallow'
        ? (before: string) => words.inPot[id](pot?.name ?? '', before)
        : words.why[id]
  return (
    <MixMiss
      miss={{
        quality: quality,
        low,
        high,
        sentence,
        written: writtenIn(quality, format),
        ...(water ? { water } : {}),
      }}
      {...(moved ? { mix: moved } : {})}
      topic="mix-adjust"
      onDone={() => {
        const index = page.containers.findIndex(({ shape }) => shape === pot?.shape)
        if (index >= 0) form.setValue('pot', String(index))
        onDone()
      }}
    />
  )
}

function writtenIn(of: MixQuality, format: ReturnType<typeof useSite>['format']) {
  return (value: number): string => {
    switch (of) {
      case 'days':
        return `${format.number(value, 1)} ${mixesWords.design.daysUnit}`
      case 'kgPerL':
        return `${format.number(value, 2)} kg/L`
      case 'ec':
        return format.plain(format.conductivity(value))
      case 'ph':
      case 'autumnPh':
        return `pH ${format.number(value, 1)}`
      case 'air':
        return format.plain(format.percent(value))
    }
  }
}
