import type { Sign } from '../../core/recondition'
import styles from './SignMark.module.css'

/** What is seen, drawn: strokes in the text's colour, the sick or foreign part filled. */
const DRAWN: Readonly<Record<Sign, { readonly strokes: string; readonly fills: string }>> = {
  wilting: {
    strokes: 'M16 29V14M16 17q-7 -1 -9 8M16 14q7 -2 10 7M16 14q-1 -6 -6 -6',
    fills: 'M7 25q3 -1 4 3q-4 0 -4 -3M26 21q-4 0 -4 4q4 0 4 -4',
  },
  spots: {
    strokes: 'M16 29V23M16 23Q4 17 16 3Q28 17 16 23Z',
    fills:
      'M13 13a2 2 0 1 0 .1 0ZM19 10a1.5 1.5 0 1 0 .1 0ZM18 17a2 2 0 1 0 .1 0ZM12 18a1.2 1.2 0 1 0 .1 0Z',
  },
  mould: {
    strokes: 'M16 29V23M16 23Q4 17 16 3Q28 17 16 23ZM11 12q2 -3 5 -1M15 15q3 -2 5 1M11 18q3 -2 5 0',
    fills: '',
  },
  twisted: {
    strokes: 'M16 29V18M16 18q-9 1 -8 -6q2 -5 7 -1M16 18q9 -1 8 -8q-3 -4 -7 1M16 14q-3 -5 1 -9',
    fills: '',
  },
  'roots-rotten': {
    strokes: 'M4 10H28M16 10V16M16 12q-6 2 -8 10M16 12q6 2 8 10M16 16V26',
    fills: 'M6.5 21h3v6h-3ZM22.500 21h3v6h-3ZM14.500 23h3v6h-3Z',
  },
  'roots-swollen': {
    strokes: 'M4 10H28M16 10V28M16 12q-6 2 -8 14M16 12q6 2 8 14',
    fills: 'M10 16a2.600 2.600 0 1 0 .1 0ZM22 18a2.600 2.600 0 1 0 .1 0ZM16 21a3 3 0 1 0 .1 0Z',
  },
  grubs: {
    strokes: 'M24 11A8 8 0 1 0 22 24M20 13A5 5 0 1 0 19 21M11 13L8 11M9 17H5M11 21L8 23',
    fills: 'M24 8.500a2.600 2.600 0 1 0 .1 0Z',
  },
  insects: {
    strokes:
      'M11 14L6 11M10.500 18H5M12 22L7 26M21 14L26 11M21.500 18H27M20 22L25 26M14 9L12 5M18 9L20 5',
    fills: 'M16 9a5 8 0 1 0 .1 0Z',
  },
  chewed: {
    strokes: 'M16 29V23M16 23Q4 17 16 3Q19 6 21 10A3 3 0 1 0 23 15Q22 20 16 23Z',
    fills: 'M12 13a2 2 0 1 0 .1 0Z',
  },
  weeds: {
    strokes:
      'M4 27H28M11 27V18M11 21q-5 -1 -6 -6M11 19q4 -1 5 -6M22 27V20M22 23q4 0 5 -5M22 22q-4 -1 -4 -5',
    fills: 'M11 14a2 2 0 1 0 .1 0Z',
  },
  surface: {
    strokes: 'M5 11V27H27V11',
    fills:
      'M4 9h24v4H4ZM8 6a1.500 1.500 0 1 0 .1 0ZM15 4.500a1.500 1.500 0 1 0 .1 0ZM22 6a1.500 1.500 0 1 0 .1 0Z',
  },
  smell: {
    strokes:
      'M6 18L8 28H24L26 18ZM11 14q-3 -3 0 -5t0 -5M16 14q-3 -3 0 -5t0 -5M21 14q-3 -3 0 -5t0 -5',
    fills: '',
  },
  stranger: {
    strokes: 'M6 14L8 28H24L26 14ZM12.500 7q0 -3.500 3.500 -3.500t3.500 3q0 2 -3.500 4',
    fills: 'M16 11.500a1.300 1.300 0 1 0 .1 0Z',
  },
}

/** A small drawing of a sign, beside its words. */
export function SignMark({ sign }: { readonly sign: Sign }) {
  const { strokes, fills } = DRAWN[sign]
  return (
    <svg className={styles.mark} viewBox="0 0 32 32" width="32" height="32" aria-hidden="true">
      <path d={strokes} className={styles.stroke} />
      {fills && <path d={fills} className={styles.fill} />}
    </svg>
  )
}
