import { e as createComponent, k as renderComponent, r as renderTemplate } from '../../chunks/astro/server_B43Pnw67.mjs';
import 'piccolore';
import { jsxs, jsx } from 'react/jsx-runtime';
import { am as EXPOSURES } from '../../chunks/database_CmGvnzKd.mjs';
import { L as LinkButton, u as useSend, B as Button, P as ProblemNotice, s as showToastOnNextPage, $ as $$Layout } from '../../chunks/Layout_CULKZlnp.mjs';
import { T as TextField, S as SelectField } from '../../chunks/Field_D6p8NWuD.mjs';
import { F as Fold } from '../../chunks/Fold_BZXYkSX6.mjs';
import { P as PageHead } from '../../chunks/PageHead_DSY1ER1p.mjs';
import { S as SiteProvider, u as useSite } from '../../chunks/SiteContext_DmfuMSrf.mjs';
import { e as exposures } from '../../chunks/exposures_DHX13V50.mjs';
import { u as useKept } from '../../chunks/useKept_-AHD7004.mjs';
import { s as styles } from '../../chunks/places.39f0788e_gs14g0bj.mjs';
import '../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import 'csv-parse/sync';
import { p as placesPage } from '../../chunks/places_CrI4n1Wr.mjs';
import { p as pageOf } from '../../chunks/pageOf_CZoV3y6K.mjs';
export { renderers } from '../../renderers.mjs';

const places = {
  title: "Places",
  link: "Places",
  lead: "Sun and wind of a place count for every pot there, unless the pot says otherwise.",
  columns: { place: "Place", exposure: "Sun and wind", pots: "Pots", litres: "They hold" },
  pots: (pots, growing) => pots === 0 ? "no pot yet" : `${pots}, of these ${growing === 0 ? "none" : growing} with plants`,
  otherwise: (pots) => `${pots} ${pots === 1 ? "pot" : "pots"} otherwise`,
  correctOf: (place) => `Correct ${place}`,
  name: "Name",
  exposure: "Sun and wind",
  exposureHint: "What its pots lose in a day follows from it.",
  keep: "Keep it",
  kept: (place) => `${place} is kept. What its pots lose in a day is worked out anew.`,
  away: "Remove it",
  awayDone: (place) => `${place} is removed.`,
  add: "Add a place",
  addIt: "Add it",
  added: (place) => `${place} is added.`,
  none: "No place yet.",
  next: "A place is made when the first pot is put there; you can also add it here.",
  back: "All pots"
};

