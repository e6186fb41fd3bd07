import { e as createComponent, k as renderComponent, r as renderTemplate, h as createAstro } from '../../chunks/astro/server_B43Pnw67.mjs';
import 'piccolore';
import { jsx, jsxs, Fragment } from 'react/jsx-runtime';
import { S as SelectField } from '../../chunks/Field_D6p8NWuD.mjs';
import { N as Notice, $ as $$Layout } from '../../chunks/Layout_CULKZlnp.mjs';
import { P as PageHead } from '../../chunks/PageHead_DSY1ER1p.mjs';
import { S as SiteProvider, u as useSite } from '../../chunks/SiteContext_DmfuMSrf.mjs';
import { b as bench } from '../../chunks/bench_bnVa8nxU.mjs';
import { b as benchScreens } from '../../chunks/benchScreens_C2XptacQ.mjs';
import { s as styles } from '../../chunks/_id_.dfa8d3f4_B7i9pYfk.mjs';
import { S as SampleChooser, k as keyOf } from '../../chunks/SampleChooser_4_4zknIC.mjs';
import { S as Spreads } from '../../chunks/Spreads_DG9HRMbM.mjs';
import { P as ProblemPage } from '../../chunks/ProblemPage_B3n4p_wm.mjs';
import { i as compareTestsSchema } from '../../chunks/tests_CpGMhbI4.mjs';
import { dk as sampleOfKey, a4 as readSampleNames, dl as newestSet, R as listTestsOf, K as sampleKey } from '../../chunks/database_CmGvnzKd.mjs';
import { d as dayAt } from '../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import { r as readSite } from '../../chunks/rules_BOjb8_mp.mjs';
import { s as sampleChoices } from '../../chunks/sampleChoices_eNGd-sNy.mjs';
import { s as spreadViews } from '../../chunks/views_CXoqXfyH.mjs';
import { p as pageOf } from '../../chunks/pageOf_CZoV3y6K.mjs';
import { q as queryOf } from '../../chunks/queryOf_DFBJYUTv.mjs';
import { v as validate } from '../../chunks/validate_BZRkRH8r.mjs';
export { renderers } from '../../renderers.mjs';

async function compareTestsPage(db, { a = "", b = "", test }) {
  const { timeZone } = await readSite(db);
  const [one, two] = [sampleOfKey(a), sampleOfKey(b)];
  const named = await readSampleNames(
    db,
    [one, two].filter((sample) => sample !== null)
  );
  const nameOf = (sample) => sample ? named.get(sampleKey(sample)) ?? "" : "";
  const [mine, theirs] = [await finishedOf(db, one), await finishedOf(db, two)];
  const kinds = [...new Set(mine.map(({ kind: kind2 }) => kind2))].filter(
    (kind2) => theirs.some((other2) => other2.kind === kind2)
  );
  const kind = test && kinds.includes(test) ? test : kinds[0] ?? null;
  const own = newestSet(mine, kind);
  const other = newestSet(theirs, kind).map((run) => ({ ...run, isReference: true }));
  const day = (runs) => runs[0] ? dayAt(timeZone, runs[0].startedAt) : null;
  return {
    samples: await sampleChoices(db, "", a),
    chosen: [one ? a : "", two ? b : ""],
    names: [nameOf(one), nameOf(two)],
    kinds,
    kind,
    runs: [own.length, other.length],
    onDays: [day(own), day(other)],
    spreads: spreadViews([...own, ...other])
  };
}
async function finishedOf(db, sample) {
  if (!sample) return [];
  const tests = await listTestsOf(db, sample);
  return tests.filter(({ outcome, isReference }) => outcome !== null && !isReference);
}

const words = benchScreens.compare;
function CompareTestsScreen({
  page,
  site
}) {
  return /* @__PURE__ */ jsx(SiteProvider, { site, children: /* @__PURE__ */ jsx(Compared, { page }) });
}
function Compared({ page }) {
  const { format } = useSite();
  const { chosen, names, kinds, kind, samples, runs, onDays, spreads } = page;
  const go = (what) => {
    const asked = { a: chosen[0], b: chosen[1], test: kind ?? "", ...what };
    const given = Object.entries(asked).filter(([, value]) => value !== "");
    window.location.assign(`/bench/compare?${new URLSearchParams(given)}`);
  };
  const choiceOf = (key, name) => {
    const listed = samples.listed.find((one) => keyOf(one) === key);
    const [of, id = ""] = key.split(":");
    if (listed || key === "") return listed ?? null;
    return { kind: of, id: of === "material" ? id : Number(id), name };
  };
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsx(PageHead, { title: words.title, lead: words.lead }),
    /* @__PURE__ */ jsxs("div", { className: styles.form, children: [
      [0, 1].map((at) => /* @__PURE__ */ jsx(
        SampleChooser,
        {
          label: words.sample[at],
          none: bench.chooseSample,
          samples,
          chosen: choiceOf(chosen[at], names[at]),
          onChoose: (one) => go(at === 0 ? { a: one ? keyOf(one) : "" } : { b: one ? keyOf(one) : "" })
        },
        at
      )),
      kinds.length > 0 && /* @__PURE__ */ jsx(
        SelectField,
        {
          label: bench.testField,
          value: kind ?? "",
          onChange: (event) => go({ test: event.target.value }),
          children: kinds.map((one) => /* @__PURE__ */ jsx("option", { value: one, children: bench.tests[one].name }, one))
        }
      )
    ] }),
    chosen[0] === "" || chosen[1] === "" ? /* @__PURE__ */ jsx("p", { className: styles.quiet, children: words.chooseTwo }) : kind === null ? /* @__PURE__ */ jsx(Notice, { children: words.nothingShared(names[0], names[1]) }) : /* @__PURE__ */ jsxs(Fragment, { children: [
      /* @__PURE__ */ jsx(
        Spreads,
        {
          spreads,
          caption: words.caption(
            names[0],
            runs[0],
            format.day(onDays[0] ?? ""),
            names[1],
            runs[1],
            format.day(onDays[1] ?? "")
          ),
          names,
          measuredOn: onDays[0],
          isPhDoubted: false
        }
      ),
      Math.min(...runs) < 2 && /* @__PURE__ */ jsx(Notice, { children: words.oneRun })
    ] })
  ] });
}

const $$Astro = createAstro();
const $$Compare = createComponent(async ($$result, $$props, $$slots) => {
  const Astro2 = $$result.createAstro($$Astro, $$props, $$slots);
  Astro2.self = $$Compare;
  const { site, view, problem } = await pageOf(
    (db) => compareTestsPage(db, validate(compareTestsSchema, queryOf(Astro2.url), true))
  );
  if (problem) Astro2.response.status = problem.status;
  return renderTemplate`${renderComponent($$result, "Layout", $$Layout, { "title": benchScreens.compare.title, "site": site, "area": "bench" }, { "default": async ($$result2) => renderTemplate`${view && renderTemplate`${renderComponent($$result2, "CompareTestsScreen", CompareTestsScreen, { "client:load": true, "page": view, "site": site, "client:component-hydration": "load", "client:component-path": "/work/main/src/features/bench/CompareTestsScreen", "client:component-export": "default" })}`}${problem && renderTemplate`${renderComponent($$result2, "ProblemPage", ProblemPage, { "problem": problem, "back": "/bench" })}`}` })}`;
}, "/work/main/src/pages/bench/compare.astro", void 0);

const $$file = "/work/main/src/pages/bench/compare.astro";
const $$url = "/bench/compare";

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  default: $$Compare,
  file: $$file,
  url: $$url
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
