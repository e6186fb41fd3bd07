import type { LogView, PlantingView, PotPage } from '../../messages/containers/potViews'
import { Button } from '../../ui/Button'
import { ProblemNotice } from '../../ui/Notice'
import { addressOf, request } from '../../ui/request'
import { useSite } from '../../ui/SiteContext'
import { containers as words } from '../../ui/texts/containers/containers'
import { movedPlants as moveWords } from '../../ui/texts/containers/movedPlants'
import { potLog as logWords } from '../../ui/texts/containers/potLog'
import { showToastOnNextPage } from '../../ui/toast'
import { useSend } from '../../ui/useSend'
import { EarlierForm } from './EarlierForm'
import photo from './PotPhoto.module.css'
import styles from './Pots.module.css'

/** A planting that stands now, in a line. */
export function Growing({ planting }: { readonly planting: PlantingView }) {
  const { format } = useSite()
  return (
    <>
      <h2>{planting.cropName}</h2>
      <p>
        {[
          planting.cultivar,
          words.hows[planting.how],
          planting.count !== null && words.howMany(planting.count),
          planting.despite && words.plantedDespite(planting.despite),
        ]
          .filter(Boolean)
          .join(' · ')}
        {planting.movedFrom && (
          <>
            {' · '}
            <a href={`/pots/${planting.movedFrom.id}`}>
              {moveWords.from(planting.movedFrom.code, format.day(planting.startedOn))}
            </a>
            {`, ${moveWords.first(format.day(planting.movedFrom.firstOn))}`}
          </>
        )}
      </p>
    </>
  )
}

/** What grew in the pot before, the newest first. */
export function History({ page }: { readonly page: PotPage }) {
  const { past, growing, lot } = page
  const first = [...past, ...growing]
    .map(({ startedOn }) => Number(startedOn.slice(0, 4)))
    .sort()[0]
  return (
    <section aria-labelledby="history" className={styles.planting}>
      <h2 id="history">{words.history}</h2>
      {past.length === 0 ? (
        <p>{words.noHistory}</p>
      ) : (
        <ol className={styles.rows}>
          {past.map((one) => (
            <Past key={one.id} planting={one} />
          ))}
        </ol>
      )}
      {lot && (
        <details data-needs="manage">
          <summary>{words.earlier}</summary>
          <EarlierForm
            id={page.id}
            crops={page.crops}
            problems={page.problems}
            before={first ?? null}
          />
        </details>
      )}
    </section>
  )
}

function Past({ planting }: { readonly planting: PlantingView }) {
  const { format } = useSite()
  const { problem, isSending, deliver } = useSend()
  const start = format.day(planting.startedOn)
  const ending = planting.endedWhy && words.endings[planting.endedWhy as keyof typeof words.endings]
  const takeBack = async () => {
    if (isSending) return
    const { id } = planting
    if (!(await deliver('POST /api/containers/plantings/[id]/take-end-back', { params: { id } })))
      return
    showToastOnNextPage({ text: words.tookBack(planting.cropName) })
    window.location.reload()
  }
  return (
    <li>
      <strong>{planting.cropName}</strong>{' '}
      {planting.yearOnly
        ? planting.startedOn.slice(0, 4)
        : planting.endedOn
          ? words.from(start, format.day(planting.endedOn))
          : words.withLot(start)}
      {' · '}
      <a href={`/lots/${planting.lotId}`}>{words.in(planting.lotName)}</a>
      {planting.growth !== null && ` · ${words.score(planting.growth)}`}
      {planting.harvestG !== null && ` · ${format.plain(format.grams(planting.harvestG))}`}
      {planting.movedTo ? (
        <>
          {' · '}
          <a href={`/pots/${planting.movedTo.id}`}>{moveWords.to(planting.movedTo.code)}</a>
        </>
      ) : (
        ending && ` · ${ending.toLowerCase()}`
      )}
      {planting.note && ` · ${planting.note}`}
      {planting.canReopen && (
        <>
          {' '}
          <Button weight="quiet" data-needs="manage" onClick={() => void takeBack()}>
            {words.takeBack}
          </Button>
        </>
      )}
      <ProblemNotice problem={problem} />
    </li>
  )
}

/** What was written down at the pot, the newest first; each can be taken back. */
export function Log({ page: { log } }: { readonly page: PotPage }) {
  return (
    <section aria-labelledby="log" className={styles.planting}>
      <h2 id="log">{words.logTitle}</h2>
      {log.length === 0 ? (
        <p>{words.noLog}</p>
      ) : (
        <ol className={styles.rows}>
          {log.map((entry) => (
            <Entry key={entry.id} entry={entry} />
          ))}
        </ol>
      )}
    </section>
  )
}

function Entry({ entry }: { readonly entry: LogView }) {
  const { format } = useSite()
  const { isSending, deliver } = useSend()
  const { id, kind, value, problemName, photoId, note } = entry
  const day = format.day(entry.on)
  const what =
    kind === 'growth' && value !== null
      ? logWords.growthOf(value)
      : kind === 'harvest' && value !== null
        ? `${logWords.kinds.harvest} ${format.plain(format.grams(value))}`
        : value !== null
          ? logWords.measured(kind, format.number(value, Number.isInteger(value) ? 0 : 1))
          : (problemName ?? logWords.kinds[kind])
  const takeBack = async () => {
    if (isSending) return
    if (
      !(await deliver('POST /api/containers/log/[id]/counts', {
        params: { id },
        body: { counts: false },
      }))
    )
      return
    showToastOnNextPage({
      text: words.takenBack(what),
      undo: request('POST /api/containers/log/[id]/counts', {
        params: { id },
        body: { counts: true },
      }),
    })
    window.location.reload()
  }
  return (
    <li>
      {day} ·{' '}
      {photoId === null ? (
        <strong>{what}</strong>
      ) : (
        <a
          href={addressOf('GET /api/photos/[id]', { params: { id: photoId } })}
          className={photo.photo}
        >
          <img
            src={addressOf('GET /api/photos/[id]', { params: { id: photoId } })}
            alt={words.photoOf(day)}
            loading="lazy"
          />
        </a>
      )}
      {note && ` · ${note}`}{' '}
      <Button
        weight="quiet"
        aria-label={words.takeEntryBack(what, day)}
        onClick={() => void takeBack()}
      >
        {words.takeBackShort}
      </Button>
    </li>
  )
}
