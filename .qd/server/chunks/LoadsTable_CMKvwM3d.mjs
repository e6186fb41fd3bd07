import { jsx, jsxs } from 'react/jsx-runtime';
import { u as useSite } from './SiteContext_DmfuMSrf.mjs';
import { r as recondition } from './recondition_DV5KNmnb.mjs';
import { s as styles } from './_id_.037047d5_BztpbOuO.mjs';

const words = recondition.loads;
function LoadsTable({
  loads,
  rows
}) {
  const { format } = useSite();
  const [first] = loads;
  if (!first || loads.length < 2) return null;
  const columns = columnsOf(loads);
  return /* @__PURE__ */ jsx("div", { className: styles.wrap, children: /* @__PURE__ */ jsxs("table", { className: styles.loads, children: [
    /* @__PURE__ */ jsx("caption", { children: words.title(loads.length, format.plain(format.litres(first.litres))) }),
    /* @__PURE__ */ jsx("thead", { children: /* @__PURE__ */ jsxs("tr", { children: [
      /* @__PURE__ */ jsx("td", {}),
      columns.map(({ numbers }) => /* @__PURE__ */ jsx("th", { scope: "col", children: numbers.length === loads.length ? words.each : words.of(numbers) }, numbers[0]))
    ] }) }),
    /* @__PURE__ */ jsx("tbody", { children: rows.map(({ id, name }) => /* @__PURE__ */ jsxs("tr", { children: [
      /* @__PURE__ */ jsx("th", { scope: "row", children: name }),
      columns.map(({ numbers, textOf }) => /* @__PURE__ */ jsx("td", { children: textOf(id) }, numbers[0]))
    ] }, id)) })
  ] }) });
}
function columnsOf(loads) {
  const columns = /* @__PURE__ */ new Map();
  for (const { n, parts, doses } of loads) {
    const texts = new Map([...parts, ...doses].map(({ id, text }) => [id, text]));
    const key = JSON.stringify([...texts]);
    const column = columns.get(key) ?? { numbers: [], texts };
    column.numbers.push(n);
    columns.set(key, column);
  }
  return [...columns.values()].map(({ numbers, texts }) => ({
    numbers,
    textOf: (id) => texts.get(id) ?? ""
  }));
}

export { LoadsTable as L };
