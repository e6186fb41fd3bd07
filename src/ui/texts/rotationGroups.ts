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
