import { e as createComponent, k as renderComponent, r as renderTemplate } from '../../chunks/astro/server_B43Pnw67.mjs';
import 'piccolore';
import { jsxs, jsx } from 'react/jsx-runtime';
import { useState } from 'react';
import { d as useReady, u as useSend, P as ProblemNotice, B as Button, s as showToastOnNextPage, L as LinkButton, N as Notice, $ as $$Layout } from '../../chunks/Layout_CULKZlnp.mjs';
import { s as styles } from '../../chunks/pens.5dd9c13c_Dl171yCa.mjs';
import { T as TextField } from '../../chunks/Field_D6p8NWuD.mjs';
import { P as PageHead } from '../../chunks/PageHead_DSY1ER1p.mjs';
import { u as useSite, S as SiteProvider } from '../../chunks/SiteContext_DmfuMSrf.mjs';
import { E as EmptyState } from '../../chunks/States_C-NdpDKP.mjs';
import { b as bench } from '../../chunks/bench_bnVa8nxU.mjs';
import { b as benchScreens } from '../../chunks/benchScreens_C2XptacQ.mjs';
import { p as penDoubts } from '../../chunks/benchVerdicts_B0RcEMna.mjs';
import { r as readNumber } from '../../chunks/readNumber_D9QJJfQB.mjs';
import { s as styles$1 } from '../../chunks/_id_.dfa8d3f4_B7i9pYfk.mjs';
import { Q as QuantityField, r as readQuantity } from '../../chunks/QuantityField_BQUQ1KML.mjs';
import { Q as listPens } from '../../chunks/database_CmGvnzKd.mjs';
import '../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import { r as readSite } from '../../chunks/rules_BOjb8_mp.mjs';
import { p as penView } from '../../chunks/views_CXoqXfyH.mjs';
import { p as pageOf } from '../../chunks/pageOf_CZoV3y6K.mjs';
export { renderers } from '../../renderers.mjs';

async function pensPage(db, at) {
  const { timeZone, tapWater, version } = await readSite(db);
  const pens = (await listPens(db)).map((pen) => penView(pen, at, timeZone));
  return { pens, tapWater, siteVersion: version };
}

function FilterChips({
  label,
  options,
  chosen,
  onChange
}) {
  return /* @__PURE__ */ jsxs("fieldset", { className: styles.field, children: [
    /* @__PURE__ */ jsx("legend", { className: "visually-hidden", children: label }),
    /* @__PURE__ */ jsx("div", { className: styles.chips, children: options.map(({ value, label: name }) => {
      const on = chosen.includes(value);
      return /* @__PURE__ */ jsxs(
        "button",
        {
          type: "button",
          className: `${styles.chip} ${on ? styles.on : ""}`,
          "aria-pressed": on,
          onClick: () => onChange(on ? chosen.filter((one) => one !== value) : [...chosen, value]),
          children: [
            on && /* @__PURE__ */ jsx("span", { "aria-hidden": "true", children: "✓ " }),
            name
          ]
        },
        value
      );
    }) })
  ] });
}

