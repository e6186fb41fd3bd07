import { type ReactNode, useEffect, useRef } from 'react'
import type { Why, WhyInput, WhyUnit } from '../core/why'
import { Button } from './Button'
import type { Format } from './format'
import { useSite } from './SiteContext'
import { common as commonWords } from './texts/common'
import { why as whyWords } from './texts/why'
import styles from './WhyAnswer.module.css'

export interface WhyAnswerProps {
  readonly title: string
  readonly why: Why
  readonly onClose: () => void
  /** Names that say more than the kind of the input; null leaves its own. */
  readonly inputName?: (input: WhyInput) => string | null
  /** Between the sentence and the inputs. */
  readonly picture?: ReactNode
  readonly children?: ReactNode
}

/**
 * The arithmetic of the number that was asked: rule in words, inputs, range, source. On a phone it comes up over the
 * foot of the page and takes the focus; elsewhere it stands where it was put.
 */
export function WhyAnswer({ title, why, onClose, inputName, picture, children }: WhyAnswerProps) {
  const nameOf = (input: WhyInput) => inputName?.(input) ?? whyWords.input(input.name)
  const { format } = useSite()
  const box = useRef<HTMLElement>(null)
  useEffect(() => {
    if (!window.matchMedia('(max-width: 860px)').matches) return
    box.current?.focus()
    // What stands at the foot of the page can still be scrolled above the answer.
    const { style } = document.body
    const before = style.paddingBottom
    style.paddingBottom = `${box.current?.offsetHeight ?? 0}px`
    return () => {
      style.paddingBottom = before
    }
  }, [title])
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key === 'Escape' && !event.defaultPrevented) onClose()
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [onClose])
  const inputs = why.inputs.filter(({ value }) => value !== null)
  return (
    <section className={styles.why} ref={box} tabIndex={-1} aria-live="polite" aria-label={title}>
      <h2>
        <span>{title}</span>
        <span className={styles.close}>
          <Button weight="quiet" onClick={onClose}>
            {commonWords.close}
          </Button>
        </span>
      </h2>
      <p>{whyWords.rule(why.rule)}</p>
      {picture}
      {inputs.length > 0 && (
        <table className={styles.inputs}>
          <caption className="visually-hidden">{whyWords.inputs}</caption>
          <tbody>
            {inputs.map((input) => (
              <tr key={nameOf(input)}>
                <td>{nameOf(input)}</td>
                <td>{whyValue(input.value, input.unit, format)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {sumOf(inputs, format) && <p>{sumOf(inputs, format)}</p>}
      <p className={styles.source}>
        {sureness(why, format)} {whyWords.sources}: {whyWords.sourceOf(why.source)}.
      </p>
      {why.testId !== undefined && (
        <p>
          <a href={`/bench/tests/${why.testId}`}>{whyWords.itsTest}</a>
        </p>
      )}
      {children}
    </section>
  )
}

/** Pores less water is air, in whole points: "87 − 73 = 14 %". null where the answer is another one. */
function sumOf(inputs: readonly WhyInput[], format: Format): string | null {
  const points = (name: string) => {
    const value = inputs.find((one) => one.name === name)?.value
    return typeof value === 'number' ? Math.round(100 * value) : null
  }
  const [pores, water] = [points('porosity'), points('waterHeld')]
  if (pores === null || water === null) return null
  return whyWords.airSum(format.number(pores), format.number(water), format.number(pores - water))
}

function sureness({ range, rangeUnit = 'share', measuredOn }: Why, format: Format): string {
  const read = measuredOn ? [whyWords.measured(format.day(measuredOn))] : []
  if (!range) return read.join(' ')
  const [low, high] = range.map((end) => whyValue(Math.max(0, end), rangeUnit, format, 0))
  const rangeSays = measuredOn ? whyWords.rangeMeasured : whyWords.range
  return [...read, rangeSays(low ?? '', high ?? '')].join(' ')
}

/** An input or the end of a range, written with its unit. */
function whyValue(
  value: WhyInput['value'],
  unit: WhyUnit,
  format: Format,
  shareDigits = 1,
): string {
  if (typeof value !== 'number') return String(value)
  switch (unit) {
    case 'share':
      return `${format.number(value * 100, shareDigits)} %`
    case 'L':
      return format.plain(format.litres(value))
    case 'cm':
      return format.plain(format.cm(value))
    case 'pH':
      return format.number(value, shareDigits === 0 ? 1 : 2)
    case 'dS/m':
      return format.plain(format.conductivity(value, shareDigits === 0 ? 1 : 2))
    case 'g/L/pH':
      return `${format.number(value, 2)} g/L`
    case 'kg/L':
      return `${format.number(value, 2)} kg/L`
    case 'per L':
      return format.money(value)
    case 'kg':
    case 'mm/d':
    case '°C':
      return `${format.number(value, 1)} ${unit}`
    case 'times':
      return `× ${format.number(value, 2)}`
    case 'cm/min':
      return `${format.number(value, 1)} cm/min`
    case 'cm²':
      return `${format.number(value)} cm²`
    case 'days':
      return format.number(value, 1)
    case 'mg/L':
      return `${format.number(value)} mg/L`
    case 'weeks':
    case 'text':
      return format.number(value)
    case 'g':
    case 'g/L':
      return `${format.number(value, 2)} ${unit}`
  }
}
