import { jsx, jsxs } from 'react/jsx-runtime';
import { Command } from 'cmdk';
import { useState, useEffect } from 'react';
import { D as Dialog } from './Dialog_6uM7ysNn.mjs';
import { c as common, m as shell, A as AREAS, T as THEMES, o as isTheme, q as chooseTheme } from './Layout_CULKZlnp.mjs';
import { b as styles } from './access.979414a7_BOlRK2Aa.mjs';

function findEntries(answer) {
  const { lots, pots, places, mixes, trials, materials, orders, tests } = answer;
  const words = shell;
  const atPlace = (place) => `/lots?place=${encodeURIComponent(place)}`;
  return [
    ...lots.map(
      ({ id, name }) => ({
        kind: "lot",
        name,
        note: common.lotNumber(id),
        address: `/lots/${id}`
      })
    ),
    ...pots.map(
      ({ id, code, name, place, lotId, lotName }) => ({
        kind: "pot",
        code,
        name,
        note: `${place} · ${lotId === null ? words.emptyPot : lotName ?? ""}`,
        address: `/pots/${id}`
      })
    ),
    ...places.map((place) => ({ kind: "place", name: place, address: atPlace(place) })),
    ...mixes.map(
      ({ id, name }) => ({ kind: "mix", name, address: `/mixes/design?mix=${id}` })
    ),
    ...trials.map(({ id, name }) => ({ kind: "trial", name, address: `/trials/${id}` })),
    ...materials.map(
      ({ id, name }) => ({
        kind: "material",
        name,
        address: `/bench/samples/material/${id}`
      })
    ),
    ...orders.map(
      ({ id, lotName }) => ({
        kind: "action",
        name: words.continueOrder(lotName),
        address: `/turnover/orders/${id}`
      })
    ),
    ...tests.map(
      ({ id, name }) => ({
        kind: "action",
        name: words.continueTest(name),
        address: `/bench/tests/${id}`
      })
    ),
    ...lots.map(
      ({ id, name }) => ({
        kind: "action",
        name: words.turnOver(name),
        address: `/turnover/new?lot=${id}`
      })
    ),
    ...AREAS.flatMap(({ actions }) => actions).map(
      ({ name, address }) => ({ kind: "action", name, address })
    ),
    ...AREAS.map(({ name, address }) => ({ kind: "area", name, address })),
    ...THEMES.map(
      (theme) => ({
        kind: "look",
        name: words.themeAction(words.themes[theme]),
        address: theme
      })
    )
  ];
}
const LEADING = new Set(
  [shell.turnOver(""), shell.continueOrder(""), shell.continueTest("")].join(" ").toLocaleLowerCase().split(/\s+/)
);
function namesTyped(typed) {
  return typed.split(/\s+/).filter((word) => word && !LEADING.has(word.toLocaleLowerCase())).join(" ");
}
function rankOf({ name, code, note }, words) {
  const text = [code, name, note].filter(Boolean).join(" ").toLocaleLowerCase();
  if (!words.every((word) => text.includes(word))) return null;
  const [first = ""] = words;
  if (code?.toLocaleLowerCase() === first) return 0;
  if (code?.toLocaleLowerCase().startsWith(first)) return 1;
  if (name.toLocaleLowerCase().startsWith(first)) return 2;
  return text.includes(` ${first}`) ? 3 : 4;
}
function matchEntries(entries, typed) {
  const words = typed.toLocaleLowerCase().split(/\s+/).filter(Boolean);
  if (words.length === 0) return [...entries];
  return entries.map((entry) => ({ entry, rank: rankOf(entry, words) })).filter((one) => one.rank !== null).sort((a, b) => a.rank - b.rank).map(({ entry }) => entry);
}
function entryKey({ kind, code = "", name, address }) {
  return `${kind} ${code} ${name} ${address}`;
}

const words = shell;
const FIRST = 50;
const NOWHERE = findEntries({
  lots: [],
  pots: [],
  places: [],
  mixes: [],
  trials: [],
  materials: [],
  orders: [],
  tests: []
});
function FindDialog({ onClose }) {
  return /* @__PURE__ */ jsx(Dialog, { open: true, title: words.findTitle, onClose, children: /* @__PURE__ */ jsx(List, { onClose }) });
}
function List({ onClose }) {
  const [typed, setTyped] = useState("");
  const [chosen, setChosen] = useState("");
  const { entries, failed } = useFound(namesTyped(typed));
  const matches = matchEntries(entries ?? NOWHERE, typed).slice(0, FIRST);
  const present = matches.find((entry) => entryKey(entry) === chosen) ?? matches[0];
  const kinds = [...new Set(matches.map(({ kind }) => kind))];
  const go = ({ kind, address }) => {
    if (kind === "look" && isTheme(address)) {
      chooseTheme(address);
      onClose();
    } else window.location.assign(address);
  };
  return /* @__PURE__ */ jsxs(
    Command,
    {
      label: words.findTitle,
      loop: true,
      shouldFilter: false,
      value: present ? entryKey(present) : "",
      onValueChange: setChosen,
      className: styles.find,
      children: [
        /* @__PURE__ */ jsx(
          Command.Input,
          {
            "data-first-focus": true,
            placeholder: words.findHint,
            className: styles.input,
            value: typed,
            onValueChange: (text) => {
              setTyped(text);
              setChosen("");
            }
          }
        ),
        failed && /* @__PURE__ */ jsx("p", { role: "alert", children: words.findFailed }),
        /* @__PURE__ */ jsxs(Command.List, { className: styles.list, children: [
          entries && matches.length === 0 && /* @__PURE__ */ jsx("p", { className: styles.empty, children: words.nothing }),
          kinds.map((kind) => /* @__PURE__ */ jsx(Command.Group, { heading: words.kinds[kind], className: styles.group, children: matches.filter((entry) => entry.kind === kind).map((entry) => /* @__PURE__ */ jsxs(
            Command.Item,
            {
              value: entryKey(entry),
              className: styles.item,
              onSelect: () => go(entry),
              children: [
                entry.code && /* @__PURE__ */ jsx("strong", { children: entry.code }),
                /* @__PURE__ */ jsx("span", { children: entry.name }),
                entry.note && /* @__PURE__ */ jsx("small", { children: entry.note })
              ]
            },
            entryKey(entry)
          )) }, kind))
        ] })
      ]
    }
  );
}
function useFound(names) {
  const [entries, setEntries] = useState(null);
  const [failed, setFailed] = useState(false);
  useEffect(() => {
    const stop = new AbortController();
    fetch(`/api/find?find=${encodeURIComponent(names.slice(0, 80))}`, { signal: stop.signal }).then((answer) => answer.ok ? answer.json() : Promise.reject(new Error("refused"))).then((answer) => {
      setEntries(findEntries(answer));
      setFailed(false);
    }).catch(() => setFailed(!stop.signal.aborted));
    return () => stop.abort();
  }, [names]);
  return { entries, failed };
}

export { FindDialog as default };