const words$1 = bench.tapWater;
const FIELDS = ["ph", "ecDsPerM", "alkalinityMgPerL"];
function TapWater({ page: { tapWater, siteVersion } }) {
  const ready = useReady();
  const { site } = useSite();
  const [typed, setTyped] = useState(
    Object.fromEntries(FIELDS.map((name) => [name, String(tapWater[name])]))
  );
  const { problem, errorOf, deliver } = useSend();
  const save = async () => {
    const read = (name) => name === "ecDsPerM" ? readQuantity(typed[name] ?? "", "conductivity", site.measures).value : readNumber(typed[name] ?? "");
    const values = Object.fromEntries(FIELDS.map((name) => [name, read(name)]));
    const answer = await deliver("PUT", "/api/bench/water", { ...values, version: siteVersion });
    if (!answer) return;
    showToastOnNextPage({ text: words$1.kept });
    window.location.reload();
  };
  return /* @__PURE__ */ jsxs("section", { "aria-labelledby": "tap-water", className: `${styles$1.section} ${styles$1.apart}`, children: [
    /* @__PURE__ */ jsx("h2", { id: "tap-water", children: words$1.title }),
    /* @__PURE__ */ jsx("p", { className: styles$1.quiet, children: words$1.note }),
    /* @__PURE__ */ jsxs("fieldset", { disabled: !ready, className: `plain ${styles$1.running}`, children: [
      /* @__PURE__ */ jsx(ProblemNotice, { problem }),
      /* @__PURE__ */ jsx("div", { className: styles$1.form, children: FIELDS.map((name) => {
        const field = {
          label: words$1[name],
          value: typed[name] ?? "",
          error: errorOf(name),
          onChange: (event) => setTyped({ ...typed, [name]: event.target.value })
        };
        return name === "ecDsPerM" ? /* @__PURE__ */ jsx(
          QuantityField,
          {
            ...field,
            typed: field.value,
            dimension: "conductivity",
            echoes: "converted"
          },
          name
        ) : /* @__PURE__ */ jsx(TextField, { ...field, inputMode: "decimal" }, name);
      }) }),
      /* @__PURE__ */ jsx("div", { className: styles$1.actions, children: /* @__PURE__ */ jsx(Button, { onClick: () => void save(), children: words$1.keep }) })
    ] })
  ] });
}

