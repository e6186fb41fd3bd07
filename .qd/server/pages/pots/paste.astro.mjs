import { e as createComponent, k as renderComponent, r as renderTemplate } from '../../chunks/astro/server_B43Pnw67.mjs';
import 'piccolore';
import { jsx, jsxs, Fragment } from 'react/jsx-runtime';
import { useState, useEffect } from 'react';
import { d as useReady, u as useSend, P as ProblemNotice, B as Button, N as Notice, s as showToastOnNextPage, $ as $$Layout } from '../../chunks/Layout_CULKZlnp.mjs';
import { P as PageHead } from '../../chunks/PageHead_DSY1ER1p.mjs';
import { S as Sideways } from '../../chunks/Sideways_jAPV4cnT.mjs';
import { S as SiteProvider, u as useSite } from '../../chunks/SiteContext_DmfuMSrf.mjs';
import { m as manyPots } from '../../chunks/manyPots_iBsICoVe.mjs';
import { m as media } from '../../chunks/media_D6z_O_p6.mjs';
import { s as styles } from '../../chunks/paste.fa03ee97_D15Nixoi.mjs';
import { p as pageOf } from '../../chunks/pageOf_CZoV3y6K.mjs';
export { renderers } from '../../renderers.mjs';

const DRAFT = "draft/pasted-pots";
function PastePotsScreen({ site }) {
  return /* @__PURE__ */ jsx(SiteProvider, { site, children: /* @__PURE__ */ jsx(PastePots, {}) });
}
function PastePots() {
  const { format } = useSite();
  const ready = useReady();
  const { problem, errorOf, isSending, deliver } = useSend();
  const [text, setText] = useState("");
  const [table, setTable] = useState(null);
  useEffect(() => setText(localStorage.getItem(DRAFT) ?? ""), []);
  const type = (typed) => {
    setText(typed);
    setTable(null);
    try {
      localStorage.setItem(DRAFT, typed);
    } catch {
    }
  };
  const send = (check) => deliver("POST", "/api/containers/pasted", { text, check });
  const look = async () => {
    const answer = await send(true);
    setTable(answer ? answer.data : null);
  };
  const take = async () => {
    const answer = await send(false);
    if (!answer) return;
    if (answer.data.ids.length === 0) {
      setTable(answer.data);
      return;
    }
    localStorage.removeItem(DRAFT);
    showToastOnNextPage({ text: manyPots.made(answer.data.ids.length) });
    window.location.assign("/pots?state=empty");
  };
  const rows = table?.rows ?? [];
  const wrong = rows.filter(({ errors }) => errors.length > 0);
  const pots = rows.reduce((sum, { count }) => sum + count, 0);
  const litres = rows.reduce((sum, row) => sum + (row.litres ?? 0) * row.count, 0);
  const error = errorOf("text");
  return /* @__PURE__ */ jsxs("fieldset", { disabled: !ready, className: `plain ${styles.paste}`, children: [
    /* @__PURE__ */ jsx(PageHead, { title: manyPots.pasteTitle, lead: manyPots.pasteLead }),
    /* @__PURE__ */ jsxs("label", { className: styles.area, children: [
      /* @__PURE__ */ jsx("span", { children: manyPots.table }),
      /* @__PURE__ */ jsx(
        "textarea",
        {
          rows: 8,
          value: text,
          placeholder: manyPots.example,
          spellCheck: false,
          "aria-invalid": error !== void 0,
          onChange: (event) => type(event.target.value)
        }
      )
    ] }),
    /* @__PURE__ */ jsx(ProblemNotice, { problem }),
    /* @__PURE__ */ jsxs("div", { className: styles.keys, children: [
      /* @__PURE__ */ jsx(
        Button,
        {
          weight: table && wrong.length === 0 ? "plain" : "main",
          disabled: isSending || text.trim() === "",
          onClick: () => void look(),
          children: manyPots.look
        }
      ),
      table && wrong.length === 0 && /* @__PURE__ */ jsx(Button, { weight: "main", disabled: isSending, onClick: () => void take(), children: manyPots.take(pots) })
    ] }),
    table && /* @__PURE__ */ jsxs(Fragment, { children: [
      /* @__PURE__ */ jsxs(Notice, { tone: wrong.length > 0 ? "act" : "ok", children: [
        wrong.length > 0 ? manyPots.wrong(wrong.length) : manyPots.right(pots, format.plain(format.litres(litres))),
        table.passedOver.length > 0 && ` ${manyPots.passedOver(table.passedOver.join(", "))}`
      ] }),
      /* @__PURE__ */ jsx(Preview, { rows: [...wrong, ...rows.filter(({ errors }) => errors.length === 0)] })
    ] })
  ] });
}
function Preview({ rows }) {
  const { format } = useSite();
  return /* @__PURE__ */ jsx(Sideways, { label: manyPots.understood, children: /* @__PURE__ */ jsxs("table", { className: styles.pasted, children: [
    /* @__PURE__ */ jsx("thead", { children: /* @__PURE__ */ jsxs("tr", { children: [
      /* @__PURE__ */ jsx("th", { scope: "col", children: manyPots.row }),
      /* @__PURE__ */ jsx("th", { scope: "col", children: manyPots.heads.code }),
      /* @__PURE__ */ jsx("th", { scope: "col", children: manyPots.heads.name }),
      /* @__PURE__ */ jsx("th", { scope: "col", children: manyPots.heads.place }),
      /* @__PURE__ */ jsx("th", { scope: "col", children: manyPots.heads.shape }),
      /* @__PURE__ */ jsx("th", { scope: "col", children: manyPots.each })
    ] }) }),
    /* @__PURE__ */ jsx("tbody", { children: rows.map((row) => /* @__PURE__ */ jsxs("tr", { "data-wrong": row.errors.length > 0, children: [
      /* @__PURE__ */ jsx("td", { children: row.line }),
      /* @__PURE__ */ jsx("td", { children: row.code || manyPots.nextCode }),
      /* @__PURE__ */ jsxs("td", { children: [
        row.name,
        " ",
        row.count > 1 && manyPots.times(row.count),
        row.errors.map(({ column, message }) => /* @__PURE__ */ jsx("span", { className: styles.wrong, children: manyPots.inColumn(column, message) }, column + message)),
        row.assumed.map((what) => /* @__PURE__ */ jsx("span", { className: styles.assumed, children: manyPots.assumed[what] }, what))
      ] }),
      /* @__PURE__ */ jsx("td", { children: row.place }),
      /* @__PURE__ */ jsx("td", { children: row.kind && media.create.shapes[row.kind] }),
      /* @__PURE__ */ jsx("td", { children: row.litres !== null && format.plain(format.litres(row.litres)) })
    ] }, row.line)) })
  ] }) });
}

const $$Paste = createComponent(async ($$result, $$props, $$slots) => {
  const { site } = await pageOf(async () => null);
  return renderTemplate`${renderComponent($$result, "Layout", $$Layout, { "title": manyPots.pasteTitle, "site": site, "area": "pots" }, { "default": async ($$result2) => renderTemplate` ${renderComponent($$result2, "PastePotsScreen", PastePotsScreen, { "client:load": true, "site": site, "client:component-hydration": "load", "client:component-path": "/work/main/src/features/containers/PastePotsScreen", "client:component-export": "default" })} ` })}`;
}, "/work/main/src/pages/pots/paste.astro", void 0);

const $$file = "/work/main/src/pages/pots/paste.astro";
const $$url = "/pots/paste";

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  default: $$Paste,
  file: $$file,
  url: $$url
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
