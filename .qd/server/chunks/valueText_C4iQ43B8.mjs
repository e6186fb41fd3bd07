import { b as bench } from './bench_bnVa8nxU.mjs';
import { s as secondsText } from './benchVerdicts_B0RcEMna.mjs';

function valueAmount(value, unit, format) {
  switch (unit) {
    case "share":
      return format.percent(value);
    case "L":
      return format.litres(value);
    case "cm":
      return format.cm(value);
    case "s": {
      const [number = "", of = ""] = secondsText(value, format).split(" ");
      return { number, unit: of };
    }
    case "mL":
    case "mL/min":
    case "min":
    case "°C":
      return { number: format.number(value), unit };
    case "pH":
      return { number: format.number(value, 1), unit: "" };
    case "times":
      return { number: format.number(value, 2), unit: "×" };
    case "g/L":
    case "kg/L":
    case "dS/m":
      return { number: format.number(value, 2), unit };
    case "cm/min":
    case "per 100 cm²":
    case "%":
      return { number: format.number(value, 1), unit };
  }
}
function valueName(name) {
  const sprouted = /^sprouted (\d+)$/.exec(name);
  if (sprouted) return bench.sprouted(sprouted[1] ?? "");
  return bench.values[name] ?? name;
}

export { valueAmount as a, valueName as v };
