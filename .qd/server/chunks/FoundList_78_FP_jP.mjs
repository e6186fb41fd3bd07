import { jsx, jsxs, Fragment } from 'react/jsx-runtime';
import { B as Button } from './Layout_CULKZlnp.mjs';
import { u as useSite } from './SiteContext_DmfuMSrf.mjs';
import { f as findings } from './findings_uMkHY6Dp.mjs';
import { s as styles } from './_id_.0356d560_ImRCyeOP.mjs';
import { f as foundText } from './foundText_tINhA2uT.mjs';

function FoundList({
  found,
  onTakeBack
}) {
  const { format } = useSite();
  const told = found.filter(({ state }) => state !== "clear");
  const clear = found.length - told.length;
  if (found.length === 0) return /* @__PURE__ */ jsx("p", { className: styles.clear, children: findings.none });
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsx("ul", { className: styles.list, children: told.map((one) => /* @__PURE__ */ jsxs(
      "li",
      {
        className: one.state === "trouble" ? styles.trouble : "",
        children: [
          /* @__PURE__ */ jsx("span", { className: styles.mark, "aria-hidden": "true", children: one.state === "trouble" ? "▲" : "·" }),
          /* @__PURE__ */ jsxs("span", { children: [
            foundText(one, format),
            one.note && ` – ${one.note}`
          ] }),
          /* @__PURE__ */ jsxs("span", { className: styles.when, children: [
            one.testId === null ? findings.on(findings.bySight, format.day(one.on)) : /* @__PURE__ */ jsx("a", { href: `/bench/tests/${one.testId}`, children: findings.on(findings.byTest, format.day(one.on)) }),
            onTakeBack && one.seenId !== null && /* @__PURE__ */ jsxs(Fragment, { children: [
              " ",
              /* @__PURE__ */ jsx(
                Button,
                {
                  weight: "quiet",
                  "aria-label": findings.takeBackOf(foundText(one, format)),
                  onClick: () => onTakeBack(one),
                  children: findings.takeBack
                }
              )
            ] })
          ] })
        ]
      },
      `${one.kind}${one.seenId}${one.problemName}`
    )) }),
    clear > 0 && told.length > 0 && /* @__PURE__ */ jsx("p", { className: styles.clear, children: findings.allClear(clear) }),
    told.length === 0 && /* @__PURE__ */ jsx("p", { className: styles.clear, children: findings.nothingWrong })
  ] });
}

export { FoundList as F };
