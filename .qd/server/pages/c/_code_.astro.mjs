import { e as createComponent, k as renderComponent, r as renderTemplate, h as createAstro } from '../../chunks/astro/server_B43Pnw67.mjs';
import 'piccolore';
import { P as ProblemPage } from '../../chunks/ProblemPage_B3n4p_wm.mjs';
import '../../chunks/passphrase_DS02Zua_.mjs';
import { b2 as listContainers, dq as readLotVersions } from '../../chunks/database_CmGvnzKd.mjs';
import { N as NotFound } from '../../chunks/problem_BTADoVqZ.mjs';
import '../../chunks/labels_JZeNBYq4.mjs';
import 'rotating-file-stream';
import 'qrcode-generator';
import { p as pageOf } from '../../chunks/pageOf_CZoV3y6K.mjs';
import { $ as $$Layout } from '../../chunks/Layout_CULKZlnp.mjs';
export { renderers } from '../../renderers.mjs';

async function addressOfCode(db, code) {
  const asked = code.trim().toLocaleLowerCase();
  const pots = await listContainers(db);
  const pot = pots.find((one) => one.code.toLocaleLowerCase() === asked);
  if (pot) return `/pots/${pot.id}`;
  const lotId = Number(/^l(\d{1,9})$/.exec(asked)?.[1] ?? 0);
  if (lotId > 0 && (await readLotVersions(db, [lotId])).has(lotId)) return `/lots/${lotId}`;
  throw new NotFound(
    `Nothing is called ${code.trim().slice(0, 40)} here. Its label may be of another garden, or it was given another code since.`
  );
}

const $$Astro = createAstro();
const $$code = createComponent(async ($$result, $$props, $$slots) => {
  const Astro2 = $$result.createAstro($$Astro, $$props, $$slots);
  Astro2.self = $$code;
  const { site, view, problem } = await pageOf((db) => addressOfCode(db, Astro2.params.code ?? ""));
  if (view) return Astro2.redirect(view, 302);
  if (problem) Astro2.response.status = problem.status;
  return renderTemplate`${renderComponent($$result, "Layout", $$Layout, { "title": problem?.detail ?? "", "site": site, "area": "pots" }, { "default": async ($$result2) => renderTemplate`${problem && renderTemplate`${renderComponent($$result2, "ProblemPage", ProblemPage, { "problem": problem, "back": "/pots" })}`}` })}`;
}, "/work/main/src/pages/c/[code].astro", void 0);

const $$file = "/work/main/src/pages/c/[code].astro";
const $$url = "/c/[code]";

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  default: $$code,
  file: $$file,
  url: $$url
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
