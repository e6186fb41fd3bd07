import { jsxs, jsx } from 'react/jsx-runtime';
import { s as styles } from './_id_.80b0893c_DeL99fBL.mjs';
import { u as useSite } from './SiteContext_DmfuMSrf.mjs';
import { f as fetchedPart, c as common } from './Layout_CULKZlnp.mjs';
import { useEffect } from 'react';

const answer = fetchedPart(
  () => import('./WhyAnswer_Cz-me48K.mjs').then(({ WhyAnswer }) => WhyAnswer)
);
function useWhyAnswers() {
  useEffect(answer.prefetch, []);
}
const WhyText = answer.Part;

function Figure({ amount, measuredOn, large = false }) {
  const { format } = useSite();
  const estimated = measuredOn === null;
  const classes = [styles.figure, estimated && styles.estimated, large && styles.large];
  return /* @__PURE__ */ jsxs("span", { className: classes.filter(Boolean).join(" "), children: [
    estimated && /* @__PURE__ */ jsxs("span", { className: styles.sign, title: common.estimated, children: [
      /* @__PURE__ */ jsx("span", { "aria-hidden": "true", children: "≈" }),
      /* @__PURE__ */ jsx("span", { className: "visually-hidden", children: common.about })
    ] }),
    /* @__PURE__ */ jsx("span", { children: amount.number }),
    /* @__PURE__ */ jsx("span", { className: styles.unit, children: amount.unit }),
    measuredOn && /* @__PURE__ */ jsxs("span", { className: styles.tick, title: common.measuredOn(format.day(measuredOn)), children: [
      /* @__PURE__ */ jsx("span", { "aria-hidden": "true", children: "✓" }),
      /* @__PURE__ */ jsx("span", { className: "visually-hidden", children: common.measuredOn(format.day(measuredOn)) })
    ] })
  ] });
}
function WhyFigure({
  name,
  pressed,
  onAsk,
  ...figure
}) {
  useWhyAnswers();
  return /* @__PURE__ */ jsxs("button", { type: "button", className: styles.why, "aria-pressed": pressed, onClick: onAsk, children: [
    /* @__PURE__ */ jsxs("span", { className: "visually-hidden", children: [
      common.why(name),
      " "
    ] }),
    /* @__PURE__ */ jsx(Figure, { ...figure })
  ] });
}

export { Figure as F, WhyText as W, WhyFigure as a, useWhyAnswers as u };
