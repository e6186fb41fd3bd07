import {
  blendMedia,
  containerCapacity,
  drainedSuctions,
  layerSuctionAt,
  type MediaLayer,
  simulateDrainage,
  waterContent,
} from '../../../src/core/media'
import type { ChartSpec, Point } from '../../../src/ui/chart/chartSpec'
import { material } from '../../../testing/tables'

const BED = { kind: 'round', topDiameterCm: 24, baseDiameterCm: 24, heightCm: 60 } as const
const POT = { kind: 'round', topDiameterCm: 24, baseDiameterCm: 18, heightCm: 22.5 } as const
const layer = (id: string, thicknessCm: number): MediaLayer => {
  const { curve, ksCmPerS } = material(id)
  return { thicknessCm, curve, ksCmPerS }
}
const steps = (from: number, to: number, count: number): number[] =>
  Array.from({ length: count + 1 }, (_, i) => from + ((to - from) * i) / count)
const per100 = (share: number): number => Math.round(share * 1000) / 10

export function retention(): ChartSpec {
  const at = [1, 1.5, 2, 3, 5, 7, 10, 15, 20, 30, 50, 70, 100]
  const line = (id: string, name: string, tone: 'water' | 'loam' | 'ok' | 'act') => ({
    kind: 'line' as const,
    name,
    tone,
    points: at.map((cm): Point => [cm, per100(waterContent(material(id).curve, cm))]),
  })
  return {
    title: 'Water held against a suction',
    says: 'Peat gives its water slowly over the whole range; perlite and gravel have lost nearly all at 10 cm.',
    x: { name: 'Suction', unit: 'cm of water', log: true },
    y: { name: 'Water', unit: '% of the volume', min: 0 },
    series: [
      line('peat-medium', 'peat', 'loam'),
      line('bark-fine', 'fine bark', 'act'),
      line('perlite-coarse', 'coarse perlite', 'ok'),
      line('gravel', 'gravel', 'water'),
    ],
  }
}

export function capacity(): ChartSpec {
  const { curve } = material('all-purpose-mix')
  const at = (heightCm: number) => containerCapacity({ curve, shape: BED, fillHeightCm: heightCm })
  const heights = steps(4, 60, 28)
  return {
    title: 'The same mix after draining, by depth of fill',
    says: 'At 5 cm an all-purpose mix holds hardly any air; at 30 cm a quarter of its volume.',
    x: { name: 'Depth of fill', unit: 'cm', min: 0 },
    y: { name: 'Share of the volume', unit: '%', min: 0 },
    series: [
      {
        kind: 'line',
        name: 'water',
        tone: 'water',
        points: heights.map((cm): Point => [cm, per100(at(cm).waterFraction)]),
      },
      {
        kind: 'line',
        name: 'air',
        tone: 'ok',
        points: heights.map((cm): Point => [cm, per100(at(cm).airFraction)]),
      },
    ],
  }
}

export function mixing(): ChartSpec {
  const shares = steps(0, 100, 40)
  const mix = (coarse: string, share: number) =>
    blendMedia({
      components: [
        { material: material('peat-medium'), parts: 100 - share },
        { material: material(coarse), parts: share },
      ],
    })
  const air = (coarse: string) =>
    shares.map((share): Point => {
      const { curve } = mix(coarse, share)
      return [share, per100(containerCapacity({ curve, shape: POT, fillHeightCm: 20 }).airFraction)]
    })
  return {
    title: 'Air in a 20 cm pot as coarse material replaces peat',
    says: 'A little gravel takes air away: it fills space without opening it. Perlite opens the mix slowly at first, faster once its grains touch.',
    x: { name: 'Coarse material', unit: '% of the parts', min: 0, max: 100 },
    y: { name: 'Air after draining', unit: '% of the volume', min: 0 },
    series: [
      { kind: 'line', name: 'coarse perlite', tone: 'ok', points: air('perlite-coarse') },
      { kind: 'line', name: 'gravel', tone: 'loam', points: air('gravel') },
    ],
  }
}

export function drainage(): ChartSpec {
  const run = (id: string) => {
    const { outflow } = simulateDrainage({
      shape: POT,
      layers: [layer(id, 20)],
      headspaceCm: 2.5,
      pours: [{ atS: 0, millilitres: 1000, durationS: 20 }],
      initial: { kind: 'drained' },
      endS: 600,
    })
    const kept: Point[] = []
    outflow.tS.forEach((t, i) => {
      const last = kept.at(-1)?.[0] ?? -10
      if (t - last >= 4) kept.push([Math.round(t), Math.round(outflow.ml[i] as number)])
    })
    return kept
  }
  return {
    title: 'A litre poured onto drained pots',
    says: 'Gravel has let most of it through within a minute; a mix takes ten.',
    x: { name: 'Time', unit: 's', min: 0, max: 600 },
    y: { name: 'Run out', unit: 'mL', min: 0 },
    series: [
      { kind: 'line', name: 'gravel', tone: 'loam', points: run('gravel'), nameAt: 'peak' },
      { kind: 'line', name: 'all-purpose mix', tone: 'ok', points: run('all-purpose-mix') },
      { kind: 'line', name: 'fine peat', tone: 'water', points: run('peat-fine') },
    ],
  }
}

export function layers(): ChartSpec {
  const profile = (stack: readonly MediaLayer[]): Point[] => {
    const suctions = drainedSuctions(stack)
    return suctions.flatMap((part, i) =>
      steps(part.fromCm, part.toCm - 0.01, 30).map((z): Point => {
        const { curve } = stack[i] as MediaLayer
        return [per100(waterContent(curve, layerSuctionAt(part, z))), Math.round(z * 100) / 100]
      }),
    )
  }
  return {
    title: 'Water by height, drained: 20 cm of mix, and 14 cm of it on 6 cm of gravel',
    says: 'On gravel the wettest mix is not gone: it has moved up, to where the roots are.',
    x: { name: 'Water', unit: '% of the volume', min: 0, max: 100 },
    y: { name: 'Height above the base', unit: 'cm', min: 0 },
    series: [
      {
        kind: 'line',
        name: 'mix alone',
        tone: 'water',
        points: profile([layer('all-purpose-mix', 20)]),
        nameAt: 'end',
      },
      {
        kind: 'line',
        name: 'on gravel',
        tone: 'act',
        points: profile([layer('gravel', 6), layer('all-purpose-mix', 14)]),
        nameAt: 'end',
      },
    ],
  }
}
