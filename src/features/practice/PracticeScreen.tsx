import { useState } from 'react'
import type { Schools } from '../../core/recondition'
import type { Practice, PracticePage } from '../../messages/site/practice'
import type { SiteView } from '../../messages/site/site'
import { Choice } from '../../ui/Field'
import { ProblemNotice } from '../../ui/Notice'
import { PageHead } from '../../ui/PageHead'
import { SiteProvider } from '../../ui/SiteContext'
import { practice as words } from '../../ui/texts/recondition/practice'
import { useSend } from '../../ui/useSend'
import styles from './Practice.module.css'

/** Where good growers disagree: how this garden works, each choice with its reason, kept as it is made. */
export default function PracticeScreen({ page, site }: { page: PracticePage; site: SiteView }) {
  return (
    <SiteProvider site={site}>
      <PageHead title={words.title} lead={words.lead} />
      <SchoolFields begin={page.schools} />
    </SiteProvider>
  )
}

function SchoolFields({ begin }: { readonly begin: Schools }) {
  const [schools, setSchools] = useState(begin)
  const { problem, deliver } = useSend()
  const set = async (more: Partial<Schools>) => {
    const next = { ...schools, ...more }
    setSchools(next)
    const body: Practice = { schools: next }
    if (!(await deliver('PUT /api/site/practice', { body }))) setSchools(schools)
  }
  return (
    <div className={styles.schools} data-needs="manage">
      {words.groups.map(({ title, schools: asked }) => (
        <section key={title} aria-label={title}>
          <h2>{title}</h2>
          {asked.map(({ id, label, reason, options }) => (
            <Choice
              key={id}
              label={label}
              hint={reason}
              name={id}
              options={options.map(([value, name, note]) => ({ value, label: name, note }))}
              isChosen={(value) => value === String(schools[id])}
              onChange={(event) => {
                const { value } = event.currentTarget
                void set({ [id]: id === 'compostShare' ? Number(value) : value })
              }}
            />
          ))}
        </section>
      ))}
      <p role="status" className={styles.quiet}>
        {words.kept}
      </p>
      <ProblemNotice problem={problem} />
    </div>
  )
}
