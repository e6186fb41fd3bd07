import { useState } from 'react'
import type { GoingOn } from '../../messages/containers/goingOn'
import { Button } from '../../ui/Button'
import { DespiteField } from '../../ui/DespiteField'
import { SelectField } from '../../ui/Field'
import { ProblemNotice } from '../../ui/Notice'
import { QuantityField } from '../../ui/QuantityField'
import { readQuantity } from '../../ui/readQuantity'
import { useSite } from '../../ui/SiteContext'
import { goingOn as words } from '../../ui/texts/goingOn'
import { showToastOnNextPage } from '../../ui/toast'
import { useKept } from '../../ui/useKept'
import { useSend } from '../../ui/useSend'
import styles from './Fill.module.css'
import { TickedSteps } from './TickedSteps'

const NO_TICKS: readonly string[] = []

/** A thin layer around plants that stay: what it takes is worked out before it is written down. */
export function DressForm({
  id,
  with: { materials },
}: {
  readonly id: number
  readonly with: GoingOn
}) {
  const { site, format } = useSite()
  const { problem, errorOf, isSending, deliver } = useSend()
  const { values, change, throwAway } = useKept(`dress/${id}`, {
    materialId: '',
    depth: '3 cm',
    despite: '',
    ticks: NO_TICKS,
  })
  const { materialId, depth, despite, ticks } = values
  const [litres, setLitres] = useState<number | null>(null)
  const thick = readQuantity(depth, 'length', site.measures)
  const told = (value: number) => format.plain(format.litres(value))

  const send = async (check: boolean) => {
    if (isSending || thick.problem) return
    const body = { materialId, depthCm: thick.value, despite, check }
    const answer = await deliver('POST /api/containers/[id]/dress', { params: { id }, body })
    if (!answer) return
    if (check) {
      setLitres(answer.data.litres)
      return
    }
    throwAway()
    showToastOnNextPage({ text: words.dressed(told(answer.data.litres)) })
    window.location.reload()
  }
  const anew = (more: { materialId?: string; depth?: string }) => {
    change(more)
    setLitres(null)
  }
  return (
    <form
      className={styles.fill}
      onSubmit={(event) => {
        event.preventDefault()
        void send(true)
      }}
      noValidate
    >
      <p className={styles.note}>{words.dressLead}</p>
      <div className={styles.fields}>
        <SelectField
          label={words.material}
          value={materialId}
          error={errorOf('materialId')}
          onChange={(event) => anew({ materialId: event.target.value })}
        >
          <option value="">{words.choose}</option>
          {materials.map((material) => (
            <option key={material.id} value={material.id}>
              {material.name}
            </option>
          ))}
        </SelectField>
        <QuantityField
          label={words.depth}
          hint={words.depthHint}
          dimension="length"
          typed={depth}
          value={depth}
          error={errorOf('depthCm')}
          onChange={(event) => anew({ depth: event.target.value })}
        />
        <DespiteField
          problem={problem}
          typed={despite}
          value={despite}
          error={errorOf('despite')}
          onChange={(event) => change({ despite: event.target.value })}
        />
        <div className={styles.keys}>
          <Button type="submit" weight={litres === null ? 'main' : 'plain'} disabled={isSending}>
            {words.look}
          </Button>
        </div>
      </div>
      <ProblemNotice problem={problem} />
      {litres !== null && (
        <>
          <TickedSteps
            ticks={ticks}
            onTick={(next) => change({ ticks: next })}
            steps={[
              { id: 'aside', text: words.dressSteps.aside },
              {
                id: 'scratch',
                text: words.dressSteps.scratch(
                  told(litres),
                  format.plain(format.cm(thick.value ?? 0)),
                ),
              },
              { id: 'back', text: words.dressSteps.back },
            ]}
          />
          <p className={styles.note}>{words.dressWhy}</p>
          <div className={styles.keys}>
            <Button weight="main" disabled={isSending} onClick={() => void send(false)}>
              {words.dressIt}
            </Button>
          </div>
        </>
      )}
    </form>
  )
}
