import type { LabelSize, LabelView } from '../../messages/labels'
import { labels as words } from '../../ui/texts/containers/labels'
import { fitText } from './fitText'
import styles from './Labels.module.css'

const EDGE = 2.5

interface LabelProps {
  readonly label: LabelView
  readonly size: LabelSize
  /** Of the picture of its mix; null where there is none. */
  readonly mixId: string | null
}

/** One label, drawn in mm from its corner: what it is called, what is in it, and a code that opens its page. */
export function Label(props: LabelProps) {
  return props.size.heightMm > props.size.widthMm ? <Stake {...props} /> : <Card {...props} />
}

/** What stands under the code and its name. */
function linesOf({ kind, place, lotName, innings, crops }: LabelView): string[] {
  const served = innings === null ? [] : [words.innings(innings)]
  const mix = kind === 'lot' ? '' : lotName || words.empty
  return [mix, [place, ...served].filter(Boolean).join(' · '), crops.join(', ')].filter(Boolean)
}

function Card({ label, size: { widthMm, heightMm }, mixId }: LabelProps) {
  const side = heightMm * 0.55
  const coreHeight = heightMm - 2 * EDGE
  const coreWidth = mixId ? coreHeight * 0.22 : 0
  const left = EDGE + (coreWidth > 0 ? coreWidth + 2 : 0)
  const beside = widthMm - left - side - EDGE - 2
  const big = toMicron(Math.min(heightMm * 0.27, beside / (label.code.length * 0.55)))
  const small = toMicron(Math.max(2.3, heightMm * 0.078))
  const pitch = small * 1.25
  const names = fitText(label.name, beside, small, Math.floor((side - big) / pitch))
  const below = EDGE + Math.max(side, big + names.length * pitch) + 0.8
  const room = Math.floor((heightMm - EDGE * 0.6 - below) / pitch)
  const lines = linesOf(label)
    .slice(0, room)
    .map((line) => fitText(line, widthMm - left - EDGE, small, 1)[0] ?? '')
  return (
    <>
      {mixId && <use href={`#${mixId}`} x={EDGE} y={EDGE} width={coreWidth} height={coreHeight} />}
      <text className={styles.code} x={left} y={toMicron(EDGE + big * 0.82)} fontSize={big}>
        {label.code}
      </text>
      {names.map((line, index) => (
        <text
          key={line}
          className={styles.name}
          x={left}
          y={toMicron(EDGE + big + small * 0.9 + pitch * index)}
          fontSize={small}
        >
          {line}
        </text>
      ))}
      {lines.map((line, index) => (
        <text
          key={line}
          className={styles.line}
          x={left}
          y={toMicron(below + small * 0.85 + pitch * index)}
          fontSize={small}
        >
          {line}
        </text>
      ))}
      <Qr label={label} x={widthMm - EDGE - side} y={EDGE} side={side} />
    </>
  )
}

/** Stuck into the mix: what has to be read stands above, and on its side. */
function Stake({ label, size: { widthMm, heightMm }, mixId }: LabelProps) {
  const side = widthMm - 2 * EDGE
  const big = toMicron(Math.min(8, side / (label.code.length * 0.55)))
  const top = EDGE + big + side + 3
  // The lowest third is in the mix.
  const room = heightMm * 0.68 - top
  const small = 3
  const lines = [label.name, ...linesOf(label)].flatMap((line) => fitText(line, room, small, 1))
  return (
    <>
      <text
        className={styles.code}
        x={toMicron(widthMm / 2)}
        y={toMicron(EDGE + big * 0.8)}
        fontSize={big}
        textAnchor="middle"
      >
        {label.code}
      </text>
      <Qr label={label} x={EDGE} y={EDGE + big} side={side} />
      {mixId && <use href={`#${mixId}`} x={EDGE} y={top} width={6} height={room} />}
      <g transform={`translate(${EDGE + 9} ${top + room}) rotate(-90)`}>
        {lines.slice(0, 4).map((line, index) => (
          <text
            key={line}
            className={index === 0 ? styles.name : styles.line}
            x={0}
            y={toMicron(2.4 + index * 3.9)}
            fontSize={small}
          >
            {line}
          </text>
        ))}
      </g>
    </>
  )
}

/** Drawn on the white of the paper: the sheet is one picture, so that nobody is told of each code. */
function Qr({
  label: { address, qr },
  x,
  y,
  side,
}: {
  readonly label: LabelView
  readonly x: number
  readonly y: number
  readonly side: number
}) {
  return (
    <path
      className={styles.qr}
      transform={`translate(${toMicron(x)} ${toMicron(y)}) scale(${side / qr.modules})`}
      d={qr.path}
      data-qr={address}
    />
  )
}

/** No printer is finer; arithmetic leaves more digits than anyone should be sent. */
function toMicron(mm: number): number {
  return Math.round(mm * 1000) / 1000
}
