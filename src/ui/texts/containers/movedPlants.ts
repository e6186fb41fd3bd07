/** Plants that keep their identity from pot to pot. */
export const movedPlants = {
  open: 'Move it to another pot',
  lead: 'Potted on, cut back or brought in: the same plants go on in another pot, and all that is known of them with them.',
  code: 'Code of that pot',
  codeHint: 'it has to hold a mix; lift a pot-bound plant with coarse mix under its root ball',
  moveIt: 'They stand there now',
  moved: (crop: string) => `${crop} goes on here.`,
  from: (code: string, day: string) => `moved here from ${code} on ${day}`,
  to: (code: string) => `goes on in ${code}`,
  first: (day: string) => `first planted on ${day}`,
} as const
