import { useMemo, useState } from 'react'
import type { CompareMixesPage } from '../../messages/mixes/mixViews'
import type { SiteView } from '../../messages/site/site'
import { SelectField } from '../../ui/Field'
import { QuantityField } from '../../ui/QuantityField'
import { SiteProvider, useSite } from '../../ui/SiteContext'
import { mixPictures } from '../../ui/texts/mixes/mixPictures'
import type { MixRun } from '../../workers/jobs'
import { componentsOfMix, fillOf, fillOnLayer, type NamedFill, roomLitres } from './runViews'
import { useLastQuantity } from './useLastQuantity'
import { WateredScreen } from './WateredScreen'
import styles from './WaterRuns.module.css'

const words = mixPictures.runs
/** Within it a layer draws as far as it is high. */
const NEARLY_CM = 0.25
/** What people put under a mix. */
const BOTTOMS = [
  'gravel',
  'grit',
  'perlite-coarse',
  'coarse-sand',
  'bark-chips',
  'garden-loam',
] as const

/** The same mix with and without something at the bottom of the pot. */
export default function BottomLayerScreen({
  page,
  site,
}: {
  readonly page: CompareMixesPage
  readonly site: SiteView
}) {
  return (
    <SiteProvider site={site}>
      <BottomLayer page={page} />
    </SiteProvider>
  )
}

function BottomLayer({ page }: { readonly page: CompareMixesPage }) {
  const { format } = useSite()
  const [mixKey, setMixKey] = useState(page.chosenMixes[0] ?? '')
  const [pot, setPot] = useState('0')
  const [bottom, setBottom] = useState<string>('gravel')
  const [height, typedCm, setHeight] = useLastQuantity('6 cm', 'length')
  const container = page.containers[Number(pot)]
  const deepest = container ? container.shape.heightCm - container.headspaceCm - 2 : 0
  const bottomCm = Math.min(typedCm, deepest)

  const fills = useMemo(() => {
    const materials = new Map(page.materials.map((material) => [material.id, material]))
    const mix = page.mixes.find(({ key }) => key === mixKey)
    const under = materials.get(bottom)
    if (!mix || !container) return []
    const alone = fillOf(words.alone, mix.name, componentsOfMix(mix, materials), container)
    return [
      alone,
      ...(under && bottomCm > 0
        ? [
            fillOnLayer(
              words.on(words.bottoms[bottom as (typeof BOTTOMS)[number]] ?? under.name),
              alone,
              { name: under.name, components: [{ material: under, parts: 1 }] },
              bottomCm,
            ),
            fillOnLayer(words.onFiller, alone, null, bottomCm),
          ]
        : []),
    ]
  }, [page, mixKey, container, bottom, bottomCm])

  const say = (runs: readonly MixRun[]): string | null => {
    const [, onLayer] = runs
    if (!onLayer || runs.length < 3) return null
    const name = words.bottoms[bottom as (typeof BOTTOMS)[number]] ?? bottom
    const called = name.charAt(0).toLocaleUpperCase() + name.slice(1)
    const cm = (value: number) => format.plain(format.cm(value))
    const { topStartsAtCm: starts } = onLayer
    const moves =
      starts < bottomCm - NEARLY_CM
        ? words.movesUp(called, cm(starts), cm(bottomCm))
        : words.goesOn(called, cm(bottomCm))
    const [alone, , onFiller] = runs
    const air = (run: MixRun | undefined) =>
      format.plain(format.percent(run?.layers.at(-1)?.air ?? 0))
    const litresOf = (fill: NamedFill | undefined) => (fill ? roomLitres(fill) : 0)
    const lost = format.plain(format.litres(litresOf(fills[0]) - litresOf(fills[1])))
    return `${moves} ${words.roomLost(lost, air(onLayer), air(alone), air(onFiller))}`
  }
  return (
    <WateredScreen
      title={words.bottomTitle}
      lead={words.bottomLead}
      fills={fills}
      say={say}
      choices={
        <>
          <div className={styles.long}>
            <SelectField
              label={words.ofMix}
              value={mixKey}
              onChange={(event) => setMixKey(event.target.value)}
            >
              {page.mixes.map(({ key, name }) => (
                <option key={key} value={key}>
                  {name}
                </option>
              ))}
            </SelectField>
          </div>
          <div className={styles.long}>
            <SelectField
              label={words.inPot}
              value={pot}
              onChange={(event) => setPot(event.target.value)}
            >
              {page.containers.map(({ name, place }, index) => (
                <option key={index} value={String(index)}>
                  {name} · {place}
                </option>
              ))}
            </SelectField>
          </div>
          <SelectField
            label={words.bottom}
            value={bottom}
            onChange={(event) => setBottom(event.target.value)}
          >
            {BOTTOMS.map((id) => (
              <option key={id} value={id}>
                {words.bottoms[id]}
              </option>
            ))}
          </SelectField>
          <QuantityField
            label={words.bottomHeight}
            dimension="length"
            echoes="converted"
            typed={height}
            value={height}
            error={typedCm > deepest ? words.tooDeep(format.plain(format.cm(deepest))) : undefined}
            onChange={(event) => setHeight(event.target.value)}
          />
        </>
      }
    >
      <ul className={styles.why}>
        {words.whyBottom.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
    </WateredScreen>
  )
}
