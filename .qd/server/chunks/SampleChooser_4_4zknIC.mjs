import { jsxs, jsx } from 'react/jsx-runtime';
import { T as TextField, S as SelectField } from './Field_D6p8NWuD.mjs';
import { b as bench } from './bench_bnVa8nxU.mjs';
import { s as styles } from './_id_.dfa8d3f4_B7i9pYfk.mjs';
import { useState, useEffect } from 'react';

function useSampleSearch(first) {
  const [find, setFind] = useState("");
  const [found, setFound] = useState(null);
  const [failed, setFailed] = useState(false);
  useEffect(() => {
    if (find.trim() === "") {
      setFound(null);
      return;
    }
    const stop = new AbortController();
    fetch(`/api/bench/samples?find=${encodeURIComponent(find)}`, { signal: stop.signal }).then((answer) => answer.ok ? answer.json() : Promise.reject(new Error("refused"))).then((answer) => {
      setFound(answer);
      setFailed(false);
    }).catch(() => setFailed(!stop.signal.aborted));
    return () => stop.abort();
  }, [find]);
  return { find, setFind, choices: found ?? first, failed };
}
function keyOf({ kind, id }) {
  return `${kind}:${id}`;
}
function withChosen(listed, chosen) {
  const isThere = chosen === null || listed.some((one) => keyOf(one) === keyOf(chosen));
  return isThere ? listed : [chosen, ...listed];
}

const KINDS = ["lot", "mix", "material"];
function SampleChooser({
  label,
  none,
  samples,
  chosen,
  error,
  onChoose
}) {
  const { find, setFind, choices, failed } = useSampleSearch(samples);
  const { lotsTotal, mixesTotal } = choices;
  const listed = withChosen(choices.listed, chosen);
  return /* @__PURE__ */ jsxs("div", { className: styles.chooser, children: [
    !samples.isWhole && /* @__PURE__ */ jsx(
      TextField,
      {
        type: "search",
        label: bench.findSample,
        hint: failed ? bench.findFailed : bench.sampleCount(lotsTotal, mixesTotal),
        value: find,
        onChange: (event) => setFind(event.target.value),
        onKeyDown: (event) => event.key === "Enter" && event.preventDefault()
      }
    ),
    /* @__PURE__ */ jsxs(
      SelectField,
      {
        label,
        value: chosen ? keyOf(chosen) : "",
        error,
        onChange: (event) => onChoose(listed.find((one) => keyOf(one) === event.target.value) ?? null),
        children: [
          /* @__PURE__ */ jsx("option", { value: "", children: none }),
          KINDS.map((kind) => /* @__PURE__ */ jsx("optgroup", { label: bench.sampleGroups[kind], children: listed.filter((one) => one.kind === kind).map((one) => /* @__PURE__ */ jsx("option", { value: keyOf(one), children: one.name }, one.id)) }, kind))
        ]
      }
    )
  ] });
}

export { SampleChooser as S, keyOf as k };
