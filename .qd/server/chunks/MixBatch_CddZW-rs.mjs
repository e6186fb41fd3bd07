import { jsxs, jsx, Fragment } from 'react/jsx-runtime';
import { useState } from 'react';
import { u as useSend, C as Caution, P as ProblemNotice, B as Button } from './Layout_CULKZlnp.mjs';
import { T as TextField } from './Field_D6p8NWuD.mjs';
import { r as readQuantity, Q as QuantityField } from './QuantityField_BQUQ1KML.mjs';
import { u as useSite } from './SiteContext_DmfuMSrf.mjs';
import { a as mixes } from './mixes_Bu7u0CjJ.mjs';
import { u as useMixDesign, c as costOf } from './design_CibHzzAt.mjs';
import { s as styles } from './design.093a3064_BnQ7BLGM.mjs';

const mixBatch = {
  batch: "Mix a batch",
  batchLitres: "Mix wanted",
  batchOut: (parts) => `Measure out ${parts} in all.`,
  perCup: "each cup",
  perBucket: "each bucket",
  perBarrow: "each barrow",
  inAll: "in all",
  batchMaterial: "Material",
  batchCost: (cost) => `It costs ${cost}.`,
  batchSaveFirst: "Save the mix first; then a batch of it becomes a lot in one step.",
  lotName: "Name of the lot",
  storeBin: "Where it waits",
  makeLot: "Write it down as a lot",
  card: "Print the recipe card"
};

function MixBatch() {
  const { page, changed, components, answer } = useMixDesign();
  const { site, format } = useSite();
  const [litres, setLitres] = useState("40 L");
  const [name, setName] = useState(page.name);
  const [storeBin, setStoreBin] = useState("");
  const { problem, errorOf, deliver } = useSend();
  const wanted = readQuantity(litres, "volume", site.measures).value;
  if (!answer || components.length === 0) return null;
  const { barrowL, bucketL, cupL } = site.measures;
  const total = components.reduce((sum, { parts }) => sum + parts, 0);
  const partLitres = wanted !== null && wanted > 0 ? wanted / answer.blend.volumeYield : 0;
  const amount = (one) => format.plain(format.litres(one));
  const cost = costOf(components, page.materials, answer);
  const { mix } = page;
  const makeLot = async () => {
    if (!mix) return;
    const sent = await deliver("POST", `/api/mixes/${mix.id}/lots`, {
      litres: wanted,
      name,
      storeBin
    });
    if (sent) window.location.assign(`/lots/${sent.data.id}`);
  };
  return /* @__PURE__ */ jsxs("section", { className: styles.batch, "aria-labelledby": "batch", children: [
    /* @__PURE__ */ jsx("h2", { id: "batch", children: mixBatch.batch }),
    /* @__PURE__ */ jsxs("div", { className: styles.setting, children: [
      /* @__PURE__ */ jsx(
        QuantityField,
        {
          label: mixBatch.batchLitres,
          dimension: "volume",
          echoes: "converted",
          typed: litres,
          value: litres,
          error: errorOf("litres"),
          onChange: (event) => setLitres(event.target.value)
        }
      ),
      mix && !changed && /* @__PURE__ */ jsxs(Fragment, { children: [
        /* @__PURE__ */ jsx(
          TextField,
          {
            label: mixBatch.lotName,
            value: name,
            error: errorOf("name"),
            onChange: (event) => setName(event.target.value)
          }
        ),
        /* @__PURE__ */ jsx(
          TextField,
          {
            label: mixBatch.storeBin,
            value: storeBin,
            error: errorOf("storeBin"),
            onChange: (event) => setStoreBin(event.target.value)
          }
        )
      ] })
    ] }),
    partLitres > 0 && /* @__PURE__ */ jsxs(Fragment, { children: [
      /* @__PURE__ */ jsxs("p", { children: [
        mixBatch.batchOut(amount(partLitres)),
        " ",
        cost.perLitre !== null && wanted !== null && mixBatch.batchCost(format.money(cost.perLitre * wanted))
      ] }),
      /* @__PURE__ */ jsx("div", { className: styles.scroll, children: /* @__PURE__ */ jsxs("table", { className: styles.seasons, children: [
        /* @__PURE__ */ jsx("thead", { children: /* @__PURE__ */ jsxs("tr", { children: [
          /* @__PURE__ */ jsx("th", { scope: "col", children: mixBatch.batchMaterial }),
          /* @__PURE__ */ jsx("th", { scope: "col", children: mixBatch.inAll }),
          /* @__PURE__ */ jsxs("th", { scope: "col", children: [
            mixBatch.perBarrow,
            " (",
            amount(barrowL),
            ")"
          ] }),
          /* @__PURE__ */ jsxs("th", { scope: "col", children: [
            mixBatch.perBucket,
            " (",
            amount(bucketL),
            ")"
          ] }),
          /* @__PURE__ */ jsxs("th", { scope: "col", children: [
            mixBatch.perCup,
            " (",
            amount(cupL),
            ")"
          ] })
        ] }) }),
        /* @__PURE__ */ jsx("tbody", { children: components.map(({ material, parts }) => /* @__PURE__ */ jsxs("tr", { children: [
          /* @__PURE__ */ jsx("th", { scope: "row", children: material.name }),
          [partLitres, barrowL, bucketL, cupL].map((batch) => /* @__PURE__ */ jsx("td", { children: amount(batch * parts / total) }, batch))
        ] }, material.id)) })
      ] }) })
    ] }),
    /* @__PURE__ */ jsx(Caution, { lines: [{ short: mixes.design.dust }] }),
    /* @__PURE__ */ jsx(ProblemNotice, { problem }),
    mix && !changed ? /* @__PURE__ */ jsxs("div", { className: styles.foot, children: [
      /* @__PURE__ */ jsx(Button, { "data-needs": "manage", onClick: () => void makeLot(), children: mixBatch.makeLot }),
      /* @__PURE__ */ jsx(Button, { weight: "quiet", onClick: () => window.print(), children: mixBatch.card })
    ] }) : /* @__PURE__ */ jsx("p", { className: styles.note, children: mixBatch.batchSaveFirst })
  ] });
}

export { MixBatch };