const words = benchScreens.pensScreen;
const BUFFERS = ["4.01", "7", "10.01"];
function PensScreen({
  page,
  site
}) {
  return /* @__PURE__ */ jsxs(SiteProvider, { site, children: [
    /* @__PURE__ */ jsx(
      PageHead,
      {
        title: words.title,
        lead: words.lead,
        actions: /* @__PURE__ */ jsx(LinkButton, { href: "/bench", children: bench.title })
      }
    ),
    page.pens.length === 0 && /* @__PURE__ */ jsx(EmptyState, { title: words.none, next: words.noneNext }),
    page.pens.map((pen) => /* @__PURE__ */ jsx(PenPanel, { pen }, pen.id)),
    /* @__PURE__ */ jsx(AddPen, {}),
    /* @__PURE__ */ jsx(TapWater, { page })
  ] });
}
function PenPanel({ pen: { id, name, trust, log } }) {
  const { format } = useSite();
  const slope = (percent) => percent === null ? words.noSlope : words.slope(format.number(percent));
  return /* @__PURE__ */ jsxs("section", { "aria-label": name, className: styles$1.section, children: [
    /* @__PURE__ */ jsx("h2", { children: name }),
    /* @__PURE__ */ jsx(Notice, { tone: trust.trusted ? "ok" : "act", children: trust.trusted ? words.trusted : words.uncertain(penDoubts(trust.doubts)) }),
    log.length > 0 && /* @__PURE__ */ jsxs("details", { className: styles$1.protocol, children: [
      /* @__PURE__ */ jsx("summary", { children: words.log }),
      /* @__PURE__ */ jsx("ul", { className: styles$1.log, children: log.map((one, index) => /* @__PURE__ */ jsxs("li", { children: [
        format.day(one.on),
        ": ",
        one.buffers.join(", "),
        " · ",
        slope(one.slopePercent),
        " ·",
        " ",
        format.number(one.tempC),
        " °C"
      ] }, `${one.on}${index}`)) })
    ] }),
    /* @__PURE__ */ jsx(Calibrate, { penId: id })
  ] });
}
function Calibrate({ penId }) {
  const ready = useReady();
  const [buffers, setBuffers] = useState(["4.01", "7"]);
  const [millivolts, setMillivolts] = useState({});
  const [tempC, setTempC] = useState("20");
  const { problem, errorOf, deliver } = useSend();
  const save = async () => {
    const answer = await deliver("POST", `/api/bench/pens/${penId}/calibrations`, {
      tempC: readNumber(tempC),
      buffers: buffers.map((ph) => ({
        ph: Number(ph),
        millivolts: (millivolts[ph] ?? "").trim() === "" ? null : readNumber(millivolts[ph] ?? "") ?? "no number"
      }))
    });
    if (!answer) return;
    showToastOnNextPage({ text: words.kept });
    window.location.reload();
  };
  return /* @__PURE__ */ jsxs("details", { className: styles$1.protocol, children: [
    /* @__PURE__ */ jsx("summary", { children: words.calibrate }),
    /* @__PURE__ */ jsxs("fieldset", { disabled: !ready, className: `plain ${styles$1.running}`, children: [
      /* @__PURE__ */ jsx("p", { children: words.calibrateHow }),
      /* @__PURE__ */ jsx(ProblemNotice, { problem }),
      /* @__PURE__ */ jsx(
        FilterChips,
        {
          label: words.buffers,
          options: BUFFERS.map((value) => ({ value, label: value })),
          chosen: buffers,
          onChange: (chosen) => setBuffers(BUFFERS.filter((one) => chosen.includes(one)))
        }
      ),
      /* @__PURE__ */ jsxs("div", { className: styles$1.form, children: [
        buffers.map((ph, i) => /* @__PURE__ */ jsx(
          TextField,
          {
            label: words.millivolts(ph),
            hint: words.millivoltsHint,
            inputMode: "text",
            value: millivolts[ph] ?? "",
            error: errorOf(`buffers.${i}.millivolts`),
            onChange: (event) => setMillivolts({ ...millivolts, [ph]: event.target.value })
          },
          ph
        )),
        /* @__PURE__ */ jsx(
          TextField,
          {
            label: words.temp,
            inputMode: "decimal",
            value: tempC,
            error: errorOf("tempC"),
            onChange: (event) => setTempC(event.target.value)
          }
        )
      ] }),
      /* @__PURE__ */ jsx("div", { className: styles$1.actions, children: /* @__PURE__ */ jsx(Button, { onClick: () => void save(), children: words.calibrate }) })
    ] })
  ] });
}
function AddPen() {
  const ready = useReady();
  const [name, setName] = useState("");
  const { problem, deliver } = useSend();
  const save = async () => {
    const answer = await deliver("POST", "/api/bench/pens", { name });
    if (!answer) return;
    showToastOnNextPage({ text: words.added(name.trim()) });
    window.location.reload();
  };
  return /* @__PURE__ */ jsx("fieldset", { disabled: !ready, className: "plain", children: /* @__PURE__ */ jsxs("div", { className: styles$1.correct, children: [
    /* @__PURE__ */ jsx(
      TextField,
      {
        label: words.name,
        value: name,
        error: problem?.detail,
        onChange: (event) => setName(event.target.value)
      }
    ),
    /* @__PURE__ */ jsx(Button, { "data-needs": "manage", onClick: () => void save(), children: words.add })
  ] }) });
}

const $$Pens = createComponent(async ($$result, $$props, $$slots) => {
  const { site, view } = await pageOf(pensPage);
  return renderTemplate`${renderComponent($$result, "Layout", $$Layout, { "title": benchScreens.pensScreen.title, "site": site, "area": "bench" }, { "default": async ($$result2) => renderTemplate`${view && renderTemplate`${renderComponent($$result2, "PensScreen", PensScreen, { "client:load": true, "page": view, "site": site, "client:component-hydration": "load", "client:component-path": "/work/main/src/features/bench/PensScreen", "client:component-export": "default" })}`}` })}`;
}, "/work/main/src/pages/bench/pens.astro", void 0);

const $$file = "/work/main/src/pages/bench/pens.astro";
const $$url = "/bench/pens";

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  default: $$Pens,
  file: $$file,
  url: $$url
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
