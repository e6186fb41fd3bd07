import { jsxs, jsx, Fragment } from 'react/jsx-runtime';
import { u as useSite } from './SiteContext_DmfuMSrf.mjs';
import { t as trialResults, v as valueText, s as saidOf, c as countsSaid, a as cheaperBy } from './resultText_B2F7m5Jv.mjs';
import { s as styles } from './report.7a358aec_BRj8Fifj.mjs';
import { s as styles$1 } from './results.0fa1392b_Bi3t_MAB.mjs';
import { e as chart, B as Button, N as Notice } from './Layout_CULKZlnp.mjs';
import { S as Sideways } from './Sideways_jAPV4cnT.mjs';
import { l as look } from './look_OsxKahVH.mjs';

const STEPS = [1, 2, 2.5, 5, 10];
const WANTED = 5;
function axisTicks(largest) {
  if (!(largest > 0)) return [0, 1];
  const rough = largest / WANTED;
  const power = 10 ** Math.floor(Math.log10(rough));
  const step = (STEPS.find((one) => one * power >= rough * (1 - 1e-9)) ?? 10) * power;
  const count = Math.ceil(largest / step - 1e-9);
  return Array.from({ length: count + 1 }, (_, at) => Number((at * step).toPrecision(12)));
}
function ticksOfDots(groups, top) {
  const values = groups.flatMap(({ dots, ci, mean }) => [
    ...dots.map(({ value }) => value),
    ...ci ?? [],
    ...mean === null ? [] : [mean]
  ]);
  return axisTicks(top ?? Math.max(0, ...values));
}

const HEIGHT = 44;
const SPREAD$1 = 7;
const AXIS$1 = 22;
const LEVELS$1 = [0, -1, 1];
function PotDots({
  groups,
  top,
  write
}) {
  const ticks = ticksOfDots(groups, top);
  const most = ticks.at(-1) ?? 1;
  const x = (value) => `${Math.min(100, Math.max(0, 100 * value / most)).toFixed(2)}%`;
  return /* @__PURE__ */ jsxs("div", { className: styles.picture, children: [
    groups.map((group) => /* @__PURE__ */ jsxs("div", { className: styles.row, children: [
      /* @__PURE__ */ jsxs("div", { className: styles.name, children: [
        group.name,
        group.isControl && /* @__PURE__ */ jsx("small", { children: group.note })
      ] }),
      /* @__PURE__ */ jsxs("svg", { className: styles.dots, role: "img", "aria-label": group.says, height: HEIGHT, children: [
        ticks.map((tick) => /* @__PURE__ */ jsx(
          "line",
          {
            x1: x(tick),
            x2: x(tick),
            y1: 0,
            y2: HEIGHT,
            className: styles.grid
          },
          tick
        )),
        group.ci && /* @__PURE__ */ jsx(
          "rect",
          {
            x: x(group.ci[0]),
            width: `${Math.max(0.3, 100 * (Math.min(most, group.ci[1]) - Math.max(0, group.ci[0])) / most)}%`,
            y: HEIGHT / 2 - 5,
            height: 10,
            className: styles.interval
          }
        ),
        group.mean !== null && /* @__PURE__ */ jsx(
          "line",
          {
            x1: x(group.mean),
            x2: x(group.mean),
            y1: 6,
            y2: HEIGHT - 6,
            className: styles.mean
          }
        ),
        group.dots.map(({ key, value, isRing }, at) => /* @__PURE__ */ jsx(
          "circle",
          {
            cx: x(value),
            cy: HEIGHT / 2 + SPREAD$1 * (LEVELS$1[at % LEVELS$1.length] ?? 0),
            r: 4.5,
            className: isRing ? styles.ring : styles.dot,
            children: /* @__PURE__ */ jsx("title", { children: `${key}: ${write(value)}` })
          },
          key
        ))
      ] }),
      /* @__PURE__ */ jsx("div", { className: styles.told, children: group.told })
    ] }, group.key)),
    /* @__PURE__ */ jsxs("div", { className: styles.row, children: [
      /* @__PURE__ */ jsx("span", {}),
      /* @__PURE__ */ jsx("svg", { className: styles.dots, height: AXIS$1, "aria-hidden": "true", children: ticks.map((tick, at) => /* @__PURE__ */ jsx(
        "text",
        {
          x: x(tick),
          y: AXIS$1 - 6,
          textAnchor: at === 0 ? "start" : at === ticks.length - 1 ? "end" : "middle",
          className: styles.tick,
          children: write(tick)
        },
        tick
      )) })
    ] })
  ] });
}

