import { jsx, jsxs } from 'react/jsx-runtime';
import { useRef, useId, useEffect } from 'react';
import { B as Button, c as common } from './Layout_CULKZlnp.mjs';
import { c as styles } from './access.979414a7_BOlRK2Aa.mjs';

function Dialog({
  open,
  title,
  onClose,
  actions,
  children
}) {
  const dialog = useRef(null);
  const heading = useId();
  useEffect(() => {
    const element = dialog.current;
    if (open && !element?.open) {
      element?.showModal();
      element?.querySelector("[data-first-focus]")?.focus();
    }
    if (!open && element?.open) element.close();
  }, [open]);
  return (
    // biome-ignore lint/a11y/useKeyWithClickEvents: Escape is the key for it and is the dialog's own
    /* @__PURE__ */ jsx(
      "dialog",
      {
        ref: dialog,
        className: styles.dialog,
        "aria-labelledby": heading,
        onClose,
        onClick: (event) => event.target === dialog.current && onClose(),
        children: open && /* @__PURE__ */ jsxs("div", { className: styles.box, children: [
          /* @__PURE__ */ jsxs("header", { className: styles.head, children: [
            /* @__PURE__ */ jsx("h2", { id: heading, children: title }),
            /* @__PURE__ */ jsx(Button, { weight: "quiet", onClick: onClose, children: common.close })
          ] }),
          children,
          actions && /* @__PURE__ */ jsx("footer", { className: styles.actions, children: actions })
        ] })
      }
    )
  );
}

export { Dialog as D };
