import { useMemo, useState } from 'react'
import type { CompareMixesPage } from '../../messages/mixes/mixViews'
import type { SiteView } from '../../messages/site/site'
import { SelectField } from '../../ui/Field'
import { SiteProvider, useSite } from '../../ui/SiteContext'
import { mixPictures } from '../../ui/texts/mixes/mixPictures'
import { CurvesOfMixes } from './CurvesOfMixes'
import { componentsOfMix, fillOf } from './runViews'
import { WateredScreen } from './WateredScreen'

const words = mixPictures.runs
const MOST = 4

/** Up to four mixes in one pot, or one mix in up to four pots, watered together. */
export default function CompareMixesScreen({
  page,
  site,
}: {
  readonly page: CompareMixesPage
  readonly site: SiteView
}) {
  return (
    <SiteProvider site={site}>
      <Compared page={page} />
    </SiteProvider>
  )
}

function Compared({ page }: { readonly page: CompareMixesPage }) {
  const { format } = useSite()
  const [by, setBy] = useState<'mixes' | 'pots'>(page.chosenPots.length > 1 ? 'pots' : 'mixes')
  const [mixes, setMixes] = useState(() => slots(page.chosenMixes))
  const [pots, setPots] = useState(() =>
    slots(page.chosenPots.length > 0 ? page.chosenPots.map(String) : ['0']),
  )
  const materials = useMemo(
    () => new Map(page.materials.map((material) => [material.id, material])),
    [page.materials],
  )
  const chosen = useMemo(() => {
    const mixOf = (key: string) => page.mixes.find((mix) => mix.key === key)
    const potOf = (index: string) => (index === '' ? undefined : page.containers[Number(index)])
    const [firstMix, firstPot] = [mixOf(mixes[0] ?? ''), potOf(pots[0] ?? '')]
    const pairs =
      by === 'mixes'
        ? mixes.flatMap((key) => {
            const mix = mixOf(key)
            return mix && firstPot ? [{ mix, pot: firstPot, name: mix.name }] : []
          })
        : pots.flatMap((index) => {
            const pot = potOf(index)
            return firstMix && pot ? [{ mix: firstMix, pot, name: pot.name }] : []
          })
    return pairs.map(({ mix, pot, name }, i) => {
      // The same thing chosen twice is told apart by its place in the row.
      const twice = pairs.some((other, j) => j < i && other.name === name)
      return fillOf(
        twice ? `${name} (${i + 1})` : name,
        mix.name,
        componentsOfMix(mix, materials),
        pot,
      )
    })
  }, [by, mixes, pots, page, materials])
  const put = (list: string[], set: (next: string[]) => void, at: number) => (value: string) =>
    set(list.map((one, i) => (i === at ? value : one)))
  const mixChoice = (at: number, label: string, none: boolean) => (
    <Choose
      key={`mix${at}`}
      label={label}
      none={none}
      value={mixes[at] ?? ''}
      onChange={put(mixes, setMixes, at)}
      options={page.mixes.map(({ key, name }) => [key, name])}
    />
  )
  const potChoice = (at: number, label: string, none: boolean) => (
    <Choose
      key={`pot${at}`}
      label={label}
      none={none}
      value={pots[at] ?? ''}
      onChange={put(pots, setPots, at)}
      options={page.containers.map(({ name, place, shape, headspaceCm }, i) => [
        String(i),
        `${name} · ${place}, ${format.plain(format.cm(shape.heightCm - headspaceCm))}`,
      ])}
    />
  )
  return (
    <WateredScreen
      title={words.title}
      lead={words.lead}
      fills={chosen}
      choices={
        <>
          <Choose
            label={words.by}
            none={false}
            value={by}
            onChange={(value) => setBy(value === 'pots' ? 'pots' : 'mixes')}
            options={[
              ['mixes', words.byMixes],
              ['pots', words.byPots],
            ]}
          />
          {by === 'mixes' ? potChoice(0, words.inPot, false) : mixChoice(0, words.ofMix, false)}
        </>
      }
      more={Array.from({ length: MOST }, (_, at) =>
        by === 'mixes'
          ? mixChoice(at, words.mixNumber(at + 1), at > 0)
          : potChoice(at, words.potNumber(at + 1), at > 0),
      )}
    >
      {by === 'mixes' && chosen.length > 0 && <CurvesOfMixes fills={chosen} />}
    </WateredScreen>
  )
}

function slots(chosen: readonly string[]): string[] {
  return Array.from({ length: MOST }, (_, i) => chosen[i] ?? '')
}

function Choose({
  label,
  none,
  value,
  options,
  onChange,
}: {
  readonly label: string
  readonly none: boolean
  readonly value: string
  readonly options: readonly (readonly [value: string, name: string])[]
  readonly onChange: (value: string) => void
}) {
  return (
    <SelectField label={label} value={value} onChange={(event) => onChange(event.target.value)}>
      {none && <option value="">{words.none}</option>}
      {options.map(([id, name]) => (
        <option key={id} value={id}>
          {name}
        </option>
      ))}
    </SelectField>
  )
}
