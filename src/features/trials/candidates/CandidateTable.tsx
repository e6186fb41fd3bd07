import { Fragment, useState } from 'react'
import type { Candidate, CandidatesPage } from '../../../messages/trials/candidateViews'
import { CoreSample } from '../../../ui/pictures/CoreSample'
import { Sideways } from '../../../ui/Sideways'
import { useSite } from '../../../ui/SiteContext'
import { candidates as words } from '../../../ui/texts/mixes/candidates'
import { MixWhy } from '../../mixes/MixWhy'
import type { MixWhyKey } from '../../mixes/whyOfMix'
import { CandidateCell } from './CandidateCell'
import styles from './Candidates.module.css'
import { sheetGroups } from './candidateRows'
import { sheetAddress } from './sheetAddress'

interface Asked {
  readonly row: string
  readonly candidate: string
  readonly why: MixWhyKey
}

/** Its columns have their names right above it. */
const FIRST = 'what'

/** A column a candidate, the best first by what matters most; a row for all that is known of any. */
export function CandidateTable({
  page,
  order,
}: {
  readonly page: CandidatesPage
  readonly order: readonly number[]
}) {
  const { format } = useSite()
  const [asked, setAsked] = useState<Asked | null>(null)
  const inOrder = order.flatMap((at) => {
    const candidate = page.candidates[at]
    return candidate ? [{ at, candidate }] : []
  })
  const width = inOrder.length + 1
  return (
    <Sideways label={words.title}>
      <table className={styles.sheet}>
        <thead>
          <tr>
            <td />
            {inOrder.map(({ at, candidate }) => (
              <th key={candidate.key} scope="col">
                <Head page={page} candidate={candidate} isYardstick={at === 0 && width > 2} />
              </th>
            ))}
          </tr>
        </thead>
        {sheetGroups(page, format).map(({ key, name, href, note, isVoid, rows }) => (
          <tbody key={key} className={isVoid ? styles.greyed : undefined}>
            <tr className={styles.group}>
              <th scope="rowgroup" colSpan={width}>
                <span className={styles.stay}>
                  {href ? <a href={href}>{name}</a> : name}
                  {note && <small>{note}</small>}
                </span>
              </th>
            </tr>
            {key !== FIRST && rows.length > 0 && (
              <tr className={styles.again}>
                <td />
                {inOrder.map(({ candidate }) => (
                  <td key={candidate.key}>{candidate.name}</td>
                ))}
              </tr>
            )}
            {rows.map((row) => (
              <Fragment key={row.key}>
                <tr>
                  <th scope="row">{row.href ? <a href={row.href}>{row.name}</a> : row.name}</th>
                  {inOrder.map(({ at, candidate }) => {
                    const cell = row.cells[at] ?? null
                    const isAsked = asked?.row === row.key && asked.candidate === candidate.key
                    return (
                      <td key={candidate.key}>
                        <CandidateCell
                          cell={cell}
                          name={`${row.name}, ${candidate.name}`}
                          pressed={isAsked}
                          onAsk={(why) =>
                            setAsked(
                              isAsked ? null : { row: row.key, candidate: candidate.key, why },
                            )
                          }
                        />
                      </td>
                    )
                  })}
                </tr>
                {asked?.row === row.key && (
                  <tr>
                    <td colSpan={width} className={styles.why}>
                      <Why page={page} asked={asked} onClose={() => setAsked(null)} />
                    </td>
                  </tr>
                )}
              </Fragment>
            ))}
          </tbody>
        ))}
      </table>
    </Sideways>
  )
}

function Why({
  page,
  asked,
  onClose,
}: {
  readonly page: CandidatesPage
  readonly asked: Asked
  readonly onClose: () => void
}) {
  const candidate = page.candidates.find(({ key }) => key === asked.candidate)
  if (!candidate?.answer) return null
  const { cost, costLitres, answer } = candidate
  const { wish, place, fillHeightCm } = page
  return (
    <MixWhy
      asked={asked.why}
      answer={answer}
      facts={{ wish, place, fillHeightCm, cost, partLitres: costLitres }}
      onClose={onClose}
    />
  )
}

function Head({
  page,
  candidate: { key, kind, name, version, address, strata, standardFor },
  isYardstick,
}: {
  readonly page: CandidatesPage
  readonly candidate: Candidate
  readonly isYardstick: boolean
}) {
  return (
    <div className={styles.head}>
      <CoreSample strata={strata} size="row" />
      <div>
        {address ? <a href={address}>{name}</a> : name}
        <small>
          {[words.kinds[kind], version !== null && words.version(version)]
            .filter(Boolean)
            .join(', ')}
        </small>
        {isYardstick && <small>{words.yardstick}</small>}
        {standardFor.map(({ trialId, trialName, cropName }) => (
          <small key={`${trialId} ${cropName}`}>
            <a href={`/trials/${trialId}/results`} title={trialName}>
              {words.standard(cropName)}
            </a>
          </small>
        ))}
        <a
          className={styles.off}
          href={sheetAddress(page, { of: page.of.filter((one) => one !== key) })}
          aria-label={words.takeOff(name)}
        >
          {words.takeOffShort}
        </a>
      </div>
    </div>
  )
}
