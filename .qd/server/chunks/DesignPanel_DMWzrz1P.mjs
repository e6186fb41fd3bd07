import { jsxs, jsx, Fragment } from 'react/jsx-runtime';
import { useMemo } from 'react';
import { N as Notice } from './Layout_CULKZlnp.mjs';
import { u as useSite } from './SiteContext_DmfuMSrf.mjs';
import { t as trialWords } from './trialWords_CLTrhWic.mjs';
import { u as useCore } from './useCore_DJpFPcXM.mjs';
import { s as styles } from './pots.bb7e85ab_BBf9evy9.mjs';

const trialDesign = {
  head: "What this trial can find",
  nothingYet: "Say what is held against what, and how many pots each gets.",
  means: (percent, pots, cv) => `With ${pots} pots of each, and plants that vary by ${cv} % among themselves, it shows a difference of ${percent} or more, four times in five.`,
  potsFor20: (pots) => `For a difference of 20 % it takes ${pots} pots of each.`,
  neverFor20: "A difference of 20 % is out of reach: the plants vary too much.",
  table: "What more pots would buy",
  pots: "Pots of each",
  difference: "Difference it shows",
  now: "planned",
  counts: (percent, expected) => `If ${expected} come up in the control, a treatment is shown to be worse once no more than ${percent} come up, four times in five.`,
  noCounts: "So few seeds can show nothing, whatever comes up: sow more in each pot, or take more pots.",
  seedsOfATray: "Seeds of one pot share its luck: with several pots of each, the pots are compared, not the seeds.",
  signs: (crops, p) => `If one mix is ahead with all ${crops} crops, that happens by chance in ${p} of trials.`,
  signsTooFew: (needed) => `That is not enough to tell: with ${needed} crops it can be. Until then it is a look, not a test.`,
  signsEnough: "That is enough to tell, if it comes to that: crops where both do the same count for nothing.",
  nothing: "One pot of each can show nothing: a bad seed, a snail or a gust decides. Take several pots, or ask it of several crops.",
  jar: "A jar test gives a curve, not a comparison: the dose for your pH is read from it, with how well the jars agree.",
  tooSmall: "Even the clearest result of so few pots could be chance: it cannot tell. Take more pots.",
  onlyLarge: "Only a very large difference would show: anything smaller goes unseen, not unproven.",
  why: "How this is worked out",
  whyMeans: "By the noncentral t distribution: power 80 %, and 5 % for being wrong, shared out among the treatments. It assumes that all treatments vary alike.",
  whyCounts: "By Fisher’s exact test over every pair of counts that can come, each with its chance: power 80 %, 5 % shared out among the treatments.",
  whySigns: "By the sign test: two-sided, 5 % shared out among the mixes.",
  whyCv: (cv) => `The variation of ${cv} % is what you typed: 20 % is usual for pots of one batch of plants, 30 to 40 % for seedlings that came up unevenly.`,
  remarksHead: "Before you plant",
  remark: (one) => {
    switch (one.id) {
      case "two-changes":
        return `${one.treatment} differs from the control in ${one.differences.map((each) => trialWords.differences[each]).join(" and ")}: whichever way it goes, you will not know which of them did it.`;
      case "no-change":
        return `${one.treatment} is the same as the control.`;
      case "twice":
        return `${one.treatment} is the same as another treatment.`;
      case "one-pot":
        return "One pot of each is no test: nothing can be told apart from chance.";
      case "not-in-blocks":
        return "Without blocks, light and wind of the place count into the difference: blocks take them out at no cost.";
      case "few-doses":
        return "With fewer than three doses the step from harmless to harmful stays wide.";
      case "no-full-dose":
        return "Without 100 % of it you will not see it at its worst: add that dose.";
      case "no-check":
        return "Say on which days it is looked at.";
    }
  },
  lessons: "Learnt in earlier trials"
};

