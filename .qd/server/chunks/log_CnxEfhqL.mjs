import { e as createComponent, k as renderComponent, r as renderTemplate, h as createAstro } from './astro/server_B43Pnw67.mjs';
import 'piccolore';
import { P as ProblemPage } from './ProblemPage_B3n4p_wm.mjs';
import { jsxs, jsx, Fragment } from 'react/jsx-runtime';
import { d as useReady, B as Button, f as fetchedPart, n as newId, L as LinkButton, $ as $$Layout } from './Layout_CULKZlnp.mjs';
import { P as PageHead } from './PageHead_DSY1ER1p.mjs';
import { u as unpacked, p as pack } from './packed_LnE7zvDa.mjs';
import { u as useSite, S as SiteProvider } from './SiteContext_DmfuMSrf.mjs';
import { E as EmptyState } from './States_C-NdpDKP.mjs';
import { useState, useRef, useCallback, useEffect } from 'react';
import { T as TextField } from './Field_D6p8NWuD.mjs';
import { s as styles } from './log.4660a334_DjpSK0rn.mjs';
import { P as PhotoField } from './Photo_Vn2MZnd6.mjs';
import { r as readQuantity, Q as QuantityField } from './QuantityField_BQUQ1KML.mjs';
import { b as base64Of } from './shrinkPhoto_D7CjG8kz.mjs';
import { p as potLog } from './potLog_DSMzxRuy.mjs';
import { L as LogKeys, a as LogKey } from './LogKeys_B9-kAcAV.mjs';
import { m as matching } from './matching_DjfEZjDz.mjs';
import { o as ourOutbox } from './ourOutbox_D4FVKgYE.mjs';
import { J as Joi } from './passphrase_DS02Zua_.mjs';
import { r as readSite, j as id, l as line } from './rules_BOjb8_mp.mjs';
import { j as readTables, b2 as listContainers, bR as problemChoices } from './database_CmGvnzKd.mjs';
import 'rotating-file-stream';
import 'csv-parse/sync';
import { o as openPlantings } from './plantings_CWn0OEGU.mjs';
import { p as pageOf } from './pageOf_CZoV3y6K.mjs';
import { q as queryOf } from './queryOf_DFBJYUTv.mjs';
import { l as looksToday } from './looksDue_ChgHNO91.mjs';
import 'papaparse';
import { v as validate } from './validate_BZRkRH8r.mjs';
import '../renderers.mjs';

async function roundPage(db, asked = {}) {
  const { timeZone } = await readSite(db);
  const tables = await readTables(db, timeZone);
  const crops = /* @__PURE__ */ new Map();
  for (const { containerId, cropId } of await openPlantings(db)) {
    const name = tables.crops.get(cropId)?.name ?? cropId;
    crops.set(containerId, [...crops.get(containerId) ?? [], name]);
  }
  const pots = (await listContainers(db)).filter(({ lotId }) => lotId !== null).map(
    ({ id, code, name, place }) => ({
      id,
      code,
      name,
      place,
      crops: crops.get(id) ?? []
    })
  );
  return { asked, pots: byPlace(pots), problems: problemChoices(tables) };
}
function byPlace(pots) {
  const places = [...new Set(pots.map(({ place }) => place))];
  return places.flatMap((place) => pots.filter((pot) => pot.place === place));
}

const round = {
  title: "Log",
  lead: "Walk round and write down what you see. It works without a connection.",
  look: (day, pots) => `the look of day ${day}, ${pots === 1 ? "1 pot" : `${pots} pots`}`,
  lookDue: "due today",
  lookLate: (on) => `was due on ${on}`,
  where: "Which pot?",
  whereHint: "its code, its name, or what grows in it",
  nothing: "No pot with a mix in it is called that.",
  scan: "Read a label",
  scanning: "Hold the code of a label before the camera.",
  stopScan: "Stop",
  noCamera: "The camera could not be used. Type the code instead.",
  notFromHere: (code) => `No pot with a mix in it has the code ${code}.`,
  lately: "Last ones",
  places: "Or go through a place",
  place: (pots, seen) => seen === 0 ? `${pots} ${pots === 1 ? "pot" : "pots"}` : `${seen} of ${pots} seen`,
  at: (place, nth, of) => `${place} · ${nth} of ${of}`,
  growsNothing: "nothing grows in it now",
  harvest: "Harvested",
  problem: "Something is wrong",
  photo: "Photo",
  more: "More",
  next: (code) => `Next: ${code}`,
  last: "End of this place",
  back: (code) => `Back to ${code}`,
  others: "Another pot or place",
  stays: "Stay at a pot until I go on",
  wrote: (code, said) => `${code}: ${said}`,
  takeBack: "Take it back",
  takenBack: "Taken back",
  page: "All about this pot",
  done: (place) => `${place} is done`,
  doneLead: (seen, written) => `${seen} ${seen === 1 ? "pot" : "pots"} seen, ${written === 0 ? "nothing" : written} written down.`,
  goToPlace: (place) => `Go on to ${place}`,
  allDone: "You have been at every pot today.",
  writtenToday: "Written down today",
  notSent: "not sent yet",
  empty: "No mix stands in any pot yet.",
  emptyNext: "Make your first lot, then its pots are here."
};

