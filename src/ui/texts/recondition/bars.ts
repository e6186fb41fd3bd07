/** Why a crop may not go into a lot. */
export const bars = {
  givenUp: {
    compost: 'What was found in it does not belong in pots again: it goes to the compost heap.',
    discard: 'What was found in it does not belong in pots again: it goes into the bin.',
  },
  family: (crop: string, family: string, season: number) =>
    `${crop} belongs to ${family}, which suffer from what was found in this lot. They stay out of it until after ${season}.`,
  held: (day: string) => `It is kept apart until ${day}.`,
  food: (crop: string) =>
    `${crop} is eaten, and what was found in this lot does not belong into food.`,
  seedlings: 'Seedlings suffer from what was found in this lot.',
  from: (name: string) => `This mix begins with ${name}.`,
} as const
