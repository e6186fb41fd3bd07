import {
  DndContext,
  type DragEndEvent,
  PointerSensor,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
} from '@dnd-kit/core'
import { useState } from 'react'
import type { TrialPage, TrialPotView } from '../../messages/trials/trialViews'
import { Button } from '../../ui/Button'
import { mayManage } from '../../ui/mayManage'
import { ProblemNotice } from '../../ui/Notice'
import { look as lookWords } from '../../ui/texts/trials/look'
import { trials } from '../../ui/texts/trials/trials'
import { useReady } from '../../ui/useReady'
import { useSend } from '../../ui/useSend'
import styles from './TrialGrid.module.css'
import { rowsOf } from './trialRows'

const words = trials.layout
/** A finger that shakes is no drag. */
const DRAG_FROM_PX = 8

/** Where each pot stands; two of them change places by dragging, or by choosing one and then the other. */
export function TrialGrid({
  page,
  isHidden,
  onHide,
  onChange,
}: {
  readonly page: TrialPage
  readonly isHidden: boolean
  readonly onHide: (isHidden: boolean) => void
  readonly onChange: (page: TrialPage) => void
}) {
  const [picked, setPicked] = useState<number | null>(null)
  const [told, setTold] = useState('')
  const { problem, isSending, deliver } = useSend()
  const ready = useReady()
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: DRAG_FROM_PX } }),
  )
  const potOf = (id: number) => page.potList.find((pot) => pot.id === id)

  const put = async (swap: readonly [number, number] | null) => {
    if (isSending) return
    const answer = await deliver('PUT /api/trials/[id]/layout', {
      params: { id: page.id },
      body: {
        version: page.version,
        swap,
      },
    })
    if (!answer) return
    onChange(answer.data)
    setTold(swap ? words.swapped(potOf(swap[0])?.code ?? '', potOf(swap[1])?.code ?? '') : '')
  }
  const exchange = (one: number, other: number) => {
    setPicked(null)
    if (one === other || !mayManage()) return
    if (potOf(one)?.block !== potOf(other)?.block) {
      setTold(words.otherBlock)
      return
    }
    void put([one, other])
  }
  const choose = (id: number) => {
    if (!mayManage()) return
    if (picked === null) {
      setPicked(id)
      setTold(words.picked(potOf(id)?.code ?? ''))
    } else exchange(picked, id)
  }

  const blocks = rowsOf(page.potList)
  const columns = Math.max(1, ...page.potList.map(({ column }) => column + 1))
  const cells = blocks.map(({ block, cropName, pots }) => (
    <div key={block ?? 0} className={styles.block}>
      {block !== null && <h3>{[words.block(block + 1), cropName].filter(Boolean).join(' · ')}</h3>}
      <ul className={styles.grid} data-columns={Math.min(columns, 12)}>
        {pots.map((pot) => (
          <Cell
            key={pot.id}
            pot={pot}
            name={isHidden ? '' : (page.treatments[pot.treatment ?? -1]?.name ?? '')}
            isControl={!isHidden && pot.treatment === 0}
            isPicked={picked === pot.id}
            onChoose={() => choose(pot.id)}
            onLeave={() => {
              setPicked(null)
              setTold('')
            }}
          />
        ))}
      </ul>
    </div>
  ))
  return (
    <section aria-labelledby="layout" className={styles.layout}>
      <h2 id="layout">{words.head}</h2>
      <p className={styles.quiet}>
        <span data-needs="manage">
          {words.hint} {page.isInBlocks && words.hintBlocks}
        </span>{' '}
        {page.isHidden ? words.blindUntilClosed : page.isBlind && words.blind}
      </p>
      <div className={styles.blocks}>
        {ready ? (
          <DndContext
            sensors={sensors}
            onDragEnd={({ active, over }: DragEndEvent) => {
              if (over) exchange(Number(active.id), Number(over.id))
            }}
          >
            {cells}
          </DndContext>
        ) : (
          cells
        )}
      </div>
      <p aria-live="polite" className={styles.told}>
        {told}
      </p>
      <div className={styles.keys}>
        {page.plantedOn === null && (
          <Button data-needs="manage" onClick={() => void put(null)}>
            {words.anew}
          </Button>
        )}
        {!page.isHidden && (
          <Button weight="quiet" aria-pressed={isHidden} onClick={() => onHide(!isHidden)}>
            {isHidden ? words.show : words.hide}
          </Button>
        )}
      </div>
      <ProblemNotice problem={problem} />
    </section>
  )
}

function Cell({
  pot,
  name,
  isControl,
  isPicked,
  onChoose,
  onLeave,
}: {
  readonly pot: TrialPotView
  readonly name: string
  readonly isControl: boolean
  readonly isPicked: boolean
  readonly onChoose: () => void
  readonly onLeave: () => void
}) {
  const drop = useDroppable({ id: pot.id })
  const drag = useDraggable({ id: pot.id })
  const { transform } = drag
  return (
    <li ref={drop.setNodeRef} className={drop.isOver ? styles.over : undefined}>
      <button
        ref={drag.setNodeRef}
        type="button"
        className={`${styles.pot} ${isControl ? styles.control : ''}`}
        data-paper
        aria-pressed={isPicked}
        onPointerDown={drag.listeners?.onPointerDown as React.PointerEventHandler | undefined}
        {...(transform
          ? { style: { transform: `translate(${transform.x}px, ${transform.y}px)`, zIndex: 1 } }
          : {})}
        onClick={onChoose}
        onKeyDown={(event) => {
          if (event.key === 'Escape') onLeave()
        }}
      >
        <span className={styles.code}>{pot.code}</span>
        {name && <span className={styles.name}>{name}</span>}
        {(pot.leftOut || pot.diedOn) && (
          <span className={styles.name}>
            {pot.leftOut ? lookWords.state.out : lookWords.state.dead}
          </span>
        )}
      </button>
    </li>
  )
}
