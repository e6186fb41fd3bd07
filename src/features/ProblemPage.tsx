import type { Problem } from '../messages/problem'
import { LinkButton } from '../ui/Button'
import { Notice } from '../ui/Notice'
import { texts } from '../ui/texts'

/** In place of a page that cannot be shown: what happened and where to go. */
export default function ProblemPage({
  problem,
  back,
}: {
  problem: Pick<Problem, 'detail'>
  back: string
}) {
  return (
    <>
      <h1>{texts.common.product}</h1>
      <Notice tone="stop">{problem.detail}</Notice>
      <p>
        <LinkButton href={back}>{texts.common.goBack}</LinkButton>
      </p>
    </>
  )
}
