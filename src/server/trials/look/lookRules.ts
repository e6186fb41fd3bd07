import type { Trial } from '../../../data/trials'
import { refuseField } from '../../problem'

/** Seeds in each pot; 0: nothing is sown, or plants went in. */
export function seedsOf({ how, perPot }: Pick<Trial, 'how' | 'perPot'>): number {
  return how === 'sown' ? perPot : 0
}

/** @throws Refused where the day lies before the trial began, or has not come */
export function requireLookDay(
  { plantedOn }: Pick<Trial, 'plantedOn'>,
  on: string,
  today: string,
): string {
  if (plantedOn !== null && on < plantedOn) {
    refuseField('on', 'The trial was not planted yet on that day.')
  }
  if (on > today) refuseField('on', 'That day has not come yet.')
  return on
}