function newRound(day, stays = false) {
  return { day, place: null, potId: null, seen: [], written: [], stays };
}
function potsAt(pots, place) {
  return pots.filter((pot) => pot.place === place);
}
function nextPot(pots, round) {
  const here = potsAt(pots, round.place);
  const at = here.findIndex(({ id }) => id === round.potId);
  const inTurn = [...here.slice(at + 1), ...here.slice(0, Math.max(at, 0))];
  return inTurn.find(({ id }) => !round.seen.includes(id)) ?? null;
}
function goTo(round, pot) {
  return {
    ...round,
    place: pot.place,
    potId: pot.id,
    seen: [...round.seen.filter((id) => id !== pot.id), pot.id]
  };
}
function goOn(pots, round) {
  const next = nextPot(pots, round);
  return next ? goTo(round, next) : { ...round, potId: null };
}
function nextPlace(pots, { place, seen }) {
  const places = [...new Set(pots.map((pot) => pot.place))];
  const at = places.indexOf(place ?? "");
  const inTurn = [...places.slice(at + 1), ...places.slice(0, Math.max(at, 0))];
  return inTurn.find((one) => potsAt(pots, one).some(({ id }) => !seen.includes(id))) ?? null;
}
function matchingPots(pots, typed) {
  const asked = typed.trim().toLowerCase();
  if (asked === "") return [];
  const byCode = pots.filter(({ code }) => code.toLowerCase().startsWith(asked));
  const words = asked.split(/\s+/);
  const others = pots.filter((pot) => {
    const text = [pot.code, pot.name, pot.place, ...pot.crops].join(" ").toLowerCase();
    return !byCode.includes(pot) && words.every((word) => text.includes(word));
  });
  const exact = byCode.filter(({ code }) => code.toLowerCase() === asked);
  return [.../* @__PURE__ */ new Set([...exact, ...byCode, ...others])].slice(0, 8);
}
function codeIn(read) {
  const inAddress = /\/c\/([^/?#]+)/.exec(read)?.[1];
  try {
    return decodeURIComponent(inAddress ?? read).trim();
  } catch {
    return read.trim();
  }
}
function readRound(text, today) {
  try {
    const kept = JSON.parse(text ?? "null");
    const isWhole = Array.isArray(kept?.seen) && Array.isArray(kept.written);
    if (isWhole && kept.day === today) return { ...newRound(today), ...kept };
    return newRound(today, kept?.stays === true);
  } catch {
    return newRound(today);
  }
}

const MOST_LATELY = 3;
const scan = fetchedPart(() => import('./Scan_CFN2jvsb.mjs').then((file) => file.Scan));
function ChoosePot({
  pots,
  round: round$1,
  onPot,
  onPlace
}) {
  const [typed, setTyped] = useState("");
  const [isScanning, setScanning] = useState(false);
  const ready = useReady();
  const [unknown, setUnknown] = useState(null);
  const matches = matchingPots(pots, typed);
  const lately = round$1.seen.toReversed().slice(0, MOST_LATELY).flatMap((id) => pots.find((pot) => pot.id === id) ?? []);
  const places = [...new Set(pots.map(({ place }) => place))];
  const read = (text) => {
    const code = codeIn(text);
    const pot = pots.find((one) => one.code.toLowerCase() === code.toLowerCase());
    setScanning(false);
    setUnknown(pot ? null : code);
    if (pot) onPot(pot);
  };
  return /* @__PURE__ */ jsxs("div", { className: styles.choose, children: [
    /* @__PURE__ */ jsx(
      "form",
      {
        noValidate: true,
        onSubmit: (event) => {
          event.preventDefault();
          const [first] = matches;
          if (first) onPot(first);
        },
        children: /* @__PURE__ */ jsx(
          TextField,
          {
            label: round.where,
            hint: typed.trim() !== "" && matches.length === 0 ? round.nothing : round.whereHint,
            autoCapitalize: "characters",
            value: typed,
            onChange: (event) => setTyped(event.target.value)
          }
        )
      }
    ),
    matches.length > 0 && /* @__PURE__ */ jsx(Pots, { pots: matches, onPot }),
    unknown !== null && /* @__PURE__ */ jsx("p", { role: "status", children: round.notFromHere(unknown) }),
    isScanning ? /* @__PURE__ */ jsx(scan.Part, { onRead: read, onStop: () => setScanning(false) }) : ready && hasCamera() && /* @__PURE__ */ jsx("div", { children: /* @__PURE__ */ jsx(
      Button,
      {
        onClick: () => {
          setUnknown(null);
          setScanning(true);
        },
        children: round.scan
      }
    ) }),
    lately.length > 0 && /* @__PURE__ */ jsxs("section", { "aria-labelledby": "lately", children: [
      /* @__PURE__ */ jsx("h2", { id: "lately", children: round.lately }),
      /* @__PURE__ */ jsx(Pots, { pots: lately, onPot })
    ] }),
    /* @__PURE__ */ jsxs("section", { "aria-labelledby": "places", children: [
      /* @__PURE__ */ jsx("h2", { id: "places", children: round.places }),
      /* @__PURE__ */ jsx("ul", { className: styles.list, children: places.map((place) => {
        const here = potsAt(pots, place);
        const seen = here.filter(({ id }) => round$1.seen.includes(id)).length;
        return /* @__PURE__ */ jsx("li", { children: /* @__PURE__ */ jsxs("button", { type: "button", className: styles.row, onClick: () => onPlace(place), children: [
          place,
          /* @__PURE__ */ jsx("small", { children: round.place(here.length, seen) })
        ] }) }, place);
      }) })
    ] })
  ] });
}
function Pots({
  pots,
  onPot
}) {
  return /* @__PURE__ */ jsx("ul", { className: styles.list, children: pots.map((pot) => /* @__PURE__ */ jsx("li", { children: /* @__PURE__ */ jsxs("button", { type: "button", className: styles.row, onClick: () => onPot(pot), children: [
    /* @__PURE__ */ jsxs("span", { children: [
      /* @__PURE__ */ jsx("strong", { children: pot.code }),
      " ",
      pot.name
    ] }),
    /* @__PURE__ */ jsx("small", { children: [pot.place, ...pot.crops].join(" · ") })
  ] }) }, pot.id)) });
}
function hasCamera() {
  return Boolean(navigator.mediaDevices?.getUserMedia);
}

function PotStop({
  page,
  pot,
  rounding
}) {
  const { round: round$1, change, write, takeBack, isHeld } = rounding;
  const [open, setOpen] = useState(null);
  const here = potsAt(page.pots, pot.place);
  const next = nextPot(page.pots, round$1);
  const last = round$1.written.at(-1);
  const lastPot = page.pots.find(({ id }) => id === last?.potId);
  const say = (what) => {
    setOpen(null);
    void write(pot, what);
  };
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsx("div", { className: styles.head, children: /* @__PURE__ */ jsx(
      PageHead,
      {
        title: `${pot.code} ${pot.name}`,
        lead: `${pot.crops.join(", ") || round.growsNothing} · ${round.at(
          pot.place,
          here.indexOf(pot) + 1,
          here.length
        )}`
      }
    ) }),
    /* @__PURE__ */ jsx(LogKeys, { isHeld, onTap: (kind, value, said) => say({ kind, value, said }), children: ["harvest", "problem", "photo"].map((what) => /* @__PURE__ */ jsx(
      LogKey,
      {
        isOpen: open === what,
        onTap: () => setOpen(open === what ? null : what),
        children: round[what]
      },
      what
    )) }),
    open === "harvest" && /* @__PURE__ */ jsx(Harvest, { onSay: say }, pot.id),
    open === "problem" && /* @__PURE__ */ jsx(Problem, { page, onSay: say }, pot.id),
    open === "photo" && /* @__PURE__ */ jsx(
      PhotoField,
      {
        label: round.photo,
        onPhoto: async (photo) => {
          if (photo) say({ jpeg: await base64Of(photo), said: potLog.kinds.photo });
        }
      },
      pot.id
    ),
    last && lastPot && /* @__PURE__ */ jsxs("p", { className: styles.last, role: "status", children: [
      /* @__PURE__ */ jsx("span", { children: round.wrote(lastPot.code, last.said) }),
      /* @__PURE__ */ jsx(Button, { weight: "quiet", onClick: () => void takeBack(last), children: round.takeBack }),
      lastPot.id !== pot.id && /* @__PURE__ */ jsx(Button, { weight: "quiet", onClick: () => change((now) => goTo(now, lastPot)), children: round.back(lastPot.code) })
    ] }),
    /* @__PURE__ */ jsxs("div", { className: styles.foot, children: [
      /* @__PURE__ */ jsx(Button, { weight: "main", disabled: isHeld, onClick: rounding.next, children: next ? round.next(next.code) : round.last }),
      /* @__PURE__ */ jsx(Button, { onClick: () => change((now) => ({ ...now, place: null, potId: null })), children: round.others })
    ] }),
    /* @__PURE__ */ jsxs("label", { className: styles.stays, children: [
      /* @__PURE__ */ jsx(
        "input",
        {
          type: "checkbox",
          checked: round$1.stays,
          onChange: (event) => change((now) => ({ ...now, stays: event.target.checked }))
        }
      ),
      round.stays
    ] }),
    /* @__PURE__ */ jsx("p", { children: /* @__PURE__ */ jsx("a", { href: `/pots/${pot.id}`, children: round.page }) })
  ] });
}
function Harvest({ onSay }) {
  const { site, format } = useSite();
  const [typed, setTyped] = useState("");
  const [isAsked, setAsked] = useState(false);
  const { value, problem } = readQuantity(typed, "mass", site.measures);
  const isGiven = problem === null && value !== null && value > 0;
  const save = () => {
    setAsked(true);
    if (!isGiven) return;
    const said = `${potLog.kinds.harvest} ${format.plain(format.grams(value))}`;
    onSay({ kind: "harvest", value, said });
  };
  return /* @__PURE__ */ jsxs(
    "form",
    {
      className: styles.open,
      noValidate: true,
      onSubmit: (event) => {
        event.preventDefault();
        save();
      },
      children: [
        /* @__PURE__ */ jsx(
          QuantityField,
          {
            label: potLog.harvest,
            hint: potLog.harvestHint,
            dimension: "mass",
            typed,
            error: isAsked && !isGiven ? potLog.howMuch : void 0,
            value: typed,
            autoFocus: true,
            onChange: (event) => setTyped(event.target.value)
          }
        ),
        /* @__PURE__ */ jsx("div", { children: /* @__PURE__ */ jsx(Button, { type: "submit", children: potLog.harvestKey }) })
      ]
    }
  );
}
function Problem({
  page,
  onSay
}) {
  const [typed, setTyped] = useState("");
  const matches = matching(page.problems, typed);
  return /* @__PURE__ */ jsxs("div", { className: styles.open, children: [
    /* @__PURE__ */ jsx(
      TextField,
      {
        label: potLog.problem,
        hint: typed.trim() !== "" && matches.length === 0 ? potLog.noProblem : potLog.problemHint,
        value: typed,
        autoFocus: true,
        onChange: (event) => setTyped(event.target.value),
        onKeyDown: (event) => event.key === "Enter" && event.preventDefault()
      }
    ),
    /* @__PURE__ */ jsx("ul", { className: styles.list, children: matches.map(({ id, name, signs }) => /* @__PURE__ */ jsx("li", { children: /* @__PURE__ */ jsxs(
      "button",
      {
        type: "button",
        className: styles.row,
        onClick: () => onSay({ kind: "problem", problemId: id, said: name }),
        children: [
          name,
          /* @__PURE__ */ jsx("small", { children: signs })
        ]
      }
    ) }, id)) })
  ] });
}

