import { jsxs, jsx, Fragment } from 'react/jsx-runtime';
import { u as useSend, B as Button, P as ProblemNotice, s as showToastOnNextPage } from './Layout_CULKZlnp.mjs';
import { C as Choice, T as TextField } from './Field_D6p8NWuD.mjs';
import { r as readQuantity, Q as QuantityField } from './QuantityField_BQUQ1KML.mjs';
import { u as useSite } from './SiteContext_DmfuMSrf.mjs';
import { t as treatments } from './LotFound_C0ZqENjW.mjs';
import { u as useKept } from './useKept_-AHD7004.mjs';
import { s as styles } from './_id_.0356d560_ImRCyeOP.mjs';

function DoneForm({
  lotId,
  triage,
  isInPots
}) {
  const { site } = useSite();
  const { problem, errorOf, isSending, deliver } = useSend();
  const kinds = offered(triage, isInPots);
  const { values, change, throwAway } = useKept(`done/${lotId}`, {
    kind: "",
    skim: triage?.skimCm ? `${triage.skimCm} cm` : "",
    topTo: "bin",
    until: "",
    note: ""
  });
  const { kind, skim, topTo, until, note } = values;
  const depth = readQuantity(skim, "length", site.measures);
  const address = `/api/media/lots/${lotId}/treatments`;
  const keep = async () => {
    if (kind === "" || isSending || kind === "skim" && depth.problem) return;
    const body = {
      kind,
      skimCm: kind === "skim" ? depth.value : null,
      topTo,
      until: kind === "quarantine" && until !== "" ? until : null,
      note
    };
    const answer = await deliver("POST", address, body);
    if (!answer) return;
    throwAway();
    const { id, topLotId } = answer.data;
    showToastOnNextPage({
      text: topLotId === null ? treatments.kept(treatments.kinds[kind]) : treatments.topKept(topLotId),
      // A top that left cannot be put back by taking the entry back: its litres are reversed in the ledger.
      ...kind === "skim" ? {} : { undo: { method: "PUT", address: `${address}/${id}`, body: { counts: false } } }
    });
    window.location.reload();
  };
  return /* @__PURE__ */ jsxs(
    "form",
    {
      className: styles.done,
      noValidate: true,
      onSubmit: (event) => {
        event.preventDefault();
        void keep();
      },
      children: [
        /* @__PURE__ */ jsx(
          Choice,
          {
            label: treatments.what,
            name: "done-kind",
            error: errorOf("kind"),
            options: kinds.map((one) => ({
              value: one,
              label: treatments.choices[one][0],
              note: treatments.choices[one][1]
            })),
            isChosen: (value) => value === kind,
            onChange: (event) => change({ kind: event.currentTarget.value })
          }
        ),
        kind === "skim" && /* @__PURE__ */ jsxs(Fragment, { children: [
          /* @__PURE__ */ jsx(
            QuantityField,
            {
              label: treatments.depth,
              dimension: "length",
              typed: skim,
              error: errorOf("skimCm"),
              value: skim,
              onChange: (event) => change({ skim: event.currentTarget.value })
            }
          ),
          /* @__PURE__ */ jsx(
            Choice,
            {
              label: treatments.topTo,
              name: "done-top",
              options: [
                { value: "bin", label: treatments.away },
                { value: "store", label: treatments.toStore, note: treatments.toStoreNote }
              ],
              isChosen: (value) => value === topTo,
              onChange: (event) => change({ topTo: event.currentTarget.value })
            }
          )
        ] }),
        kind === "quarantine" && /* @__PURE__ */ jsx(
          TextField,
          {
            label: treatments.untilDay,
            type: "date",
            error: errorOf("until"),
            value: until,
            onChange: (event) => change({ until: event.currentTarget.value })
          }
        ),
        (kind === "quarantine" || kind === "override") && /* @__PURE__ */ jsx(
          TextField,
          {
            label: treatments.why,
            hint: kind === "override" ? treatments.overrideHint : void 0,
            error: errorOf("note"),
            value: note,
            onChange: (event) => change({ note: event.currentTarget.value })
          }
        ),
        kind !== "" && /* @__PURE__ */ jsx("p", { children: /* @__PURE__ */ jsx(Button, { type: "submit", disabled: isSending, children: treatments.keep }) }),
        /* @__PURE__ */ jsx(ProblemNotice, { problem })
      ]
    }
  );
}
function offered(triage, isInPots) {
  const asks = (action) => triage?.actions.includes(action) ?? false;
  const isAgainst = triage !== null && triage.overridden === null && (triage.verdict !== "reuse" || triage.notFor.length > 0);
  return [
    ...asks("clear-debris") ? ["debris"] : [],
    ...isInPots ? ["skim"] : [],
    ...asks("rewet") ? ["rewet"] : [],
    ...asks("aerate") ? ["aerate"] : [],
    ...asks("leach") ? ["leach"] : [],
    ...asks("rest") && triage?.hold?.kind !== "rest" ? ["rest"] : [],
    "quarantine",
    ...isAgainst ? ["override"] : []
  ];
}

export { DoneForm };
