import { jsxs, jsx } from 'react/jsx-runtime';
import { c as cropBars } from './cropBars_quqlM5Lz.mjs';
import { N as Notice } from './Layout_CULKZlnp.mjs';
import { u as useSite } from './SiteContext_DmfuMSrf.mjs';
import { a as bars, b as barText } from './barText_Bpefs2-2.mjs';
import { u as useMixDesign } from './design_CibHzzAt.mjs';

function LotBars() {
  const { page, crop } = useMixDesign();
  const { format } = useSite();
  if (!page.from || !crop) return null;
  const bars$1 = cropBars(page.from.judged, crop);
  if (bars$1.length === 0) return null;
  return /* @__PURE__ */ jsxs(Notice, { tone: "stop", children: [
    bars.from(page.from.name),
    " ",
    bars$1.map((bar) => barText(bar, crop.name, format)).join(" "),
    " ",
    /* @__PURE__ */ jsx("a", { href: `/lots/${page.from.id}`, children: page.from.name })
  ] });
}

export { LotBars };