const WIDTH = 960;
const NAME = 220;
const TOLD = 220;
const ROW = 48;
const HEAD = 56;
const AXIS = 34;
const SPREAD = 7;
const LEVELS = [0, -1, 1];
const FONT = "Atkinson Hyperlegible, system-ui, sans-serif";
const INK = "#17211C";
const QUIET = "#55625B";
const LINE = "#D5DCD8";
const BAND = "#BCD6B3";
function dotsSvg({
  title,
  groups,
  top,
  write
}) {
  const ticks = ticksOfDots(groups, top);
  const most = ticks.at(-1) ?? 1;
  const room = WIDTH - NAME - TOLD;
  const x = (value) => (NAME + room * Math.min(most, Math.max(0, value)) / most).toFixed(1);
  const foot = HEAD + groups.length * ROW;
  const grid = ticks.map(
    (tick) => `<path d="M${x(tick)} ${HEAD}V${foot}" stroke="${LINE}"/>${text(x(tick), foot + 20, write(tick), { fill: QUIET, anchor: "middle" })}`
  );
  const rows = groups.map((group, at) => rowSvg(group, HEAD + (at + 0.5) * ROW, x));
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${WIDTH}" height="${foot + AXIS}" viewBox="0 0 ${WIDTH} ${foot + AXIS}" font-family="${FONT}" font-size="15">${text("0", 28, title, { size: 20, weight: 700 })}${grid.join("")}${rows.join("")}</svg>`;
}
function rowSvg({ name, dots, mean, ci, told, isControl, note }, y, x) {
  const parts = [
    text("0", y + (isControl ? -2 : 5), name, { weight: 700 }),
    isControl ? text("0", y + 15, note, { fill: QUIET, size: 13 }) : "",
    text(String(WIDTH - TOLD + 24), y + 5, told, {})
  ];
  if (ci) {
    const [left, right] = [Number(x(ci[0])), Number(x(ci[1]))];
    const wide = Math.max(1, right - left).toFixed(1);
    parts.push(`<rect x="${left}" y="${y - 5}" width="${wide}" height="10" fill="${BAND}"/>`);
  }
  if (mean !== null) {
    parts.push(`<path d="M${x(mean)} ${y - 16}v32" stroke="${INK}" stroke-width="3"/>`);
  }
  const marks = dots.map(({ value, isRing }, at) => {
    const level = y + SPREAD * (LEVELS[at % LEVELS.length] ?? 0);
    const look = isRing ? `fill="#fff" stroke="${INK}" stroke-width="2"` : `fill="${INK}" fill-opacity="0.75" stroke="#fff"`;
    return `<circle cx="${x(value)}" cy="${level}" r="4.5" ${look}/>`;
  });
  return [...parts, ...marks].join("");
}
function text(x, y, content, look) {
  const { fill = INK, size, weight, anchor } = look;
  const more = [
    size ? ` font-size="${size}"` : "",
    weight ? ` font-weight="${weight}"` : "",
    anchor ? ` text-anchor="${anchor}"` : ""
  ].join("");
  return `<text x="${x}" y="${y}" fill="${fill}"${more}>${escaped(content)}</text>`;
}
function escaped(content) {
  return content.replaceAll("&", "&amp;").replaceAll("<", "&lt;").replaceAll(">", "&gt;").replaceAll('"', "&quot;");
}

function SaveDots(picture) {
  const save = async (as) => {
    const { savePng, saveSvg } = await import('./saveChart_B6idmxfT.mjs').then(n => n.d);
    const svg = dotsSvg(picture);
    if (as === "svg") saveSvg(svg, picture.title);
    else await savePng(svg, picture.title, "white");
  };
  return /* @__PURE__ */ jsxs("p", { className: styles$1.save, children: [
    chart.save,
    /* @__PURE__ */ jsx(Button, { weight: "quiet", onClick: () => void save("svg"), children: chart.svg }),
    /* @__PURE__ */ jsx(Button, { weight: "quiet", onClick: () => void save("png"), children: chart.png })
  ] });
}