const SHOWN = 0.05;
const ONLY_LARGE = 50;
const PERCENT = 100;
function DesignPanel({
  question,
  remarks = [],
  lessons = []
}) {
  const key = JSON.stringify(question);
  const asked = useMemo(() => JSON.parse(key), [key]);
  const { answer, refusal } = useCore("trial-design", "trialDesign", asked);
  const shown = asked ? answer : null;
  return /* @__PURE__ */ jsxs("aside", { className: styles.panel, "aria-labelledby": "findable", children: [
    /* @__PURE__ */ jsx("h2", { id: "findable", children: trialDesign.head }),
    /* @__PURE__ */ jsxs("div", { "aria-live": "polite", className: styles.body, children: [
      refusal && /* @__PURE__ */ jsx(Notice, { tone: "stop", children: refusal }),
      !asked && /* @__PURE__ */ jsx("p", { children: trialDesign.nothingYet }),
      shown && asked && /* @__PURE__ */ jsx(Found, { asked, found: shown })
    ] }),
    remarks.length > 0 && /* @__PURE__ */ jsxs(Fragment, { children: [
      /* @__PURE__ */ jsx("h3", { children: trialDesign.remarksHead }),
      /* @__PURE__ */ jsx("ul", { className: styles.remarks, children: remarks.map((one) => /* @__PURE__ */ jsx("li", { children: /* @__PURE__ */ jsx(Notice, { tone: "act", children: trialDesign.remark(one) }) }, JSON.stringify(one))) })
    ] }),
    lessons.length > 0 && /* @__PURE__ */ jsxs(Fragment, { children: [
      /* @__PURE__ */ jsx("h3", { children: trialDesign.lessons }),
      /* @__PURE__ */ jsx("ul", { className: styles.lessons, children: lessons.map((one) => /* @__PURE__ */ jsxs("li", { children: [
        /* @__PURE__ */ jsx("a", { href: `/trials/${one.id}`, children: one.name }),
        /* @__PURE__ */ jsx("p", { children: one.lessons })
      ] }, one.id)) })
    ] })
  ] });
}
function Found({ asked, found }) {
  const { format } = useSite();
  const percent = (share) => format.plain(format.percent(share / PERCENT));
  switch (found.by) {
    case "nothing":
      return /* @__PURE__ */ jsx("p", { children: asked.kind === "jar" ? trialDesign.jar : trialDesign.nothing });
    case "counts":
      return /* @__PURE__ */ jsx(Counts, { asked, counts: found.counts });
    case "signs": {
      const tells = found.smallestP < SHOWN;
      return /* @__PURE__ */ jsxs(Fragment, { children: [
        /* @__PURE__ */ jsx("p", { children: trialDesign.signs(asked.crops, percent(found.smallestP * PERCENT)) }),
        /* @__PURE__ */ jsx(Notice, { tone: tells ? "ok" : "act", children: tells ? trialDesign.signsEnough : trialDesign.signsTooFew(found.cropsNeeded) }),
        /* @__PURE__ */ jsx(Why, { lines: [trialDesign.whySigns] })
      ] });
    }
    case "means":
      return /* @__PURE__ */ jsxs(Fragment, { children: [
        /* @__PURE__ */ jsx("p", { children: /* @__PURE__ */ jsx("strong", { children: trialDesign.means(percent(found.differencePercent), asked.pots, format.number(asked.cv)) }) }),
        found.smallestP >= SHOWN ? /* @__PURE__ */ jsx(Notice, { tone: "stop", children: trialDesign.tooSmall }) : found.differencePercent > ONLY_LARGE && /* @__PURE__ */ jsx(Notice, { tone: "act", children: trialDesign.onlyLarge }),
        /* @__PURE__ */ jsx("p", { children: found.potsFor20 === null ? trialDesign.neverFor20 : trialDesign.potsFor20(found.potsFor20) }),
        found.more.length > 0 && /* @__PURE__ */ jsxs("table", { className: styles.more, children: [
          /* @__PURE__ */ jsx("caption", { children: trialDesign.table }),
          /* @__PURE__ */ jsx("thead", { children: /* @__PURE__ */ jsxs("tr", { children: [
            /* @__PURE__ */ jsx("th", { scope: "col", children: trialDesign.pots }),
            /* @__PURE__ */ jsx("th", { scope: "col", children: trialDesign.difference })
          ] }) }),
          /* @__PURE__ */ jsxs("tbody", { children: [
            /* @__PURE__ */ jsxs("tr", { "aria-current": "true", children: [
              /* @__PURE__ */ jsxs("td", { children: [
                asked.pots,
                " ",
                /* @__PURE__ */ jsx("small", { children: trialDesign.now })
              ] }),
              /* @__PURE__ */ jsx("td", { children: percent(found.differencePercent) })
            ] }),
            found.more.map(({ pots, differencePercent }) => /* @__PURE__ */ jsxs("tr", { children: [
              /* @__PURE__ */ jsx("td", { children: pots }),
              /* @__PURE__ */ jsx("td", { children: percent(differencePercent) })
            ] }, pots))
          ] })
        ] }),
        found.counts && /* @__PURE__ */ jsx("p", { className: styles.quiet, children: trialDesign.seedsOfATray }),
        /* @__PURE__ */ jsx(Why, { lines: [trialDesign.whyMeans, trialDesign.whyCv(format.number(asked.cv))] })
      ] });
  }
}
function Counts({
  asked,
  counts
}) {
  const { format } = useSite();
  if (counts.share === null) return /* @__PURE__ */ jsx(Notice, { tone: "stop", children: trialDesign.noCounts });
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsx("p", { children: /* @__PURE__ */ jsx("strong", { children: trialDesign.counts(
      format.plain(format.percent(counts.share)),
      format.plain(format.percent(asked.controlShare))
    ) }) }),
    /* @__PURE__ */ jsx("p", { className: styles.quiet, children: trialDesign.seedsOfATray }),
    /* @__PURE__ */ jsx(Why, { lines: [trialDesign.whyCounts] })
  ] });
}
function Why({ lines }) {
  return /* @__PURE__ */ jsxs("details", { className: styles.why, children: [
    /* @__PURE__ */ jsx("summary", { children: trialDesign.why }),
    lines.map((line) => /* @__PURE__ */ jsx("p", { children: line }, line))
  ] });
}

export { DesignPanel as D };
