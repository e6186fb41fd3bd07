import { useState } from 'react'
import type { PotLogKind } from '../../core/season'
import type { PotPage } from '../../messages/containers/potViews'
import { Button } from '../../ui/Button'
import { TextField } from '../../ui/Field'
import { ProblemNotice } from '../../ui/Notice'
import { ourOutbox } from '../../ui/outbox/ourOutbox'
import { useEntry } from '../../ui/outbox/useEntry'
import { PhotoField } from '../../ui/Photo'
import { QuantityField } from '../../ui/QuantityField'
import { readQuantity } from '../../ui/readQuantity'
import { type Request, request } from '../../ui/request'
import { useSite } from '../../ui/SiteContext'
import { base64Of } from '../../ui/shrinkPhoto'
import { containers as words } from '../../ui/texts/containers/containers'
import { potLog as logWords } from '../../ui/texts/containers/potLog'
import { showToast, showToastOnNextPage } from '../../ui/toast'
import { hintFor, matching } from '../found/matching'
import { LogKeys } from './LogKeys'
import styles from './Pots.module.css'

/** What happened at a pot, in two taps: a score, a weight, or one of the big keys. */
export function QuickLog({ page }: { readonly page: PotPage }) {
  const { site } = useSite()
  const { problem, errorOf, isSending, enter } = useEntry<{ id: number }>(
    `pot/${page.id}`,
    (data, entry) => {
      // Not while something is typed: the page is loaded anew to show it.
      if (harvest === '' && sign === '') void done(data.id, entry.title)
    },
  )
  const [harvest, setHarvest] = useState('')
  const [sign, setSign] = useState('')
  const grams = readQuantity(harvest, 'mass', site.measures)
  const matches = matching(page.problems, sign)

  const write = async (
    kind: PotLogKind,
    more: { value?: number | null; problemId?: string } = {},
    said: string = logWords.kinds[kind],
  ) => {
    const body = { kind, value: null, problemId: null, note: '', ...more }
    await send(request('POST /api/containers/[id]/log', { params: { id: page.id }, body }), said)
  }
  const send = async (what: Request<{ readonly id: number }>, said: string) => {
    const outcome = await enter({
      title: said,
      where: `${page.code} ${page.name}`,
      page: `/pots/${page.id}`,
      ...what,
    })
    if (outcome?.kind === 'answered') await done(outcome.data.id, said)
    if (outcome?.kind === 'waiting') {
      setHarvest('')
      setSign('')
    }
  }
  const done = async (id: number, said: string) => {
    const toast = {
      text: words.kept(said),
      undo: request('POST /api/containers/log/[id]/counts', {
        params: { id },
        body: { counts: false },
      }),
    } as const
    // The log is shown anew by the next entry, or when the photo has arrived.
    if ((await ourOutbox()).isCarrying()) return showToast(toast)
    showToastOnNextPage(toast)
    window.location.reload()
  }

  const keepPhoto = async (photo: Blob | null) => {
    if (!photo) return
    const body = { jpeg: await base64Of(photo), note: '' }
    const asked = request('POST /api/containers/[id]/photos', { params: { id: page.id }, body })
    await send(asked, logWords.kinds.photo)
  }

  return (
    <div className={styles.quick}>
      <LogKeys onTap={(kind, value, said) => void write(kind, { value }, said)} />
      <div className={styles.fields}>
        <div>
          <QuantityField
            label={logWords.harvest}
            hint={logWords.harvestHint}
            dimension="mass"
            typed={harvest}
            error={errorOf('value')}
            value={harvest}
            onChange={(event) => setHarvest(event.target.value)}
            onKeyDown={(event) => {
              if (event.key !== 'Enter') return
              event.preventDefault()
              if (!grams.problem) void write('harvest', { value: grams.value })
            }}
          />
          <Button
            disabled={isSending || harvest.trim() === ''}
            onClick={() => {
              if (!grams.problem) void write('harvest', { value: grams.value })
            }}
          >
            {logWords.harvestKey}
          </Button>
        </div>
        <div>
          <TextField
            label={logWords.problem}
            hint={hintFor(sign, matches, logWords.problemHint)}
            value={sign}
            onChange={(event) => setSign(event.target.value)}
            onKeyDown={(event) => event.key === 'Enter' && event.preventDefault()}
          />
          {matches.length > 0 && (
            <ul className={styles.matches}>
              {matches.map(({ id, name, signs }) => (
                <li key={id}>
                  <button
                    type="button"
                    className={styles.match}
                    onClick={() => void write('problem', { problemId: id }, name)}
                  >
                    {name}
                    <small>{signs}</small>
                  </button>
                </li>
              ))}
            </ul>
          )}
        </div>
      </div>
      <PhotoField label={words.photo} onPhoto={(taken) => void keepPhoto(taken)} />
      <ProblemNotice problem={problem} />
    </div>
  )
}
