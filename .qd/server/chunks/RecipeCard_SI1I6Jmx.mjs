import { jsxs, jsx } from 'react/jsx-runtime';
import { C as CoreSample } from './CoreSample_BnoBsYOk.mjs';
import { u as useSite } from './SiteContext_DmfuMSrf.mjs';
import { m as mixAsked } from './mixAsked_CM-jUHi2.mjs';
import { a as mixes } from './mixes_Bu7u0CjJ.mjs';
import { u as useMixDesign } from './design_CibHzzAt.mjs';
import { s as strataOfMix } from './mixPot_ONgJYiPn.mjs';
import { a as styles } from './design.093a3064_BnQ7BLGM.mjs';

const words = mixAsked.card;
const design = mixes.design;
function RecipeCard() {
  const { page, form, changed, components, container, what, answer } = useMixDesign();
  const { site, format } = useSite();
  if (!answer) return null;
  const { name, note } = form.getValues();
  const { mix } = page;
  const total = components.reduce((sum, { parts }) => sum + parts, 0);
  const amount = (litres) => format.plain(format.litres(litres));
  return /* @__PURE__ */ jsxs("article", { className: styles.card, children: [
    /* @__PURE__ */ jsx("h2", { children: name || design.untitled }),
    /* @__PURE__ */ jsxs("p", { children: [
      mix && !changed ? design.saved(mix.version) : design.notSaved,
      " · ",
      format.day(site.today),
      " ·",
      " ",
      site.name
    ] }),
    /* @__PURE__ */ jsxs("div", { className: styles.body, children: [
      /* @__PURE__ */ jsx(CoreSample, { strata: strataOfMix(components), size: "card" }),
      /* @__PURE__ */ jsx("table", { children: /* @__PURE__ */ jsx("tbody", { children: components.map(({ material, parts }) => /* @__PURE__ */ jsxs("tr", { children: [
        /* @__PURE__ */ jsx("th", { scope: "row", children: material.name }),
        /* @__PURE__ */ jsx("td", { children: format.plain(format.percent(parts / total)) }),
        /* @__PURE__ */ jsx("td", { children: amount(parts) })
      ] }, material.id)) }) })
    ] }),
    /* @__PURE__ */ jsx("p", { children: design.makes(amount(total * answer.blend.volumeYield), amount(total)) }),
    /* @__PURE__ */ jsx("p", { children: words.does(
      what,
      container?.name ?? "",
      format.plain(format.percent(answer.capacity.airFraction)),
      answer.dry.days === null ? null : format.number(answer.dry.days, 1),
      format.number(answer.ph, 1)
    ) }),
    note && /* @__PURE__ */ jsx("p", { children: note }),
    /* @__PURE__ */ jsx("p", { children: design.dust })
  ] });
}

export { RecipeCard };
