import { Button } from '../Button'
import { list as listWords } from '../texts/list'
import styles from './ChoiceSentence.module.css'
import type { Chosen } from './chosen'

/** Brings the boxes of a list out on a phone; a wide screen always has them. */
export function ChooseKey({ chosen }: { readonly chosen: Chosen }) {
  return (
    <span className={styles.choose} hidden={chosen.isChoosing}>
      <Button weight="quiet" onClick={chosen.beginChoosing}>
        {listWords.choose}
      </Button>
    </span>
  )
}