function MeasureDots({
  page,
  view,
  isStill = false
}) {
  const { format } = useSite();
  const isShare = view.by === "means" && view.isShare;
  const write = (value) => view.by === "counts" ? `${format.number(value)} %` : valueText(value, view.measure, isShare, format);
  const tick = (value) => view.by === "counts" || isShare ? `${format.number(value)} %` : shortText(value, write);
  const title = trialResults.dots.head(trialResults.measures[view.measure], page.day);
  const isPercent = view.by === "counts" || isShare;
  return /* @__PURE__ */ jsxs("section", { "aria-labelledby": "dots", className: styles$1.part, children: [
    /* @__PURE__ */ jsx("h2", { id: "dots", children: title }),
    !isStill && /* @__PURE__ */ jsx(Checks, { page }),
    /* @__PURE__ */ jsx("p", { className: styles$1.quiet, children: view.by === "counts" ? trialResults.dots.hintCounts : view.by === "sides" ? trialResults.dots.hintSides : trialResults.dots.hint }),
    groupsOf(view, page, write, format).map(({ head, groups }) => /* @__PURE__ */ jsxs("div", { children: [
      head && /* @__PURE__ */ jsx("h3", { children: head }),
      /* @__PURE__ */ jsx(PotDots, { groups, write: tick, ...isPercent ? { top: 100 } : {} }),
      !isStill && /* @__PURE__ */ jsx(
        SaveDots,
        {
          title: [page.name, title, head].filter(Boolean).join(", "),
          groups,
          write: tick,
          top: isPercent ? 100 : void 0
        }
      )
    ] }, head))
  ] });
}
function Checks({ page }) {
  const seen = page.checks.filter(({ looked }) => looked > 0);
  if (seen.length < 2) return null;
  return /* @__PURE__ */ jsxs("p", { className: styles$1.checks, children: [
    trialResults.day,
    " ",
    seen.map(({ day }) => /* @__PURE__ */ jsx(
      "a",
      {
        href: `/trials/${page.trialId}/results?measure=${page.measure}&day=${day}`,
        "aria-current": day === page.day ? "true" : void 0,
        children: trialResults.dayOf(day)
      },
      day
    ))
  ] });
}
function groupsOf(view, page, write, format) {
  const { treatments } = page;
  switch (view.by) {
    case "means":
      return [
        {
          head: "",
          groups: treatments.map(({ number, name, planted }) => {
            const told = view.groups.groups[number]?.description;
            const dots = page.pots.flatMap(
              ({ treatment, value, code }) => treatment === number && value !== null ? [{ key: code, value }] : []
            );
            return {
              key: number,
              name,
              isControl: number === 0,
              note: trialResults.dots.control,
              dots,
              mean: told?.mean ?? null,
              ci: told?.ci ?? null,
              told: told ? `${write(told.mean)} · ${trialResults.dots.used(told.n, planted)}` : trialResults.dots.noValue,
              says: trialResults.dots.says(name, told ? write(told.mean) : trialResults.dots.noValue)
            };
          })
        }
      ];
    case "counts":
      return [
        {
          head: "",
          groups: treatments.map(({ number, name }) => {
            const told = view.counts.groups[number];
            const percent = (share) => share * 100;
            return {
              key: number,
              name,
              isControl: number === 0,
              note: trialResults.dots.control,
              dots: [],
              mean: told ? percent(told.proportion) : null,
              ci: told ? [percent(told.ci[0]), percent(told.ci[1])] : null,
              told: told ? `${trialResults.dots.ofTotal(told.count, told.total)} · ${format.plain(format.percent(told.proportion))}` : trialResults.dots.noValue,
              says: trialResults.dots.says(
                name,
                told ? trialResults.dots.ofTotal(told.count, told.total) : trialResults.dots.noValue
              )
            };
          })
        }
      ];
    case "sides":
      return view.sides.map(({ treatment, crops }) => ({
        head: `${treatments[treatment]?.name} · ${treatments[0]?.name}`,
        groups: crops.map(({ cropName, control, other }) => {
          const text = (value) => value === null ? trialResults.dots.noValue : write(value);
          return {
            key: cropName,
            name: cropName,
            note: "",
            dots: [
              ...control === null ? [] : [{ key: treatments[0]?.name ?? "", value: control, isRing: true }],
              ...other === null ? [] : [{ key: treatments[treatment]?.name ?? "", value: other }]
            ],
            mean: null,
            ci: null,
            told: trialResults.against(text(other), text(control)),
            says: trialResults.dots.saySides(cropName, text(control), text(other))
          };
        })
      }));
  }
}
function shortText(value, write) {
  return Number.isInteger(value) ? write(value).replace(/[.,]0(?=\D|$)/, "") : write(value);
}

