/** Plant families that follow each other badly, as a grower calls them. */
const groups: Readonly<Record<string, string>> = {
  solanum: 'tomatoes, peppers and their kin',
  legume: 'beans and peas',
  cucurbit: 'cucumbers and squashes',
  brassica: 'cabbages and radishes',
  allium: 'onions and leeks',
  umbellifer: 'carrots and parsley',
  lettuce: 'lettuces',
  beet: 'beets and chards',
  daisy: 'daisies and their kin',
  mint: 'mints, basil and sage',
  rosaceae: 'strawberries, roses and their kin',
  bulb: 'bulbs',
  heath: 'heaths and blueberries',
  box: 'box',
  viola: 'violas',
  balsam: 'balsams',
}

export function rotationGroupName(id: string): string {
  return groups[id] ?? id
}

/**
 * Of a crop of a family that stood in the mix lately; empty where none did.
 * @param families that stood in it this season and last, the newest first
 */
export function sameFamilyText(
  rotationGroup: string | undefined,
  families: readonly {
    readonly rotationGroup: string
    readonly season: number
    readonly share: number
    readonly crops: readonly string[]
  }[],
): string {
  const before = families.find((family) => family.rotationGroup === rotationGroup)
  if (!before || rotationGroup === 'none') return ''
  const { season, share, crops } = before
  const what =
    crops.length > 0 ? crops.join(', ').toLowerCase() : rotationGroupName(before.rotationGroup)
  const part = share < 0.995 ? `${Math.max(1, Math.round(share * 100))} % of this mix` : 'this mix'
  return `Same family as ${what} that stood in ${part} in ${season}: fine if that was healthy, better rotated.`
}
