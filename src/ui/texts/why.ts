import type { WhyInput } from '../../core/why'
import type { WhyInputName, WhyRule, WhySource } from '../../core/whyKeys'

/** The sentence behind each rule of the recipe solver. */
const rules: Readonly<Record<WhyRule, string>> = {
  lot: 'As much of your old mix as the recipe needs, less what is lost with roots and lumps. What is not needed is left over.',
  'compost.school': 'The share you chose; salt, lime, nitrogen and air allow it.',
  'compost.salt':
    'Lowered from your share, in steps of a twentieth, until the salts stay below four fifths of the crop’s ceiling: feed and hard water come on top.',
  'compost.rich':
    'Lowered from your share: more would give the crop over a fifth more nitrogen than it takes up.',
  'compost.found':
    'Lowered from your share: a trial of this garden found that no more of this compost is safe for the crop.',
  'compost.air':
    'Lowered from your share: more compost would close the mix so far that the crop’s air is out of reach.',
  'compost.ph':
    'Lowered from your share until the pH of the mix, the compost’s lime reacted, lies at most 0.2 above the crop’s band.',
  'compost.most':
    'Held at the most that is used of this compost in any mix: more of it closes the mix or salts it.',
  'compost.as-is': 'None: this mix was never planted and suits the crop as it is.',
  'compost.lime-hater': 'None: this crop does not bear lime, and the compost brings some.',
  'compost.none-in-stock': 'None: there is no compost in your list.',
  'compost.way': 'None: this way adds no compost.',
  'aggregate.lasting':
    'Of all kinds you have and all shares, the one with the least sum of air missing, air too much, share and money. It counts in what the mix loses while the crop grows, so that the low end still holds at the end.',
  'aggregate.low':
    'The least sum of air missing, air too much, share and money. The air suits the crop now; by the end of its time it will have sunk below the low end.',
  'aggregate.short':
    'No kind and no share within the limits reaches the low end of the band. This one comes nearest for what it costs.',
  'aggregate.way':
    'None: this way adds nothing coarse, so the air is what the old mix and what joins it give.',
  'aggregate.as-is': 'None: this mix was never planted and suits the crop as it is.',
  'water.held':
    'Chosen by the same sum as what keeps air: water missing for your habit, air, share and money. The air’s share was found anew beside it.',
  'water.open': 'You did not say how often you water, so the recipe did not look at it.',
  'water.enough': 'It lasts as long as you leave it between two waterings.',
  'water.helped':
    'What holds more water is in the mix, and still it dries out before you water: more of it would cost the roots their air.',
  'water.short':
    'It dries out before you water, and nothing in your list holds enough more to be worth its place: water more often, or use a larger pot.',
  'fresh.short': 'The old mix does not reach: fresh mix fills the batch up.',
  'fresh.air':
    'Fresh mix takes the place of part of the old one, because the old one cannot be opened far enough.',
  'fresh.acid':
    'Acid fresh mix takes the place of part of the old one, because it brings the pH down at once, where sulfur takes a season.',
  litres:
    'Parts measured out shrink when mixed, since fine grains fill the gaps between coarse ones; then the mix settles in the pot.',
  air: 'The pores of the mix less the water that stays after draining. Water is read off the curve at every height and added up over the container, so a lower pot keeps less air.',
  'ph.composition':
    'The mean of all parts, each counted by how strongly it holds its pH (its buffer).',
  'ph.lot':
    'The mean of all parts, each counted by how strongly it holds its pH (its buffer); the old mix with its own pH rather than the one its materials let expect.',
  'acidity.inside-band': 'None: the mix is inside the crop’s band.',
  'acidity.nothing-in-stock':
    'The pH is outside the band, but nothing in your list would correct it.',
  'acidity.close-enough': 'None: closer to the target than the error of the estimate.',
  'acidity.above-target': 'None: the mix is above the target.',
  'acidity.below-target': 'None: the mix is below the target.',
  'acidity.free-lime-enough': 'None: the free lime in the compost will lift the pH by itself.',
  'acidity.needed':
    'Distance to a point a little inside the band times the buffer, divided by the strength of the product and by the share that has reacted after eight weeks. Within 0.3 outside the band less is given, down to nothing at its edge; likewise where the pH is hardly surer than the correction is large.',
  'acidity.lime-cut':
    'Less than the full distance: slow lime goes on working, and the whole of it would end more than 0.3 above the band.',
  'acidity.test-first':
    'None yet: the correction would be smaller than what is known of this pH. Test the mixed batch first.',
  'acidity.way': 'None: this way leaves the pH as it is.',
  'acidity.as-is': 'None: this mix was never planted and suits the crop as it is.',
  'acidity.too-weak':
    'The label allows no more; even twice the label would not reach the target. Another base would be the better way.',
  'acidity.limey':
    'None: this mix holds free lime, and all of it would have to be used up before sulfur lowers anything. Take a base without limey compost.',
  'acidity.too-much-sulfur':
    'None: it would take more than twice the label’s sulfur. Another base is the better way.',
  'feed.need':
    'The smallest dose with which the mix meets 95 % of the crop’s nitrogen, week by week.',
  'feed.none-needed': 'None: the mix meets 95 % of the crop’s nitrogen by itself.',
  'feed.light-feeder':
    'Half of what the label allows: this crop feeds lightly, and more would make it soft. What is still missing is for a soluble feed.',
  'feed.label': 'The most the label allows. What is still missing is for a soluble feed.',
  'feed.salt':
    'As much as keeps the salts below four fifths of the crop’s ceiling; none where they are there already. What is still missing is for a soluble feed.',
  'feed.never-feed': 'None: this crop is never fed.',
  minerals:
    'You put them in everything: the low rate of their label, to the litres of mix. They are slow, and evidence for a benefit within one season is thin where the mix holds compost. They count neither as feed nor as lime.',
  'feed.soluble-school': 'None is mixed in: you feed with the water.',
  'feed.nothing-in-stock': 'None: there is no fertilizer of that kind in your list.',
  'feed.way':
    'None is mixed in on this way: what is missing comes with the water, by the feed plan.',
  'feed.as-is':
    'None: an unused mix brings its starter feed. The feed plan begins when that is spent.',
  'ec.estimated':
    'Salts of all parts by volume and of what is weighed in, four weeks after mixing.',
  'ec.leach':
    'The old mix lies above the crop’s ceiling: it is washed before anything is mixed in. Water displaces the salt solution, and about half of what is poured does the work.',
  'air.tested':
    'Measured on the bench in another pot; the model works it out for this one. Beside it what the composition lets expect.',
  'air.measured': 'Measured on the bench. Beside it what the composition lets expect.',
  'ph.measured': 'Measured on the mix itself. Beside it what the composition lets expect.',
  'ph.turnover': 'Worked out at its last turnover, with the lime or sulfur mixed in then.',
  'ec.measured': 'Measured on the mix itself. Beside it what the composition lets expect.',
  'ec.composition': 'Salts of all parts, counted by volume.',
  lowAir:
    'The height above the base below which less than a tenth of the volume is air. It depends on the mix, not on the pot: in a low pot it is a larger part of all.',
  'buffer.jar': 'Read off a jar test; it takes the place of what the composition lets expect.',
  'buffer.composition':
    'The buffers of all parts, counted by volume. A jar test would tell it better.',
  freeLime:
    'Lime that has not reacted yet: what limey parts bring, and what is left of earlier corrections. Half of it counts as lime given; all of it must be used up before sulfur lowers anything.',
  drift:
    'Half of the lime in the water reacts with the mix, the rest drains away. Water is what the pot loses in the six warmest months less the rain that reaches it.',
  'nitrogen.season':
    'Each week wood takes up nitrogen first, then the crop, then water washes out a twentieth of what is left. What is likely counts each source giving 30 % less or more, each by itself.',
  pk: 'Given over the season against what the crop needs beside its nitrogen: a fifth as much phosphorus, a fifth more potassium.',
  ledger: 'All that came in less all that went out, entry by entry.',
  weight: 'Dry mix and the water it holds after draining.',
  innings:
    'Seasons that end with the air this crop needs, in this pot, when nothing is done: what rots makes fines, and the rest sinks together. Beyond four such a forecast says nothing.',
  work: 'So many minutes a litre to tip out, clean, mix and fill, and so many for each step by itself. The days are those of what was added and of what was found, one after the other where they must be.',
  'mix.yield':
    'Fine grains fill the gaps between coarse ones, so the mix takes less room than its parts did in their bags.',
  'mix.days':
    'Water between draining and the point where this crop wants more, divided by what its plants lose in the month that takes most: the ground they shade, full-grown, not the rim of the pot. Young plants take about a third of it. Canopies and weather differ: it may be 1.6 times as long, or as short.',
  'pot.days':
    'Water between draining and the point where this crop wants more, divided by what its plants lose in this month’s weather: the ground they shade, full-grown, not the rim of the pot. Canopies and weather differ: it may be 1.6 times as long, or as short.',
  'mix.weight':
    'Container not counted: dry mix and the water it holds after draining; thirsty, the same less what the crop has used. Lift it to learn the two.',
  'mix.nitrogen':
    'Wood and other parts poor in nitrogen take it up while they rot, before the crop gets any. Counted week by week over its time in the pot.',
  'mix.cost': 'Your prices for what is measured out, divided by the litres it makes.',
  'run.air':
    'All pores of the mix less the water that stays in it once nothing drips any more, each height with its own suction.',
  'run.zones':
    'The water left at each height after draining is read off the curve. At the base nothing pulls it out; every centimetre of height pulls a little more.',
  'run.drip':
    'The water is followed through the pot in thin slices: it leaves at the base once the mix there is wet through. A mix that passes water fast and was nearly full drips first.',
  'run.kept':
    'Poured, less what runs out and what runs over: it stays in gaps that were drier than they had to be.',
  'run.ponded':
    'As long as more arrives on top than the mix takes in, water stands on it; what does not fit under the rim runs over.',
  'learnt.air':
    'The porosity test sets all pores and moves the curve until it holds the water that was measured in the test pot; the air of any other pot is read off that curve.',
  'learnt.speed':
    'The drain test is run by the model at many speeds; the one whose drip, mark and run-off come nearest to yours is taken.',
  'seasons.air':
    'What rots is lost, and fine remains fill the gaps: the mix sinks and closes. No fresh mix is added here, so the pot is less full each year.',
  cost: 'What is added, at your prices; the old mix costs nothing.',
}

