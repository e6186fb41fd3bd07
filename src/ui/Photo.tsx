import { useEffect, useId, useRef, useState } from 'react'
import { Button } from './Button'
import styles from './Photo.module.css'
import { shrinkPhoto } from './shrinkPhoto'
import { photo as photoWords } from './texts/photo'

/** A photo with what it shows. */
export function Photo({
  src,
  shows,
  caption,
}: {
  readonly src: string
  readonly shows: string
  readonly caption?: string
}) {
  return (
    <figure className={styles.photo}>
      <img src={src} alt={shows} loading="lazy" />
      {caption && <figcaption>{caption}</figcaption>}
    </figure>
  )
}

/** Takes or chooses a photo; it is made smaller before it goes anywhere. */
export function PhotoField({
  label,
  onPhoto,
}: {
  readonly label: string
  readonly onPhoto: (photo: Blob | null) => void
}) {
  const id = useId()
  const input = useRef<HTMLInputElement>(null)
  const [src, setSrc] = useState<string | null>(null)
  const [failed, setFailed] = useState(false)
  useEffect(() => () => void (src && URL.revokeObjectURL(src)), [src])

  const keep = (photo: Blob | null) => {
    setSrc(photo && URL.createObjectURL(photo))
    onPhoto(photo)
  }
  const choose = async (file: File | undefined) => {
    if (!file) return
    try {
      keep(await shrinkPhoto(file))
      setFailed(false)
    } catch {
      setFailed(true)
    }
    if (input.current) input.current.value = ''
  }

  return (
    <div className={styles.field}>
      <span className={styles.label} id={`${id}-label`}>
        {label}
      </span>
      {src && <Photo src={src} shows={label} />}
      <div className={styles.actions}>
        <label className={styles.choose}>
          <input
            ref={input}
            type="file"
            accept="image/*"
            aria-describedby={`${id}-label ${id}-hint`}
            onChange={(event) => choose(event.target.files?.[0])}
          />
          <span>{src ? photoWords.again : photoWords.take}</span>
        </label>
        {src && (
          <Button weight="quiet" onClick={() => keep(null)}>
            {photoWords.remove}
          </Button>
        )}
      </div>
      {failed && (
        <span className={styles.error} role="alert">
          {photoWords.noPhoto}
        </span>
      )}
      <span className={styles.hint} id={`${id}-hint`}>
        {photoWords.hint}
      </span>
    </div>
  )
}
