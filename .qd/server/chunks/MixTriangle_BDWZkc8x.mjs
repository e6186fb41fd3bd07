import { jsxs, jsx, Fragment } from 'react/jsx-runtime';
import { useRef, useState, useMemo } from 'react';
import { S as SelectField } from './Field_D6p8NWuD.mjs';
import { P as Progress } from './Progress_C1XRIgPh.mjs';
import { m as mixPictures } from './mixPictures_1RlZJyBh.mjs';
import { u as useCore } from './useCore_DJpFPcXM.mjs';
import { u as useMixDesign, l as litresText } from './design_CibHzzAt.mjs';
import { b as styles, s as styles$1 } from './design.093a3064_BnQ7BLGM.mjs';
import { u as useSite } from './SiteContext_DmfuMSrf.mjs';

const TRIANGLE = { side: 380, left: 20, top: 26, width: 420, height: 392 };
const HEIGHT = TRIANGLE.side * Math.sqrt(3) / 2;
const CORNER_GROUPS = [
  ["organic base", "bagged mix", "coarse organic"],
  ["compost"],
  ["aggregate"]
];
const USUAL_CORNERS = ["all-purpose-mix", "garden-compost", "perlite-coarse"];
function cornersOf(components) {
  const largest = (groups) => components.filter(({ material }) => groups.includes(material.group)).sort((a, b) => b.parts - a.parts)[0]?.material.id;
  const [fibre, compost, aggregate] = CORNER_GROUPS.map(
    (groups, i) => largest(groups) ?? USUAL_CORNERS[i]
  );
  return [fibre ?? "", compost ?? "", aggregate ?? ""];
}
function pointOf([fibre, compost, aggregate]) {
  const total = fibre + compost + aggregate;
  const { side, left, top } = TRIANGLE;
  return {
    x: left + side * (compost + aggregate / 2) / total,
    y: top + HEIGHT * (1 - aggregate / total)
  };
}
function sharesAt(x, y) {
  const aggregate = clamp(1 - (y - TRIANGLE.top) / HEIGHT, 0, 1);
  const compost = clamp((x - TRIANGLE.left) / TRIANGLE.side - aggregate / 2, 0, 1 - aggregate);
  return [1 - aggregate - compost, compost, aggregate];
}
function stepped([fibre, compost, aggregate], key) {
  const step = 0.02;
  switch (key) {
    case "ArrowUp":
    case "ArrowDown": {
      const next = clamp(aggregate + (key === "ArrowUp" ? step : -step), 0, 1);
      const others = fibre + compost;
      if (others < 1e-6) return [1 - next, 0, next];
      const scale = (1 - next) / others;
      return [fibre * scale, compost * scale, next];
    }
    case "ArrowLeft":
    case "ArrowRight": {
      const next = clamp(compost + (key === "ArrowRight" ? step : -step), 0, fibre + compost);
      return [fibre + compost - next, next, aggregate];
    }
    default:
      return null;
  }
}
function clamp(value, low, high) {
  return Math.min(high, Math.max(low, value));
}

const words$1 = mixPictures.triangle;
const LARGEST_PX = 10.5;
const LARGEST_SHARE = 0.5;
function TriangleField({
  field,
  names,
  shown,
  wish,
  shares,
  onMove
}) {
  const { format } = useSite();
  const svg = useRef(null);
  const percent = (share) => format.plain(format.percent(share));
  const [fibre = "", compost = "", aggregate = ""] = names;
  const told = shares ? names.map((name, i) => `${name} ${percent(shares[i] ?? 0)}`).join(", ") : "";
  const corners = [pointOf([1, 0, 0]), pointOf([0, 1, 0]), pointOf([0, 0, 1])];
  const drag = (event) => {
    const box = svg.current?.getBoundingClientRect();
    if (!box || event.buttons !== 1) return;
    const scale = TRIANGLE.width / box.width;
    onMove(sharesAt((event.clientX - box.left) * scale, (event.clientY - box.top) * scale));
  };
  const press = (event) => {
    const next = shares && stepped(shares, event.key);
    if (!next) return;
    event.preventDefault();
    onMove(next);
  };
  const point = shares && pointOf(shares);
  return /* @__PURE__ */ jsxs("figure", { className: styles.figure, children: [
    /* @__PURE__ */ jsxs(
      "svg",
      {
        ref: svg,
        className: styles.field,
        viewBox: `0 0 ${TRIANGLE.width} ${TRIANGLE.height}`,
        onPointerDown: (event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          drag(event);
        },
        onPointerMove: drag,
        children: [
          /* @__PURE__ */ jsx("title", { children: words$1.label(fibre, compost, aggregate) }),
          /* @__PURE__ */ jsx(
            "path",
            {
              className: styles.edge,
              d: `M${corners.map(({ x, y }) => `${x.toFixed(1)} ${y.toFixed(1)}`).join("L")}Z`
            }
          ),
          field.map(({ shares: at, air, available }) => {
            const { x, y } = pointOf(at);
            const value = shown === "air" ? air : available;
            const wanted = shown === "air" && wish !== null && air >= wish.airMin && air <= wish.airMax;
            return /* @__PURE__ */ jsx(
              "circle",
              {
                cx: x,
                cy: y,
                r: Math.max(1, LARGEST_PX * Math.sqrt(Math.min(1, value / LARGEST_SHARE))),
                className: shown === "available" ? styles.water : wanted ? styles.wanted : styles.air
              },
              at.join(" ")
            );
          }),
          /* @__PURE__ */ jsx("text", { className: styles.name, x: corners[0].x - 14, y: corners[0].y + 24, children: fibre }),
          /* @__PURE__ */ jsx("text", { className: styles.name, x: corners[1].x + 14, y: corners[1].y + 24, textAnchor: "end", children: compost }),
          /* @__PURE__ */ jsx("text", { className: styles.name, x: corners[2].x, y: corners[2].y - 12, textAnchor: "middle", children: aggregate }),
          point && /* @__PURE__ */ jsxs(
            "g",
            {
              role: "slider",
              tabIndex: 0,
              className: styles.point,
              "aria-label": words$1.point,
              "aria-valuemin": 0,
              "aria-valuemax": 100,
              "aria-valuenow": Math.round((shares?.[2] ?? 0) * 100),
              "aria-valuetext": told,
              onKeyDown: press,
              children: [
                /* @__PURE__ */ jsx("circle", { cx: point.x, cy: point.y, r: 15, className: styles.halo }),
                /* @__PURE__ */ jsx(
                  "path",
                  {
                    d: `M${point.x - 9} ${point.y}h18M${point.x} ${point.y - 9}v18`,
                    className: styles.cross
                  }
                )
              ]
            }
          )
        ]
      }
    ),
    /* @__PURE__ */ jsxs("figcaption", { children: [
      shown === "air" ? wish ? words$1.airLegend(percent(wish.airMin), percent(wish.airMax)) : words$1.airOnly : words$1.waterLegend,
      told && /* @__PURE__ */ jsxs("strong", { children: [
        " ",
        words$1.now(told)
      ] })
    ] })
  ] });
}

