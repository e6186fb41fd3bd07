import { jsx } from 'react/jsx-runtime';
import { B as Button, c as common, h as send } from './Layout_CULKZlnp.mjs';
import { s as styles } from './pens.5dd9c13c_Dl171yCa.mjs';
import { u as useSite } from './SiteContext_DmfuMSrf.mjs';

const FACTORS = [500, 640, 700];
function PpmFactor({ onSaid }) {
  const { site } = useSite();
  const say = async (ppmPerDsM) => {
    const answer = await send("PUT", "/api/site/ppm", { ppmPerDsM });
    if (!answer.ok) return;
    Object.assign(site.measures, { ppmPerDsM });
    onSaid(ppmPerDsM);
  };
  return /* @__PURE__ */ jsx("div", { className: styles.chips, children: FACTORS.map((factor) => /* @__PURE__ */ jsx(Button, { onClick: () => void say(factor), children: common.ppmFactor(factor) }, factor)) });
}

export { PpmFactor };
