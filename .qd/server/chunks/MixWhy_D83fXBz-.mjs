import { jsx } from 'react/jsx-runtime';
import { a as mixes } from './mixes_Bu7u0CjJ.mjs';
import { W as WhyText } from './Figure_D8FCbobM.mjs';
import { w as whyInput } from './why_5zXUPwGj.mjs';
import { L as LOSS_RANGE } from './growing_CG8kV1Dv.mjs';

function mixWhy(key, answer, { wish, place, fillHeightCm, cost, partLitres }) {
  const { blend, capacity, dry, plants, buffer, freeLimeGPerL, nitrogen, likely } = answer;
  const between = ({ p10, p90 }) => [p10, p90];
  switch (key) {
    case "air":
      return {
        rule: "air",
        source: "capacity",
        range: between(likely.airFraction),
        inputs: [
          whyInput("porosity", blend.totalPorosity, "share"),
          whyInput("waterHeld", capacity.waterFraction, "share"),
          whyInput("fillHeight", fillHeightCm, "cm"),
          whyInput("volumeYield", blend.volumeYield, "share"),
          whyInput("airMin", wish?.airMin, "share"),
          whyInput("airMax", wish?.airMax, "share")
        ]
      };
    case "water":
    case "days":
      return {
        rule: "mix.days",
        source: "drift",
        ...key === "days" && dry.days !== null ? {
          range: [dry.days / LOSS_RANGE, dry.days * LOSS_RANGE],
          rangeUnit: "days"
        } : {},
        inputs: [
          whyInput("usableWater", dry.usableLitres, "L"),
          whyInput("waterLost", dry.lossLPerDay, "L"),
          whyInput("et0", dry.et0MmPerDay, "mm/d"),
          whyInput("canopy", plants.canopyCm2, "cm²"),
          whyInput("cropFactor", plants.kc, "times"),
          whyInput("exposure", place.exposureFactor, "times"),
          whyInput("warmest", place.tMaxC, "°C"),
          whyInput("coldest", place.tMinC, "°C")
        ]
      };
    case "weight":
      return {
        rule: "mix.weight",
        source: "packing",
        inputs: [
          whyInput("fillLitres", answer.fillLitres, "L"),
          whyInput("bulkDensity", blend.bulkDensity, "kg/L"),
          whyInput("waterHeld", capacity.waterFraction, "share"),
          whyInput("kgSaturated", dry.saturatedKg, "kg"),
          whyInput("kgPerM2", answer.saturatedKgPerM2, "kg")
        ]
      };
    case "ph":
      return {
        rule: "ph.composition",
        source: "buffer",
        range: between(likely.ph),
        rangeUnit: "pH",
        inputs: [
          whyInput("buffer", buffer, "g/L/pH"),
          whyInput("freeLime", freeLimeGPerL, "g/L"),
          whyInput("phLow", wish?.pHLow, "pH"),
          whyInput("phHigh", wish?.pHHigh, "pH")
        ]
      };
    case "ec":
      return {
        rule: "ec.composition",
        source: "salts",
        range: between(likely.ecSme),
        rangeUnit: "dS/m",
        inputs: [whyInput("ecCeiling", wish?.ecMaxSme, "dS/m")]
      };
    case "nitrogen":
      return {
        rule: "mix.nitrogen",
        source: "nitrogen",
        inputs: [
          whyInput("nitrogenTiedUp", nitrogen?.tiedUpMgPerL, "mg/L"),
          whyInput("nitrogenReleased", nitrogen?.releasedMgPerL, "mg/L")
        ]
      };
    case "seasons":
      return {
        rule: "seasons.air",
        source: "ageing",
        inputs: [
          whyInput("seasonTemp", place.seasonMeanTempC, "°C"),
          whyInput("fillHeight", fillHeightCm, "cm"),
          whyInput("airMin", wish?.airMin, "share")
        ]
      };
    case "cost":
      return {
        rule: "mix.cost",
        source: "prices",
        inputs: [
          whyInput("moneyIn", cost.total, "per L"),
          whyInput("measuredOut", partLitres, "L"),
          whyInput("mixMade", partLitres * blend.volumeYield, "L")
        ]
      };
  }
}

function MixWhy({ asked, answer, facts, onClose }) {
  const title = mixes.design.whyOf[asked];
  return /* @__PURE__ */ jsx(WhyText, { title, why: mixWhy(asked, answer, facts), onClose });
}

export { MixWhy };
