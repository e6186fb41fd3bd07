import type { MixAnswer } from '../../core/mixes'
import { mixes as mixesWords } from '../../ui/texts/mixes/mixes'
import { WhyText } from '../../ui/WhyText'
import { type MixFacts, type MixWhyKey, mixWhy } from './whyOfMix'

export interface MixWhyProps {
  readonly asked: MixWhyKey
  readonly answer: MixAnswer
  readonly facts: MixFacts
  readonly onClose: () => void
}

/** The arithmetic of the mix's number that was asked. */
export function MixWhy({ asked, answer, facts, onClose }: MixWhyProps) {
  const title = mixesWords.design.whyOf[asked]
  return <WhyText title={title} why={mixWhy(asked, answer, facts)} onClose={onClose} />
}
