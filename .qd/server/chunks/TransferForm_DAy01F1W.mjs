import { jsxs, jsx, Fragment } from 'react/jsx-runtime';
import { useState, useEffect, useMemo } from 'react';
import { u as useSend, P as ProblemNotice, B as Button, c as common, s as showToastOnNextPage } from './Layout_CULKZlnp.mjs';
import { C as Choice, T as TextField, S as SelectField } from './Field_D6p8NWuD.mjs';
import { r as readQuantity, Q as QuantityField } from './QuantityField_BQUQ1KML.mjs';
import { u as useSite } from './SiteContext_DmfuMSrf.mjs';
import { t as transfers } from './transfers_CI7eRMJZ.mjs';
import { u as useDraft } from './useDraft_CYo-Jaie.mjs';
import { u as useValues } from './useValues_DDCbd20L.mjs';
import { s as styles } from './_id_.e60e1f79_BRm9OTaG.mjs';

const TRANSFER_DEFAULTS = {
  where: "lot",
  litres: "",
  find: "",
  lotId: "",
  pots: [],
  name: "",
  storeBin: "",
  note: "",
  despite: ""
};
function transferRequest(values, lotName, measures) {
  const { where, litres, lotId, name, storeBin, note, despite } = values;
  const amount = readQuantity(litres, "volume", measures);
  if (amount.problem) return null;
  const containerIds = where === "pots" ? values.pots.map(Number) : [];
  if (where !== "lot" && amount.value === null) {
    return { kind: "move", body: { containerIds, storeBin: where === "store" ? storeBin : "" } };
  }
  return {
    kind: "transfer",
    body: {
      litres: amount.value,
      to: where === "lot" ? { kind: "lot", lotId: Number(lotId) } : {
        kind: "new",
        name: name.trim() || `${lotName}, part`,
        containerIds,
        storeBin: where === "store" ? storeBin : ""
      },
      note,
      despite
    }
  };
}

function useTargets(lotId, find) {
  const [targets, setTargets] = useState(null);
  const [failed, setFailed] = useState(false);
  useEffect(() => {
    const stop = new AbortController();
    fetch(`/api/media/lots/${lotId}/transfers?find=${encodeURIComponent(find)}`, {
      signal: stop.signal
    }).then((answer) => answer.ok ? answer.json() : Promise.reject(new Error("refused"))).then((answer) => {
      setTargets(answer);
      setFailed(false);
    }).catch(() => setFailed(!stop.signal.aborted));
    return () => stop.abort();
  }, [lotId, find]);
  return { targets, failed };
}

