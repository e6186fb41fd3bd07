import type { KitPage } from '../../messages/bench/benchViews'
import type { SiteView } from '../../messages/site/site'
import { Button, LinkButton } from '../../ui/Button'
import { TextField } from '../../ui/Field'
import { useForm } from '../../ui/form/useForm'
import { ProblemNotice } from '../../ui/Notice'
import { PageHead } from '../../ui/PageHead'
import { QuantityField } from '../../ui/QuantityField'
import { SiteProvider, useSite } from '../../ui/SiteContext'
import { bench as benchWords } from '../../ui/texts/bench/bench'
import { benchScreens } from '../../ui/texts/bench/benchScreens'
import { useReady } from '../../ui/useReady'
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
  const { field, quantity, submit, problem } = useForm('PUT /api/bench/kit', {
    draft: 'bench/kit',
    begin: kitDefaults(page.kit),
    asked: (values) => ({
      body: { kit: kitBody(values, site.measures), version: page.version },
    }),
    taken: () => ({ text: words.saved, to: '/bench' }),
  })
  return (
    <form data-paper onSubmit={submit} noValidate>
      <fieldset disabled={!ready} className={`plain ${styles.running}`}>
        <ProblemNotice problem={problem} />
        {(['drain', 'porosity'] as const).map((group) => (
          <section key={group} className={styles.section} aria-label={words[group]}>
            <h2>{words[group]}</h2>
            <div className={styles.form}>
              {KIT_FIELDS.filter((one) => one.group === group).map((one) =>
                one.kind === 'number' ? (
                  <TextField
                    key={one.path}
                    label={one.label}
                    inputMode="decimal"
                    {...field(one.name, `kit.${one.path}`)}
                  />
                ) : (
                  <QuantityField
                    key={one.path}
                    label={one.label}
                    dimension={one.kind === 'cm' ? 'length' : 'volume'}
                    echoes="converted"
                    {...quantity(one.name, `kit.${one.path}`)}
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
