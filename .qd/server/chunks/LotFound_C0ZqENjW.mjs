import { jsxs, jsx, Fragment } from 'react/jsx-runtime';
import { F as Fold } from './Fold_BZXYkSX6.mjs';
import { P as ProblemNotice, s as showToastOnNextPage, f as fetchedPart, B as Button, u as useSend } from './Layout_CULKZlnp.mjs';
import { u as useSite } from './SiteContext_DmfuMSrf.mjs';
import { f as findings } from './findings_uMkHY6Dp.mjs';
import { useState } from 'react';
import { T as TextField } from './Field_D6p8NWuD.mjs';
import { u as useEntry } from './useEntry_BlacgIj7.mjs';
import { s as styles } from './_id_.0356d560_ImRCyeOP.mjs';
import { m as matching } from './matching_DjfEZjDz.mjs';
import { F as FoundList } from './FoundList_78_FP_jP.mjs';
import { f as foundText } from './foundText_tINhA2uT.mjs';
import { r as rotationGroupName } from './rotationGroups_CikCcZDV.mjs';
import { T as TriageNotice } from './TriageNotice_Cu45Uz7a.mjs';

const treatments = {
  title: "Say what was done, or decide",
  list: "What was done and decided",
  what: "What was done, or is decided?",
  choices: {
    debris: ["Debris is out", "leaves, roots, grubs, runners sorted out"],
    skim: ["The top is off", "its litres leave the lot"],
    leach: ["Salts were washed out", "test them again in a week"],
    aerate: ["It was spread out and turned", "it smells of earth again"],
    rewet: ["It was wetted through", "water soaks in again"],
    rest: ["It rests from now on", "closed, labelled, apart"],
    quarantine: ["Keep it apart until a day", "nobody plants or mixes it before"],
    override: ["Use it all the same", "your reason stays on the lot"]
  },
  kinds: {
    debris: "Debris taken out",
    skim: "Top taken off",
    leach: "Salts washed out",
    aerate: "Spread out and turned",
    rewet: "Wetted through",
    rest: "Rests, closed",
    quarantine: "Kept apart",
    override: "Used all the same"
  },
  skimmed: (cm) => `Top ${cm} taken off`,
  depth: "How deep?",
  topTo: "Where did the top go?",
  away: "Away, into the bin",
  toStore: "Into the store, as a small lot",
  toStoreNote: "under a deep planting, or to be heated",
  untilDay: "Until when?",
  why: "Why?",
  overrideHint: "Waits, treatments and kept-out families are then yours to judge. What makes food unsafe stays, and so does what it may be mixed with.",
  keep: "Keep it",
  kept: (what) => `${what}: kept on this lot.`,
  topKept: (lotId) => `The top is lot ${lotId} now, in the store.`,
  until: (day) => `until ${day}`,
  ended: (day) => `ended ${day}`,
  end: "End it",
  endOf: (what) => `End "${what}"`,
  endedNow: "ended.",
  notCounted: "it does not count any more.",
  changed: (day) => `Changed ${day}:`,
  fromTo: (before, after) => before === after ? `still “${after.toLowerCase()}”.` : `from “${before.toLowerCase()}” to “${after.toLowerCase()}”.`,
  because: {
    found: (problem) => `${problem} was found.`,
    done: (what) => `${what}.`,
    test: "A test told more.",
    time: "Its time was over."
  },
  freed: (families) => `May come again: ${families}.`,
  barred: (families) => `Kept out now: ${families}.`
};

function AddFound({
  lotId,
  lotName,
  problems
}) {
  const [text, setText] = useState("");
  const [note, setNote] = useState("");
  const { problem, enter } = useEntry(`found/${lotId}`);
  const matches = matching(problems, text);
  const address = `/api/media/lots/${lotId}/findings`;
  const keep = async ({ id, name }) => {
    const outcome = await enter({
      title: name,
      where: lotName,
      page: `/lots/${lotId}`,
      method: "POST",
      address,
      body: { problemId: id, note }
    });
    if (outcome?.kind === "waiting") setText("");
    if (outcome?.kind !== "answered") return;
    showToastOnNextPage({
      text: findings.kept(name),
      undo: {
        method: "POST",
        address: `${address}/${outcome.data.id}/counts`,
        body: { counts: false }
      }
    });
    window.location.reload();
  };
  return /* @__PURE__ */ jsxs("div", { className: styles.add, children: [
    /* @__PURE__ */ jsx(
      TextField,
      {
        label: findings.add,
        hint: text.trim() !== "" && matches.length === 0 ? findings.noProblem : findings.addHint,
        value: text,
        onChange: (event) => setText(event.target.value),
        onKeyDown: (event) => event.key === "Enter" && event.preventDefault()
      }
    ),
    matches.length > 0 && /* @__PURE__ */ jsxs(Fragment, { children: [
      /* @__PURE__ */ jsx("ul", { className: styles.matches, children: matches.map((one) => /* @__PURE__ */ jsx("li", { children: /* @__PURE__ */ jsxs("button", { type: "button", className: styles.match, onClick: () => void keep(one), children: [
        one.name,
        /* @__PURE__ */ jsx("small", { children: one.signs })
      ] }) }, one.id)) }),
      /* @__PURE__ */ jsx(
        TextField,
        {
          label: findings.note,
          value: note,
          onChange: (event) => setNote(event.target.value),
          onKeyDown: (event) => event.key === "Enter" && event.preventDefault()
        }
      )
    ] }),
    /* @__PURE__ */ jsx(ProblemNotice, { problem })
  ] });
}

