const outcomes = { well: "did well", fair: "was fair", poor: "did poorly" };
const pictures = {
  coreLabel: (parts) => `Core sample: ${parts}`,
  potLabel: (air, surface, lowAir) => `The pot cut open: filled to ${surface}, ${air} air after draining, less than 10 % air up to ${lowAir}`,
  inningsLabel: (count) => `${count} innings so far`,
  inningsWords: ({ number, cropName, season, outcome, open }) => `Innings ${number}, ${season}: ${cropName ?? "nothing planted"}${open ? ", growing now" : outcome ? ` ${outcomes[outcome]}` : ""}`,
  nextInnings: "the next innings, still open"
};

export { pictures as p };