const words = mixPictures.triangle;
const STEPS = 16;
function MixTriangle({ open }) {
  const { form, page, components, container, wish } = useMixDesign();
  const [chosen, setChosen] = useState(null);
  const [shown, setShown] = useState("air");
  const ids = chosen ?? cornersOf(components);
  const corners = ids.flatMap((id) => {
    const found = page.materials.find(({ material }) => material.id === id);
    return found ? [found.material] : [];
  });
  const litresOf = (id) => components.find(({ material }) => material.id === id)?.parts ?? 0;
  const inTriangle = ids.reduce((sum, id) => sum + litresOf(id), 0);
  const rest = components.filter(({ material }) => !ids.includes(material.id));
  const total = inTriangle + rest.reduce((sum, { parts }) => sum + parts, 0);
  const key = JSON.stringify([
    ids,
    container,
    rest.map(({ material, parts }) => [material.id, parts]),
    rest.length > 0 ? inTriangle : 0,
    open
  ]);
  const question = useMemo(
    () => open && container && corners.length === 3 ? {
      corners,
      rest,
      restShare: total > 0 ? Math.min(0.95, 1 - inTriangle / total) : 0,
      container: { shape: container.shape, fillHeightCm: container.fillHeightCm },
      steps: STEPS
    } : null,
    [key]
  );
  const { answer, progress, stop } = useCore("triangle", "triangle", question);
  const shares = inTriangle > 0 ? [
    litresOf(ids[0]) / inTriangle,
    litresOf(ids[1]) / inTriangle,
    litresOf(ids[2]) / inTriangle
  ] : null;
  const names = corners.map(({ name }) => name);
  const move = (next) => {
    const batch = inTriangle > 0 ? inTriangle : 10;
    const amounts = new Map(ids.map((id, i) => [id, litresText(batch * (next[i] ?? 0))]));
    const parts = form.getValues("parts").map((row) => {
      const litres = amounts.get(row.materialId);
      amounts.delete(row.materialId);
      return litres === void 0 ? row : { ...row, litres };
    });
    form.setValue("parts", [
      ...parts,
      ...[...amounts].map(([materialId, litres]) => ({ materialId, litres }))
    ]);
  };
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsxs("div", { className: styles$1.setting, children: [
      ids.map((id, corner) => /* @__PURE__ */ jsx(
        SelectField,
        {
          label: words.corners[corner] ?? "",
          value: id,
          onChange: (event) => {
            const next = [...ids];
            next[corner] = event.target.value;
            setChosen(next);
          },
          children: page.materials.filter(
            ({ material, putAway }) => material.id === id || !putAway && CORNER_GROUPS[corner]?.includes(material.group)
          ).map(({ material }) => /* @__PURE__ */ jsx("option", { value: material.id, children: material.name }, material.id))
        },
        words.corners[corner]
      )),
      /* @__PURE__ */ jsxs(
        SelectField,
        {
          label: words.show,
          value: shown,
          onChange: (event) => setShown(event.target.value === "air" ? "air" : "available"),
          children: [
            /* @__PURE__ */ jsx("option", { value: "air", children: words.air }),
            /* @__PURE__ */ jsx("option", { value: "available", children: words.available })
          ]
        }
      )
    ] }),
    progress !== null && /* @__PURE__ */ jsx(Progress, { label: words.working, share: progress, onStop: stop }),
    answer && names.length === 3 && /* @__PURE__ */ jsx(
      TriangleField,
      {
        field: answer,
        names,
        shown,
        wish,
        shares,
        onMove: move
      }
    ),
    /* @__PURE__ */ jsxs("p", { className: styles$1.note, children: [
      rest.length > 0 && `${words.rest(rest.map(({ material }) => material.name).join(", "))} `,
      words.keys
    ] })
  ] });
}

export { MixTriangle };
