import type { Schools } from '../../core/recondition'

interface School {
  readonly id: keyof Schools
  readonly label: string
  /** Why growers differ, and what the choice changes. */
  readonly reason: string
  readonly options: readonly (readonly [value: string, label: string, note: string])[]
}

/** Words of how a garden works, where good growers disagree. */
export const practice = {
  title: 'How you work',
  lead: 'Where good growers disagree. What you choose here is where the forms begin and how recipes are worked out; each can still be said otherwise for one lot.',
  kept: 'Each choice is kept as you make it, for all lots.',
  schools: [
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
      id: 'aggregate',
      label: 'Coarse material',
      reason:
        'Computed, it is what this pot and crop need, often none. A habit forgives a wet year; it costs money and water between waterings.',
      options: [
        ['as-needed', 'As much as is needed', ''],
        ['habit', 'A fifth in everything', 'the kind is still chosen'],
      ],
    },
  ] satisfies readonly School[] as readonly School[],
} as const
