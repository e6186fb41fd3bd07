import { type ReactNode, useEffect, useRef, useState } from 'react'

/**
 * A folded part of a page: what is in it is made when it is first opened, kept from then on, and may ask whether it is
 * open.
 */
export function Fold({
  title,
  className,
  needs,
  children,
}: {
  readonly title: string
  readonly className?: string | undefined
  /** Who may use what is in it, where that is not everybody. */
  readonly needs?: 'manage'
  readonly children: ReactNode | ((open: boolean) => ReactNode)
}) {
  const details = useRef<HTMLDetailsElement>(null)
  const [open, setOpen] = useState<boolean | null>(null)
  // The browser opens it before the page's script has come.
  useEffect(() => {
    if (details.current?.open) setOpen(true)
  }, [])
  return (
    <details
      ref={details}
      className={className}
      data-needs={needs}
      onToggle={(event) => setOpen(event.currentTarget.open)}
    >
      <summary>{title}</summary>
      {open !== null && (typeof children === 'function' ? children(open) : children)}
    </details>
  )
}
