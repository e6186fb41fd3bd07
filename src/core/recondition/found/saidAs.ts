/** What ails a plant without any pest: looked at before one is sought. */
export const CARES = [
  'hunger',
  'wet-feet',
  'thirst',
  'ph-off',
  'salts',
  'cold',
  'heat',
  'uneven-water',
] as const
export type Care = (typeof CARES)[number]

/** What is meant by the words a grower says, most likely first; care before any pest. Ours, read against the table's signs. */
const SAID: readonly {
  readonly words: string
  readonly care?: string
  readonly problems: string
}[] = [
  {
    words:
      'twisted leaves|twisted|cupped leaves|cupped|fern like leaves|fernlike|curled leaves|deformed leaves',
    problems: 'pyralid-residue spray-drift aphids aphid-mosaic tobamovirus spotted-wilt',
  },
  { words: 'weedkiller|herbicide', problems: 'pyralid-residue spray-drift' },
  {
    words:
      'roots matted|matted roots|rootbound|root bound|pot bound|potbound|roots circle|all roots|no soil left',
    problems: 'root-bound',
  },
  { words: 'acid|too acid|alkaline|limed|lime', care: 'ph-off', problems: '' },
  { words: 'tired|worn out|old mix|exhausted', care: 'hunger', problems: 'compaction root-bound' },
  {
    words: 'sour|rotten egg|stinks|smells bad|bad smell|foul|smells of drains',
    problems: 'sour-smell fresh-manure floodwater',
  },
  {
    words: 'white crust|crust|salt|salty|white rim',
    care: 'salts',
    problems: 'salt-crust road-salt',
  },
  {
    words: 'yellow leaves|yellow|yellowing|pale leaves|pale',
    care: 'hunger wet-feet ph-off cold',
    problems:
      'pythium-root-rot root-bound fusarium-wilt verticillium-wilt downy-mildew spider-mite',
  },
  {
    words: 'purple leaves|purple|red leaves|reddened leaves',
    care: 'cold hunger',
    problems: 'carrot-fly root-bound',
  },
  {
    words: 'brown tips|brown edges|scorched leaves|burnt leaves|scorched',
    care: 'salts thirst heat',
    problems: 'salt-crust road-salt bacterial-canker',
  },
  {
    words: 'wilting|wilts|wilted|drooping|droopy|limp|flopping',
    care: 'thirst wet-feet heat',
    problems:
      'pythium-root-rot phytophthora-root-rot vine-weevil fusarium-wilt verticillium-wilt clubroot',
  },
  {
    words: 'stunted|does not grow|not growing|stands still|no growth',
    care: 'hunger cold wet-feet',
    problems: 'root-bound compaction replant-sickness root-knot-nematode black-root-rot',
  },
  {
    words: 'always wet|stays wet|soggy|waterlogged',
    care: 'wet-feet',
    problems: 'compaction sour-smell pythium-root-rot',
  },
  { words: 'dries out|too dry|bone dry', care: 'thirst', problems: 'water-repellent root-bound' },
  {
    words:
      'water runs down|water runs off|water runs through|will not wet|dry in the middle|water stays on top',
    problems: 'water-repellent compaction',
  },
  {
    words: 'slumped|sunk|dense|hard mix|compacted|level has dropped|level down',
    problems: 'compaction',
  },
  {
    words: 'blossom end rot|black bottoms|split fruit|cracked fruit',
    care: 'uneven-water salts',
    problems: '',
  },
  { words: 'grubs|grub|larvae|white grubs', problems: 'vine-weevil chafer-grubs cutworm wireworm' },
  { words: 'maggots|maggot', problems: 'fungus-gnat cabbage-root-fly onion-fly carrot-fly' },
  { words: 'weevil|notched leaves|notches', problems: 'vine-weevil' },
  { words: 'worms|worm', problems: 'soil-decomposers jumping-worm' },
  { words: 'woodlice|springtails|millipedes|little white jumping', problems: 'soil-decomposers' },
  { words: 'gnats|little flies|small flies|black flies|fruit flies', problems: 'fungus-gnat' },
  { words: 'white flies|whiteflies|whitefly', problems: 'whitefly' },
  { words: 'greenfly|blackfly|aphids|lice', problems: 'aphids root-aphid' },
  {
    words: 'sticky leaves|sticky|honeydew',
    problems: 'aphids mealybug-scale whitefly sooty-mould',
  },
  { words: 'webs|cobwebs|webbing|mites', care: 'heat', problems: 'spider-mite' },
  {
    words: 'cotton|woolly|white bugs|white fluff on roots',
    problems: 'root-mealybug mealybug-scale',
  },
  { words: 'silver leaves|silvery|thrips', problems: 'thrips-pupae' },
  { words: 'tunnels|tracks|mines|winding lines', problems: 'leafminer-pupae carrot-fly' },
  {
    words: 'holes|holes in leaves|eaten|chewed|nibbled',
    problems: 'slugs-snails caterpillar-pupae cutworm',
  },
  { words: 'slime|slugs|snails', problems: 'slugs-snails' },
  { words: 'caterpillars|caterpillar', problems: 'caterpillar-pupae' },
  { words: 'beetle|striped beetle', problems: 'colorado-beetle vine-weevil' },
  { words: 'cut off|stem cut|cut at the base|felled', problems: 'cutworm' },
  { words: 'fall over|fell over|toppled|keel over|seedlings die', problems: 'damping-off cutworm' },
  {
    words: 'rotten roots|brown roots|root rot|mushy roots|no roots',
    care: 'wet-feet',
    problems: 'pythium-root-rot phytophthora-root-rot vine-weevil',
  },
  {
    words: 'swollen roots|knobs|knobbly roots|lumps|galls',
    problems: 'clubroot root-knot-nematode crown-gall',
  },
  { words: 'white powder|powder|flour on leaves|mildew', problems: 'powdery-mildew downy-mildew' },
  { words: 'grey mould|grey fur|fuzzy|furry', problems: 'grey-mould' },
  { words: 'white mould|cottony rot', problems: 'white-mould southern-blight' },
  {
    words: 'white threads|fungus threads|threads|mycelium',
    problems: 'harmless-mycelium southern-blight',
  },
  { words: 'mushrooms|toadstools', problems: 'mushrooms' },
  { words: 'moss|algae|green slime|green skin', problems: 'moss-algae liverwort' },
  { words: 'black spots', problems: 'rose-black-spot early-blight bacterial-leaf-spot' },
  {
    words: 'brown spots|leaf spots|spots',
    problems: 'early-blight bacterial-leaf-spot late-blight anthracnose',
  },
  { words: 'orange spots|rust|rusty', problems: 'rust' },
  { words: 'blight', problems: 'late-blight early-blight box-blight' },
  {
    words: 'virus|mosaic|mottled',
    problems: 'aphid-mosaic tobamovirus tomato-brown-rugose spotted-wilt',
  },
  { words: 'scab|corky', problems: 'common-scab' },
  {
    words: 'sudden death|died|dead|death',
    problems: 'unknown-death phytophthora-root-rot vine-weevil',
  },
  { words: 'weeds|weed seedlings', problems: 'annual-weeds self-seeders' },
  { words: 'couch|runners|creeping roots', problems: 'couch-rhizome' },
  { words: 'horsetail|marestail', problems: 'knotweed' },
  { words: 'oxalis|clover like', problems: 'woodsorrel' },
  { words: 'cat|dog|poo|dug up', problems: 'pet-waste' },
  { words: 'mice|rats|mouse|rat|droppings', problems: 'rodent-bird-droppings' },
  { words: 'petrol|oil|fuel|paint smell', problems: 'hydrocarbon-smell' },
  { words: 'flood|flooded|sewage', problems: 'floodwater' },
  { words: 'manure|dung', problems: 'fresh-manure' },
  { words: 'unknown soil|found soil|do not know', problems: 'unknown-origin' },
  { words: 'curled tips|curling tips', problems: 'aphids pyralid-residue' },
]

