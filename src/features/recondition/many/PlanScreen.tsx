import { useEffect, useState } from 'react'
import { MOST_LADDERS, type RungId } from '../../../core/recondition'
import type { PlanLotView, PlanPage } from '../../../messages/recondition/plan'
import type { SiteView } from '../../../messages/site/site'
import { Button } from '../../../ui/Button'
import { SelectField } from '../../../ui/Field'
import { useKept } from '../../../ui/form/useKept'
import type { Format } from '../../../ui/format'
import { useChosen } from '../../../ui/list/chosen'
import { RowList } from '../../../ui/list/RowList'
import type { RowColumn } from '../../../ui/list/rowColumn'
import { Notice } from '../../../ui/Notice'
import { PageHead } from '../../../ui/PageHead'
import { Progress } from '../../../ui/Progress'
import { SiteProvider, useSite } from '../../../ui/SiteContext'
import { plan as words } from '../../../ui/texts/recondition/plan'
import { litresColumn, lotColumn, sampleColumn } from '../../media/lotColumns'
import { PriorityFields } from '../ladder/PriorityFields'
import { usePriorities } from '../ladder/usePriorities'
import styles from './Plan.module.css'
import { PlanResult } from './PlanResult'
import { type PlanAsked, usePlan } from './usePlan'

/** The ways to go on with many lots at once, and what the turnover takes in all. */
export default function PlanScreen({ page, site }: { page: PlanPage; site: SiteView }) {
  return (
    <SiteProvider site={site}>
      <Plan page={page} />
    </SiteProvider>
  )
}

function Plan({ page }: { page: PlanPage }) {
  const { format } = useSite()
  const list = page.asked.join(',')
  const many = useChosen(`plan/${list}`, page.chosen)
  const { values, change } = useKept(`plan/${list}`, {
    crop: page.crop,
    picked: {} as Readonly<Record<string, RungId>>,
  })
  const priorities = usePriorities(page.priorities)
  const [tried, setTried] = useState(false)
  const [asked, setAsked] = useState<PlanAsked | null>(null)
  const plan = usePlan(asked)
  const chosen = page.lots.filter(({ id }) => many.has(id)).map(({ id }) => id)
  const crop = page.crops.some(({ id }) => id === values.crop) ? values.crop : ''
  const workOut = () => {
    setTried(true)
    if (!crop || chosen.length === 0 || chosen.length > MOST_LADDERS) return
    setAsked({ lots: chosen, crop, nth: (asked?.nth ?? 0) + 1 })
  }
  // What was asked for is not what is chosen any more: its answer would mislead.
  const isOld = asked !== null && (asked.crop !== crop || asked.lots.join() !== chosen.join())
  useEffect(() => {
    if (isOld) setAsked(null)
  }, [isOld])

  if (page.lots.length === 0) {
    return (
      <>
        <PageHead title={words.title} lead={words.lead} />
        <p>{words.nothing}</p>
        {page.inStore > 0 && <p>{words.inStore(page.inStore)}</p>}
      </>
    )
  }
  return (
    <>
      <PageHead title={words.title} lead={words.lead} />
      <form
        data-paper
        className={styles.form}
        noValidate
        onSubmit={(event) => {
          event.preventDefault()
          workOut()
        }}
      >
        <SelectField
          label={words.crop}
          hint={words.cropHint}
          error={tried && !crop ? words.chooseCrop : undefined}
          value={crop}
          onChange={(event) => change({ crop: event.currentTarget.value, picked: {} })}
        >
          <option value="">{words.chooseCrop}</option>
          {page.crops.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </SelectField>
        <fieldset className="plain">
          <legend>
            <h2>{words.lots}</h2>
          </legend>
          <p>{words.chosen(chosen.length, MOST_LADDERS)}</p>
          {tried && chosen.length === 0 && (
            <p role="alert" className={styles.refused}>
              {words.chooseLots}
            </p>
          )}
          <RowList
            label={words.lots}
            rows={page.lots}
            columns={lotColumns(format)}
            idOf={({ id }) => id}
            addressOf={({ id }) => `/lots/${id}`}
            chosen={{ ...many, isChoosing: true, nameOf: ({ name }) => name }}
          />
        </fieldset>
        {page.inStore > 0 && <p className={styles.quiet}>{words.inStore(page.inStore)}</p>}
        <div className={styles.actions}>
          <Button type="submit" weight="main">
            {words.go}
          </Button>
          <Button
            weight="quiet"
            onClick={() =>
              chosen.length > 0
                ? many.chooseNone()
                : many.chooseAll(
                    page.lots.slice(0, MOST_LADDERS).map(({ id }) => id),
                    true,
                  )
            }
          >
            {chosen.length > 0 ? words.noneOf : words.all}
          </Button>
        </div>
      </form>
      {plan.problem && <Notice tone="stop">{plan.problem}</Notice>}
      {(plan.isFetching || plan.working) && (
        <Progress
          label={plan.working ? words.working(plan.view?.lots.length ?? 0) : words.fetching}
          share={plan.working ? (plan.progress ?? 0) : null}
          {...(plan.working ? { onStop: () => setAsked(null) } : {})}
        />
      )}
      {plan.view && (plan.answers || plan.view.lots.length === 0) && (
        <PlanResult
          page={page}
          view={plan.view}
          answers={plan.answers ?? []}
          priorities={priorities.values}
          picked={values.picked}
          onPick={(id, way) => change({ picked: { ...values.picked, [id]: way } })}
        />
      )}
      {plan.answers && (
        <PriorityFields
          priorities={priorities}
          onRuledOut={() => setAsked((one) => one && { ...one, nth: one.nth + 1 })}
        />
      )}
    </>
  )
}

function lotColumns(format: Format): readonly RowColumn<PlanLotView>[] {
  return [
    sampleColumn,
    lotColumn(({ where, isGrowing }) => `${where}${isGrowing ? ` · ${words.growing}` : ''}`),
    litresColumn(format),
  ]
}
