import type { Schools } from '../../../core/recondition'

interface School {
  readonly id: keyof Schools
  readonly label: string
  /** Why growers differ, and what the choice changes. */
  readonly reason: string
  readonly options: readonly (readonly [value: string, label: string, note: string])[]
}

interface Group {
  readonly title: string
  readonly schools: readonly School[]
}

/** Words of how a garden works, where good growers disagree. */
export const practice = {
  title: 'How you work',
  lead: 'Where good growers disagree. What you choose here is where the forms begin and how recipes and work orders are laid out.',
  kept: 'Each choice is kept as you make it, for all lots.',
  groups: [
    {
      title: 'What goes in',
      schools: [
        {
          id: 'way',
          label: 'How far a lot is reconditioned',
          reason:
            'As it is costs least and lasts one season more; the full recipe costs money and work and lasts longest. Held against each other each time, or one of them straight away.',
          options: [
            ['compare', 'Compare each time', ''],
            ['as-is', 'As it is', 'soluble feed, least work'],
            ['part-fresh', 'Part fresh mix', 'about half'],
            ['compost', 'Compost only', 'cheap, settles'],
            ['full', 'Full', 'all that pot and crop ask for'],
            ['replace', 'Replace', 'costs most, no history'],
          ],
        },
        {
          id: 'newMix',
          label: 'A new mix',
          reason:
            'A bag is quick, dear by the litre, and rarely fits every pot. Ingredients are cheaper and fit, but need room, leave rests and may go wrong. A bag with additions lies between.',
          options: [
            ['bag', 'Bagged, as it is', 'least work'],
            ['adjust', 'A bag with additions', 'what pot and crop ask for'],
            ['make', 'From ingredients', 'the plant group’s own recipe'],
          ],
        },
        {
          id: 'compostShare',
          label: 'Compost in a recipe',
          reason:
            'Little keeps air and salts low; much is rich but heavy and settles. Salts, lime, nitrogen and air lower it wherever they must.',
          options: [
            ['0.2', 'A fifth', 'keeps air'],
            ['0.3', 'Just under a third', 'common'],
            ['0.5', 'Half', 'rich, settles'],
            ['0', 'None', ''],
          ],
        },
        {
          id: 'aggregate',
          label: 'Coarse material',
          reason:
            'Computed, it is what this pot and crop need, often none. A habit forgives a wet year; it costs money and water between waterings.',
          options: [
            ['as-needed', 'As much as is needed', ''],
            ['habit', 'A fifth in everything', 'the kind is still chosen'],
          ],
        },
        {
          id: 'feed',
          label: 'Feed',
          reason:
            'The nitrogen arithmetic is the same; the timing is not. Meals need warmth and two weeks, coated grains last a season, soluble feed works at once.',
          options: [
            ['organic', 'Organic', 'meals and granules, mixed in'],
            ['coated', 'Coated', 'slow grains, mixed in'],
            ['soluble', 'Soluble', 'with the water'],
          ],
        },
        {
          id: 'minerals',
          label: 'Trace minerals and inoculants',
          reason:
            'Evidence that they help within one season is thin where a mix holds compost, and cabbages and beets take no inoculant. Rock dust is fine silica: damp it first, wear a mask.',
          options: [
            ['none', 'None', ''],
            ['minerals', 'Rock dust in the mix', ''],
            ['inoculant', 'Inoculant on the roots', ''],
            ['both', 'Both', ''],
          ],
        },
      ],
    },
    {
      title: 'How the work is done',
      schools: [
        {
          id: 'place',
          label: 'Tipped out or in place',
          reason:
            'Tipped out it is sorted and mixed evenly. In its pot it is half the work, where little has to go in and nothing has to come out.',
          options: [
            ['tipped', 'Tipped out', ''],
            ['in-place', 'In its pot where it can', ''],
          ],
        },
        {
          id: 'roots',
          label: 'Roots and bits',
          reason:
            'Fine roots and crumbs keep air; wood and dead leaves take nitrogen while they rot. What is taken out is lost and has to be replaced.',
          options: [
            ['leave-fine', 'Leave what crumbles', ''],
            ['take-wood', 'Leaves and wood out', 'about a third more is lost'],
            ['sieve', 'Sieve everything', 'over half as much again is lost'],
          ],
        },
        {
          id: 'heat',
          label: 'Heat',
          reason:
            'It kills what is useful too, and takes effort. Without it, what lives in the mix has to rest, or its families stay out: triage then asks for that.',
          options: [
            ['when-needed', 'Against what was found', ''],
            ['before-seed', 'Before seed as well', '60 °C for 30 minutes'],
            ['never', 'Never', 'rest and rotation instead'],
          ],
        },
        {
          id: 'wait',
          label: 'After mixing',
          reason:
            'Meals heat and burn for two weeks, lime and sulfur need weeks until a pH test tells the truth. Without meals and lime, planting at once does no harm.',
          options: [
            ['until-safe', 'Wait until it is safe', ''],
            ['at-once', 'Plant at once', 'the risk is named'],
          ],
        },
        {
          id: 'wash',
          label: 'Containers',
          reason:
            'A strong jet takes most of what lives on. A disinfectant takes the rest, and work and care; after a disease it is always asked for.',
          options: [
            ['jet', 'A strong jet', 'after a disease more'],
            ['disinfect', 'Always disinfect', '12 minutes more'],
          ],
        },
        {
          id: 'surplus',
          label: 'Old mix for the open ground',
          reason:
            'On top of a whole bed it does no harm anywhere. Dug in it has to be mixed with the bed’s own soil: a hole of loose mix in clay collects water.',
          options: [
            ['mulch', 'On top, as a mulch', '3 cm over the bed'],
            ['bed', 'Dug into a bed', 'a third soil, two thirds mix'],
          ],
        },
      ],
    },
  ] satisfies readonly Group[] as readonly Group[],
} as const
