import { jsxs, Fragment, jsx } from 'react/jsx-runtime';
import { c as common, N as Notice, L as LinkButton } from './Layout_CULKZlnp.mjs';

function ProblemPage({
  problem,
  back
}) {
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsx("h1", { children: common.product }),
    /* @__PURE__ */ jsx(Notice, { tone: "stop", children: problem.detail }),
    /* @__PURE__ */ jsxs("p", { children: [
      problem.plantGroup && /* @__PURE__ */ jsx(LinkButton, { weight: "main", href: `/mixes/design?group=${problem.plantGroup}`, children: common.designItsMix }),
      " ",
      /* @__PURE__ */ jsx(LinkButton, { href: back, children: common.goBack })
    ] })
  ] });
}

export { ProblemPage as P };
