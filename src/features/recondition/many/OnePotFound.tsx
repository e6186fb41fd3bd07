import type { ProblemChoice } from '../../../messages/media/found'
import type { WaitingPot } from '../../../messages/recondition/manyFound'
import { Choice, TextField } from '../../../ui/Field'
import { Fold } from '../../../ui/Fold'
import { useSite } from '../../../ui/SiteContext'
import { manyFound as words } from '../../../ui/texts/media/manyFound'
import { foundText } from '../../found/foundText'
import { PotAnswers } from '../intake/PotAnswers'
import styles from './ManyFound.module.css'
import type { Said } from './useManyFound'

/** One pot among many: how it differs, and what is known of it already. */
export function OnePotFound({
  pot,
  said,
  own,
  forAll,
  problems,
  onSay,
}: {
  readonly pot: WaitingPot
  readonly said: Said
  readonly own: Partial<Said>
  readonly forAll: Said
  readonly problems: readonly ProblemChoice[]
  readonly onSay: (more: Partial<Said>) => void
}) {
  const { format } = useSite()
  const ownProblems = own.problems ?? []
  const named = ownProblems.flatMap((id) => problems.find((one) => one.id === id)?.name ?? [])
  const differences = [
    ...(own.drop !== undefined && own.drop !== forAll.drop ? [own.drop] : []),
    ...(own.roots !== undefined && own.roots !== forAll.roots
      ? [words.rootsShort[own.roots].toLowerCase()]
      : []),
    ...(own.side === 'yes' && forAll.side !== 'yes' ? [words.sideRuns] : []),
    ...named,
    ...(own.part ? [words.parted] : []),
  ]
  const summary = differences.length > 0 ? differences.join(', ') : words.asAll
  return (
    <Fold title={`${pot.code} ${pot.name} · ${summary}`}>
      <p className={styles.quiet}>
        {pot.lotName}
        {pot.lastCropName && ` · ${words.after(pot.lastCropName)}`}
        {pot.answers && ` · ${words.looked(format.day(pot.answers.on))}`}
        {pot.sharedWith.length > 0 && ` · ${words.shared(pot.sharedWith.join(', '))}`}
      </p>
      {pot.known.length > 0 && (
        <p>
          <strong>{words.known}:</strong>{' '}
          {pot.known.map((one) => `${foundText(one, format)} (${format.day(one.on)})`).join('; ')}
        </p>
      )}
      <PotAnswers
        name={String(pot.id)}
        said={{ ...said, problems: ownProblems }}
        problems={problems}
        dropHint={words.expected(format.plain(format.cm(pot.expectedDropCm)))}
        yearsHint={words.inningsByLedger(pot.innings)}
        onSay={onSay}
      />
      {pot.sharedWith.length > 0 && (
        <div data-needs="manage">
          <Choice
            kind="checkbox"
            label={words.part}
            options={[{ value: 'part', label: words.partIt, note: words.partNote(pot.lotName) }]}
            isChosen={() => own.part ?? false}
            onChange={(event) => onSay({ part: event.currentTarget.checked })}
          />
        </div>
      )}
      <TextField
        label={words.note}
        value={own.note ?? ''}
        onChange={(event) => onSay({ note: event.currentTarget.value })}
        onKeyDown={(event) => event.key === 'Enter' && event.preventDefault()}
      />
    </Fold>
  )
}
