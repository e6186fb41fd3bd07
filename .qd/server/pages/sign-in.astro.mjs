import { e as createComponent, k as renderComponent, r as renderTemplate, h as createAstro } from '../chunks/astro/server_B43Pnw67.mjs';
import 'piccolore';
import { jsxs, jsx } from 'react/jsx-runtime';
import { useState, useEffect } from 'react';
import { u as useSend, d as useReady, l as forgetPages, b as signIn, B as Button, N as Notice, $ as $$Layout } from '../chunks/Layout_CULKZlnp.mjs';
import { T as TextField } from '../chunks/Field_D6p8NWuD.mjs';
import { P as PageHead } from '../chunks/PageHead_DSY1ER1p.mjs';
import { s as styles } from '../chunks/access.43c315db_Dc5eN6CB.mjs';
import { S as ShowTyped, s as signInPage } from '../chunks/accessPage_CnbyPYPo.mjs';
import { c as signInQuerySchema } from '../chunks/access_2BkKdxIp.mjs';
import '../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import { q as queryOf } from '../chunks/queryOf_DFBJYUTv.mjs';
export { renderers } from '../renderers.mjs';

function SignInScreen({ page }) {
  const { problem, errorOf, isSending, deliver } = useSend();
  const [passphrase, setPassphrase] = useState("");
  const [isShown, setShown] = useState(false);
  const ready = useReady();
  useEffect(() => void forgetPages(), []);
  const enter = async () => {
    if (isSending) return;
    const answer = await deliver("PUT", "/api/access/sign-in", { passphrase });
    if (answer) window.location.replace(page.to);
  };
  return /* @__PURE__ */ jsxs("fieldset", { className: styles.door, disabled: !ready, role: "presentation", children: [
    /* @__PURE__ */ jsx(PageHead, { title: signIn.title, lead: signIn.lead }),
    /* @__PURE__ */ jsxs(
      "form",
      {
        className: styles.form,
        noValidate: true,
        onSubmit: (event) => {
          event.preventDefault();
          void enter();
        },
        children: [
          /* @__PURE__ */ jsx(
            TextField,
            {
              label: signIn.passphrase,
              type: isShown ? "text" : "password",
              autoComplete: "current-password",
              autoCapitalize: "none",
              spellCheck: false,
              value: passphrase,
              error: errorOf("passphrase") ?? (problem ? problem.detail : void 0),
              onChange: (event) => setPassphrase(event.target.value)
            }
          ),
          /* @__PURE__ */ jsx(ShowTyped, { isShown, onChange: setShown }),
          /* @__PURE__ */ jsx("div", { children: /* @__PURE__ */ jsx(Button, { type: "submit", weight: "main", disabled: isSending, children: signIn.go }) })
        ]
      }
    ),
    !page.isEncrypted && /* @__PURE__ */ jsx(Notice, { tone: "act", children: signIn.notEncrypted }),
    /* @__PURE__ */ jsxs("details", { className: styles.more, children: [
      /* @__PURE__ */ jsx("summary", { children: signIn.forgotten }),
      /* @__PURE__ */ jsx("p", { children: signIn.forgottenMore })
    ] })
  ] });
}

const $$Astro = createAstro();
const $$SignIn = createComponent(($$result, $$props, $$slots) => {
  const Astro2 = $$result.createAstro($$Astro, $$props, $$slots);
  Astro2.self = $$SignIn;
  const { value, error } = signInQuerySchema.validate(queryOf(Astro2.url));
  const page = signInPage(Astro2.request, error ? void 0 : value.to);
  if (Astro2.locals.visitor?.kind !== "stranger") return Astro2.redirect(page.to, 303);
  return renderTemplate`${renderComponent($$result, "Layout", $$Layout, { "title": signIn.title, "site": null, "isDoor": true }, { "default": ($$result2) => renderTemplate` ${renderComponent($$result2, "SignInScreen", SignInScreen, { "client:load": true, "page": page, "client:component-hydration": "load", "client:component-path": "/work/main/src/features/access/SignInScreen", "client:component-export": "default" })} ` })}`;
}, "/work/main/src/pages/sign-in.astro", void 0);

const $$file = "/work/main/src/pages/sign-in.astro";
const $$url = "/sign-in";

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  default: $$SignIn,
  file: $$file,
  url: $$url
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
