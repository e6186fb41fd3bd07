import { common as commonWords } from '../texts/common'

export type AreaId = keyof typeof commonWords.areas

/** A part of the application with a place of its own in the rail, the bar on a phone, and Find. */
export interface Area {
  readonly id: AreaId
  readonly name: string
  /** What it is about, as the rail groups it. */
  readonly group: string
  readonly address: string
  /** Left out of the bar on a phone, which has room for five; it stands at the foot there. */
  readonly isBehind?: true
  /** What can be begun there from anywhere. */
  readonly actions: readonly {
    readonly name: string
    readonly address: string
    /** Of no use to anybody else: what is entered there could not be saved. */
    readonly isForManagers?: true
  }[]
}

const { areas: names, actions, groups } = commonWords

/** All areas in the order of the rail. A new one is added here, and stands everywhere. */
export const AREAS: readonly Area[] = [
  {
    id: 'mixes',
    name: names.mixes,
    group: groups.media,
    address: '/mixes',
    isBehind: true,
    actions: [
      { name: actions.newMix, address: '/mixes/design' },
      { name: actions.bottomLayer, address: '/mixes/layers' },
    ],
  },
  { id: 'bench', name: names.bench, group: groups.media, address: '/bench', actions: [] },
  {
    id: 'lots',
    name: names.lots,
    group: groups.media,
    address: '/lots',
    actions: [{ name: actions.newLot, address: '/lots/new', isForManagers: true }],
  },
  { id: 'turnover', name: names.turnover, group: groups.media, address: '/turnover', actions: [] },
  { id: 'pots', name: names.pots, group: groups.garden, address: '/pots', actions: [] },
  {
    id: 'trials',
    name: names.trials,
    group: groups.garden,
    address: '/trials',
    isBehind: true,
    actions: [
      { name: actions.newTrial, address: '/trials/new', isForManagers: true },
      { name: actions.howManyPots, address: '/trials/pots' },
      { name: actions.candidates, address: '/trials/candidates' },
    ],
  },
  { id: 'log', name: names.log, group: groups.garden, address: '/log', actions: [] },
]
