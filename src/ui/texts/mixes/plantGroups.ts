import type { PlantGroup } from '../../../messages/mixes/mixViews'

interface GroupWords {
  readonly name: string
  readonly why: string
}

/** Plant groups: what they are called, and why a mix for them begins as it does. */
export const groups: Readonly<Record<PlantGroup['id'], GroupWords>> = {
  most: {
    name: 'Most plants',
    why: 'One good base serves nearly everything; change it only for a reason.',
  },
  seedlings: {
    name: 'Seedlings and cuttings',
    why: 'Fine, low in salts, clean. A shallow tray is always wetter than a pot.',
  },
  'likes-dry': {
    name: 'Plants that like to dry out',
    why: 'Forgives too much water; in a windy pot it is thirsty every day.',
  },
  succulents: {
    name: 'Succulents and cacti',
    why: 'Roots spread flat and drink what passes. A mix that keeps its shape when squeezed is too fine, whatever its label says.',
  },
  'airy-moist': {
    name: 'Plants of airy, wet places',
    why: 'No lime, no feed, rain water. The open mix of a cactus can serve here: the watering makes the difference.',
  },
  epiphytes: {
    name: 'Epiphytes',
    why: 'Roots want air within minutes. Fines kill; replace it when the chips soften.',
  },
  'lime-haters': {
    name: 'Lime haters',
    why: 'Hard water limes them slowly. No lime, ash or limey compost; never bury the stem.',
  },
  'hungry-edibles': {
    name: 'Hungry edibles in big pots',
    why: 'Feed and water together; too much compost closes the mix and salts it.',
  },
  baskets: {
    name: 'Hanging baskets, small and windy pots',
    why: 'Drying out is the danger: little that drains, more that holds.',
  },
  'long-stay': {
    name: 'Shrubs and trees that stay',
    why: 'Structure that lasts: bark and minerals, little compost; heavy enough to stand.',
  },
}
