import type { AnchorHTMLAttributes, ButtonHTMLAttributes } from 'react'
import styles from './Button.module.css'

type Weight = 'main' | 'plain' | 'quiet'

function classOf(weight: Weight): string {
  const extra = weight === 'plain' ? '' : (styles[weight] ?? '')
  return `${styles.button} ${extra}`
}

/** `main` is the one yellow action of a screen. */
export function Button({
  weight = 'plain',
  type = 'button',
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { weight?: Weight }) {
  return <button type={type} className={classOf(weight)} {...rest} />
}

export function LinkButton({
  weight = 'plain',
  children,
  ...rest
}: AnchorHTMLAttributes<HTMLAnchorElement> & { weight?: Weight }) {
  return (
    <a className={classOf(weight)} data-key {...rest}>
      {children}
    </a>
  )
}
