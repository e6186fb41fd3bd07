import { init } from 'echarts/core'
import type { ChartSpec } from './chartSpec'
import { optionOf, type Palette } from './drawChart'

/** A chart as an SVG text, drawn without a page: for documents. Its axis below is named, as no page does it. */
export function chartSvg(
  spec: ChartSpec,
  colours: Palette,
  { width, height, font }: { width: number; height: number; font: string },
): string {
  const chart = init(null, null, { renderer: 'svg', ssr: true, width, height })
  const option = optionOf(spec, colours, font, 13)
  const name = spec.x.unit ? `${spec.x.name}, ${spec.x.unit}` : spec.x.name
  chart.setOption({
    ...option,
    backgroundColor: '#ffffff',
    grid: { ...option.grid, bottom: 26 },
    xAxis: { ...option.xAxis, name, nameLocation: 'middle', nameGap: 28 },
  })
  const svg = chart.renderToSVGString()
  chart.dispose()
  return svg
}
