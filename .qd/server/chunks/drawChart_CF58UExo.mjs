import { BarChart, LineChart, ScatterChart } from 'echarts/charts';
import { GridComponent, MarkAreaComponent } from 'echarts/components';
import { init, use } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';

const PLOT_PX = 190;
const LINE_PX = 15;
const LETTERS = 16;
const AXIS_PARTS = 4;
function axisTop(largest) {
  if (!(largest > 0)) return 0;
  const rough = largest / AXIS_PARTS;
  const power = 10 ** Math.floor(Math.log10(rough));
  const share = rough / power;
  const step = power * (share < 1.5 ? 1 : share < 2.5 ? 2 : share < 4 ? 3 : share < 7 ? 5 : 10);
  return Math.ceil(largest / step - 1e-9) * step;
}
function spreadLabels({ series, y }) {
  const shift = series.map(() => 0);
  const values = series.flatMap(({ points }) => points.map(([, value]) => value));
  const top = y.max ?? axisTop(Math.max(...values, 0));
  const bottom = y.min ?? Math.min(...values, 0);
  const toPx = (value) => (top - value) / Math.max(1e-9, top - bottom) * PLOT_PX;
  const ends = series.map(({ kind, name, nameAt, isThin, points }, index) => ({
    index,
    lines: Math.ceil(name.length / LETTERS),
    named: kind === "line" && nameAt !== "peak" && !isThin,
    px: toPx(points.at(-1)?.[1] ?? 0)
  })).filter(({ named }) => named).sort((a, b) => b.px - a.px);
  let ceiling = Number.POSITIVE_INFINITY;
  for (const { index, px, lines } of ends) {
    const half = lines * LINE_PX / 2;
    const at = Math.min(px, ceiling - half);
    shift[index] = at - px;
    ceiling = at - half;
  }
  return shift;
}

use([BarChart, LineChart, ScatterChart, GridComponent, MarkAreaComponent, SVGRenderer]);
const NAME_PX = 100;
function drawChart(element) {
  const chart = init(element, null, { renderer: "svg" });
  const watcher = new ResizeObserver(() => chart.resize());
  watcher.observe(element);
  return {
    chart,
    remove: () => {
      watcher.disconnect();
      chart.dispose();
    }
  };
}
function optionOf(spec, colours, font, fontPx) {
  const text = { color: colours.quiet, fontFamily: font, fontSize: fontPx };
  const [firstSeries] = spec.series;
  const shifts = spreadLabels(spec);
  return {
    animation: false,
    textStyle: text,
    // Room on the right for the names of the lines, above for that of the y axis.
    grid: { left: 8, right: NAME_PX + 8, top: 34, bottom: 6, containLabel: true },
    xAxis: {
      ...axisOf(spec.x, text, colours),
      nameLocation: "end",
      nameGap: 8,
      name: ""
    },
    yAxis: {
      ...axisOf(spec.y, text, colours),
      name: labelOf(spec.y),
      nameTextStyle: { ...text, align: "left" },
      splitNumber: AXIS_PARTS
    },
    series: spec.series.map((series, index) => ({
      ...seriesOf(series, colours, text, shifts[index] ?? 0),
      ...series === firstSeries ? stretchesOf(spec, colours, text) : {}
    }))
  };
}
function labelOf({ name, unit }) {
  return unit ? `${name}, ${unit}` : name;
}
function axisOf(axis, text, colours) {
  return {
    type: axis.places ? "category" : axis.log ? "log" : "value",
    ...axis.places ? { data: [...axis.places] } : {},
    ...axis.min === void 0 ? {} : { min: axis.min },
    ...axis.max === void 0 ? {} : { max: axis.max },
    axisLabel: { ...text, hideOverlap: true },
    axisLine: { show: true, lineStyle: { color: colours.quiet } },
    axisTick: { show: false },
    splitLine: { show: false }
  };
}
function seriesOf(series, colours, text, shiftPx) {
  const colour = colours[series.tone];
  const data = series.points.map(([x, y]) => [x, y]);
  const label = { ...text, color: colour, formatter: series.name };
  const peak = series.points.reduce(
    (best, [, y], at) => y > (series.points[best]?.[1] ?? 0) ? at : best,
    0
  );
  switch (series.kind) {
    case "line":
      return {
        type: "line",
        name: series.name,
        data: series.nameAt === "peak" ? data.map((value, at) => ({
          value,
          label: { show: at === peak, position: "top", ...label }
        })) : data,
        // A label needs a symbol, even one of no size.
        showSymbol: series.nameAt === "peak",
        symbolSize: 0,
        lineStyle: {
          color: colour,
          width: series.isThin ? 1 : 2,
          opacity: series.isThin ? 0.45 : 1,
          type: series.dashed ? "dashed" : "solid"
        },
        endLabel: {
          show: series.nameAt !== "peak" && !series.isThin,
          distance: 6,
          offset: [0, shiftPx],
          width: NAME_PX,
          overflow: "break",
          lineHeight: LINE_PX,
          ...label
        }
      };
    case "dots":
      return {
        type: "scatter",
        name: series.name,
        data,
        symbolSize: 8,
        itemStyle: { color: colour },
        label: { show: series.named ?? false, position: "right", ...label }
      };
    case "bars":
      return {
        type: "bar",
        name: series.name,
        data: data.map(([, y]) => y),
        itemStyle: { color: colour },
        barMaxWidth: 36,
        label: { show: true, position: "top", ...text, color: colours.ink }
      };
  }
}
function stretchesOf({ stretches = [] }, colours, text) {
  if (stretches.length === 0) return {};
  return {
    markArea: {
      silent: true,
      label: { ...text, position: "insideTopLeft" },
      data: stretches.map(({ axis, from, to, name, tone = "wanted" }) => [
        {
          name,
          [`${axis}Axis`]: from,
          itemStyle: tone === "short" ? { color: colours.short, opacity: 1 } : { color: colours.band, opacity: 0.5 }
        },
        { [`${axis}Axis`]: to }
      ])
    }
  };
}

export { drawChart, labelOf, optionOf };