/** What an input of the arithmetic is called. */
const inputs: Readonly<Record<WhyInputName, string>> = {
  lotLitres: 'old mix found',
  cleaningLoss: 'lost in cleaning',
  usable: 'old mix that can be used',
  lotShare: 'share of the old mix',
  partLitres: 'measured out in all',
  school: 'your compost share',
  compostShare: 'compost share taken',
  ecCeiling: 'the crop’s salt ceiling',
  aggregateShare: 'its share of what is measured out',
  airReached: 'air reached',
  airMin: 'crop, least air',
  airMax: 'crop, most air',
  airLoss: 'air it loses over the crop’s weeks',
  fillHeight: 'height of the mix in the pot',
  threshold: 'share at which its grains would touch',
  freshShare: 'fresh mix share',
  maxFresh: 'most fresh mix allowed',
  volumeYield: 'volume left after mixing',
  mixLitres: 'litres of mix',
  settling: 'settling in the pot',
  settledLitres: 'litres settled',
  porosity: 'all pores',
  waterHeld: 'water held after draining',
  lotPh: 'pH of the old mix',
  phWidth: 'how far apart this pH may lie (8 of 10 times)',
  blendPh: 'pH of the mix before correction',
  buffer: 'buffer (lime that moves a litre by one pH)',
  phLow: 'crop, lowest pH',
  phHigh: 'crop, highest pH',
  targetPh: 'pH aimed at',
  freeLime: 'free lime in the mix',
  strength: 'strength against pure lime',
  reactiveShare: 'reacted after eight weeks',
  label: 'most the label allows',
  dose: 'dose now',
  demand: 'nitrogen the crop takes up',
  feedLeft: 'nitrogen still to come of earlier feed',
  coverageBefore: 'met without fertilizer',
  coverageAfter: 'met with it',
  coverageFed: 'met with the feed plan',
  firstShortWeek: 'first short week',
  saltLimit: 'most the salts allow',
  ecPredicted: 'salts of the mix',
  ecOfLot: 'salts of the old mix',
  leachLitres: 'water to run through',
  leachPasses: 'passes',
  kgPerL: 'wet weight',
  costPerL: 'cost of a settled litre',
  estimate: 'expected from its composition',
  room: 'room in its containers',
  cameIn: 'came in',
  wentOut: 'went out',
  bulkDensity: 'dry weight',
  limeOfParts: 'in limey parts',
  limeUnreacted: 'left of earlier corrections',
  alkalinity: 'lime in each litre of your tap water',
  waterGiven: 'water given over its growing months',
  canopy: 'ground the plants shade, full-grown',
  limeInWater: 'lime it brings',
  mixInPot: 'mix in the container',
  nitrogenStart: 'there at the start',
  nitrogenReleased: 'released over the season',
  nitrogenTiedUp: 'tied up by wood',
  nitrogenWashedOut: 'washed out',
  pGiven: 'phosphorus given',
  pNeed: 'phosphorus needed',
  kGiven: 'potassium given',
  kNeed: 'potassium needed',
  measuredOut: 'measured out',
  mixMade: 'mix it makes',
  usableWater: 'water the crop can use',
  waterLost: 'water lost in a day',
  et0: 'taken by the air from short grass',
  cropFactor: 'the crop against short grass',
  exposure: 'where it stands (1 = open)',
  warmest: 'warmest of the day',
  coldest: 'coldest of the night',
  fillLitres: 'mix in the container',
  kgSaturated: 'with all pores full',
  kgPerM2: 'that, for each m² of floor',
  moneyIn: 'what is measured out costs',
  lowAirShare: 'air that is too little',
  lowAirDepth: 'height with less than that',
  byRecipe: 'by its recipe',
  byTests: 'by its tests',
  byRecipeSpeed: 'by its recipe',
  byTestsSpeed: 'by its tests',
  seasonTemp: 'mean of the months that grow here',
  holderShare: 'share of parts that holds water',
  everyDays: 'you water every',
  minutes: 'minutes of work',
  rootDepth: 'depth of the crop’s roots',
}

