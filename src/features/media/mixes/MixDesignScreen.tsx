import { useMemo } from 'react'
import { useForm } from 'react-hook-form'
import type { MixDesignPage } from '../../../messages/media/mixViews'
import type { SiteView } from '../../../messages/site'
import { Button } from '../../../ui/Button'
import { ProblemNotice } from '../../../ui/Notice'
import { PageHead } from '../../../ui/PageHead'
import { SiteProvider, useSite } from '../../../ui/SiteContext'
import { texts } from '../../../ui/texts'
import { useDraft } from '../../../ui/useDraft'
import { useReady } from '../../../ui/useReady'
import { useCore } from '../../../workers/useCore'
import { Adjusters } from './Adjusters'
import { CheapestOffer } from './CheapestOffer'
import { MixAdvice } from './MixAdvice'
import { MixBatch } from './MixBatch'
import styles from './MixDesign.module.css'
import { MixFoot } from './MixFoot'
import { MixInPot } from './MixInPot'
import { MixParts } from './MixParts'
import { MixSetting } from './MixSetting'
import { MixTriangle } from './MixTriangle'
import {
  componentsOf,
  containerOf,
  everyDaysOf,
  type MixValues,
  mixDefaults,
  placeOf,
  purposeOf,
} from './mixValues'
import { RecipeCard } from './RecipeCard'
import { useSaveMix } from './useSaveMix'

/** A mix put together and seen at once: in this pot, in this place, with this watering. */
export default function MixDesignScreen({
  page,
  site,
}: {
  readonly page: MixDesignPage
  readonly site: SiteView
}) {
  return (
    <SiteProvider site={site}>
      <Design page={page} />
    </SiteProvider>
  )
}

function Design({ page }: { readonly page: MixDesignPage }) {
  const { site } = useSite()
  const ready = useReady()
  const words = texts.mixes.design
  const defaults = useMemo(() => mixDefaults(page), [page])
  const form = useForm({ defaultValues: defaults })
  const throwAway = useDraft(page.mix ? `mix/${page.mix.id}` : draftOf(page), form, defaults)
  const values = form.watch()
  const { problem, errorOf, save, putAway } = useSaveMix(form, page, throwAway)
  const changed = JSON.stringify(values) !== JSON.stringify(defaults)

  const materials = useMemo(
    () => new Map(page.materials.map(({ material }) => [material.id, material])),
    [page.materials],
  )
  const container = containerOf(values, page, site.measures)
  const { crop, group, wish, limeHater, mostCompost } = purposeOf(values, page)
  const place = placeOf(values, page)
  const components = componentsOf(values, materials, site.measures)
  // Kept the same while nothing that matters has changed: typing a name asks nothing.
  const key = JSON.stringify([
    components.map(({ material, parts }) => [material.id, parts]),
    container,
    crop?.id,
    place.exposureFactor,
  ])
  // The key stands for all that is used here.
  const question = useMemo(
    () =>
      container && components.length > 0
        ? { components, container, crop, place, humifiedFines: page.humifiedFines }
        : null,
    [key],
  )
  const core = useCore('mix', 'mixInPlace', question, page.first)
  const answer = question ? core.answer : null
  const replaceParts = (parts: MixValues['parts']) => form.setValue('parts', parts)
  const what = crop?.name ?? (group ? texts.mixes.groups[group.id].name : null)

  return (
    <>
      <fieldset disabled={!ready} className={`plain ${styles.onScreen}`}>
        <PageHead
          title={values.name || words.untitled}
          beside={
            page.mix
              ? changed
                ? words.changed(page.mix.version)
                : words.saved(page.mix.version)
              : words.notSaved
          }
          actions={
            <Button weight="main" onClick={save} disabled={page.mix !== null && !changed}>
              {page.mix ? words.saveNext(page.mix.version + 1) : words.saveNew}
            </Button>
          }
        />
        <ProblemNotice problem={problem} />
        <MixSetting form={form} page={page} container={container} errorOf={errorOf} />
        <div className={styles.advice}>
          {answer && container && question && (
            <MixAdvice
              page={page}
              question={question}
              answer={answer}
              wish={wish}
              what={what}
              everyDays={everyDaysOf(values)}
              onChange={replaceParts}
            />
          )}
        </div>
        {answer && question && (
          <Adjusters
            page={page}
            mix={question}
            answer={answer}
            wish={wish}
            onChange={replaceParts}
          />
        )}
        <div className={styles.panels}>
          <MixParts
            form={form}
            page={page}
            components={components}
            answer={answer}
            errorOf={errorOf}
          >
            {container && wish && what && (
              <CheapestOffer
                page={page}
                container={container}
                wish={wish}
                limeHater={limeHater}
                mostCompost={mostCompost}
                what={what}
                onTake={replaceParts}
              />
            )}
          </MixParts>
          <MixInPot
            page={page}
            components={components}
            container={container}
            answer={answer}
            refusal={question ? core.refusal : null}
            progress={core.progress}
            onStop={core.stop}
            wish={wish}
            crop={crop}
            what={what}
            place={place}
          />
        </div>
        {container && (
          <MixTriangle
            form={form}
            page={page}
            components={components}
            container={container}
            wish={wish}
          />
        )}
        <MixFoot
          form={form}
          page={page}
          changed={changed}
          throwAway={throwAway}
          putAway={putAway}
        />
        <MixBatch page={page} changed={changed} components={components} answer={answer} />
      </fieldset>
      {answer && (
        <RecipeCard
          name={values.name || words.untitled}
          version={page.mix && !changed ? words.saved(page.mix.version) : words.notSaved}
          note={values.note}
          what={what}
          pot={container?.name ?? ''}
          components={components}
          answer={answer}
        />
      )}
    </>
  )
}

/** A draft belongs to what the design began with. */
function draftOf({ madeFor, name, parts }: MixDesignPage): string {
  return `mix/new/${madeFor.groupId ?? (name || parts[0]?.materialId || 'nothing')}`
}
