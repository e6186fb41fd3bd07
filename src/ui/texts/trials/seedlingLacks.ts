import type { SeedlingLack } from '../../../messages/bench/benchViews'

/** What a seedling test lacks before it could lift a bar. */
const lacks: Readonly<Record<SeedlingLack, string>> = {
  pots: 'three pots with it, at the share it will be used at',
  seeds: 'twelve seeds in them',
  'control-pots': 'three pots of the trusted mix alone',
  'control-seeds': 'twelve seeds in those',
  days: 'three weeks',
  species:
    'a plant that shows weedkiller: beans, peas, tomato, cucumber or lettuce, not cress or radish',
  leaves: 'leaves without doubt: a seedling was twisted or cupped',
  sprouted: 'more seeds: what came up leaves harm possible',
  height: 'more pots: the heights leave harm possible',
}

/** @param missing their keys, set apart by spaces */
export function lacking(missing: string): string {
  return missing
    .split(' ')
    .flatMap((lack) => lacks[lack as SeedlingLack] ?? [])
    .join('; ')
}
