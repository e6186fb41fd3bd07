import { e as createComponent, k as renderComponent, r as renderTemplate, h as createAstro } from '../chunks/astro/server_B43Pnw67.mjs';
import 'piccolore';
import { jsxs, jsx } from 'react/jsx-runtime';
import { u as useSend, a as access, B as Button, P as ProblemNotice, s as showToastOnNextPage, N as Notice, $ as $$Layout } from '../chunks/Layout_CULKZlnp.mjs';
import { P as PageHead } from '../chunks/PageHead_DSY1ER1p.mjs';
import { u as useSite, S as SiteProvider } from '../chunks/SiteContext_DmfuMSrf.mjs';
import { s as styles } from '../chunks/access.43c315db_Dc5eN6CB.mjs';
import { useState } from 'react';
import { T as TextField, S as SelectField } from '../chunks/Field_D6p8NWuD.mjs';
import { F as Fold } from '../chunks/Fold_BZXYkSX6.mjs';
import { S as ShowTyped, a as accessPage } from '../chunks/accessPage_CnbyPYPo.mjs';
import '../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import { p as pageOf } from '../chunks/pageOf_CZoV3y6K.mjs';
export { renderers } from '../renderers.mjs';

function Devices({ sessions }) {
  const { format } = useSite();
  const { problem, isSending, deliver } = useSend();
  const signOut = async ({ id, isThis }) => {
    if (!await deliver("POST", `/api/access/sessions/${id}/end`, {})) return;
    if (!isThis) showToastOnNextPage({ text: access.signedOutOne });
    window.location.reload();
  };
  const everywhere = async () => {
    if (await deliver("POST", "/api/access/sign-out-everywhere", {})) window.location.reload();
  };
  return /* @__PURE__ */ jsxs("section", { "aria-labelledby": "devices", children: [
    /* @__PURE__ */ jsx("h2", { id: "devices", children: access.devices }),
    /* @__PURE__ */ jsx("ul", { className: styles.rows, children: sessions.map((session) => {
      const { id, role, device, since, seen, isThis } = session;
      const name = access.device(role, device);
      return /* @__PURE__ */ jsxs("li", { children: [
        /* @__PURE__ */ jsxs("span", { children: [
          name,
          isThis && /* @__PURE__ */ jsxs("strong", { children: [
            " · ",
            access.isThis
          ] }),
          /* @__PURE__ */ jsxs("small", { children: [
            access.since(format.day(since)),
            ", ",
            access.lastHere(format.day(seen))
          ] })
        ] }),
        /* @__PURE__ */ jsx(
          Button,
          {
            "aria-label": access.signOutOneOf(name, format.day(since)),
            disabled: isSending,
            onClick: () => void signOut(session),
            children: access.signOutOne
          }
        )
      ] }, id);
    }) }),
    /* @__PURE__ */ jsx("p", { className: styles.quiet, children: access.everywhereSays }),
    /* @__PURE__ */ jsx(Button, { disabled: isSending, onClick: () => void everywhere(), children: access.everywhere }),
    /* @__PURE__ */ jsx(ProblemNotice, { problem })
  ] });
}

