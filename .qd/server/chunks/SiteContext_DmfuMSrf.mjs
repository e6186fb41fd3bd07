import { jsx } from 'react/jsx-runtime';
import { createContext, useMemo, useContext } from 'react';
import { s as styles } from './access.6544185e_DrU4MnvQ.mjs';
import { d as useReady } from './Layout_CULKZlnp.mjs';

const L_PER_GALLON = 3.785411784;
const L_PER_CUP = 0.2365882365;
const CM_PER_INCH = 2.54;
const G_PER_OUNCE = 28.349523125;
function formatFor(site) {
  const number = (value, digits = 0) => numberFormat(site.locale, digits).format(value);
  const us = site.unitSystem === "us";
  const digitsFor = (value) => Math.abs(value) < 1 && value !== 0 ? 2 : Math.abs(value) < 100 ? 1 : 0;
  const amount = (value, unit, digits = digitsFor(value)) => ({
    number: number(value, digits),
    unit
  });
  return {
    number,
    litres: (litres) => {
      if (!us) return amount(litres, "L");
      return litres < L_PER_GALLON ? amount(litres / L_PER_CUP, "cups") : amount(litres / L_PER_GALLON, "gal");
    },
    measured: (litres) => {
      if (us) return `${number(litres / L_PER_GALLON, 1)} gal`;
      if (litres < 1) return `${number(litres, litres < 0.1 ? 2 : 1)} L`;
      const halves = Math.round(litres * 2);
      const whole = Math.floor(halves / 2);
      return `${number(whole)}${halves % 2 === 1 ? "½" : ""} L`;
    },
    grams: (grams) => us ? amount(grams / G_PER_OUNCE, "oz") : amount(grams, "g", grams < 10 ? 1 : 0),
    cm: (cm) => us ? amount(cm / CM_PER_INCH, "in") : amount(cm, "cm"),
    percent: (share) => amount(share * 100, "%", 0),
    day: (isoDay) => dayFormat(site.locale).format(/* @__PURE__ */ new Date(`${isoDay}T00:00:00Z`)),
    time: (isoTime) => timeFormat(site.locale, site.timeZone).format(new Date(isoTime)),
    minutes: (minutes) => {
      const whole = Math.round(minutes);
      const [hours, rest] = [Math.floor(whole / 60), whole % 60];
      if (hours === 0) return `${rest} min`;
      return rest === 0 ? `${number(hours)} h` : `${number(hours)} h ${rest} min`;
    },
    money: (value) => site.currency ? moneyFormat(site.locale, site.currency).format(value) : number(value, 2),
    plain: ({ number: digits, unit }) => `${digits} ${unit}`
  };
}
const numberFormat = keepMade(
  (locale, digits) => new Intl.NumberFormat(locale, { minimumFractionDigits: digits, maximumFractionDigits: digits })
);
const moneyFormat = keepMade(
  (locale, currency) => new Intl.NumberFormat(locale, { style: "currency", currency })
);
const timeFormat = keepMade(
  (locale, timeZone) => new Intl.DateTimeFormat(locale, { hour: "2-digit", minute: "2-digit", timeZone })
);
const dayFormat = keepMade(
  (locale) => new Intl.DateTimeFormat(locale, {
    day: "numeric",
    month: "short",
    year: "numeric",
    timeZone: "UTC"
  })
);
function keepMade(make) {
  const kept = /* @__PURE__ */ new Map();
  return (locale, ...rest) => {
    const key = [locale, ...rest].join(" ");
    const made = kept.get(key) ?? make(locale, ...rest);
    kept.set(key, made);
    return made;
  };
}

const Context = createContext(null);
function SiteProvider({
  site,
  isStill = false,
  children
}) {
  const value = useMemo(() => ({ site, format: formatFor(site) }), [site]);
  const ready = useReady();
  return /* @__PURE__ */ jsx(Context.Provider, { value, children: /* @__PURE__ */ jsx("fieldset", { className: styles.stage, disabled: !ready && !isStill, role: "presentation", children }) });
}
function useSite() {
  const value = useContext(Context);
  if (!value) throw new Error("SiteProvider is missing around this part.");
  return value;
}

export { SiteProvider as S, useSite as u };
