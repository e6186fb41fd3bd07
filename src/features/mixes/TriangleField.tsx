import { type KeyboardEvent, type PointerEvent, useRef } from 'react'
import type { TrianglePoint } from '../../core/media'
import type { Wish } from '../../messages/mixes/mixViews'
import { useSite } from '../../ui/SiteContext'
import { mixPictures } from '../../ui/texts/mixes/mixPictures'
import styles from './TriangleField.module.css'
import { pointOf, type Shares, sharesAt, stepped, TRIANGLE } from './triangleGeometry'

const words = mixPictures.triangle
const LARGEST_PX = 10.5
/** Air, or water, that draws the largest bubble. */
const LARGEST_SHARE = 0.5

/** A field of bubbles: the larger, the more air (rings) or water (drops); filled where the crop wants it. */
export function TriangleField({
  field,
  names,
  shown,
  wish,
  shares,
  onMove,
}: {
  readonly field: readonly TrianglePoint[]
  /** Fibre, compost, aggregate. */
  readonly names: readonly string[]
  readonly shown: 'air' | 'available'
  readonly wish: Wish | null
  /** null while none of the three is in the mix. */
  readonly shares: Shares | null
  readonly onMove: (shares: Shares) => void
}) {
  const { format } = useSite()
  const svg = useRef<SVGSVGElement>(null)
  const percent = (share: number) => format.plain(format.percent(share))
  const [fibre = '', compost = '', aggregate = ''] = names
  const sharesText = shares
    ? names.map((name, i) => `${name} ${percent(shares[i] ?? 0)}`).join(', ')
    : ''
  const corners = [pointOf([1, 0, 0]), pointOf([0, 1, 0]), pointOf([0, 0, 1])] as const

  const drag = (event: PointerEvent) => {
    const box = svg.current?.getBoundingClientRect()
    if (!box || event.buttons !== 1) return
    const scale = TRIANGLE.width / box.width
    onMove(sharesAt((event.clientX - box.left) * scale, (event.clientY - box.top) * scale))
  }
  const press = (event: KeyboardEvent) => {
    const next = shares && stepped(shares, event.key)
    if (!next) return
    event.preventDefault()
    onMove(next)
  }
  const point = shares && pointOf(shares)
  return (
    <figure className={styles.figure}>
      <svg
        ref={svg}
        className={styles.field}
        viewBox={`0 0 ${TRIANGLE.width} ${TRIANGLE.height}`}
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId)
          drag(event)
        }}
        onPointerMove={drag}
      >
        <title>{words.label(fibre, compost, aggregate)}</title>
        <path
          className={styles.edge}
          d={`M${corners.map(({ x, y }) => `${x.toFixed(1)} ${y.toFixed(1)}`).join('L')}Z`}
        />
        {field.map(({ shares: at, air, available }) => {
          const { x, y } = pointOf(at)
          const value = shown === 'air' ? air : available
          const wanted =
            shown === 'air' && wish !== null && air >= wish.airMin && air <= wish.airMax
          return (
            <circle
              key={at.join(' ')}
              cx={x}
              cy={y}
              r={Math.max(1, LARGEST_PX * Math.sqrt(Math.min(1, value / LARGEST_SHARE)))}
              className={shown === 'available' ? styles.water : wanted ? styles.wanted : styles.air}
            />
          )
        })}
        <text className={styles.name} x={corners[0].x - 14} y={corners[0].y + 24}>
          {fibre}
        </text>
        <text className={styles.name} x={corners[1].x + 14} y={corners[1].y + 24} textAnchor="end">
          {compost}
        </text>
        <text className={styles.name} x={corners[2].x} y={corners[2].y - 12} textAnchor="middle">
          {aggregate}
        </text>
        {point && (
          <g
            role="slider"
            tabIndex={0}
            className={styles.point}
            aria-label={words.point}
            aria-valuemin={0}
            aria-valuemax={100}
            aria-valuenow={Math.round((shares?.[2] ?? 0) * 100)}
            aria-valuetext={sharesText}
            onKeyDown={press}
          >
            <circle cx={point.x} cy={point.y} r={15} className={styles.halo} />
            <path
              d={`M${point.x - 9} ${point.y}h18M${point.x} ${point.y - 9}v18`}
              className={styles.cross}
            />
          </g>
        )}
      </svg>
      <figcaption>
        {shown === 'air'
          ? wish
            ? words.airLegend(percent(wish.airMin), percent(wish.airMax))
            : words.airOnly
          : words.waterLegend}
        {sharesText && <strong> {words.now(sharesText)}</strong>}
      </figcaption>
    </figure>
  )
}
