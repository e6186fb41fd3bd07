import { jsx, jsxs, Fragment } from 'react/jsx-runtime';
import { useState } from 'react';
import { D as Dialog } from './Dialog_6uM7ysNn.mjs';
import { T as TextField } from './Field_D6p8NWuD.mjs';
import { m as shell, v as useKeySettings, w as keepKeys } from './Layout_CULKZlnp.mjs';
import { e as styles } from './access.979414a7_BOlRK2Aa.mjs';

const words = shell;
function KeysDialog({ open, onClose }) {
  return /* @__PURE__ */ jsx(Dialog, { open, title: words.keysTitle, onClose, children: /* @__PURE__ */ jsx(Keys, {}) });
}
function Keys() {
  const settings = useKeySettings();
  const [typed, setTyped] = useState(settings.find);
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsx("p", { children: words.keysLead }),
    /* @__PURE__ */ jsx("table", { className: styles.keys, children: /* @__PURE__ */ jsxs("tbody", { children: [
      /* @__PURE__ */ jsxs("tr", { children: [
        /* @__PURE__ */ jsx("th", { scope: "row", children: settings.find }),
        /* @__PURE__ */ jsx("td", { children: words.find })
      ] }),
      words.rows.map(([key, what]) => /* @__PURE__ */ jsxs("tr", { children: [
        /* @__PURE__ */ jsx("th", { scope: "row", children: key }),
        /* @__PURE__ */ jsx("td", { children: what })
      ] }, key))
    ] }) }),
    /* @__PURE__ */ jsxs("div", { className: styles.settings, children: [
      /* @__PURE__ */ jsxs("label", { className: styles.switch, children: [
        /* @__PURE__ */ jsx(
          "input",
          {
            type: "checkbox",
            checked: settings.on,
            onChange: (event) => keepKeys({ ...settings, on: event.target.checked })
          }
        ),
        words.keysSwitch
      ] }),
      /* @__PURE__ */ jsx(
        TextField,
        {
          label: words.findKey,
          hint: words.findKeyHint,
          value: typed,
          maxLength: 1,
          onChange: (event) => {
            setTyped(event.target.value);
            const key = event.target.value.trim();
            if (key) keepKeys({ ...settings, find: key });
          }
        }
      )
    ] })
  ] });
}

export { KeysDialog };
