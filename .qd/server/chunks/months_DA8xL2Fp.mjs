const MONTHS = [
  "January",
  "February",
  "March",
  "April",
  "May",
  "June",
  "July",
  "August",
  "September",
  "October",
  "November",
  "December"
];
function monthName(index) {
  return MONTHS[index] ?? "";
}

export { monthName as m };