const sources: Readonly<Record<WhySource, string>> = {
  ledger: 'your ledger',
  school: 'your choice, limited by the crop’s bounds',
  capacity:
    'van Genuchten (1980) curve; de Larrard (1999) packing; air after De Boodt & Verdonck (1972)',
  packing: 'de Larrard (1999), compressible packing',
  buffer: 'buffer method, Bunt (1988); Handreck & Black (2010)',
  nitrogen: 'release and uptake week by week, Handreck & Black (2010)',
  salts: 'Bunt (1988) for salt indices; Warncke (1986) for the extract',
  drift:
    'Handreck & Black (2010) for the half that reacts; Hargreaves & Samani (1985) for the water',
  drainage: 'Richards (1931) with van Genuchten (1980) and Mualem (1976)',
  ageing: 'decay by temperature, Q10 of two; packing after de Larrard (1999)',
  prices: 'your prices',
  ours: 'our own estimate',
  you: 'your measurement',
}

export const why = {
  inputs: 'Worked out from',
  sources: 'Source',
  measured: (day: string) => `Measured on ${day}.`,
  itsTest: 'The test it rests on',
  range: (low: string, high: string) =>
    `Likely between ${low} and ${high}; an estimate until it is tested.`,
  rangeMeasured: (low: string, high: string) =>
    `Likely between ${low} and ${high}: no test is exact.`,
  airSum: (pores: string, water: string, air: string) => `${pores} − ${water} = ${air} % air.`,
  rule: (key: WhyRule) => rules[key],
  input: (name: WhyInput['name']) => (typeof name === 'string' ? inputs[name] : name.called),
  sourceOf: (key: WhySource) => sources[key],
} as const
