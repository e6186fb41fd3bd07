/** Plants that stay: potted on into a larger pot, or top-dressed where they stand. */
export const goingOn = {
  potOn: 'Pot it on into a larger pot',
  potOnLead:
    'The root ball goes into an empty pot with new mix under it and around it. What is known of its mix and its plants goes along.',
  code: 'Into which pot',
  codeHint: (codes: string) =>
    codes === ''
      ? 'the code of an empty pot; none of yours is larger'
      : `empty and larger: ${codes}`,
  mix: 'New mix under and around it',
  look: 'Work it out',
  wide: (wider: string) =>
    `That pot is ${wider} wider, more than two sizes up: what no root reaches stays wet for long. Take a smaller one, or water sparingly until roots have come.`,
  steps: {
    aside: 'Take drip lines, trellis and mulch off and lay them aside.',
    pot: (code: string) => `Wash ${code}, open its holes, mesh over them; feet under it.`,
    measure: (litres: string) => `Measure out for ${litres} of new mix:`,
    take: (litres: string) => `Take ${litres} of new mix.`,
    water: 'Water the plant an hour before, so that the root ball holds together.',
    underlay: (depth: string) =>
      `Lay ${depth} of the new mix in, coarser than the rest where you can.`,
    lift: (gap: string) =>
      `Lift the plant over, loosen roots that circle, and set the ball so that its top ends ${gap} below the rim.`,
    lifting: 'Wet pots are heavy: two people, and from the knees.',
    sides: 'Fill the sides, knock the pot, keep the stem as free as it was.',
    waterIn: 'Water it in, top up where it sinks.',
    back: 'Put mulch, trellis and drip lines back; one emitter more where the pot is much wider.',
  },
  settled: (litres: string) =>
    `About ${litres} stand in it then. Worked out, not measured: the root ball is what of the lot stands in this pot; new mix is what the other holds to its gap less that, and 8 % more, since it sinks.`,
  done: 'It is potted on',
  potted: (code: string) => `Potted on into ${code}.`,
  dress: 'Top-dress around its plants',
  dressLead:
    'A thin layer scratched in between plants that stay. It feeds and levels; it does not give air back.',
  material: 'What goes on',
  choose: 'Choose a material',
  depth: 'How thick',
  depthHint: '1 to 5 cm; 3 is usual',
  dressSteps: {
    aside: 'Take mulch and drip lines off; push nothing against stems.',
    scratch: (litres: string, depth: string) =>
      `Loosen the top two fingers deep, spread ${litres} (${depth}) and scratch it in.`,
    back: 'Water it in; put mulch and drip lines back.',
  },
  dressIt: 'It is top-dressed',
  dressed: (litres: string) => `${litres} written into the ledger of its lot.`,
  dressWhy: 'The surface of this pot times the thickness.',
}
