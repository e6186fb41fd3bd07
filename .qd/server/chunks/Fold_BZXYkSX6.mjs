import { jsxs, jsx } from 'react/jsx-runtime';
import { useRef, useState, useEffect } from 'react';

function Fold({
  title,
  className,
  needs,
  children
}) {
  const details = useRef(null);
  const [open, setOpen] = useState(null);
  useEffect(() => {
    if (details.current?.open) setOpen(true);
  }, []);
  return /* @__PURE__ */ jsxs(
    "details",
    {
      ref: details,
      className,
      "data-needs": needs,
      onToggle: (event) => setOpen(event.currentTarget.open),
      children: [
        /* @__PURE__ */ jsx("summary", { children: title }),
        open !== null && (typeof children === "function" ? children(open) : children)
      ]
    }
  );
}

export { Fold as F };
