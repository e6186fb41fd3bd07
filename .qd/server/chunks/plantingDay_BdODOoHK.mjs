import { o as monthsAt } from './rules_BOjb8_mp.mjs';

function plantingDay(crop, today, latitudeDeg) {
  const span = monthsAt(crop.sowOrPlantMonthsNorth, latitudeDeg);
  if (!span) return today;
  const { from, to } = span;
  const year = Number(today.slice(0, 4));
  const month = Number(today.slice(5, 7));
  const inSeason = from <= to ? month >= from && month <= to : month >= from || month <= to;
  if (inSeason) return today;
  const yearOfSowing = month < from ? year : year + 1;
  return `${yearOfSowing}-${String(from).padStart(2, "0")}-01`;
}

export { plantingDay as p };
