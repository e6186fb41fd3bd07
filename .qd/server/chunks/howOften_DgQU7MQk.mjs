function howOften(perWeek) {
  if (perWeek < 1) return "every other week";
  if (perWeek === 1) return "once a week";
  return perWeek === 2 ? "twice a week" : `${perWeek} times a week`;
}

export { howOften as h };