function TransferForm({
  page,
  onClose
}) {
  const { site, format } = useSite();
  const { problem, errorOf, isSending, deliver } = useSend();
  const form = useValues(TRANSFER_DEFAULTS);
  const throwAway = useDraft(
    `transfer/${page.id}`,
    form,
    useMemo(() => TRANSFER_DEFAULTS, [])
  );
  const values = form.watch();
  const { targets, failed } = useTargets(page.id, values.find);
  const litres = (value) => format.plain(format.litres(value));
  const isPart = values.litres.trim() !== "";
  const fits = problem?.code === "too-much" ? Number(problem.current?.fits) : 0;
  const address = `/api/media/lots/${page.id}`;
  const go = async (rest) => {
    if (isSending) return;
    const request = transferRequest(form.getValues(), page.name, site.measures);
    if (!request) {
      form.setFocus("litres");
      return;
    }
    if (request.kind === "move") {
      const body = rest ? { ...request.body, rest } : request.body;
      const answer2 = await deliver("PUT", `${address}/place`, body);
      if (!answer2) return;
      throwAway();
      showToastOnNextPage({
        text: transfers.moved(page.name),
        ...answer2.data.restId === null ? { undo: { method: "PUT", address: `${address}/place`, body: answer2.data.before } } : {}
      });
      window.location.reload();
      return;
    }
    const answer = await deliver("POST", `${address}/transfers`, request.body);
    if (!answer) return;
    throwAway();
    showToastOnNextPage({ text: transfers.went(litres(answer.data.litres)) });
    window.location.assign(`/lots/${answer.data.toLotId}`);
  };
  return /* @__PURE__ */ jsxs(
    "form",
    {
      className: styles.entry,
      onSubmit: (event) => {
        event.preventDefault();
        void go();
      },
      noValidate: true,
      children: [
        /* @__PURE__ */ jsx("div", { className: styles.wide, children: /* @__PURE__ */ jsx(
          Choice,
          {
            label: transfers.where,
            options: ["lot", "pots", "store"].map((value) => ({
              value,
              label: transfers.wheres[value]
            })),
            ...form.register("where")
          }
        ) }),
        /* @__PURE__ */ jsx(
          QuantityField,
          {
            label: transfers.litres,
            hint: transfers.all(litres(page.litres)),
            dimension: "volume",
            typed: values.litres,
            error: errorOf("litres"),
            ...form.register("litres")
          }
        ),
        values.where === "lot" && /* @__PURE__ */ jsxs(Fragment, { children: [
          targets && targets.lotsTotal > targets.lots.length && /* @__PURE__ */ jsx(
            TextField,
            {
              type: "search",
              label: transfers.find,
              hint: transfers.ofLots(format.number(targets.lotsTotal)),
              onKeyDown: (event) => event.key === "Enter" && event.preventDefault(),
              ...form.register("find")
            }
          ),
          /* @__PURE__ */ jsxs(SelectField, { label: transfers.lot, error: errorOf("to.lotId"), ...form.register("lotId"), children: [
            /* @__PURE__ */ jsx("option", { value: "", children: transfers.chooseLot }),
            (targets?.lots ?? []).map((lot) => /* @__PURE__ */ jsx("option", { value: lot.id, children: transfers.lotOption(
              lot.name,
              lot.where,
              litres(lot.litres),
              lot.roomLitres === null ? null : litres(lot.roomLitres)
            ) }, lot.id))
          ] })
        ] }),
        values.where === "pots" && /* @__PURE__ */ jsx("div", { className: styles.wide, children: targets && targets.pots.length === 0 ? /* @__PURE__ */ jsx("p", { className: styles.note, children: transfers.noPots }) : /* @__PURE__ */ jsx(
          Choice,
          {
            label: transfers.pots,
            kind: "checkbox",
            error: errorOf("to.containerIds") ?? errorOf("containerIds"),
            options: (targets?.pots ?? []).map((pot) => ({
              value: String(pot.id),
              label: transfers.potOption(pot.code, pot.name, litres(pot.litres)),
              note: pot.place
            })),
            ...form.register("pots")
          }
        ) }),
        values.where === "store" && /* @__PURE__ */ jsx(
          TextField,
          {
            label: transfers.bin,
            hint: transfers.binHint,
            error: errorOf("to.storeBin") ?? errorOf("storeBin"),
            ...form.register("storeBin")
          }
        ),
        values.where !== "lot" && isPart && /* @__PURE__ */ jsx(
          TextField,
          {
            label: transfers.name,
            hint: transfers.nameHint(page.name),
            error: errorOf("to.name"),
            ...form.register("name")
          }
        ),
        (problem?.code === "doubtful" || values.despite !== "") && /* @__PURE__ */ jsx(
          TextField,
          {
            label: transfers.despite,
            hint: transfers.despiteHint,
            error: errorOf("despite"),
            ...form.register("despite")
          }
        ),
        /* @__PURE__ */ jsx(TextField, { label: transfers.note, error: errorOf("note"), ...form.register("note") }),
        /* @__PURE__ */ jsxs("div", { className: styles.wide, children: [
          failed && /* @__PURE__ */ jsx("p", { role: "status", children: transfers.failed }),
          /* @__PURE__ */ jsx(ProblemNotice, { problem }),
          fits > 0 && /* @__PURE__ */ jsx("p", { children: /* @__PURE__ */ jsx(
            Button,
            {
              onClick: () => {
                if (!isPart && values.where !== "lot") {
                  void go("store");
                  return;
                }
                form.setValue("litres", `${Math.floor(fits * 10) / 10} L`);
                void go();
              },
              children: !isPart && values.where !== "lot" ? transfers.restToStore : transfers.take(litres(Math.floor(fits * 10) / 10))
            }
          ) }),
          /* @__PURE__ */ jsx(Button, { type: "submit", disabled: isSending, children: values.where !== "lot" && !isPart ? transfers.moveIt : transfers.goes }),
          " ",
          /* @__PURE__ */ jsx(
            Button,
            {
              weight: "quiet",
              onClick: () => {
                throwAway();
                onClose();
              },
              children: common.cancel
            }
          )
        ] })
      ]
    }
  );
}

export { TransferForm };
