import { jsx, jsxs } from 'react/jsx-runtime';
import { useMemo } from 'react';
import { B as Button } from './Layout_CULKZlnp.mjs';
import { P as Progress } from './Progress_C1XRIgPh.mjs';
import { u as useSite } from './SiteContext_DmfuMSrf.mjs';
import { m as mixAsked } from './mixAsked_CM-jUHi2.mjs';
import { a as mixes } from './mixes_Bu7u0CjJ.mjs';
import { u as useCore } from './useCore_DJpFPcXM.mjs';
import { u as useMixDesign, r as remedies, l as litresText } from './design_CibHzzAt.mjs';

const words = mixAsked.swap;
function MixSwap({ id, onDone }) {
  const { page, components, container, question, limeHater, replaceParts } = useMixDesign();
  const { format } = useSite();
  const search = useMemo(() => {
    if (!question || !container) return null;
    const ofMix = new Set(components.map(({ material }) => material.id));
    const inMix = page.materials.filter(({ material }) => ofMix.has(material.id));
    const candidates = /* @__PURE__ */ new Set([...inMix, ...remedies(page)]);
    return {
      components: question.components,
      container: { shape: container.shape, fillHeightCm: container.fillHeightCm },
      usable: [...candidates].flatMap((one) => {
        const mostParts = most(id, one);
        const barred = limeHater && one.material.freeLimeGPerL > 0;
        return mostParts > 0 && !barred ? [{ material: one.material, mostParts }] : [];
      })
    };
  }, [id, question, page, limeHater]);
  const { answer, refusal, working, progress, stop } = useCore("mix-swap", "closestMix", search);
  const percent = (share) => format.plain(format.percent(share));
  if (refusal) return /* @__PURE__ */ jsx("p", { children: refusal });
  if (working) {
    return progress === null ? /* @__PURE__ */ jsxs("p", { children: [
      words.working,
      " …"
    ] }) : /* @__PURE__ */ jsx(Progress, { label: words.working, share: progress, onStop: stop });
  }
  if (!answer) {
    const allThere = components.every(
      ({ material, parts: parts2 }) => search?.usable.some((one) => one.material.id === material.id && one.mostParts >= parts2)
    );
    return /* @__PURE__ */ jsx("p", { children: allThere ? words.nothingToDo[id] : words.nothingThere[id] });
  }
  const { before, after, parts, alike } = answer;
  const nameOf = (materialId) => page.materials.find(({ material }) => material.id === materialId)?.material.name ?? materialId;
  return /* @__PURE__ */ jsxs("p", { children: [
    words.why[id],
    " ",
    words.found(
      parts.map(({ materialId, parts: litres }) => `${litresText(litres)} ${nameOf(materialId)}`).join(", ")
    ),
    " ",
    words.change(
      `${percent(before.air)} → ${percent(after.air)}`,
      `${percent(before.available)} → ${percent(after.available)}`,
      `${format.number(before.ph, 1)} → ${format.number(after.ph, 1)}`,
      `${format.number(before.ecSme, 1)} → ${format.number(after.ecSme, 1)} dS/m`
    ),
    " ",
    !alike && words.unlike,
    " ",
    /* @__PURE__ */ jsx(
      Button,
      {
        onClick: () => {
          replaceParts(
            parts.map(({ materialId, parts: litres }) => ({
              materialId,
              litres: litresText(litres)
            }))
          );
          onDone();
        },
        children: mixes.design.doIt
      }
    )
  ] });
}
function most(id, { material, stockLitres }) {
  if (id === "onlyMine") return stockLitres;
  return material.peat ? 0 : Number.POSITIVE_INFINITY;
}

export { MixSwap };
