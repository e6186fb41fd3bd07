import { type JarTest, jarTest } from '../chemistry'
import type { SampleReading } from './benchTypes'

/**
 * What jars with doses came to, and what is kept of the sample by it: the pH of the jar that got none and, where the jars
 * tell it, how strongly the mix holds on to its pH.
 * @param points doses in g per litre of mix, each with the pH of its jar
 * @throws DomainError as `jarTest` does
 */
export function jarReading(
  jarsRead: Parameters<typeof jarTest>[0],
): JarTest & { readonly measurements: readonly SampleReading[] } {
  const jars = jarTest(jarsRead)
  const { buffer, gPerL, ph0 } = jars
  return {
    ...jars,
    measurements: [
      { quantity: 'ph', value: ph0, method: 'jar test', readAs: { value: ph0, unit: 'pH' } },
      ...(buffer === null
        ? []
        : [
            {
              quantity: 'buffer',
              value: buffer,
              method: 'jar test',
              readAs: { value: gPerL, unit: 'g/L' },
            } as const,
          ]),
    ],
  }
}
