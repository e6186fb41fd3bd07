import type { StepKind, StepNote, ToolId, WaitReason } from '../../../core/recondition'

/** Words of the steps of a work order. */
export const steps: Readonly<Record<StepKind, { title: string; how: string }>> = {
  clear: {
    title: 'Take the plants out, keep their tags',
    how: 'Note what grew where. Healthy debris to the compost; anything ill into the bin.',
  },
  skim: {
    title: 'Skim the top off and keep it apart',
    how: 'It may go under a deep planting, to heat or into the bin, never back on top.',
  },
  'tip-out': {
    title: 'Lift off the mulch and tip the mix out on a sheet',
    how: 'Old mulch stays out: mixed in, it would take the nitrogen.',
  },
  clean: {
    title: 'Crumble it and pull out what does not crumble',
    how: 'Fine roots may stay, they keep air. Take out thick roots, lumps, stones and labels.',
  },
  rewet: {
    title: 'Wet it slowly: it had dried out so far that water ran down the side',
    how: 'Sprinkle, fold, wait, sprinkle again, until a squeezed handful holds together and feels cool.',
  },
  workable: {
    title: 'Squeeze a handful',
    how: 'It should hold its shape and crumble at a flick. Too wet: spread it 8–10 cm deep and turn it daily. Too dry: sprinkle and fold.',
  },
  aerate: {
    title: 'Spread it out in the open and turn it until it smells of earth',
    how: 'A layer of 8–10 cm, turned daily, out of rain. Sour mix gives off gas: work outdoors and keep your head away.',
  },
  heat: {
    title: 'Heat it, load by load, with the probe in the core',
    how: 'Moist mix, spread no deeper than the heat reaches. Start a heat test on the bench: it counts the minutes. Never above 93 °C.',
  },
  keep: {
    title: 'Let it rest, closed and labelled',
    how: 'Write the day and the reason on it. What is in it dies off by itself.',
  },
  'seedling-test': {
    title: 'Sow beans and lettuce in it, beside a trusted mix',
    how: 'A seedling test of the bench, with no fewer pots of the trusted mix. Go on only when they grow alike.',
  },
  'lime-apart': {
    title: 'Work the caustic lime into the old mix, by itself',
    how: 'Never in one operation with manure or ammonium feeds: it would drive their nitrogen off as a harsh gas. Moisten, fold, cover, and leave it for a week.',
  },
  spread: {
    title: 'Measure out and spread in layers',
    how: 'Old mix first, then what is added, spread evenly over it.',
  },
  powders: {
    title: 'Weigh the powders into a bucket of mix, then scatter',
    how: 'Stir them through a bucket of the old mix first, then broadcast it over the whole heap.',
  },
  fold: {
    title: 'Fold it over twice, then move the whole heap once',
    how: 'From the edge to the middle, breaking lumps. Moving it to a new place mixes the corners in.',
  },
  moisten: {
    title: 'Moisten until it crumbles at a flick',
    how: 'A little water, fold, and feel again.',
  },
  rest: { title: 'Let it rest, covered', how: 'On the sheet or in closed tubs, out of rain.' },
  retest: {
    title: 'Test pH and salts again',
    how: 'If pH is outside the band, wait two weeks more before you correct it.',
  },
  containers: {
    title: 'Wash the containers, clear the holes',
    how: 'A strong jet; disinfect after disease. Mesh or paper over the holes, feet below, no stones at the bottom: they lift the wet zone.',
  },
  fill: {
    title: 'Fill, firm lightly, water, top up to the gap at the rim',
    how: 'It settles a little with the first watering.',
  },
  leach: {
    title: 'Wash the salts out of the old mix: three slow passes of water',
    how: 'Before anything is mixed in, in its pots or in tubs with holes. Let each pass drain before the next, then test the salts again.',
  },
  fork: {
    title: 'Fork it over in its pot',
    how: 'Loosen it with a hand fork, break what is matted, pull out thick roots. Do not turn the bottom up.',
  },
  'top-up': {
    title: 'Top it up and fold that in',
    how: 'Work it into the upper half, then level it.',
  },
  'water-in': {
    title: 'Water it in slowly',
    how: 'Until it drips below; what sinks away is topped up with the same mix.',
  },
  lift: {
    title: 'Lift the plant with its root ball',
    how: 'Water it the evening before. Loosen what circles round the outside, cut what is woody and girdling; keep the ball in shade and damp.',
  },
  underlay: {
    title: 'Put mix under the root ball',
    how: 'So that the top of the ball ends 3–5 cm below the rim. No stones: they lift the wet zone.',
  },
  sides: {
    title: 'Fill the sides, firm lightly',
    how: 'No hollows; the base of the stem stays free, as high as it stood.',
  },
  dress: {
    title: 'Scratch it in between the plants that stay',
    how: 'Loosen the crust, spread it evenly, keep it off stems and crowns.',
  },
  'sow-between': {
    title: 'Sow or plug in between',
    how: 'Seeds or small plugs: large root balls would tear the roots of what stays.',
  },
  plant: { title: 'Label and plant', how: 'Another plant family than before where you can.' },
}

/** What a step is done with. */
export const tools: Readonly<Record<ToolId, string>> = {
  sheet: 'sheet',
  gloves: 'gloves',
  mask: 'mask',
  goggles: 'goggles',
  fork: 'fork or spade',
  bucket: 'bucket',
  scale: 'scale',
  can: 'watering can',
  meter: 'pH and EC meter',
  probe: 'thermometer with a probe',
  brush: 'brush',
  tags: 'tags',
}

/** What planting before the wait is over may do. */
export const risks: Readonly<Record<WaitReason, string>> = {
  compost: 'Compost that has not settled in sinks, and may hold nitrogen back at first.',
  organic: 'Meals may heat and set ammonia free: seeds fail and young roots burn.',
  caustic: 'Lime that is still caustic burns roots.',
  lime: 'The lime has not worked yet: test pH on that day, not before.',
  sulfur: 'The sulfur has not turned yet: test pH on that day, not before.',
  leach: 'It may still be soaked.',
  dry: 'Wet mix is pressed airless.',
  aerate: 'Sour mix harms roots.',
  heat: 'What heat sets free may harm roots.',
  rest: 'What was found in it may still be alive.',
  seedlings: 'It is not known yet what it does to plants.',
}

/** What this garden's way of working adds to a step. */
export const stepNotes: Readonly<
  Record<Exclude<StepNote['id'], 'not-waited' | 'blocked'>, string>
> = {
  disinfect:
    'Disinfect them too, after washing, by the label of what you use; never mix two of them. Rinse, let dry.',
  inoculate:
    'Dust the inoculant on the roots, by its label, with breathing protection. It helps little where there is much phosphorus.',
  'no-inoculant': 'No inoculant here: roots of cabbages and beets take none.',
}

/** Pots that did not drain. */
export const blocked = (codes: string) =>
  `${codes} did not drain when you looked: open the holes before anything goes in.`

/** What a step waits for. */
export const waits: Readonly<Record<WaitReason, string>> = {
  compost: 'the compost settles in',
  organic: 'the organic fertilizer stops heating and checking seeds',
  caustic: 'the caustic lime has turned mild',
  lime: 'the lime has reacted enough to be tested',
  sulfur: 'the sulfur has turned and can be tested',
  leach: 'it has drained',
  dry: 'it crumbles at a flick',
  aerate: 'it smells of earth again',
  heat: 'it has cooled and what heat sets free has settled',
  rest: 'what was found in it has died off',
  seedlings: 'the seedlings have shown what it does',
}
