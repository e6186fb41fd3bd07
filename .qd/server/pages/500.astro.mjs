import { e as createComponent, k as renderComponent, r as renderTemplate, h as createAstro } from '../chunks/astro/server_B43Pnw67.mjs';
import 'piccolore';
import { P as ProblemPage } from '../chunks/ProblemPage_B3n4p_wm.mjs';
import { f as failureId } from '../chunks/problem_BTADoVqZ.mjs';
import { $ as $$Layout, c as common } from '../chunks/Layout_CULKZlnp.mjs';
export { renderers } from '../renderers.mjs';

const $$Astro = createAstro();
const $$500 = createComponent(($$result, $$props, $$slots) => {
  const Astro2 = $$result.createAstro($$Astro, $$props, $$slots);
  Astro2.self = $$500;
  const id = failureId(Astro2.props.error);
  const detail = id ? `${common.failed} (${common.inTheLog(id)})` : common.failed;
  return renderTemplate`${renderComponent($$result, "Layout", $$Layout, { "title": common.product, "site": null }, { "default": ($$result2) => renderTemplate` ${renderComponent($$result2, "ProblemPage", ProblemPage, { "problem": { detail }, "back": "/lots" })} ` })}`;
}, "/work/main/src/pages/500.astro", void 0);

const $$file = "/work/main/src/pages/500.astro";
const $$url = "/500";

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  default: $$500,
  file: $$file,
  url: $$url
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
