import { jsxs, jsx, Fragment } from 'react/jsx-runtime';
import { B as Button } from './Layout_CULKZlnp.mjs';
import { T as TextField } from './Field_D6p8NWuD.mjs';
import { s as styles } from './index.c29526bc_COBuSM-T.mjs';
import { u as useSite } from './SiteContext_DmfuMSrf.mjs';

const PAGE_ROWS = 30;
async function partOf(page, fetch, pageRows = PAGE_ROWS) {
  const wanted = page ?? 1;
  const at = (one) => fetch({ offset: (one - 1) * pageRows, limit: pageRows });
  const found = await at(wanted);
  const last = Math.max(1, Math.ceil(found.total / pageRows));
  const shown = Math.min(wanted, last);
  const rows = shown === wanted ? found : await at(shown);
  return { ...rows, part: { page: shown, pageRows, total: found.total } };
}

const list = {
  find: "Find",
  show: "Show",
  columns: "Columns",
  sort: "Sort by",
  newest: "Newest first",
  oldest: "Oldest first",
  sortBy: (name) => `Sort by ${name}`,
  pages: "Pages of the list",
  range: (from, to, total) => `${from} to ${to} of ${total}`,
  first: "First",
  before: "Before",
  next: "Next",
  last: "Last",
  nothing: "Nothing fits what you asked for.",
  showAll: "Show all"
};

function ListBar({
  path,
  label,
  hint,
  find,
  name = "find",
  keep = {},
  columns = [],
  children
}) {
  return /* @__PURE__ */ jsxs("form", { className: styles.bar, action: path, method: "get", "aria-label": label, children: [
    /* @__PURE__ */ jsx("search", { className: styles.search, children: /* @__PURE__ */ jsx(
      TextField,
      {
        label: list.find,
        name,
        type: "search",
        maxLength: 80,
        placeholder: hint,
        defaultValue: find
      }
    ) }),
    children,
    columns.length > 0 && /* @__PURE__ */ jsxs("details", { className: styles.columns, children: [
      /* @__PURE__ */ jsx("summary", { children: list.columns }),
      /* @__PURE__ */ jsx("div", { className: styles.choices, children: columns.map(({ id, name: name2, shown }) => /* @__PURE__ */ jsxs("label", { children: [
        /* @__PURE__ */ jsx("input", { type: "checkbox", name: "columns", value: id, defaultChecked: shown }),
        name2
      ] }, id)) })
    ] }),
    Object.entries(keep).map(
      ([name2, value]) => value !== void 0 && /* @__PURE__ */ jsx("input", { type: "hidden", name: name2, value }, name2)
    ),
    /* @__PURE__ */ jsx(Button, { type: "submit", children: list.show })
  ] });
}

function listAddress(path, asked) {
  const query = new URLSearchParams();
  for (const [name, value] of Object.entries(asked)) {
    if (value === void 0 || value === "" || value === 1) continue;
    query.set(name, String(value));
  }
  const text = query.toString();
  return text ? `${path}?${text}` : path;
}

function Pager({
  part: { page, pageRows, total },
  addressOf
}) {
  const { format } = useSite();
  const pages = Math.ceil(total / pageRows);
  if (pages <= 1) return null;
  const from = (page - 1) * pageRows + 1;
  const to = Math.min(total, page * pageRows);
  return /* @__PURE__ */ jsxs("nav", { className: styles.pager, "aria-label": list.pages, children: [
    page > 1 && /* @__PURE__ */ jsxs(Fragment, { children: [
      /* @__PURE__ */ jsx("a", { href: addressOf(1), children: list.first }),
      /* @__PURE__ */ jsx("a", { href: addressOf(page - 1), rel: "prev", children: list.before })
    ] }),
    /* @__PURE__ */ jsx("span", { children: list.range(format.number(from), format.number(to), format.number(total)) }),
    page < pages && /* @__PURE__ */ jsxs(Fragment, { children: [
      /* @__PURE__ */ jsx("a", { href: addressOf(page + 1), rel: "next", children: list.next }),
      /* @__PURE__ */ jsx("a", { href: addressOf(pages), children: list.last })
    ] })
  ] });
}

export { ListBar as L, Pager as P, listAddress as a, PAGE_ROWS as b, list as l, partOf as p };