const KEPT = "round";
const HELD_MS = 400;
function useRound(page, today) {
  const [round, setRound] = useState(() => newRound(today));
  const latest = useRef(round);
  const change = useCallback((next2) => {
    latest.current = next2(latest.current);
    setRound(latest.current);
    keep(latest.current);
  }, []);
  useEffect(() => {
    const kept = readRound(read(), today);
    const asked = page.pots.find(({ id }) => id === page.asked.pot);
    change(() => {
      if (asked) return goTo(kept, asked);
      return page.asked.place ? goOn(page.pots, { ...kept, place: page.asked.place, potId: null }) : kept;
    });
  }, [page, today, change]);
  useEffect(() => {
    let leave = () => {
    };
    let isGone = false;
    void ourOutbox().then((outbox) => {
      if (isGone) return;
      leave = outbox.listen((news) => {
        if (news.kind !== "answered") return;
        const { id } = news.data ?? {};
        const isOurs = latest.current.written.some((one) => one.id === news.entry.id);
        if (isOurs && id !== void 0) {
          change((now) => ({ ...now, written: withLogId(now.written, news.entry.id, id) }));
        } else if (id !== void 0 && takenBack.current.has(news.entry.id)) void counts(id);
      });
    });
    return () => {
      isGone = true;
      leave();
    };
  }, [change]);
  const takenBack = useRef(/* @__PURE__ */ new Set());
  const held = useRef(false);
  const [isHeld, setHeld] = useState(false);
  const hold = () => {
    held.current = true;
    setHeld(true);
    setTimeout(() => {
      held.current = false;
      setHeld(false);
    }, HELD_MS);
  };
  const next = () => {
    if (held.current) return;
    hold();
    change((now) => goOn(page.pots, now));
  };
  const write = async (pot, what) => {
    if (held.current) return;
    hold();
    const id = newId();
    const { said } = what;
    const outbox = await ourOutbox();
    const isPhoto = "jpeg" in what;
    const body = isPhoto ? { jpeg: what.jpeg, note: "" } : {
      kind: what.kind,
      value: what.value ?? null,
      problemId: what.problemId ?? null,
      note: ""
    };
    change((now) => {
      const written = [...now.written, { id, potId: pot.id, said, logId: null }];
      return now.stays ? { ...now, written } : goOn(page.pots, { ...now, written });
    });
    void outbox.add({
      id,
      about: `pot/${pot.id}`,
      title: said,
      where: `${pot.code} ${pot.name}`,
      page: `/pots/${pot.id}`,
      method: "POST",
      address: `/api/containers/${pot.id}/${isPhoto ? "photos" : "log"}`,
      body
    });
  };
  const takeBack = async (written) => {
    takenBack.current.add(written.id);
    change((now) => ({
      ...now,
      written: now.written.filter(({ id }) => id !== written.id)
    }));
    if (written.logId !== null) return counts(written.logId);
    const outbox = await ourOutbox();
    const entry = outbox.entries().find(({ id }) => id === written.id);
    if (entry) await outbox.throwAway(entry);
  };
  return { round, change, write, takeBack, isHeld, next };
}
async function counts(logId) {
  const outbox = await ourOutbox();
  await outbox.add({
    about: `log/${logId}`,
    title: round.takenBack,
    where: round.title,
    page: "/log",
    method: "POST",
    address: `/api/containers/log/${logId}/counts`,
    body: { counts: false }
  });
}
function withLogId(written, id, logId) {
  return written.map((one) => one.id === id ? { ...one, logId } : one);
}
function read() {
  try {
    return localStorage.getItem(KEPT);
  } catch {
    return null;
  }
}
function keep(round) {
  try {
    localStorage.setItem(KEPT, JSON.stringify(round));
  } catch {
  }
}

