import { f as fileName } from './fileName_C1myviap.mjs';

function chartRows({ x, y, series }) {
  const named = (name, unit) => unit ? `${name} (${unit})` : name;
  const places = [...new Set(series.flatMap(({ points }) => points.map(([at]) => at)))].sort(
    (a, b) => a - b
  );
  return [
    [named(x.name, x.unit), ...series.map(({ name }) => named(name, y.unit))],
    ...places.map((at) => [
      x.places?.[at] ?? at,
      ...series.map(({ points }) => points.find(([px]) => px === at)?.[1] ?? "")
    ])
  ];
}

function save(content, name) {
  const link = document.createElement("a");
  link.href = URL.createObjectURL(content);
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 1e4);
}
function saveSvg(svg, title) {
  save(new Blob([svg], { type: "image/svg+xml" }), `${fileName(title, "chart")}.svg`);
}
async function savePng(svg, title, ground) {
  const address = URL.createObjectURL(new Blob([svg], { type: "image/svg+xml" }));
  const picture = new Image();
  picture.src = address;
  await picture.decode();
  const canvas = document.createElement("canvas");
  canvas.width = picture.width * 2;
  canvas.height = picture.height * 2;
  const context = canvas.getContext("2d");
  if (context) {
    context.fillStyle = ground;
    context.fillRect(0, 0, canvas.width, canvas.height);
    context.drawImage(picture, 0, 0, canvas.width, canvas.height);
  }
  URL.revokeObjectURL(address);
  canvas.toBlob((blob) => blob && save(blob, `${fileName(title, "chart")}.png`), "image/png");
}
async function saveCsv(spec) {
  const { unparse } = await import('papaparse');
  save(
    new Blob([unparse(chartRows(spec))], { type: "text/csv" }),
    `${fileName(spec.title, "chart")}.csv`
  );
}

const saveChart = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  saveCsv,
  savePng,
  saveSvg
}, Symbol.toStringTag, { value: 'Module' }));

export { savePng as a, saveCsv as b, chartRows as c, saveChart as d, saveSvg as s };
