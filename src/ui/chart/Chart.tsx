import { useEffect, useRef, useState } from 'react'
import { Button } from '../Button'
import { useSite } from '../SiteContext'
import { chart as chartWords } from '../texts/parts'
import styles from './Chart.module.css'
import { type ChartSpec, chartRows } from './chartSpec'
import type { EChartsType } from './drawChart'
import { readPalette } from './palette'
import { saveCsv, savePng, saveSvg } from './saveChart'

/** A chart with its sentence, its numbers and ways to save it. The drawing is loaded once the page stands. */
export function Chart({ spec }: { readonly spec: ChartSpec }) {
  const canvas = useRef<HTMLDivElement>(null)
  const chart = useRef<EChartsType | null>(null)
  const [drawn, setDrawn] = useState(false)
  const [failed, setFailed] = useState(false)
  const [tries, setTries] = useState(1)

  useEffect(() => {
    const element = canvas.current
    if (!element) return
    let remove: (() => void) | null = null
    let left = false
    const load = async () => {
      const { drawChart, optionOf } = await import('./drawChart')
      if (left) return
      const put = drawChart(element)
      remove = put.remove
      chart.current = put.chart
      const draw = () => {
        const style = getComputedStyle(element)
        // Double quotes would end the attribute the saved picture puts it in.
        const font = style.fontFamily.replaceAll('"', "'")
        const fontPx = Math.round(Number.parseFloat(style.fontSize))
        put.chart.setOption(optionOf(spec, readPalette(element), font, fontPx), true)
      }
      draw()
      setDrawn(true)
      setFailed(false)
      window.addEventListener('innings:theme', draw)
      const removeChart = remove
      remove = () => {
        window.removeEventListener('innings:theme', draw)
        removeChart()
      }
    }
    // A lost connection: the sentence and the numbers are there all the same.
    load().catch(() => setFailed(true))
    return () => {
      left = true
      remove?.()
      chart.current = null
    }
  }, [spec, tries])

  const svg = () => chart.current?.renderToSVGString() ?? ''
  return (
    <figure className={styles.chart}>
      <figcaption>
        <h3>{spec.title}</h3>
        <p>{spec.says}</p>
      </figcaption>
      <div
        className={styles.canvas}
        ref={canvas}
        role="img"
        aria-label={spec.says}
        data-drawn={drawn}
      />
      {failed && (
        <p className={styles.failed} role="status">
          {chartWords.failed}{' '}
          <Button weight="quiet" onClick={() => setTries((before) => before + 1)}>
            {chartWords.again}
          </Button>
        </p>
      )}
      <p className={styles.axis}>{spec.x.unit ? `${spec.x.name}, ${spec.x.unit}` : spec.x.name}</p>
      <div className={styles.foot}>
        <Numbers spec={spec} />
        <span className={styles.save} data-screen>
          {chartWords.save}
          <Button weight="quiet" disabled={!drawn} onClick={() => saveSvg(svg(), spec.title)}>
            {chartWords.svg}
          </Button>
          <Button
            weight="quiet"
            disabled={!drawn}
            onClick={() => {
              const ground = canvas.current && getComputedStyle(canvas.current).backgroundColor
              void savePng(svg(), spec.title, ground ?? 'white')
            }}
          >
            {chartWords.png}
          </Button>
          <Button weight="quiet" onClick={() => void saveCsv(spec)}>
            {chartWords.csv}
          </Button>
        </span>
      </div>
    </figure>
  )
}

const MOST_ROWS = 40

/** The numbers behind a chart, thinned where there are very many: the CSV has all. */
function Numbers({ spec }: { readonly spec: ChartSpec }) {
  const { format } = useSite()
  const [head = [], ...rows] = chartRows(spec)
  const every = Math.ceil(rows.length / MOST_ROWS)
  const written = (value: string | number) =>
    typeof value === 'number' ? format.number(value, Number.isInteger(value) ? 0 : 2) : value
  return (
    <details className={styles.numbers}>
      <summary>{chartWords.numbers}</summary>
      <table>
        <thead>
          <tr>
            {head.map((name) => (
              <th key={name}>{name}</th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows
            .filter((_, index) => index % every === 0)
            .map((row) => (
              <tr key={row[0]}>
                {row.map((value, column) => (
                  <td key={head[column]}>{written(value)}</td>
                ))}
              </tr>
            ))}
        </tbody>
      </table>
    </details>
  )
}