const PHRASES = SAID.flatMap(({ words, care = '', problems }) =>
  words.split('|').map((phrase) => ({
    phrase: wordsOf(phrase),
    care: care.split(' ').filter(Boolean) as Care[],
    problems: problems.split(' ').filter(Boolean),
  })),
).sort((a, b) => b.phrase.length - a.phrase.length)

export interface Meant {
  readonly care: readonly Care[]
  /** Ids, most likely first. */
  readonly problems: readonly string[]
}

/**
 * What a grower means by a few words: the longest phrase that they hold, each word in any order and with any ending ("leaf",
 * "leaves"). Nothing where no phrase is held.
 */
export function meantBy(text: string): Meant {
  const said = wordsOf(text)
  const held = PHRASES.filter(({ phrase }) =>
    phrase.every((word) => said.some((one) => isSame(one, word))),
  )
  const longest = held[0]?.phrase.length ?? 0
  const meant = held.filter(({ phrase }) => phrase.length === longest)
  const all = <Of>(of: (one: (typeof PHRASES)[number]) => readonly Of[]) => [
    ...new Set(meant.flatMap(of)),
  ]
  return { care: all(({ care }) => care), problems: all(({ problems }) => problems) }
}

function wordsOf(text: string): string[] {
  return text
    .toLowerCase()
    .replace(/[^a-z\s]/g, ' ')
    .split(/\s+/)
    .filter(Boolean)
}

/** The same word with another ending; whoever types is not at its end yet. */
function isSame(said: string, word: string): boolean {
  const [one, two] = [stem(said), stem(word)]
  return one === two || (said.length >= 4 && word.startsWith(said))
}

function stem(word: string): string {
  const singular = word.replace(/(leaves|leafs)$/, 'leaf').replace(/(s|es)$/, '')
  return singular.length > 5 ? singular.replace(/(ing|ed)$/, '') : singular
}