function PlacesScreen({
  page,
  site
}) {
  return /* @__PURE__ */ jsxs(SiteProvider, { site, children: [
    /* @__PURE__ */ jsx(
      PageHead,
      {
        title: places.title,
        lead: places.lead,
        actions: /* @__PURE__ */ jsx(LinkButton, { href: "/pots", children: places.back })
      }
    ),
    page.rows.length === 0 && /* @__PURE__ */ jsxs("p", { children: [
      places.none,
      " ",
      places.next
    ] }),
    /* @__PURE__ */ jsx("ul", { className: styles.places, children: page.rows.map((row) => /* @__PURE__ */ jsx(Place, { row }, row.id)) }),
    /* @__PURE__ */ jsxs("section", { "aria-labelledby": "add-place", "data-needs": "manage", className: styles.add, children: [
      /* @__PURE__ */ jsx("h2", { id: "add-place", children: places.add }),
      /* @__PURE__ */ jsx(
        PlaceForm,
        {
          method: "POST",
          address: "/api/places",
          begin: { name: "", exposure: "open" },
          label: places.addIt,
          done: places.added
        }
      )
    ] })
  ] });
}
function Place({ row }) {
  const { format } = useSite();
  const { id, name, exposure, version, pots, growing, otherwise, litres } = row;
  return /* @__PURE__ */ jsxs("li", { className: styles.place, children: [
    /* @__PURE__ */ jsx("h2", { className: styles.name, children: /* @__PURE__ */ jsx("a", { href: `/pots?place=${encodeURIComponent(name)}`, children: name }) }),
    /* @__PURE__ */ jsxs("dl", { className: styles.facts, children: [
      /* @__PURE__ */ jsxs("div", { children: [
        /* @__PURE__ */ jsx("dt", { children: places.columns.exposure }),
        /* @__PURE__ */ jsxs("dd", { children: [
          exposures[exposure],
          otherwise > 0 && /* @__PURE__ */ jsxs("small", { children: [
            " · ",
            places.otherwise(otherwise)
          ] })
        ] })
      ] }),
      /* @__PURE__ */ jsxs("div", { children: [
        /* @__PURE__ */ jsx("dt", { children: places.columns.pots }),
        /* @__PURE__ */ jsx("dd", { children: places.pots(pots, growing) })
      ] }),
      pots > 0 && /* @__PURE__ */ jsxs("div", { children: [
        /* @__PURE__ */ jsx("dt", { children: places.columns.litres }),
        /* @__PURE__ */ jsx("dd", { children: format.plain(format.litres(litres)) })
      ] })
    ] }),
    /* @__PURE__ */ jsx(Fold, { needs: "manage", title: places.correctOf(name), className: styles.correct, children: /* @__PURE__ */ jsx(
      PlaceForm,
      {
        method: "PATCH",
        address: `/api/places/${id}`,
        begin: { name, exposure },
        version,
        label: places.keep,
        done: places.kept,
        away: pots === 0 ? id : null
      }
    ) })
  ] });
}
function PlaceForm({
  method,
  address,
  begin,
  version,
  label,
  done,
  away = null
}) {
  const { problem, errorOf, isSending, deliver } = useSend();
  const { values, change, throwAway } = useKept(`place/${address}/${version ?? ""}`, begin);
  const { name, exposure } = values;
  const keep = async () => {
    if (isSending) return;
    const answer = await deliver(method, address, {
      name,
      exposure,
      ...version === void 0 ? {} : { version }
    });
    if (!answer) return;
    throwAway();
    showToastOnNextPage({ text: done(name) });
    window.location.reload();
  };
  const remove = async () => {
    const answer = await deliver("POST", `/api/places/${away}/put-away`, {});
    if (!answer) return;
    showToastOnNextPage({
      text: places.awayDone(begin.name),
      undo: { method: "POST", address: "/api/places", body: begin }
    });
    window.location.reload();
  };
  return /* @__PURE__ */ jsxs(
    "form",
    {
      className: styles.form,
      onSubmit: (event) => {
        event.preventDefault();
        void keep();
      },
      noValidate: true,
      children: [
        /* @__PURE__ */ jsx(
          TextField,
          {
            label: places.name,
            value: name,
            error: errorOf("name"),
            onChange: (event) => change({ name: event.target.value })
          }
        ),
        /* @__PURE__ */ jsx(
          SelectField,
          {
            label: places.exposure,
            hint: places.exposureHint,
            value: exposure,
            error: errorOf("exposure"),
            onChange: (event) => change({ exposure: event.target.value }),
            children: EXPOSURES.map((value) => /* @__PURE__ */ jsx("option", { value, children: exposures[value] }, value))
          }
        ),
        /* @__PURE__ */ jsxs("div", { className: styles.keys, children: [
          /* @__PURE__ */ jsx(Button, { type: "submit", disabled: isSending, children: label }),
          away !== null && /* @__PURE__ */ jsx(Button, { disabled: isSending, onClick: () => void remove(), children: places.away })
        ] }),
        /* @__PURE__ */ jsx(ProblemNotice, { problem })
      ]
    }
  );
}

const $$Places = createComponent(async ($$result, $$props, $$slots) => {
  const { site, view } = await pageOf((db) => placesPage(db));
  return renderTemplate`${renderComponent($$result, "Layout", $$Layout, { "title": places.title, "site": site, "area": "pots" }, { "default": async ($$result2) => renderTemplate`${view && renderTemplate`${renderComponent($$result2, "PlacesScreen", PlacesScreen, { "client:load": true, "page": view, "site": site, "client:component-hydration": "load", "client:component-path": "/work/main/src/features/containers/PlacesScreen", "client:component-export": "default" })}`}` })}`;
}, "/work/main/src/pages/pots/places.astro", void 0);

const $$file = "/work/main/src/pages/pots/places.astro";
const $$url = "/pots/places";

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  default: $$Places,
  file: $$file,
  url: $$url
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
