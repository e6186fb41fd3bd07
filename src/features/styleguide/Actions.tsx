import { useState } from 'react'
import { Button, LinkButton } from '../../ui/Button'
import { FilterChips } from '../../ui/Chips'
import { styleguide as styleguideWords } from '../../ui/texts/styleguide'
import styles from './Styleguide.module.css'

const words = styleguideWords

export function Look() {
  const { look } = words
  return (
    <>
      <div className={styles.row}>
        {(['ok', 'act', 'stop', 'water', 'loam'] as const).map((tone) => (
          <span key={tone} className={styles.swatch}>
            <span className={`${styles.colour} ${styles[tone]}`} />
            {look.tones[tone]}
          </span>
        ))}
        <span className={`${styles.swatch} ${styles.quiet}`}>{look.quietOn}</span>
      </div>
      <h3>{look.headings}</h3>
      <p>
        {look.body}. {look.yellow}
      </p>
    </>
  )
}

export function Actions() {
  const { actions } = words
  const [shown, setShown] = useState<(keyof typeof actions.chipNames)[]>(['growing'])
  return (
    <>
      <div className={styles.row}>
        <Button weight="main">{actions.main}</Button>
        <Button>{actions.plain}</Button>
        <Button disabled>{actions.disabled}</Button>
        <LinkButton href="/lots">{actions.link}</LinkButton>
        <Button weight="quiet">{actions.quiet}</Button>
      </div>
      <FilterChips
        label={actions.chips}
        options={(['growing', 'over', 'store'] as const).map((value) => ({
          value,
          label: actions.chipNames[value],
        }))}
        chosen={shown}
        onChange={setShown}
      />
    </>
  )
}
