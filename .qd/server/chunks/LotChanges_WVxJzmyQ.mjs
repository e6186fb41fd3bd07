import { jsxs, Fragment, jsx } from 'react/jsx-runtime';
import { u as useSend, s as showToastOnNextPage, B as Button, P as ProblemNotice } from './Layout_CULKZlnp.mjs';
import { T as TextField, S as SelectField } from './Field_D6p8NWuD.mjs';
import { e as exposures } from './exposures_DHX13V50.mjs';
import { m as media } from './media_D6z_O_p6.mjs';
import { u as useValues } from './useValues_DDCbd20L.mjs';
import { s as styles } from './_id_.e60e1f79_BRm9OTaG.mjs';

const words = media.page;
function LotChanges({ page }) {
  const { problem, errorOf, deliver } = useSend();
  const form = useValues({ name: page.name });
  const address = `/api/media/lots/${page.id}`;
  const rename = form.handleSubmit(async ({ name }) => {
    const answer = await deliver("PATCH", address, {
      name,
      version: page.version
    });
    if (!answer) return;
    showToastOnNextPage({
      text: words.renamed(name.trim()),
      undo: {
        method: "PATCH",
        address,
        body: { name: page.name, version: answer.data.version }
      }
    });
    window.location.reload();
  });
  const moveIt = async (exposure) => {
    const where = `${address}/exposure`;
    const answer = await deliver("PUT", where, { exposure });
    if (!answer) return;
    showToastOnNextPage({
      text: words.exposureSaid,
      undo: { method: "PUT", address: where, body: { exposure: answer.data.before } }
    });
    window.location.reload();
  };
  const putAway = async () => {
    const answer = await deliver("POST", `${address}/put-away`, {});
    if (!answer) return;
    showToastOnNextPage({
      text: words.putAwayDone(page.name),
      undo: { method: "POST", address: `${address}/take-up`, body: answer.data }
    });
    window.location.assign("/lots");
  };
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsxs("form", { className: styles.entry, onSubmit: rename, noValidate: true, children: [
      /* @__PURE__ */ jsx(TextField, { label: words.rename, error: errorOf("name"), ...form.register("name") }),
      /* @__PURE__ */ jsx("div", { className: styles.wide, children: /* @__PURE__ */ jsx(Button, { type: "submit", children: words.saveName }) })
    ] }),
    page.exposure && /* @__PURE__ */ jsx("form", { className: styles.entry, onSubmit: (event) => event.preventDefault(), noValidate: true, children: /* @__PURE__ */ jsx(
      SelectField,
      {
        label: media.create.exposure,
        hint: media.create.exposureHint,
        value: page.exposure,
        error: errorOf("exposure"),
        onChange: (event) => void moveIt(event.target.value),
        children: Object.entries(exposures).map(([value, label]) => /* @__PURE__ */ jsx("option", { value, children: label }, value))
      }
    ) }),
    /* @__PURE__ */ jsxs("div", { className: styles.away, children: [
      /* @__PURE__ */ jsx(Button, { onClick: putAway, children: words.putAway }),
      /* @__PURE__ */ jsx("span", { className: styles.note, children: words.putAwayHint })
    ] }),
    /* @__PURE__ */ jsx(ProblemNotice, { problem })
  ] });
}

export { LotChanges };