const LABELS = {
  manager: { set: access.setManager, change: access.changeManager, done: access.managerSet },
  helper: { set: access.setHelper, change: access.changeHelper, done: access.helperSet }
};
function reloadWith(text) {
  showToastOnNextPage({ text });
  window.location.reload();
}
function PassphraseForm({
  forRole,
  isSet,
  hasManager
}) {
  const { problem, errorOf, isSending, deliver } = useSend();
  const [passphrase, setPassphrase] = useState("");
  const [present, setPresent] = useState("");
  const [isShown, setShown] = useState(false);
  const { set, change, done } = LABELS[forRole];
  const type = isShown ? "text" : "password";
  const keep = async () => {
    if (isSending) return;
    const body = { role: forRole, passphrase, present };
    if (await deliver("PUT", "/api/access/passphrases", body)) reloadWith(done);
  };
  const end = async () => {
    if (await deliver("POST", "/api/access/helpers/end", {})) reloadWith(access.helpersEnded);
  };
  return /* @__PURE__ */ jsx(Fold, { title: isSet ? change : set, className: styles.fold, children: /* @__PURE__ */ jsxs(
    "form",
    {
      className: styles.form,
      noValidate: true,
      onSubmit: (event) => {
        event.preventDefault();
        void keep();
      },
      children: [
        hasManager && /* @__PURE__ */ jsx(
          TextField,
          {
            label: access.present,
            type,
            autoComplete: "current-password",
            value: present,
            error: errorOf("present"),
            onChange: (event) => setPresent(event.target.value)
          }
        ),
        /* @__PURE__ */ jsx(
          TextField,
          {
            label: access.next,
            hint: access.nextHint,
            type,
            autoComplete: "new-password",
            value: passphrase,
            error: errorOf("passphrase") ?? errorOf("role"),
            onChange: (event) => setPassphrase(event.target.value)
          }
        ),
        /* @__PURE__ */ jsx(ShowTyped, { isShown, onChange: setShown }),
        /* @__PURE__ */ jsxs("div", { className: styles.keys, children: [
          /* @__PURE__ */ jsx(Button, { type: "submit", disabled: isSending, children: access.set }),
          forRole === "helper" && isSet && /* @__PURE__ */ jsx(Button, { disabled: isSending, onClick: () => void end(), children: access.endHelpers })
        ] }),
        /* @__PURE__ */ jsx(ProblemNotice, { problem })
      ]
    }
  ) });
}
function OpenAgain() {
  const { problem, errorOf, isSending, deliver } = useSend();
  const [present, setPresent] = useState("");
  const open = async () => {
    if (isSending) return;
    if (await deliver("PUT", "/api/access/open", { present })) reloadWith(access.opened);
  };
  return /* @__PURE__ */ jsx(Fold, { title: access.open, className: styles.fold, children: /* @__PURE__ */ jsxs(
    "form",
    {
      className: styles.form,
      noValidate: true,
      onSubmit: (event) => {
        event.preventDefault();
        void open();
      },
      children: [
        /* @__PURE__ */ jsx(
          TextField,
          {
            label: access.present,
            hint: access.openSays,
            type: "password",
            autoComplete: "current-password",
            value: present,
            error: errorOf("present"),
            onChange: (event) => setPresent(event.target.value)
          }
        ),
        /* @__PURE__ */ jsx("div", { children: /* @__PURE__ */ jsx(Button, { type: "submit", disabled: isSending, children: access.open }) }),
        /* @__PURE__ */ jsx(ProblemNotice, { problem })
      ]
    }
  ) });
}

const SCOPES = ["read", "log", "manage"];
function Tokens({ tokens }) {
  const { format } = useSite();
  const { problem, errorOf, isSending, deliver } = useSend();
  const [name, setName] = useState("");
  const [scope, setScope] = useState("read");
  const [made, setMade] = useState();
  const make = async () => {
    if (isSending) return;
    const answer = await deliver("POST", "/api/access/tokens", { name, scope });
    if (answer) setMade({ ...answer.data, name });
  };
  const end = async (token) => {
    if (!await deliver("POST", `/api/access/tokens/${token.id}/end`, {})) return;
    showToastOnNextPage({ text: access.tokenEnded(token.name) });
    window.location.reload();
  };
  return /* @__PURE__ */ jsxs("section", { "aria-labelledby": "tokens", children: [
    /* @__PURE__ */ jsx("h2", { id: "tokens", children: access.tokens }),
    /* @__PURE__ */ jsx("p", { children: access.tokensSay }),
    tokens.length > 0 && /* @__PURE__ */ jsx("ul", { className: styles.rows, children: tokens.map((token) => /* @__PURE__ */ jsxs("li", { children: [
      /* @__PURE__ */ jsxs("span", { children: [
        token.name,
        /* @__PURE__ */ jsxs("small", { children: [
          access.scopes[token.scope],
          ", ",
          access.since(format.day(token.since))
        ] })
      ] }),
      /* @__PURE__ */ jsx(
        Button,
        {
          "aria-label": access.endTokenOf(token.name),
          disabled: isSending,
          onClick: () => void end(token),
          children: access.endToken
        }
      )
    ] }, token.id)) }),
    made ? /* @__PURE__ */ jsxs(Notice, { tone: "ok", children: [
      access.madeToken(made.name),
      /* @__PURE__ */ jsx("code", { className: styles.token, children: made.token })
    ] }) : /* @__PURE__ */ jsxs(
      "form",
      {
        className: styles.form,
        noValidate: true,
        onSubmit: (event) => {
          event.preventDefault();
          void make();
        },
        children: [
          /* @__PURE__ */ jsx(
            TextField,
            {
              label: access.tokenName,
              value: name,
              error: errorOf("name"),
              onChange: (event) => setName(event.target.value)
            }
          ),
          /* @__PURE__ */ jsx(
            SelectField,
            {
              label: access.tokenScope,
              value: scope,
              onChange: (event) => setScope(event.target.value),
              children: SCOPES.map((one) => /* @__PURE__ */ jsx("option", { value: one, children: access.scopes[one] }, one))
            }
          ),
          /* @__PURE__ */ jsx("div", { children: /* @__PURE__ */ jsx(Button, { type: "submit", disabled: isSending, children: access.makeToken }) })
        ]
      }
    ),
    /* @__PURE__ */ jsx(ProblemNotice, { problem })
  ] });
}

