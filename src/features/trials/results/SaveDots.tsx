import { Button } from '../../../ui/Button'
import { chart as chartWords } from '../../../ui/texts/parts'
import { dotsSvg } from './dotsSvg'
import styles from './Results.module.css'

/** The picture of the dots as a file of its own. */
export function SaveDots(picture: Parameters<typeof dotsSvg>[0]) {
  const save = async (as: 'svg' | 'png') => {
    const { savePng, saveSvg } = await import('../../../ui/chart/saveChart')
    const svg = dotsSvg(picture)
    if (as === 'svg') saveSvg(svg, picture.title)
    else await savePng(svg, picture.title, 'white')
  }
  return (
    <p className={styles.save} data-screen>
      {chartWords.save}
      <Button weight="quiet" onClick={() => void save('svg')}>
        {chartWords.svg}
      </Button>
      <Button weight="quiet" onClick={() => void save('png')}>
        {chartWords.png}
      </Button>
    </p>
  )
}
