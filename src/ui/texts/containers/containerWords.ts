/** Shape, size and place of a container, the same wherever one is described. */
export const containerWords = {
  exposureHint: 'decides how much water it takes',
  inWhat: 'In what?',
  shapes: {
    round: 'Round pots or bags',
    rectangular: 'Troughs or boxes',
    bowl: 'A basket or bowl',
    none: 'In a store bin',
  },
  count: 'How many alike',
  topDiameter: 'Diameter at the top',
  baseDiameter: 'Diameter at the base',
  topLength: 'Length at the top',
  topWidth: 'Width at the top',
  baseLength: 'Length at the base',
  baseWidth: 'Width at the base',
  rimDiameter: 'Diameter at the rim',
  height: 'Height inside',
  headspace: 'Gap to the rim',
  lengthHint: 'such as 34 cm or 14 in',
} as const
