import { BarChart, LineChart, ScatterChart } from 'echarts/charts'
import { GridComponent, MarkAreaComponent } from 'echarts/components'
import { type EChartsType, init, use } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import type { Axis, ChartSpec, Series, Tone } from './chartSpec'
import { AXIS_PARTS, LINE_PX, spreadLabels } from './spreadLabels'

use([BarChart, LineChart, ScatterChart, GridComponent, MarkAreaComponent, SVGRenderer])

export type Palette = Readonly<Record<Tone | 'band' | 'short', string>>

export type { EChartsType }

/** Room beside a chart for the names of its lines; longer ones break. */
const NAME_PX = 100

/** Puts a chart into an element and keeps its width; returns it with a way to take it out again. */
export function drawChart(element: HTMLElement): { chart: EChartsType; remove: () => void } {
  const chart = init(element, null, { renderer: 'svg' })
  const watcher = new ResizeObserver(() => chart.resize())
  watcher.observe(element)
  return {
    chart,
    remove: () => {
      watcher.disconnect()
      chart.dispose()
    },
  }
}

/** Direct labels instead of a legend, axes with units, bars from zero, nothing that moves. */
export function optionOf(spec: ChartSpec, colours: Palette, font: string, fontPx: number) {
  const text = { color: colours.quiet, fontFamily: font, fontSize: fontPx }
  const [firstSeries] = spec.series
  const shifts = spreadLabels(spec)
  return {
    animation: false,
    textStyle: text,
    // Room on the right for the names of the lines, above for that of the y axis.
    grid: { left: 8, right: NAME_PX + 8, top: 34, bottom: 6, containLabel: true },
    xAxis: {
      ...axisOf(spec.x, text, colours),
      nameLocation: 'end',
      nameGap: 8,
      name: '',
    },
    yAxis: {
      ...axisOf(spec.y, text, colours),
      name: labelOf(spec.y),
      nameTextStyle: { ...text, align: 'left' },
      splitNumber: AXIS_PARTS,
    },
    series: spec.series.map((series, index) => ({
      ...seriesOf(series, colours, text, shifts[index] ?? 0),
      ...(series === firstSeries ? stretchesOf(spec, colours, text) : {}),
    })),
  }
}

export function labelOf({ name, unit }: Axis): string {
  return unit ? `${name}, ${unit}` : name
}

function axisOf(axis: Axis, text: object, colours: Palette) {
  return {
    type: axis.places ? ('category' as const) : axis.log ? ('log' as const) : ('value' as const),
    ...(axis.places ? { data: [...axis.places] } : {}),
    ...(axis.min === undefined ? {} : { min: axis.min }),
    ...(axis.max === undefined ? {} : { max: axis.max }),
    axisLabel: { ...text, hideOverlap: true },
    axisLine: { show: true, lineStyle: { color: colours.quiet } },
    axisTick: { show: false },
    splitLine: { show: false },
  }
}

function seriesOf(series: Series, colours: Palette, text: object, shiftPx: number) {
  const colour = colours[series.tone]
  const data = series.points.map(([x, y]) => [x, y])
  const label = { ...text, color: colour, formatter: series.name }
  const peak = series.points.reduce(
    (best, [, y], at) => (y > (series.points[best]?.[1] ?? 0) ? at : best),
    0,
  )
  switch (series.kind) {
    case 'line':
      return {
        type: 'line' as const,
        name: series.name,
        data:
          series.nameAt === 'peak'
            ? data.map((value, at) => ({
                value,
                label: { show: at === peak, position: 'top' as const, ...label },
              }))
            : data,
        // A label needs a symbol, even one of no size.
        showSymbol: series.nameAt === 'peak',
        symbolSize: 0,
        lineStyle: {
          color: colour,
          width: series.isThin ? 1 : 2,
          opacity: series.isThin ? 0.45 : 1,
          type: series.dashed ? ('dashed' as const) : 'solid',
        },
        endLabel: {
          show: series.nameAt !== 'peak' && !series.isThin,
          distance: 6,
          offset: [0, shiftPx],
          width: NAME_PX,
          overflow: 'break' as const,
          lineHeight: LINE_PX,
          ...label,
        },
      }
    case 'dots':
      return {
        type: 'scatter' as const,
        name: series.name,
        data,
        symbolSize: 8,
        itemStyle: { color: colour },
        label: { show: series.named ?? false, position: 'right' as const, ...label },
      }
    case 'bars':
      return {
        type: 'bar' as const,
        name: series.name,
        data: data.map(([, y]) => y),
        itemStyle: { color: colour },
        barMaxWidth: 36,
        label: { show: true, position: 'top' as const, ...text, color: colours.ink },
      }
  }
}

function stretchesOf({ stretches = [] }: ChartSpec, colours: Palette, text: object) {
  if (stretches.length === 0) return {}
  return {
    markArea: {
      silent: true,
      label: { ...text, position: 'insideTopLeft' as const },
      data: stretches.map(({ axis, from, to, name, tone = 'wanted' }) => [
        {
          name,
          [`${axis}Axis`]: from,
          itemStyle:
            tone === 'short'
              ? { color: colours.short, opacity: 1 }
              : { color: colours.band, opacity: 0.5 },
        },
        { [`${axis}Axis`]: to },
      ]),
    },
  }
}
