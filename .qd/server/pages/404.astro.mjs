import { e as createComponent, k as renderComponent, r as renderTemplate } from '../chunks/astro/server_B43Pnw67.mjs';
import 'piccolore';
import { P as ProblemPage } from '../chunks/ProblemPage_B3n4p_wm.mjs';
import { $ as $$Layout, c as common } from '../chunks/Layout_CULKZlnp.mjs';
export { renderers } from '../renderers.mjs';

const $$404 = createComponent(($$result, $$props, $$slots) => {
  return renderTemplate`${renderComponent($$result, "Layout", $$Layout, { "title": common.notFound, "site": null }, { "default": ($$result2) => renderTemplate` ${renderComponent($$result2, "ProblemPage", ProblemPage, { "problem": { detail: `${common.notFound} ${common.notFoundNext}` }, "back": "/lots" })} ` })}`;
}, "/work/main/src/pages/404.astro", void 0);

const $$file = "/work/main/src/pages/404.astro";
const $$url = "/404";

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  default: $$404,
  file: $$file,
  url: $$url
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