function RoundScreen({
  page,
  looks,
  site
}) {
  return /* @__PURE__ */ jsx(SiteProvider, { site, children: /* @__PURE__ */ jsx("div", { className: styles.screen, children: /* @__PURE__ */ jsx(Walk, { page, looks }) }) });
}
const RoundScreen$1 = unpacked(RoundScreen);
function Walk({ page, looks }) {
  const { site } = useSite();
  const rounding = useRound(page, site.today);
  const { round: round$1, change } = rounding;
  const pot = page.pots.find(({ id }) => id === round$1.potId);
  const choose = (chosen) => change((now) => goTo(now, chosen));
  if (page.pots.length === 0) {
    return /* @__PURE__ */ jsx(
      EmptyState,
      {
        title: round.empty,
        next: round.emptyNext,
        action: /* @__PURE__ */ jsx(LinkButton, { href: "/lots", children: round.emptyNext })
      }
    );
  }
  if (pot) return /* @__PURE__ */ jsx(PotStop, { page, pot, rounding });
  const isDone = round$1.place !== null && potsAt(page.pots, round$1.place).length > 0;
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    isDone ? /* @__PURE__ */ jsx(Done, { page, rounding }) : /* @__PURE__ */ jsx(Head, {}),
    /* @__PURE__ */ jsx(Looks, { looks }),
    /* @__PURE__ */ jsx(
      ChoosePot,
      {
        pots: page.pots,
        round: round$1,
        onPot: choose,
        onPlace: (place) => change((now) => goOn(page.pots, { ...now, place, potId: null }))
      }
    ),
    /* @__PURE__ */ jsx(WrittenToday, { page, rounding })
  ] });
}
function Looks({ looks }) {
  const { format } = useSite();
  if (looks.length === 0) return null;
  return /* @__PURE__ */ jsx("ul", { className: styles.list, children: looks.map(({ trialId, name, day, on, isLate, pots }) => /* @__PURE__ */ jsx("li", { children: /* @__PURE__ */ jsxs("a", { href: `/trials/${trialId}/look`, className: styles.row, children: [
    /* @__PURE__ */ jsxs("span", { children: [
      name,
      " · ",
      round.look(day, pots)
    ] }),
    /* @__PURE__ */ jsx("small", { children: isLate ? round.lookLate(format.day(on)) : round.lookDue })
  ] }) }, trialId)) });
}
function Head() {
  return /* @__PURE__ */ jsx(PageHead, { title: round.title, lead: round.lead });
}
function Done({ page, rounding }) {
  const { round: round$1, change } = rounding;
  const here = potsAt(page.pots, round$1.place);
  const seen = here.filter(({ id }) => round$1.seen.includes(id)).length;
  const written = round$1.written.filter(({ potId }) => here.some(({ id }) => id === potId)).length;
  const next = nextPlace(page.pots, round$1);
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsx(PageHead, { title: round.done(round$1.place ?? ""), lead: round.doneLead(seen, written) }),
    /* @__PURE__ */ jsx("p", { className: styles.goOn, children: next === null ? round.allDone : /* @__PURE__ */ jsx(
      Button,
      {
        weight: "main",
        onClick: () => change((now) => goOn(page.pots, { ...now, place: next, potId: null })),
        children: round.goToPlace(next)
      }
    ) })
  ] });
}
function WrittenToday({
  page,
  rounding: { round: round$1, takeBack }
}) {
  if (round$1.written.length === 0) return null;
  return /* @__PURE__ */ jsxs("section", { "aria-labelledby": "written", children: [
    /* @__PURE__ */ jsx("h2", { id: "written", children: round.writtenToday }),
    /* @__PURE__ */ jsx("ul", { className: styles.written, children: [...round$1.written].reverse().map((one) => /* @__PURE__ */ jsxs("li", { children: [
      /* @__PURE__ */ jsx(WrittenLine, { page, written: one }),
      /* @__PURE__ */ jsx(
        Button,
        {
          weight: "quiet",
          "aria-label": `${round.takeBack}: ${one.said}`,
          onClick: () => void takeBack(one),
          children: round.takeBack
        }
      )
    ] }, one.id)) })
  ] });
}
function WrittenLine({ page, written }) {
  const pot = page.pots.find(({ id }) => id === written.potId);
  return /* @__PURE__ */ jsxs("span", { children: [
    round.wrote(pot?.code ?? "", written.said),
    written.logId === null && /* @__PURE__ */ jsxs("small", { children: [
      " · ",
      round.notSent
    ] })
  ] });
}

