import type { CandidatesPage, CandidatesTrial } from '../../../messages/trials/candidateViews'
import type { Format } from '../../../ui/format'
import { candidates as words } from '../../../ui/texts/mixes/candidates'
import { trialRows } from './candidateTrialRows'
import { potRows } from './potRows'
import type { RowMaker, SheetGroup } from './sheet'
import { benchRows, lookRows, sunkRows, weedRows } from './testRows'
import { whatRows } from './whatRows'

/** Everything that is known, in groups; rows of which nothing is known of any are left out. */
export function sheetGroups(page: CandidatesPage, format: Format): SheetGroup[] {
  const row: RowMaker = (key, name, cellOf, href) => {
    const cells = page.candidates.map(cellOf)
    const isKnown = cells.some((cell) => cell !== null)
    return isKnown ? [{ key, name, cells, ...(href ? { href } : {}) }] : []
  }
  const fill = format.plain(format.cm(page.fillHeightCm))
  const groups: SheetGroup[] = [
    { key: 'what', name: words.groups.what, rows: whatRows(format, row) },
    { key: 'pot', name: words.groups.pot(page.potName, fill), rows: potRows(page, format, row) },
    { key: 'bench', name: words.groups.bench, rows: benchRows(page, format, row) },
    { key: 'sunk', name: words.groups.sunk, rows: sunkRows(page, format, row) },
    { key: 'weeds', name: words.groups.weeds, rows: weedRows(page, format, row) },
    { key: 'look', name: words.groups.look, rows: lookRows(format, row) },
    ...page.trials.map((trial) => trialGroup(trial, page, format)),
  ]
  return groups.filter(({ rows, note }) => rows.length > 0 || note !== undefined)
}

function trialGroup(
  trial: CandidatesTrial,
  { candidates }: Pick<CandidatesPage, 'candidates'>,
  format: Format,
): SheetGroup {
  const { name, trialId, cropName, state, isVoid, isHidden } = trial
  // As it is called here, where it is one of the candidates.
  const control = trial.treatments.findIndex((one) => one?.number === 0)
  const controlName = candidates[control]?.name ?? trial.controlName
  const standing = isHidden
    ? words.trial.hidden
    : isVoid
      ? words.trial.void
      : state === 'closed'
        ? ''
        : words.trial.running
  return {
    key: `trial ${trialId}`,
    name,
    href: `/trials/${trialId}/results`,
    note: [words.trial.head(cropName, controlName), standing].filter(Boolean).join('; '),
    isVoid,
    rows: isHidden ? [] : trialRows(trial, controlName, format),
  }
}
