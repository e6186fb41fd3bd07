import { jsxs, jsx } from 'react/jsx-runtime';
import { useId, useRef, useState, useEffect } from 'react';
import { B as Button } from './Layout_CULKZlnp.mjs';
import { s as styles } from './_id_.85ea4e8a_LZb87Vv0.mjs';
import { s as shrinkPhoto } from './shrinkPhoto_D7CjG8kz.mjs';

const photo = {
  take: "Take or choose a photo",
  again: "Another photo",
  remove: "Take it out",
  hint: "It is made smaller here, and where it was taken is left out.",
  noPhoto: "This file is no picture that can be read. Choose a JPEG, PNG or WebP."
};

function Photo({
  src,
  shows,
  caption
}) {
  return /* @__PURE__ */ jsxs("figure", { className: styles.photo, children: [
    /* @__PURE__ */ jsx("img", { src, alt: shows, loading: "lazy" }),
    caption && /* @__PURE__ */ jsx("figcaption", { children: caption })
  ] });
}
function PhotoField({
  label,
  onPhoto
}) {
  const id = useId();
  const input = useRef(null);
  const [src, setSrc] = useState(null);
  const [failed, setFailed] = useState(false);
  useEffect(() => () => void (src && URL.revokeObjectURL(src)), [src]);
  const keep = (photo) => {
    setSrc(photo && URL.createObjectURL(photo));
    onPhoto(photo);
  };
  const choose = async (file) => {
    if (!file) return;
    try {
      keep(await shrinkPhoto(file));
      setFailed(false);
    } catch {
      setFailed(true);
    }
    if (input.current) input.current.value = "";
  };
  return /* @__PURE__ */ jsxs("div", { className: styles.field, children: [
    /* @__PURE__ */ jsx("span", { className: styles.label, id: `${id}-label`, children: label }),
    src && /* @__PURE__ */ jsx(Photo, { src, shows: label }),
    /* @__PURE__ */ jsxs("div", { className: styles.actions, children: [
      /* @__PURE__ */ jsxs("label", { className: styles.choose, children: [
        /* @__PURE__ */ jsx(
          "input",
          {
            ref: input,
            type: "file",
            accept: "image/*",
            "aria-describedby": `${id}-label ${id}-hint`,
            onChange: (event) => choose(event.target.files?.[0])
          }
        ),
        /* @__PURE__ */ jsx("span", { children: src ? photo.again : photo.take })
      ] }),
      src && /* @__PURE__ */ jsx(Button, { weight: "quiet", onClick: () => keep(null), children: photo.remove })
    ] }),
    failed && /* @__PURE__ */ jsx("span", { className: styles.error, role: "alert", children: photo.noPhoto }),
    /* @__PURE__ */ jsx("span", { className: styles.hint, id: `${id}-hint`, children: photo.hint })
  ] });
}

export { PhotoField as P };
