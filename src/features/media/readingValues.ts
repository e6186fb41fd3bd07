import type { Dimension, HouseholdMeasures } from '../../core/units'
import { readQuantity } from '../../ui/readQuantity'
import type { BodyOf } from '../../ui/request'
import { readNumber } from '../readNumber'

/** The form of a reading as typed. */
export interface ReadingValues {
  kind: 'ph' | 'ec' | 'jar'
  value: string
  method: string
  tempC: string
  amendmentId: string
  target: string
  days: string
  jars: { key: string; gPerL: string; ph: string }[]
}

export const READING_DEFAULTS: ReadingValues = {
  kind: 'ph',
  value: '',
  method: '1:2',
  tempC: '20',
  amendmentId: '',
  target: '',
  days: '14',
  jars: ['0', '1', '2', '4'].map((gPerL) => ({ key: gPerL, gPerL, ph: '' })),
}

/** What is sent. Jars without a pH at the end were not made. */
export function readingBody(
  values: ReadingValues,
  measures: HouseholdMeasures,
): BodyOf<'POST /api/media/lots/[id]/readings'> {
  const quantity = (text: string, dimension: Dimension) =>
    text.trim() === '' ? null : (readQuantity(text, dimension, measures).value ?? text)
  const { kind, method, amendmentId } = values
  switch (kind) {
    case 'ph':
      return { kind, method, value: readNumber(values.value) }
    case 'ec':
      return {
        kind,
        method: method === 'strip' ? '1:2' : method,
        value: quantity(values.value, 'conductivity'),
        tempC: quantity(values.tempC, 'temperature'),
      }
    case 'jar': {
      const last = values.jars.findLastIndex(({ ph }) => ph.trim() !== '')
      return {
        kind,
        amendmentId,
        target: readNumber(values.target),
        days: readNumber(values.days),
        points: values.jars
          .slice(0, Math.max(3, last + 1))
          .map(({ gPerL, ph }) => ({ gPerL: readNumber(gPerL), ph: readNumber(ph) })),
      }
    }
  }
}
