import { doubtfulPair, type HeapPlan } from '../../../core/recondition'
import type { BatchLotView } from '../../../messages/recondition/batches'
import { Button, LinkButton } from '../../../ui/Button'
import { SelectField, TextField } from '../../../ui/Field'
import { Fold } from '../../../ui/Fold'
import { useForm } from '../../../ui/form/useForm'
import { Notice, ProblemNotice } from '../../../ui/Notice'
import { Progress } from '../../../ui/Progress'
import { useSite } from '../../../ui/SiteContext'
import { findings as findingWords } from '../../../ui/texts/media/findings'
import { batches as words } from '../../../ui/texts/recondition/batches'
import styles from './Batches.module.css'

/** One heap: what is in it, why, and what is done with it next. */
export function HeapPart({
  heap,
  lots,
}: {
  readonly heap: HeapPlan
  readonly lots: readonly BatchLotView[]
}) {
  const { format } = useSite()
  const own = lots.filter(({ id }) => heap.lotIds.includes(id))
  const isGivenUp = heap.verdict === 'compost' || heap.verdict === 'discard'
  const reasons = own.flatMap((lot) => lot.reasons)
  const because = [
    ...new Set(
      reasons.map(({ problemName, rule }) => words.because(problemName, findingWords.rules[rule])),
    ),
  ]
  return (
    <section
      className={styles.heap}
      aria-label={`${words.heads[heap.verdict]}: ${own.map(({ name }) => name).join(', ')}`}
    >
      <h2>
        {words.heads[heap.verdict]}{' '}
        <small>{words.litres(format.plain(format.litres(heap.litres)), own.length)}</small>
      </h2>
      <p>
        {heap.actions.map((action) => findingWords.actions[action]).join(', ')}
        {heap.actions.length > 0 && '. '}
        {heap.heldUntil && `${words.until(format.day(heap.heldUntil))} `}
        {heap.isApart && words.apart}
      </p>
      <ul>
        {own.map(({ id, name, where, litres, stands }) => (
          <li key={id}>
            <a href={`/lots/${id}`}>{name}</a>{' '}
            <span className={styles.quiet}>
              {format.plain(format.litres(litres))} · {where}
              {stands && ` · ${words.stands[stands]}`}
            </span>
          </li>
        ))}
      </ul>
      <p className={styles.quiet}>
        {because.length > 0
          ? because.join('; ')
          : own.length > 1
            ? words.healthy
            : words.healthyOne}
      </p>
      {!isGivenUp && <Next own={own} lots={lots} isApart={heap.isApart} />}
    </section>
  )
}

/** One lot goes its way by itself; several are tipped together first. */
function Next({
  own,
  lots,
  isApart,
}: {
  readonly own: readonly BatchLotView[]
  readonly lots: readonly BatchLotView[]
  readonly isApart: boolean
}) {
  const { format, site } = useSite()
  const [first] = own
  // What stands full of plants, or in work, is not tipped out now.
  const free = own.filter(({ stands }) => stands === null)
  const allWith = (joinedId: string) => {
    const joined = lots.find(({ id }) => String(id) === joinedId)
    return joined ? [...free, joined] : free
  }
  const usualName = (joinedId: string) =>
    words.defaultName(allWith(joinedId).length, format.day(site.today))
  const { values, field, submit, isSending, isSlow, problem } = useForm('POST /api/media/heaps', {
    draft: `heap/${own.map(({ id }) => id).join(',')}`,
    begin: { name: '', joined: '', despite: '' },
    asked: ({ name, joined, despite }) => {
      const heap = allWith(joined).map(({ id }) => id)
      if (heap.length < 2) return null
      return { body: { lots: heap, name: name || usualName(joined), despite } }
    },
    taken: ({ lotId, litres, potIds }, { name, joined }) => ({
      text: words.made(name || usualName(joined), format.plain(format.litres(litres))),
      to: `/turnover/new?lot=${lotId}&pots=${potIds.join(',')}`,
    }),
  })
  const all = allWith(values.joined)
  const pair = doubtfulPair(all)
  const nameOf = (id: number) => lots.find((lot) => lot.id === id)?.name ?? ''
  const others = lots.filter(
    ({ id, stands }) => stands === null && !own.some((lot) => lot.id === id),
  )

  return (
    <div className={styles.next} data-needs="manage">
      {!isApart && others.length > 0 && (
        <Fold title={words.join}>
          <SelectField label={words.joinWhich} {...field('joined')}>
            <option value="">{words.joinNone}</option>
            {others.map((lot) => (
              <option key={lot.id} value={lot.id}>
                {lot.name}
              </option>
            ))}
          </SelectField>
        </Fold>
      )}
      {pair && (
        <>
          <Notice tone="stop">{words.stop(nameOf(pair[0].id), nameOf(pair[1].id))}</Notice>
          <TextField label={words.despite} hint={words.despiteHint} {...field('despite')} />
        </>
      )}
      {all.length > 1 ? (
        <>
          <TextField
            label={words.name}
            hint={free.length < own.length ? words.togetherSome(all.length) : words.togetherNote}
            placeholder={usualName(values.joined)}
            {...field('name')}
          />
          <p>
            <Button disabled={isSending} onClick={() => submit()}>
              {words.together}
            </Button>
          </p>
          {isSlow && <Progress label={words.tipping} share={null} />}
        </>
      ) : (
        first && (
          <p>
            <LinkButton
              href={`/turnover/new?lot=${first.id}`}
              aria-label={words.waysOf(first.name)}
            >
              {words.ways}
            </LinkButton>
          </p>
        )
      )}
      <ProblemNotice problem={problem} />
    </div>
  )
}
