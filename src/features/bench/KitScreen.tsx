import { useMemo } from 'react'
import type { KitPage } from '../../messages/bench/benchViews'
import type { SiteView } from '../../messages/site/site'
import { Button, LinkButton } from '../../ui/Button'
import { TextField } from '../../ui/Field'
import { ProblemNotice } from '../../ui/Notice'
import { PageHead } from '../../ui/PageHead'
import { QuantityField } from '../../ui/QuantityField'
import { SiteProvider, useSite } from '../../ui/SiteContext'
import { bench as benchWords } from '../../ui/texts/bench'
import { benchScreens } from '../../ui/texts/benchScreens'
import { showToastOnNextPage } from '../../ui/toast'
import { useDraft } from '../../ui/useDraft'
import { useReady } from '../../ui/useReady'
import { useSend } from '../../ui/useSend'
import { useValues } from '../../ui/useValues'
import styles from './Bench.module.css'
import { KIT_FIELDS, kitBody, kitDefaults } from './kitValues'

const words = benchScreens.kitScreen

/** Columns, cups and volumes, set once so that tests compare. */
export default function KitScreen({
  page,
  site,
}: {
  readonly page: KitPage
  readonly site: SiteView
}) {
  return (
    <SiteProvider site={site}>
      <PageHead
        title={words.title}
        lead={words.lead}
        actions={<LinkButton href="/bench">{benchWords.title}</LinkButton>}
      />
      <Kit page={page} />
    </SiteProvider>
  )
}

function Kit({ page }: { readonly page: KitPage }) {
  const { site } = useSite()
  const ready = useReady()
  const defaults = useMemo(() => kitDefaults(page.kit), [page.kit])
  const form = useValues(defaults)
  const forget = useDraft('bench/kit', form, defaults)
  const { problem, errorOf, deliver } = useSend()
  const save = form.handleSubmit(async (values) => {
    const answer = await deliver('PUT /api/bench/kit', {
      body: {
        kit: kitBody(values, site.measures),
        version: page.version,
      },
    })
    if (!answer) return
    forget()
    showToastOnNextPage({ text: words.saved })
    window.location.assign('/bench')
  })
  return (
    <form onSubmit={save} noValidate>
      <fieldset disabled={!ready} className={`plain ${styles.running}`}>
        <ProblemNotice problem={problem} />
        {(['drain', 'porosity'] as const).map((group) => (
          <section key={group} className={styles.section} aria-label={words[group]}>
            <h2>{words[group]}</h2>
            <div className={styles.form}>
              {KIT_FIELDS.filter((field) => field.group === group).map((field) =>
                field.kind === 'number' ? (
                  <TextField
                    key={field.path}
                    label={field.label}
                    inputMode="decimal"
                    error={errorOf(`kit.${field.path}`)}
                    {...form.register(field.name)}
                  />
                ) : (
                  <QuantityField
                    key={field.path}
                    label={field.label}
                    dimension={field.kind === 'cm' ? 'length' : 'volume'}
                    echoes="converted"
                    typed={form.watch(field.name) ?? ''}
                    error={errorOf(`kit.${field.path}`)}
                    {...form.register(field.name)}
                  />
                ),
              )}
            </div>
          </section>
        ))}
        <div className={styles.actions}>
          <Button weight="main" type="submit" data-needs="manage">
            {words.save}
          </Button>
        </div>
      </fieldset>
    </form>
  )
}
