import type { Problem } from '../messages/problem'
import { LinkButton } from '../ui/Button'
import { Notice } from '../ui/Notice'
import { common as commonWords } from '../ui/texts/common'
import styles from './ProblemPage.module.css'

/** In place of a page that cannot be shown: what happened and where to go. */
export default function ProblemPage({
  problem,
  back,
}: {
  problem: Pick<Problem, 'detail' | 'plantGroup'> & Partial<Pick<Problem, 'status'>>
  back: string
}) {
  return (
    <div className={styles.page}>
      <h1>{problem.status === 422 ? commonWords.notLikeThis : commonWords.cannotShow}</h1>
      <Notice tone="stop">{problem.detail}</Notice>
      <p>
        {problem.plantGroup && (
          <LinkButton weight="main" href={`/mixes/design?group=${problem.plantGroup}`}>
            {commonWords.designItsMix}
          </LinkButton>
        )}{' '}
        <LinkButton href={back}>{commonWords.goBack}</LinkButton>
      </p>
    </div>
  )
}
