import type { NewVersion } from '../mixes/mixes'
import { CONTAINERS } from './scenario'

const potOf = (code: string) => {
  const found = CONTAINERS.find((one) => one.code === code)
  if (!found) throw new Error(`The demo garden has no container ${code}.`)
  const { name, shape, headspaceCm } = found
  return { containerName: name, container: { shape, headspaceCm } }
}
const parts = (amounts: Readonly<Record<string, number>>) =>
  Object.entries(amounts).map(([materialId, litres]) => ({ materialId, litres }))

/** Recipes of the made-up garden; the first has been changed twice. */
export const MIXES: readonly { readonly name: string; readonly versions: readonly NewVersion[] }[] =
  [
    {
      name: 'Trough mix for strawberries',
      versions: [
        [{ 'all-purpose-mix': 10 }, 'the bag as it is'],
        [{ 'all-purpose-mix': 7, 'garden-compost': 2, 'perlite-coarse': 1 }, null],
        [
          {
            'all-purpose-mix': 4.5,
            'garden-compost': 1.5,
            'perlite-coarse': 2.7,
            'bark-fine': 1.3,
          },
          'opened up after the wet June',
        ],
      ].map(([amounts, note]) => ({
        parts: parts(amounts as Record<string, number>),
        madeFor: {
          ...potOf('P01'),
          cropId: 'strawberry',
          groupId: null,
          exposure: 'windy',
          everyDays: 2,
        },
        note: note as string | null,
      })),
    },
    {
      name: 'Camellia tub',
      versions: [
        {
          parts: parts({ 'bark-fine': 5, 'acid-mix': 4, 'perlite-coarse': 1 }),
          madeFor: {
            ...potOf('P04'),
            cropId: null,
            groupId: 'lime-haters',
            exposure: 'shade',
            everyDays: 4,
          },
          note: null,
        },
      ],
    },
    {
      name: 'Basket that lasts the day',
      versions: [
        {
          parts: parts({ 'all-purpose-mix': 6, 'coir-pith': 2, 'vermiculite-medium': 2 }),
          madeFor: {
            ...potOf('P09'),
            cropId: null,
            groupId: 'baskets',
            exposure: 'windy',
            everyDays: 1,
          },
          note: null,
        },
      ],
    },
    {
      name: 'Lavender on the hot wall',
      versions: [
        {
          parts: parts({ 'all-purpose-mix': 6, grit: 2 }),
          madeFor: {
            ...potOf('P12'),
            cropId: null,
            groupId: 'likes-dry',
            exposure: 'windy',
            everyDays: 3,
          },
          note: 'grit for weight: the wind takes light pots',
        },
      ],
    },
  ]