const { Part: DoneForm } = fetchedPart(
  () => import('./DoneForm_BA409Uur.mjs').then((file) => file.DoneForm)
);

function LotStory({
  story,
  onTakeBack,
  onEnd
}) {
  const { format, site } = useSite();
  const [latest] = story.changes;
  const goesOn = ({ kind, endedOn, until }) => endedOn === null && (kind === "rest" || kind === "quarantine" && (until ?? "") > site.today);
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    latest && /* @__PURE__ */ jsxs("p", { className: styles.changed, children: [
      /* @__PURE__ */ jsx("strong", { children: treatments.changed(format.day(latest.on)) }),
      " ",
      treatments.fromTo(findings.verdicts[latest.before], findings.verdicts[latest.after]),
      " ",
      causeText(latest),
      latest.freed.length > 0 && ` ${treatments.freed(namesOf(latest.freed))}`,
      latest.barred.length > 0 && ` ${treatments.barred(namesOf(latest.barred))}`
    ] }),
    story.treatments.length > 0 && /* @__PURE__ */ jsx("ul", { className: styles.list, "aria-label": treatments.list, children: story.treatments.map((done) => /* @__PURE__ */ jsxs("li", { children: [
      /* @__PURE__ */ jsx("span", { className: styles.mark, "aria-hidden": "true", children: "✓" }),
      /* @__PURE__ */ jsxs("span", { children: [
        doneText(done, (cm) => format.plain(format.cm(cm))),
        done.until && ` ${treatments.until(format.day(done.until))}`,
        done.endedOn && `, ${treatments.ended(format.day(done.endedOn))}`,
        done.note && ` – ${done.note}`
      ] }),
      /* @__PURE__ */ jsxs("span", { className: styles.when, children: [
        format.day(done.on),
        " ",
        goesOn(done) && /* @__PURE__ */ jsx(
          Button,
          {
            weight: "quiet",
            "data-needs": "manage",
            "aria-label": treatments.endOf(treatments.kinds[done.kind]),
            onClick: () => onEnd(done),
            children: treatments.end
          }
        ),
        " ",
        /* @__PURE__ */ jsx(
          Button,
          {
            weight: "quiet",
            "data-needs": "manage",
            "aria-label": findings.takeBackOf(treatments.kinds[done.kind]),
            onClick: () => onTakeBack(done),
            children: findings.takeBack
          }
        )
      ] })
    ] }, done.id)) })
  ] });
}
function namesOf(groups) {
  return groups.map(rotationGroupName).join(", ");
}
function causeText({ because, problemName }) {
  switch (because.kind) {
    case "found":
      return treatments.because.found(problemName ?? "");
    case "done":
      return treatments.because.done(treatments.kinds[because.treatment]);
    case "test":
      return treatments.because.test;
    case "time":
      return treatments.because.time;
  }
}
function doneText({ kind, skimCm }, cm) {
  return kind === "skim" && skimCm !== null ? treatments.skimmed(cm(skimCm)) : treatments.kinds[kind];
}

function LotFound({
  lotId,
  lotName,
  found,
  triage,
  story,
  problems
}) {
  const { format } = useSite();
  const { problem, isSending, deliver } = useSend();
  const takeBack = async (one) => {
    if (isSending) return;
    const address = `/api/media/lots/${lotId}/findings/${one.seenId}/counts`;
    const answer = await deliver("POST", address, { counts: false });
    if (!answer) return;
    showToastOnNextPage({
      text: findings.takenBack(foundText(one, format)),
      undo: { method: "POST", address, body: { counts: true } }
    });
    window.location.reload();
  };
  const changeDone = async ({ id, kind }, body, undo, text) => {
    if (isSending) return;
    const address = `/api/media/lots/${lotId}/treatments/${id}`;
    if (!await deliver("PUT", address, body)) return;
    showToastOnNextPage({
      text: `${treatments.kinds[kind]}: ${text}`,
      undo: { method: "PUT", address, body: undo }
    });
    window.location.reload();
  };
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsx(FoundList, { found, onTakeBack: (one) => void takeBack(one) }),
    triage && /* @__PURE__ */ jsx(TriageNotice, { triage }),
    /* @__PURE__ */ jsx(
      LotStory,
      {
        story,
        onTakeBack: (done) => void changeDone(done, { counts: false }, { counts: true }, treatments.notCounted),
        onEnd: (done) => void changeDone(done, { goesOn: false }, { goesOn: true }, treatments.endedNow)
      }
    ),
    /* @__PURE__ */ jsx(Fold, { title: treatments.title, needs: "manage", children: /* @__PURE__ */ jsx(DoneForm, { lotId, triage, isInPots: story.isInPots }) }),
    /* @__PURE__ */ jsx(ProblemNotice, { problem }),
    /* @__PURE__ */ jsx(AddFound, { lotId, lotName, problems })
  ] });
}

export { LotFound as L, treatments as t };
