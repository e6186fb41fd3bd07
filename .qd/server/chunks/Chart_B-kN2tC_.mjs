import { jsxs, jsx } from 'react/jsx-runtime';
import { useRef, useState, useEffect } from 'react';
import { e as chart, B as Button } from './Layout_CULKZlnp.mjs';
import { u as useSite } from './SiteContext_DmfuMSrf.mjs';
import { s as styles } from './_id_.2340a507_BWC_wqGm.mjs';
import { s as saveSvg, a as savePng, b as saveCsv, c as chartRows } from './saveChart_B6idmxfT.mjs';

const TOKENS = {
  ink: "--ink",
  water: "--water",
  ok: "--ok-text",
  act: "--act-text",
  loam: "--loam",
  quiet: "--quiet",
  band: "--band",
  short: "--act-wash"
};
function readPalette(element) {
  const probe = document.createElement("span");
  element.append(probe);
  const colours = Object.fromEntries(
    Object.entries(TOKENS).map(([name, token]) => {
      probe.style.color = `var(${token})`;
      return [name, getComputedStyle(probe).color];
    })
  );
  probe.remove();
  return colours;
}

function Chart({ spec }) {
  const canvas = useRef(null);
  const chart$1 = useRef(null);
  const [drawn, setDrawn] = useState(false);
  const [failed, setFailed] = useState(false);
  const [tries, setTries] = useState(1);
  useEffect(() => {
    const element = canvas.current;
    if (!element) return;
    let remove = null;
    let left = false;
    const load = async () => {
      const { drawChart, optionOf } = await import('./drawChart_CF58UExo.mjs');
      if (left) return;
      const put = drawChart(element);
      remove = put.remove;
      chart$1.current = put.chart;
      const draw = () => {
        const style = getComputedStyle(element);
        const font = style.fontFamily.replaceAll('"', "'");
        const fontPx = Math.round(Number.parseFloat(style.fontSize));
        put.chart.setOption(optionOf(spec, readPalette(element), font, fontPx), true);
      };
      draw();
      setDrawn(true);
      setFailed(false);
      window.addEventListener("innings:theme", draw);
      const removeChart = remove;
      remove = () => {
        window.removeEventListener("innings:theme", draw);
        removeChart();
      };
    };
    load().catch(() => setFailed(true));
    return () => {
      left = true;
      remove?.();
      chart$1.current = null;
    };
  }, [spec, tries]);
  const svg = () => chart$1.current?.renderToSVGString() ?? "";
  return /* @__PURE__ */ jsxs("figure", { className: styles.chart, children: [
    /* @__PURE__ */ jsxs("figcaption", { children: [
      /* @__PURE__ */ jsx("h3", { children: spec.title }),
      /* @__PURE__ */ jsx("p", { children: spec.says })
    ] }),
    /* @__PURE__ */ jsx(
      "div",
      {
        className: styles.canvas,
        ref: canvas,
        role: "img",
        "aria-label": spec.says,
        "data-drawn": drawn
      }
    ),
    failed && /* @__PURE__ */ jsxs("p", { className: styles.failed, role: "status", children: [
      chart.failed,
      " ",
      /* @__PURE__ */ jsx(Button, { weight: "quiet", onClick: () => setTries((before) => before + 1), children: chart.again })
    ] }),
    /* @__PURE__ */ jsx("p", { className: styles.axis, children: spec.x.unit ? `${spec.x.name}, ${spec.x.unit}` : spec.x.name }),
    /* @__PURE__ */ jsxs("div", { className: styles.foot, children: [
      /* @__PURE__ */ jsx(Numbers, { spec }),
      /* @__PURE__ */ jsxs("span", { className: styles.save, children: [
        chart.save,
        /* @__PURE__ */ jsx(Button, { weight: "quiet", disabled: !drawn, onClick: () => saveSvg(svg(), spec.title), children: chart.svg }),
        /* @__PURE__ */ jsx(
          Button,
          {
            weight: "quiet",
            disabled: !drawn,
            onClick: () => {
              const ground = canvas.current && getComputedStyle(canvas.current).backgroundColor;
              void savePng(svg(), spec.title, ground ?? "white");
            },
            children: chart.png
          }
        ),
        /* @__PURE__ */ jsx(Button, { weight: "quiet", onClick: () => void saveCsv(spec), children: chart.csv })
      ] })
    ] })
  ] });
}
const MOST_ROWS = 40;
function Numbers({ spec }) {
  const { format } = useSite();
  const [head = [], ...rows] = chartRows(spec);
  const every = Math.ceil(rows.length / MOST_ROWS);
  const written = (value) => typeof value === "number" ? format.number(value, Number.isInteger(value) ? 0 : 2) : value;
  return /* @__PURE__ */ jsxs("details", { className: styles.numbers, children: [
    /* @__PURE__ */ jsx("summary", { children: chart.numbers }),
    /* @__PURE__ */ jsxs("table", { children: [
      /* @__PURE__ */ jsx("thead", { children: /* @__PURE__ */ jsx("tr", { children: head.map((name) => /* @__PURE__ */ jsx("th", { children: name }, name)) }) }),
      /* @__PURE__ */ jsx("tbody", { children: rows.filter((_, index) => index % every === 0).map((row) => /* @__PURE__ */ jsx("tr", { children: row.map((value, column) => /* @__PURE__ */ jsx("td", { children: written(value) }, head[column])) }, row[0])) })
    ] })
  ] });
}

export { Chart as C };
