import type { PotPage } from '../../messages/containers/potViews'
import { Button } from '../../ui/Button'
import { TextField } from '../../ui/Field'
import { usePlanned } from '../../ui/form/usePlanned'
import { ProblemNotice } from '../../ui/Notice'
import { QuantityField } from '../../ui/QuantityField'
import { readQuantity } from '../../ui/readQuantity'
import { useSite } from '../../ui/SiteContext'
import { common } from '../../ui/texts/common'
import { filling as words } from '../../ui/texts/containers/filling'
import styles from './Fill.module.css'
import { FillSteps } from './FillSteps'
import { SourceField, sourceOf } from './SourceField'

/** An empty pot prepared and filled: what it takes is worked out before anything is written down. */
export function FillForm({ page }: { readonly page: PotPage }) {
  const { site, format } = useSite()
  const litresText = (value: number) => format.plain(format.litres(value))
  const { values, field, quantity, problem, isSending, plan, look, finish, onTick } = usePlanned(
    'POST /api/containers/[id]/fill',
    {
      draft: `fill/${page.id}`,
      begin: {
        source: '',
        litres: '',
        filler: page.fillerCm > 0 ? `${page.fillerCm} cm` : '',
        name: '',
      },
      restsOn: ['source', 'litres', 'filler'],
      asked: ({ source, litres, filler, name }, check) => {
        const amount = readQuantity(litres, 'volume', site.measures)
        const height = readQuantity(filler, 'length', site.measures)
        if (amount.problem || height.problem) return null
        return {
          params: { id: page.id },
          body: {
            source: sourceOf(source),
            litres: amount.value,
            fillerCm: height.value ?? 0,
            name,
            check,
          },
        }
      },
      planOf: (answer) => answer.plan,
      taken: (answer) => ({ text: words.filled(litresText(answer.plan.settledLitres)) }),
    },
  )
  const choices = page.fill
  if (!choices) return null
  const fits = problem?.code === 'too-much' ? Number(problem.current?.fits) : 0

  return (
    <section aria-labelledby="fill" data-needs="manage" className={styles.fill}>
      <h2 id="fill">{words.title}</h2>
      <p>
        <a href={`/trials/candidates?pot=${page.id}`}>{common.actions.whichMix}</a>
      </p>
      <form className={styles.fields} onSubmit={look} noValidate>
        <SourceField choices={choices} {...field('source')} />
        <QuantityField
          label={words.litres}
          hint={words.litresHint}
          dimension="volume"
          {...quantity('litres')}
        />
        {page.shape.kind !== 'bowl' && (
          <QuantityField
            label={words.filler}
            hint={words.fillerHint}
            dimension="length"
            {...quantity('filler', 'fillerCm')}
          />
        )}
        <TextField
          label={words.name}
          hint={words.nameHint(`${page.name} ${page.code}`)}
          {...field('name')}
        />
        <div className={styles.keys}>
          <Button type="submit" weight={plan ? 'plain' : 'main'} disabled={isSending}>
            {words.look}
          </Button>
        </div>
      </form>
      <ProblemNotice problem={problem} />
      {fits > 0 && (
        <p>
          <Button onClick={() => look(undefined, { litres: `${Math.floor(fits * 10) / 10} L` })}>
            {words.take(litresText(Math.floor(fits * 10) / 10))}
          </Button>
        </p>
      )}
      {plan && (
        <>
          <FillSteps page={page} plan={plan} ticks={values.ticks} onTick={onTick} />
          <div className={styles.keys}>
            <Button weight="main" disabled={isSending} onClick={finish}>
              {words.done}
            </Button>
          </div>
        </>
      )}
    </section>
  )
}
