import { useSite } from '../../ui/SiteContext'
import styles from './Fill.module.css'

/** What is measured out, with its litres. */
export function PartsList({
  parts,
}: {
  readonly parts: readonly { readonly name: string; readonly litres: number }[]
}) {
  const { format } = useSite()
  return (
    <ul className={styles.parts}>
      {parts.map(({ name, litres }) => (
        <li key={name}>
          <span>{name}</span> <strong>{format.plain(format.litres(litres))}</strong>
        </li>
      ))}
    </ul>
  )
}
