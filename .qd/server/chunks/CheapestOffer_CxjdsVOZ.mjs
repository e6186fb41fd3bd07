import { jsx, jsxs } from 'react/jsx-runtime';
import { useMemo } from 'react';
import { B as Button } from './Layout_CULKZlnp.mjs';
import { P as Progress } from './Progress_C1XRIgPh.mjs';
import { u as useSite } from './SiteContext_DmfuMSrf.mjs';
import { m as mixAsked } from './mixAsked_CM-jUHi2.mjs';
import { u as useCore } from './useCore_DJpFPcXM.mjs';
import { u as useMixDesign, l as litresText } from './design_CibHzzAt.mjs';
import { s as styles } from './design.093a3064_BnQ7BLGM.mjs';

const words = mixAsked.cheapest;
const BATCH_LITRES = 10;
function CheapestOffer({ onTaken }) {
  const { page, container, wish, limeHater, mostCompost, mostFound, bounds, what, replaceParts } = useMixDesign();
  const { format } = useSite();
  const key = JSON.stringify([container, wish, limeHater, mostCompost, mostFound, bounds?.groupId]);
  const question = useMemo(
    () => container && wish ? {
      materials: page.materials.flatMap(
        ({ material, pricePerLitre, putAway }) => pricePerLitre === null || putAway ? [] : [{ material, pricePerLitre }]
      ),
      targets: {
        ...wish,
        limeHater,
        mostCompost,
        mostFound,
        groupId: bounds?.groupId ?? null
      },
      container: { shape: container.shape, fillHeightCm: container.fillHeightCm }
    } : null,
    [key, page]
  );
  const { answer, refusal, working, progress, stop } = useCore("cheapest", "cheapestMix", question);
  const percent = (share) => format.plain(format.percent(share));
  const nameOf = (id) => page.materials.find(({ material }) => material.id === id)?.material.name ?? id;
  if (!container || !wish || !what) return null;
  if (working) return /* @__PURE__ */ jsx(Progress, { label: words.working, share: progress, onStop: stop });
  if (!answer) return /* @__PURE__ */ jsx("p", { className: styles.note, children: refusal ?? words.none(what) });
  return /* @__PURE__ */ jsxs("p", { children: [
    words.found(
      answer.parts.map(({ materialId, share }) => `${percent(share)} ${nameOf(materialId)}`).join(", "),
      format.money(answer.pricePerLitre),
      percent(answer.air),
      format.number(answer.ph, 1),
      format.number(answer.tried)
    ),
    " ",
    /* @__PURE__ */ jsx(
      Button,
      {
        onClick: () => {
          replaceParts(
            answer.parts.map(({ materialId, share }) => ({
              materialId,
              litres: litresText(share * BATCH_LITRES)
            }))
          );
          onTaken();
        },
        children: words.take
      }
    )
  ] });
}

export { CheapestOffer };