const roundQuerySchema = Joi.object({
  place: line("The place", 80),
  pot: id("The pot")
}).unknown();

const $$Astro = createAstro();
const $$Log = createComponent(async ($$result, $$props, $$slots) => {
  const Astro2 = $$result.createAstro($$Astro, $$props, $$slots);
  Astro2.self = $$Log;
  const { site, view, problem } = await pageOf(async (db) => {
    const page = await roundPage(db, validate(roundQuerySchema, queryOf(Astro2.url), true));
    return { page, looks: await looksToday(db) };
  });
  if (problem) Astro2.response.status = problem.status;
  return renderTemplate`${renderComponent($$result, "Layout", $$Layout, { "title": round.title, "site": site, "area": "log" }, { "default": async ($$result2) => renderTemplate`${view && renderTemplate`${renderComponent($$result2, "RoundScreen", RoundScreen$1, { "client:load": true, ...pack({ ...view, site }), "client:component-hydration": "load", "client:component-path": "/work/main/src/features/round/RoundScreen", "client:component-export": "default" })}`}${problem && renderTemplate`${renderComponent($$result2, "ProblemPage", ProblemPage, { "problem": problem, "back": "/log" })}`}` })}`;
}, "/work/main/src/pages/log.astro", void 0);

const $$file = "/work/main/src/pages/log.astro";
const $$url = "/log";

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  default: $$Log,
  file: $$file,
  url: $$url
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page as p, round as r };
