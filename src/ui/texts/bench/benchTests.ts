import type { TestKind } from '../../../messages/bench/benchViews'

/** What a test is called and tells, and its protocol on half a page. */
export interface TestWords {
  readonly name: string
  readonly tells: string
  readonly takes: string
  readonly why: string
  /** What has to be known before it is begun, where that decides whether it can tell anything. */
  readonly before?: string
  readonly how: readonly string[]
  readonly mistakes: readonly string[]
  /** What can hurt someone, said at the step. */
  readonly cautions: readonly string[]
}

const MIX_DUST =
  'Open bags away from your face, moisten dry mix first, gloves; wash your hands before you eat, drink or smoke.'
const SCALD = 'Hot trays and steam scald. Never leave it alone.'

export const benchTests: Readonly<Record<TestKind, TestWords>> = {
  drain: {
    name: 'Drain test',
    tells: 'how fast water runs through, and what stays',
    takes: '15 min and 10 before',
    why: 'Two mixes that look alike can pass water ten times as fast. In the same column, firmed the same way, seconds can be compared; the model turns them into values that hold for any pot.',
    how: [
      'Fill the column with the mix of your kit, loosely, and firm it with three taps on the table.',
      'Water it well, let it drain for ten minutes, and empty the cup.',
      'Start the clock as you begin to pour; pour evenly, all of it within the time of your kit.',
      'Press a key at the first drip, when the cup reaches the mark, and when it stops. Measure what ran out.',
    ],
    mistakes: [
      'Pressed down by hand: every press halves the speed.',
      'Poured onto dry mix: it runs down the side and seems fast.',
      'Another column than last time. Use the kit, or change it and say so.',
    ],
    cautions: [MIX_DUST],
  },
  layers: {
    name: 'Layer demonstration',
    tells: 'where the wet zone stands above a bottom layer',
    takes: '20 min',
    why: 'Stones at the bottom do not drain a pot: the wet zone moves up onto them. In a clear column everybody can see it.',
    how: [
      'Fill the bottom third with the other material, the rest with the mix, in a clear column.',
      'Water, wait until nothing drips any more, and mark how high the dark, wet part reaches.',
      'Beside it a column of the mix alone.',
    ],
    mistakes: ['Read while it still drips: the wet zone sinks until it stops.'],
    cautions: [MIX_DUST],
  },
  porosity: {
    name: 'Porosity test',
    tells: 'how much air and water the mix holds after draining',
    takes: '15 min and 1 hour',
    why: 'Air after draining decides whether roots breathe. Measured once, the model tells it for every other pot.',
    how: [
      'Plug the holes, fill the pot of your kit with a known volume of mix.',
      'Pour water in slowly at the side, from below, until it stands level with the surface. Note how much it took.',
      'Open the holes over a bowl, wait an hour, and measure what ran out.',
      'Better still: weigh the mix before, and once more when an oven has dried it.',
    ],
    mistakes: [
      'Water poured on top shuts air in: it takes less than it should.',
      'Mix that was wet before: weigh it, or say so, since that water counts too.',
    ],
    cautions: [
      MIX_DUST,
      'An oven for kitchen food is no place for mix that smells of solvent or fuel.',
    ],
  },
  squeeze: {
    name: 'Squeeze test',
    tells: 'whether it can be worked today',
    takes: '1 min',
    why: 'Worked too wet it smears and closes; too dry it will not take up water. A handful tells.',
    how: ['Squeeze a handful once, firmly.', 'Open the hand, look for drops, flick the ball.'],
    mistakes: ['A handful from the surface only: take it from the middle of the heap.'],
    cautions: [MIX_DUST],
  },
  palm: {
    name: 'Palm test',
    tells: 'what it is mostly made of',
    takes: '1 min',
    why: 'Threads, grit or a stain that stays tell what a mix of unknown recipe is made of, and what it lacks.',
    how: [
      'Wet a pinch and rub it in the palm.',
      'Look for threads, feel for grit, rinse and look for a stain.',
    ],
    mistakes: ['A pinch of compost alone stains too: take it from several places.'],
    cautions: [MIX_DUST],
  },
  wetting: {
    name: 'Wetting test',
    tells: 'whether it takes up water or lets it run past',
    takes: '2 to 10 min',
    why: 'Dry peat and bark repel water: it runs down the side and the roots stay dry.',
    how: [
      'Level the dry surface and set five drops on it.',
      'Start the clock, and press the key each time a drop is gone.',
      'In a pot: does water run down the side, and how wide is the gap at the edge?',
    ],
    mistakes: ['Tested moist: only dry mix repels.'],
    cautions: ['Dry mix dusts: no fanning, outdoors, mask.'],
  },
  settling: {
    name: 'Settling',
    tells: 'how much to fill in next time',
    takes: 'three waterings',
    why: 'Mix sinks as it is watered in. Knowing by how much saves a second trip with the barrow.',
    how: [
      'Measure from the base of the pot to the surface after filling.',
      'Again after the first, second and third watering.',
    ],
    mistakes: ['Measured from the rim down: the base counts.'],
    cautions: ['Wet pots are heavy: lift with someone, or move them before watering.'],
  },
  phEc: {
    name: 'pH and salts',
    tells: 'whether to lime, to leach, or to leave it',
    takes: '30 min',
    why: 'Acidity decides which nutrients roots can take, salts whether they can take water. The way of reading changes the number, so it is kept with it.',
    how: [
      '1:2: one part mix, two parts distilled water by volume; stir, wait half an hour, stir again, read.',
      'Pour-through: water the pot, wait an hour, pour 100 mL over the middle, and read what comes out.',
      'Rinse the pen between samples, wait until the number stands still.',
    ],
    mistakes: [
      'Tap water for the 1:2: its own salts and lime are read too.',
      'A pen that was not calibrated within two weeks.',
      'Read from the surface alone: salts gather there.',
    ],
    cautions: [MIX_DUST],
  },
  jar: {
    name: 'Jar test for lime',
    tells: 'how much lime or sulfur this mix really needs',
    takes: '10 min and 1 to 4 weeks',
    why: 'Mixes differ threefold in how strongly they hold their pH. Jars with rising doses measure it; a rule of thumb guesses.',
    how: [
      'Four jars with the same volume of moist mix; stir in 0, 1, 2 and 4 g per litre.',
      'Keep them warm and loosely covered, stir every few days.',
      'After one to four weeks read the pH of each.',
    ],
    mistakes: [
      'Less than a week: the lime has hardly begun.',
      'No jar without lime: nothing to compare with.',
    ],
    cautions: [
      'Lime is caustic, hydrated lime above all: goggles and gloves. Sulfur dust burns: no flame.',
      'Never close the jars tightly.',
    ],
  },
  seedling: {
    name: 'Seedling test',
    tells: 'whether something in it harms plants',
    takes: '2 to 3 weeks',
    why: 'Compost and manure can carry weedkiller, salt or ammonia that no meter shows. Beans and peas show it within three weeks.',
    before:
      'Before you sow, what counts: three pots with it at the share you will use it at (0 % are the pots of a mix you trust, three as well), twelve seeds or more in each three, and three weeks. Less can tell harm, but never rule it out.',
    how: [
      'Presoaked beans or peas (tomato, cucumber and lettuce do too): cress and radish do not show weedkiller.',
      'Keep them alike, count what comes up, measure, and count seedlings with twisted or cupped leaves.',
    ],
    mistakes: [
      'No pots of the trusted mix alone: then nothing can be said.',
      'One bean in one pot: it may come up all the same.',
      'Old seed.',
    ],
    cautions: [MIX_DUST, 'Do not eat what grew in a mix under suspicion.'],
  },
  weeds: {
    name: 'Weed count',
    tells: 'how many weeds wait in it',
    takes: '2 to 6 weeks',
    why: 'Counted on a tray before use, weeds can be mulched, skimmed or heated in time.',
    how: [
      'Spread the mix in a tray, water, keep it warm and light.',
      'Count on fixed days and pull what was counted.',
      'If you treated it, a tray of the untreated beside it.',
    ],
    mistakes: ['Trays of different area: they are compared by area, so note it.'],
    cautions: [MIX_DUST],
  },
  heat: {
    name: 'Heat treatment',
    tells: 'when the core has had its dose',
    takes: '1 to 4 hours',
    why: 'Heat kills a pest or disease only when the core, the coldest place, stays hot enough for long enough. Too hot sets salts and ammonia free.',
    how: [
      'Moist mix only, labels and foam out, the probe in the middle.',
      'Choose what it is for; note the temperature every few minutes.',
      'Stop when the dose is reached.',
    ],
    mistakes: [
      'The probe near the edge.',
      'Mix with coated fertilizer, meals or fresh manure: never heat it.',
    ],
    cautions: [
      SCALD,
      'Never a closed vessel: it bursts. No metal and no dry mix in a microwave.',
      'Burners outdoors only: carbon monoxide. Indoors it smells and can give off fumes.',
    ],
  },
  sieve: {
    name: 'Sieve and roots',
    tells: 'what is lost in cleaning',
    takes: '10 min',
    why: 'Roots, mulch and stones that are taken out are missing in the recipe; wood that stays in takes nitrogen.',
    how: [
      'Measure a bucket of mix, sieve and sort it, measure what came through, loosened alike.',
      'Measure the wood and mulch on their own.',
    ],
    mistakes: ['Fine roots that crumble belong back in: they keep air.'],
    cautions: ['Glass, wire and splinters hide in old mix: gloves.', MIX_DUST],
  },
  look: {
    name: 'Smell and look',
    tells: 'what a nose and an eye notice',
    takes: '1 min',
    why: 'Sour or rotten smells say that no air was in it; gnats and grubs are looked up before it is used again.',
    how: [
      'Dig in to a hand’s depth; fan a little air towards you, do not put your nose in.',
      'Tap what you find.',
      'Grubs hide: tip the mix out and search it through before you say that there are none, and again four weeks later.',
    ],
    mistakes: ['Only the surface: trouble is at the bottom of the pot.'],
    cautions: ['Do not breathe dust, mould or mist from mix.'],
  },
}
