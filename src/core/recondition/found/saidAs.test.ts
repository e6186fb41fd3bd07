import assert from 'node:assert/strict'
import { test } from 'node:test'
import { shippedProblems } from '../../../../testing/tables'
import { CARES, type Care, meantBy } from './saidAs'

/** What growers say, and what comes first. A care of its own where no pest is meant first. */
const SAID: readonly (readonly [string, string])[] = [
  ['twisted', 'pyralid-residue'],
  ['cupped leaves', 'pyralid-residue'],
  ['twisted leaves', 'pyralid-residue'],
  ['leaves are twisted', 'pyralid-residue'],
  ['weedkiller', 'pyralid-residue'],
  ['roots matted', 'root-bound'],
  ['rootbound', 'root-bound'],
  ['root bound', 'root-bound'],
  ['pot bound', 'root-bound'],
  ['acid', 'ph-off'],
  ['tired', 'hunger'],
  ['sour', 'sour-smell'],
  ['stinks', 'sour-smell'],
  ['rotten eggs', 'sour-smell'],
  ['white crust', 'salts'],
  ['yellow leaves', 'hunger'],
  ['yellow leaves on a tomato', 'hunger'],
  ['pale', 'hunger'],
  ['purple leaves', 'cold'],
  ['brown tips', 'salts'],
  ['wilting', 'thirst'],
  ['drooping', 'thirst'],
  ['stunted', 'hunger'],
  ['soggy', 'wet-feet'],
  ['stays wet', 'wet-feet'],
  ['dries out', 'thirst'],
  ['water runs off', 'water-repellent'],
  ['slumped', 'compaction'],
  ['blossom end rot', 'uneven-water'],
  ['grubs', 'vine-weevil'],
  ['maggots', 'fungus-gnat'],
  ['weevil', 'vine-weevil'],
  ['worms', 'soil-decomposers'],
  ['woodlice', 'soil-decomposers'],
  ['gnats', 'fungus-gnat'],
  ['little flies', 'fungus-gnat'],
  ['whitefly', 'whitefly'],
  ['greenfly', 'aphids'],
  ['sticky leaves', 'aphids'],
  ['webs', 'heat'],
  ['woolly', 'root-mealybug'],
  ['silvery leaves', 'thrips-pupae'],
  ['holes in leaves', 'slugs-snails'],
  ['eaten', 'slugs-snails'],
  ['slime', 'slugs-snails'],
  ['caterpillars', 'caterpillar-pupae'],
  ['stem cut', 'cutworm'],
  ['seedlings fall over', 'damping-off'],
  ['rotten roots', 'wet-feet'],
  ['swollen roots', 'clubroot'],
  ['knobs', 'clubroot'],
  ['white powder', 'powdery-mildew'],
  ['grey mould', 'grey-mould'],
  ['fungus threads', 'harmless-mycelium'],
  ['toadstools', 'mushrooms'],
  ['moss', 'moss-algae'],
  ['black spots', 'rose-black-spot'],
  ['leaf spots', 'early-blight'],
  ['rust', 'rust'],
  ['blight', 'late-blight'],
  ['mosaic', 'aphid-mosaic'],
  ['died', 'unknown-death'],
  ['weeds', 'annual-weeds'],
  ['cat poo', 'pet-waste'],
  ['mice', 'rodent-bird-droppings'],
  ['petrol', 'hydrocarbon-smell'],
  ['flooded', 'floodwater'],
]

for (const [said, first] of SAID) {
  test(`"${said}" leads to ${first} first`, () => {
    const { care, problems } = meantBy(said)
    assert.equal(CARES.includes(first as Care) ? care[0] : problems[0], first)
  })
}

test('sixty words at least, and no word leads to what is not in the table', () => {
  assert.ok(SAID.length >= 60)
  const ids = new Set(shippedProblems.map(({ id }) => id))
  for (const [said] of SAID) {
    for (const id of meantBy(said).problems) assert.ok(ids.has(id), `${said}: ${id}`)
  }
})

test('yellow leaves are hunger, wet feet, pH and cold before any beetle', () => {
  const { care, problems } = meantBy('yellow leaves')
  assert.deepEqual(care, ['hunger', 'wet-feet', 'ph-off', 'cold'])
  assert.ok(!problems.includes('colorado-beetle'))
})

test('what nobody says leads nowhere', () => {
  for (const said of ['', '   ', 'qwertz', '12 %', 'a']) {
    assert.deepEqual(meantBy(said), { care: [], problems: [] })
  }
})
