import { Button } from './Button'
import styles from './Field.module.css'
import { useSite } from './SiteContext'
import { ask } from './send'
import { common as commonWords } from './texts/common'

/** The three ways in which meters count ppm, for 1 mS/cm. */
const FACTORS = [500, 640, 700] as const

/** Asked once: what the salt meter shows for 1 mS/cm. */
export function PpmFactor({ onSaid }: { readonly onSaid: (ppmPerDsM: number) => void }) {
  const { site } = useSite()
  const say = async (ppmPerDsM: (typeof FACTORS)[number]) => {
    const answer = await ask('PUT /api/site/ppm', { body: { ppmPerDsM } })
    if (!answer.ok) return
    // Every field of this page reads it from the site.
    Object.assign(site.measures, { ppmPerDsM })
    onSaid(ppmPerDsM)
  }
  return (
    <div className={styles.chips}>
      {FACTORS.map((factor) => (
        <Button key={factor} onClick={() => void say(factor)}>
          {commonWords.ppmFactor(factor)}
        </Button>
      ))}
    </div>
  )
}