const words$1 = trialResults.outcome;
function OutcomeTable({ page }) {
  const { format } = useSite();
  const rows = rowsOf$1(format).filter(({ of }) => page.treatments.some((one) => of(one) !== null));
  return /* @__PURE__ */ jsxs("section", { "aria-labelledby": "outcome", className: styles$1.part, children: [
    /* @__PURE__ */ jsx("h2", { id: "outcome", children: words$1.head }),
    /* @__PURE__ */ jsx(Sideways, { label: words$1.head, children: /* @__PURE__ */ jsxs("table", { className: styles$1.table, children: [
      /* @__PURE__ */ jsx("thead", { children: /* @__PURE__ */ jsxs("tr", { children: [
        /* @__PURE__ */ jsx("td", {}),
        page.treatments.map(({ number, name }) => /* @__PURE__ */ jsx("th", { scope: "col", children: name }, number))
      ] }) }),
      /* @__PURE__ */ jsx("tbody", { children: rows.map(({ name, of }) => /* @__PURE__ */ jsxs("tr", { children: [
        /* @__PURE__ */ jsx("th", { scope: "row", children: name }),
        page.treatments.map((one) => /* @__PURE__ */ jsx("td", { children: of(one) ?? words$1.unknown }, one.number))
      ] }, name)) })
    ] }) }),
    /* @__PURE__ */ jsxs("details", { className: styles$1.why, children: [
      /* @__PURE__ */ jsx("summary", { children: words$1.why }),
      rows.map(({ name, why }) => why && /* @__PURE__ */ jsx("p", { children: `${name}: ${why}` }, name))
    ] })
  ] });
}
function rowsOf$1(format) {
  const grams = (value) => format.plain(format.grams(value));
  const known = (value, write) => value === null ? null : write(value);
  const costOf = ({ costPerLitre, litres }) => costPerLitre === null ? null : costPerLitre * litres;
  return [
    { name: words$1.used, of: ({ used, planted }) => words$1.usedOf(used, planted) },
    { name: words$1.died, of: ({ died }) => died > 0 ? format.number(died) : null },
    {
      name: words$1.cost,
      why: words$1.whys.cost,
      of: (one) => known(
        costOf(one),
        (cost) => `${format.money(cost)}${one.isCostPartial ? ` (${words$1.partial})` : ""}`
      )
    },
    { name: words$1.yield, why: words$1.whys.yield, of: ({ yieldG }) => known(yieldG, grams) },
    {
      name: words$1.perLitre,
      why: words$1.whys.perLitre,
      of: ({ yieldG, litres }) => known(yieldG, (value) => `${grams(value / litres)} / L`)
    },
    {
      name: words$1.perMoney(format.money(1)),
      why: words$1.whys.perMoney,
      of: (one) => {
        const cost = costOf(one);
        if (one.yieldG === null || !cost || one.isCostPartial) return null;
        return grams(one.yieldG / cost);
      }
    },
    {
      name: words$1.water,
      why: words$1.whys.water,
      of: ({ waterLitres }) => known(waterLitres, (value) => format.plain(format.litres(value)))
    },
    {
      name: words$1.first,
      why: words$1.whys.first,
      of: ({ firstHarvestDays }) => known(firstHarvestDays, (value) => words$1.days(format.number(value)))
    },
    {
      name: words$1.sunk,
      why: words$1.whys.sunk,
      of: ({ sunkCm }) => known(sunkCm, (value) => format.plain(format.cm(value)))
    },
    {
      name: words$1.weeds,
      why: words$1.whys.weeds,
      of: ({ weedsPerM2 }) => known(weedsPerM2, (value) => format.number(value))
    }
  ];
}

