import type { LotPage } from '../../messages/media/lotViews'
import { Button } from '../../ui/Button'
import { DespiteField } from '../../ui/DespiteField'
import { Choice, SelectField, TextField } from '../../ui/Field'
import { useFields } from '../../ui/form/useForm'
import { ProblemNotice } from '../../ui/Notice'
import { QuantityField } from '../../ui/QuantityField'
import { addressOf, request } from '../../ui/request'
import { useSite } from '../../ui/SiteContext'
import { common as commonWords } from '../../ui/texts/common'
import { transfers as words } from '../../ui/texts/media/transfers'
import { showToastOnNextPage } from '../../ui/toast'
import { useAnswer } from '../../ui/useAnswer'
import { useSend } from '../../ui/useSend'
import styles from './LotScreen.module.css'
import { TRANSFER_DEFAULTS, type TransferValues, transferRequest } from './transferBody'

/** Litres of a lot to another one, to empty pots, or to a place in the store. */
export function TransferForm({
  page,
  onClose,
}: {
  readonly page: LotPage
  readonly onClose: () => void
}) {
  const { site, format } = useSite()
  const { problem, errorOf, isSending, deliver } = useSend()
  const { form, values, field, quantity, throwAway } = useFields<TransferValues>(
    `transfer/${page.id}`,
    TRANSFER_DEFAULTS,
    errorOf,
  )
  const { answer: targets, failed } = useAnswer(
    addressOf('GET /api/media/lots/[id]/transfers', {
      params: { id: page.id },
      query: { find: values.find },
    }),
  )
  const litres = (value: number) => format.plain(format.litres(value))
  const isPart = values.litres.trim() !== ''
  const fits = problem?.code === 'too-much' ? Number(problem.current?.fits) : 0

  const go = async (rest?: 'store') => {
    if (isSending) return
    const wanted = transferRequest(form.getValues(), page.name, site.measures)
    if (!wanted) {
      form.setFocus('litres')
      return
    }
    if (wanted.kind === 'move') {
      const body = rest ? { ...wanted.body, rest } : wanted.body
      const answer = await deliver('PUT /api/media/lots/[id]/place', {
        params: { id: page.id },
        body,
      })
      if (!answer) return
      throwAway()
      showToastOnNextPage({
        text: words.moved(page.name),
        ...(answer.data.restId === null
          ? {
              undo: request('PUT /api/media/lots/[id]/place', {
                params: { id: page.id },
                body: answer.data.before,
              }),
            }
          : {}),
      })
      window.location.reload()
      return
    }
    const answer = await deliver('POST /api/media/lots/[id]/transfers', {
      params: { id: page.id },
      body: wanted.body,
    })
    if (!answer) return
    throwAway()
    showToastOnNextPage({ text: words.went(litres(answer.data.litres)) })
    window.location.assign(`/lots/${answer.data.toLotId}`)
  }

  return (
    <form
      className={styles.entry}
      onSubmit={(event) => {
        event.preventDefault()
        void go()
      }}
      noValidate
    >
      <div className={styles.wide}>
        <Choice
          label={words.where}
          options={(['lot', 'pots', 'store'] as const).map((value) => ({
            value,
            label: words.wheres[value],
          }))}
          {...field('where')}
        />
      </div>
      <QuantityField
        label={words.litres}
        hint={words.all(litres(page.litres))}
        dimension="volume"
        {...quantity('litres')}
      />
      {values.where === 'lot' && (
        <>
          {targets && targets.lotsTotal > targets.lots.length && (
            <TextField
              type="search"
              label={words.find}
              hint={words.ofLots(format.number(targets.lotsTotal))}
              onKeyDown={(event) => event.key === 'Enter' && event.preventDefault()}
              {...field('find')}
            />
          )}
          <SelectField label={words.lot} {...field('lotId', 'to.lotId')}>
            <option value="">{words.chooseLot}</option>
            {(targets?.lots ?? []).map((lot) => (
              <option key={lot.id} value={lot.id}>
                {words.lotOption(
                  lot.name,
                  lot.where,
                  litres(lot.litres),
                  lot.roomLitres === null ? null : litres(lot.roomLitres),
                )}
              </option>
            ))}
          </SelectField>
        </>
      )}
      {values.where === 'pots' && (
        <div className={styles.wide}>
          {targets && targets.pots.length === 0 ? (
            <p className={styles.note}>{words.noPots}</p>
          ) : (
            <Choice
              label={words.pots}
              kind="checkbox"
              options={(targets?.pots ?? []).map((pot) => ({
                value: String(pot.id),
                label: words.potOption(pot.code, pot.name, litres(pot.litres)),
                note: pot.place,
              }))}
              {...field('pots', 'to.containerIds', 'containerIds')}
            />
          )}
        </div>
      )}
      {values.where === 'store' && (
        <TextField
          label={words.bin}
          hint={words.binHint}
          {...field('storeBin', 'to.storeBin', 'storeBin')}
        />
      )}
      {values.where !== 'lot' && isPart && (
        <TextField
          label={words.name}
          hint={words.nameHint(page.name)}
          {...field('name', 'to.name')}
        />
      )}
      <DespiteField
        problem={problem}
        label={words.despite}
        hint={words.despiteHint}
        {...quantity('despite')}
      />
      <TextField label={words.note} {...field('note')} />
      <div className={styles.wide}>
        {failed && <p role="status">{words.failed}</p>}
        <ProblemNotice problem={problem} />
        {fits > 0 && (
          <p>
            <Button
              onClick={() => {
                if (!isPart && values.where !== 'lot') {
                  void go('store')
                  return
                }
                form.setValue('litres', `${Math.floor(fits * 10) / 10} L`)
                void go()
              }}
            >
              {!isPart && values.where !== 'lot'
                ? words.restToStore
                : words.take(litres(Math.floor(fits * 10) / 10))}
            </Button>
          </p>
        )}
        <Button type="submit" disabled={isSending}>
          {values.where !== 'lot' && !isPart ? words.moveIt : words.goes}
        </Button>{' '}
        <Button
          weight="quiet"
          onClick={() => {
            throwAway()
            onClose()
          }}
        >
          {commonWords.cancel}
        </Button>
      </div>
    </form>
  )
}