function AccessScreen({
  page,
  site
}) {
  const { hasManager, hasHelper, isShared, isEncrypted } = page;
  const lead = isShared ? access.sharedLead : hasManager ? access.closedLead : access.openLead;
  return /* @__PURE__ */ jsxs(SiteProvider, { site, children: [
    /* @__PURE__ */ jsx(PageHead, { title: access.title, lead }),
    !isShared && /* @__PURE__ */ jsx("p", { className: styles.lead, children: access.howToShare }),
    isShared && !isEncrypted && /* @__PURE__ */ jsx(Notice, { tone: "act", children: access.notEncrypted }),
    /* @__PURE__ */ jsxs("div", { className: styles.grid, children: [
      /* @__PURE__ */ jsxs("section", { "aria-labelledby": "manager", children: [
        /* @__PURE__ */ jsx("h2", { id: "manager", children: access.manager }),
        /* @__PURE__ */ jsx("p", { children: access.managerSays }),
        /* @__PURE__ */ jsx(PassphraseForm, { forRole: "manager", isSet: hasManager, hasManager }),
        hasManager && !isShared && /* @__PURE__ */ jsx(OpenAgain, {})
      ] }),
      /* @__PURE__ */ jsxs("section", { "aria-labelledby": "helper", children: [
        /* @__PURE__ */ jsx("h2", { id: "helper", children: access.helper }),
        /* @__PURE__ */ jsxs("p", { children: [
          access.helperSays,
          " ",
          !hasHelper && access.noHelpers
        ] }),
        hasManager ? /* @__PURE__ */ jsx(PassphraseForm, { forRole: "helper", isSet: hasHelper, hasManager: true }) : /* @__PURE__ */ jsx("p", { className: styles.quiet, children: access.managerFirst })
      ] }),
      hasManager && /* @__PURE__ */ jsx(Devices, { sessions: page.sessions }),
      /* @__PURE__ */ jsx(Tokens, { tokens: page.tokens })
    ] })
  ] });
}

const $$Astro = createAstro();
const $$Access = createComponent(async ($$result, $$props, $$slots) => {
  const Astro2 = $$result.createAstro($$Astro, $$props, $$slots);
  Astro2.self = $$Access;
  const { visitor } = Astro2.locals;
  const { site, view } = await pageOf(async (db) => {
    return visitor ? accessPage(db, Astro2.request, visitor) : null;
  });
  return renderTemplate`${renderComponent($$result, "Layout", $$Layout, { "title": access.title, "site": site }, { "default": async ($$result2) => renderTemplate`${view && renderTemplate`${renderComponent($$result2, "AccessScreen", AccessScreen, { "client:load": true, "page": view, "site": site, "client:component-hydration": "load", "client:component-path": "/work/main/src/features/access/AccessScreen", "client:component-export": "default" })}`}` })}`;
}, "/work/main/src/pages/access.astro", void 0);

const $$file = "/work/main/src/pages/access.astro";
const $$url = "/access";

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  default: $$Access,
  file: $$file,
  url: $$url
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