function ResultsTable({ page }) {
  const { format } = useSite();
  const rows = rowsOf(page, format);
  return /* @__PURE__ */ jsxs("section", { "aria-labelledby": "everything", className: styles$1.part, children: [
    /* @__PURE__ */ jsx("h2", { id: "everything", children: trialResults.table.head }),
    /* @__PURE__ */ jsx(Sideways, { label: trialResults.table.head, children: /* @__PURE__ */ jsxs("table", { className: styles$1.table, children: [
      /* @__PURE__ */ jsx("thead", { children: /* @__PURE__ */ jsxs("tr", { children: [
        /* @__PURE__ */ jsx("th", { scope: "col", children: trialResults.table.measure }),
        page.treatments.map(({ number, name }) => /* @__PURE__ */ jsxs("th", { scope: "col", children: [
          name,
          number === 0 && /* @__PURE__ */ jsxs("small", { children: [
            " ",
            trialResults.dots.control
          ] })
        ] }, number))
      ] }) }),
      /* @__PURE__ */ jsx("tbody", { children: rows.map(({ name, address, isShown, cells, said }) => /* @__PURE__ */ jsxs("tr", { "aria-current": isShown ? "true" : void 0, children: [
        /* @__PURE__ */ jsx("th", { scope: "row", children: address ? /* @__PURE__ */ jsx("a", { href: address, "aria-label": trialResults.table.show(name), children: name }) : name }),
        cells.map((cell, number) => {
          const one = said.find(({ treatment }) => treatment === number);
          return /* @__PURE__ */ jsxs("td", { children: [
            cell,
            one && page.closedOn && /* @__PURE__ */ jsx("small", { "data-verdict": one.verdict, children: trialResults.verdicts[one.verdict] })
          ] }, number);
        })
      ] }, name)) })
    ] }) })
  ] });
}
function rowsOf(page, format) {
  const rows = page.results.map(
    (view) => ({
      name: trialResults.measures[view.measure],
      address: `/trials/${page.trialId}/results?measure=${view.measure}&day=${page.day}`,
      isShown: view.measure === page.measure,
      cells: cellsOf(view, page, format),
      said: saidOf(view, page, format)
    })
  );
  const { survival } = page;
  if (!survival) return rows;
  return [
    ...rows,
    {
      name: trialResults.survival,
      address: null,
      isShown: false,
      cells: survival.groups.map(({ count, total }) => trialResults.dots.ofTotal(count, total)),
      said: countsSaid(survival, page, format)
    }
  ];
}
function cellsOf(view, page, format) {
  switch (view.by) {
    case "means":
      return view.groups.groups.map(
        ({ description }) => description ? valueText(description.mean, view.measure, view.isShare, format) : trialResults.dots.noValue
      );
    case "counts":
      return view.counts.groups.map(({ count, total }) => trialResults.dots.ofTotal(count, total));
    case "sides":
      return page.treatments.map(({ number }) => {
        const side = view.sides.find(({ treatment }) => treatment === number);
        return side ? `${side.result.wins} : ${side.result.losses}` : "";
      });
  }
}

function ResultWhy({
  page,
  view,
  isOpen = false
}) {
  const { format } = useSite();
  const lines = view.by === "counts" ? [trialResults.whyFisher] : view.by === "sides" ? [trialResults.whySign(page.treatments.length > 2)] : [
    view.groups.test === "max-t" ? trialResults.whyMaxT : trialResults.whyWelch,
    view.isShare && trialResults.whyTrays,
    view.groups.cv !== null && !page.isVoid && trialResults.whyCv(format.number(view.groups.cv)),
    view.groups.test === "max-t" && trialResults.whyAlone,
    view.groups.isUneven && trialResults.whyUneven
  ];
  return /* @__PURE__ */ jsxs("details", { className: styles$1.why, open: isOpen, children: [
    /* @__PURE__ */ jsx("summary", { children: trialResults.why }),
    [...lines, trialResults.whyUsed].map((line) => line && /* @__PURE__ */ jsx("p", { children: line }, line))
  ] });
}

