import type { GoingOn } from '../../messages/containers/goingOn'
import { Button } from '../../ui/Button'
import { DespiteField } from '../../ui/DespiteField'
import { SelectField } from '../../ui/Field'
import { usePlanned } from '../../ui/form/usePlanned'
import { ProblemNotice } from '../../ui/Notice'
import { QuantityField } from '../../ui/QuantityField'
import { readQuantity } from '../../ui/readQuantity'
import { useSite } from '../../ui/SiteContext'
import { goingOn as words } from '../../ui/texts/containers/goingOn'
import styles from './Fill.module.css'
import { TickedSteps } from './TickedSteps'

/** A thin layer around plants that stay: what it takes is worked out before it is written down. */
export function DressForm({
  id,
  with: { materials },
}: {
  readonly id: number
  readonly with: GoingOn
}) {
  const { site, format } = useSite()
  const litresText = (value: number) => format.plain(format.litres(value))
  const thickness = (depth: string) => readQuantity(depth, 'length', site.measures)
  const { values, field, quantity, problem, isSending, plan, look, finish, onTick } = usePlanned(
    'POST /api/containers/[id]/dress',
    {
      draft: `dress/${id}`,
      begin: { materialId: '', depth: '3 cm', despite: '' },
      restsOn: ['materialId', 'depth'],
      asked: ({ materialId, depth, despite }, check) => {
        const { value, problem: unread } = thickness(depth)
        return unread
          ? null
          : { params: { id }, body: { materialId, depthCm: value, despite, check } }
      },
      planOf: ({ litres }) => ({ litres }),
      taken: ({ litres }) => ({ text: words.dressed(litresText(litres)) }),
    },
  )
  return (
    <form className={styles.fill} onSubmit={look} noValidate>
      <p className={styles.note}>{words.dressLead}</p>
      <div className={styles.fields}>
        <SelectField label={words.material} {...field('materialId')}>
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
          {...quantity('depth', 'depthCm')}
        />
        <DespiteField problem={problem} {...quantity('despite')} />
        <div className={styles.keys}>
          <Button type="submit" weight={plan === null ? 'main' : 'plain'} disabled={isSending}>
            {words.look}
          </Button>
        </div>
      </div>
      <ProblemNotice problem={problem} />
      {plan && (
        <>
          <TickedSteps
            ticks={values.ticks}
            onTick={onTick}
            steps={[
              { id: 'aside', text: words.dressSteps.aside },
              {
                id: 'scratch',
                text: words.dressSteps.scratch(
                  litresText(plan.litres),
                  format.plain(format.cm(thickness(values.depth).value ?? 0)),
                ),
              },
              { id: 'back', text: words.dressSteps.back },
            ]}
          />
          <p className={styles.note}>{words.dressWhy}</p>
          <div className={styles.keys}>
            <Button weight="main" disabled={isSending} onClick={finish}>
              {words.dressIt}
            </Button>
          </div>
        </>
      )}
    </form>
  )
}
