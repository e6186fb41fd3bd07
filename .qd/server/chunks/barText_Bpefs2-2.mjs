import { r as rotationGroupName } from './rotationGroups_CikCcZDV.mjs';

const bars = {
  givenUp: {
    compost: "What was found in it does not belong in pots again: it goes to the compost heap.",
    discard: "What was found in it does not belong in pots again: it goes into the bin."
  },
  family: (crop, family, season) => `${crop} belongs to ${family}, and what was found in this lot lives on them. They stay out of it until after ${season}.`,
  held: (day) => `It is kept apart until ${day}.`,
  food: (crop) => `${crop} is eaten, and what was found in this lot does not belong into food.`,
  seedlings: "Seedlings suffer from what was found in this lot.",
  from: (name) => `This mix begins with ${name}.`
};

function barText(bar, crop, format) {
  switch (bar.kind) {
    case "given-up":
      return bars.givenUp[bar.verdict];
    case "family":
      return bars.family(crop, rotationGroupName(bar.rotationGroup), bar.untilSeason);
    case "held":
      return bars.held(format.day(bar.until));
    case "food":
      return bars.food(crop);
    case "seedlings":
      return bars.seedlings;
  }
}

export { bars as a, barText as b };