const words = trialResults.happened;
function TrialHappened({ page }) {
  const { format } = useSite();
  const what = (one) => one.problemName ?? look.events[one.kind];
  const others = page.happened.filter(
    (one) => !page.leftOut.some(
      ({ code, on, happened }) => code === one.code && on === one.on && happened === one.kind
    )
  );
  return /* @__PURE__ */ jsxs("section", { "aria-labelledby": "happened", className: styles$1.part, children: [
    /* @__PURE__ */ jsx("h2", { id: "happened", children: words.head }),
    page.effects.map((one) => /* @__PURE__ */ jsx(Notice, { tone: "act", children: words.effect(what(one.what), one.treatment) }, `${one.treatment}${one.what.id}`)),
    page.happened.length === 0 && page.leftOut.length === 0 && /* @__PURE__ */ jsx("p", { children: words.none }),
    page.leftOut.length > 0 && /* @__PURE__ */ jsx("ul", { className: styles$1.lines, children: page.leftOut.map((one) => /* @__PURE__ */ jsxs("li", { children: [
      /* @__PURE__ */ jsx("strong", { children: one.code }),
      " ",
      look.leftOut(one, format.day(one.on))
    ] }, one.code)) }),
    others.length > 0 && /* @__PURE__ */ jsx("ul", { className: styles$1.lines, children: others.map((one) => /* @__PURE__ */ jsxs("li", { children: [
      format.day(one.on),
      " · ",
      /* @__PURE__ */ jsx("a", { href: `/pots/${one.containerId}`, children: one.code }),
      " ·",
      " ",
      what(one),
      one.note && ` · ${one.note}`
    ] }, one.id)) }),
    /* @__PURE__ */ jsx(Noted, { page })
  ] });
}
function Noted({ page: { noted } }) {
  const { format } = useSite();
  if (noted.length === 0) return null;
  const photos = noted.filter(({ photoId }) => photoId !== null);
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsx("h3", { children: words.noted }),
    /* @__PURE__ */ jsx("ul", { className: styles$1.lines, children: noted.filter(({ note }) => note !== null).map(({ code, containerId, on, note }) => /* @__PURE__ */ jsxs("li", { children: [
      format.day(on),
      " · ",
      /* @__PURE__ */ jsx("a", { href: `/pots/${containerId}`, children: code }),
      " · ",
      note
    ] }, `${code} ${on} ${note}`)) }),
    photos.length > 0 && /* @__PURE__ */ jsx("ul", { className: styles$1.photos, children: photos.map(({ code, on, photoId }) => /* @__PURE__ */ jsxs("li", { children: [
      /* @__PURE__ */ jsx("a", { href: `/api/photos/${photoId}`, children: /* @__PURE__ */ jsx(
        "img",
        {
          src: `/api/photos/${photoId}`,
          alt: words.photoOf(code, format.day(on)),
          loading: "lazy"
        }
      ) }),
      /* @__PURE__ */ jsx("small", { children: words.photoOf(code, format.day(on)) })
    ] }, photoId)) })
  ] });
}

function Verdicts({
  page,
  view
}) {
  const { format } = useSite();
  const said = saidOf(view, page, format);
  const isOnePot = view.by === "means" && page.treatments.every(({ planted }) => planted < 2);
  return /* @__PURE__ */ jsxs("section", { "aria-label": trialResults.measures[view.measure], className: styles$1.part, children: [
    /* @__PURE__ */ jsx("ul", { className: styles$1.verdicts, children: said.map((one) => {
      const cheaper = cheaperBy(one, page);
      return /* @__PURE__ */ jsxs("li", { "data-verdict": one.verdict, children: [
        /* @__PURE__ */ jsx("span", { className: styles$1.mark, "aria-hidden": "true", children: trialResults.marks[one.verdict] }),
        /* @__PURE__ */ jsxs("div", { children: [
          /* @__PURE__ */ jsxs("strong", { className: styles$1.verdict, children: [
            page.treatments[one.treatment]?.name,
            ": ",
            trialResults.verdicts[one.verdict]
          ] }),
          /* @__PURE__ */ jsxs("p", { children: [
            trialResults.measures[view.measure],
            ": ",
            one.text,
            cheaper !== null && ` ${trialResults.cheaper(format.plain(format.percent(cheaper)))}`
          ] })
        ] })
      ] }, one.treatment);
    }) }),
    isOnePot && !page.isVoid && /* @__PURE__ */ jsxs("p", { children: [
      trialResults.onePot,
      " ",
      /* @__PURE__ */ jsx("a", { href: "/trials/new?kind=side-by-side", "data-needs": "manage", children: trialResults.onePotNext })
    ] })
  ] });
}

export { MeasureDots as M, OutcomeTable as O, ResultsTable as R, TrialHappened as T, Verdicts as V, ResultWhy as a };
