import { useMemo, useState } from 'react'
import { SelectField } from '../../ui/Field'
import { Progress } from '../../ui/Progress'
import { mixPictures } from '../../ui/texts/mixes/mixPictures'
import { useCore } from '../../workers/useCore'
import { useMixDesign } from './DesignContext'
import styles from './MixDesign.module.css'
import { litresText } from './mixValues'
import { TriangleField } from './TriangleField'
import { CORNER_GROUPS, cornersOf, type Shares } from './triangleGeometry'

const words = mixPictures.triangle
const STEPS = 16

/** Every mix of fibre, compost and aggregate in this pot at a glance, with the present one as a point to move. */
export function MixTriangle({ open }: { readonly open: boolean }) {
  const { form, page, components, container, wish } = useMixDesign()
  const [chosen, setChosen] = useState<[string, string, string] | null>(null)
  const [shown, setShown] = useState<'air' | 'available'>('air')
  const ids = chosen ?? cornersOf(components)
  const corners = ids.flatMap((id) => {
    const found = page.materials.find(({ material }) => material.id === id)
    return found ? [found.material] : []
  })
  const litresOf = (id: string) => components.find(({ material }) => material.id === id)?.parts ?? 0
  const inTriangle = ids.reduce((sum, id) => sum + litresOf(id), 0)
  const rest = components.filter(({ material }) => !ids.includes(material.id))
  const total = inTriangle + rest.reduce((sum, { parts }) => sum + parts, 0)
  const key = JSON.stringify([
    ids,
    container,
    rest.map(({ material, parts }) => [material.id, parts]),
    rest.length > 0 ? inTriangle : 0,
    open,
  ])
  // The key stands for all that is used here: moving the point inside the triangle asks nothing anew.
  const question = useMemo(
    () =>
      open && container && corners.length === 3
        ? {
            corners,
            rest,
            restShare: total > 0 ? Math.min(0.95, 1 - inTriangle / total) : 0,
            container: { shape: container.shape, fillHeightCm: container.fillHeightCm },
            steps: STEPS,
          }
        : null,
    [key],
  )
  const { answer, progress, stop } = useCore('triangle', 'triangle', question)
  const shares: Shares | null =
    inTriangle > 0
      ? [
          litresOf(ids[0]) / inTriangle,
          litresOf(ids[1]) / inTriangle,
          litresOf(ids[2]) / inTriangle,
        ]
      : null
  const names = corners.map(({ name }) => name)

  const move = (next: Shares) => {
    const batch = inTriangle > 0 ? inTriangle : 10
    const amounts = new Map(ids.map((id, i) => [id, litresText(batch * (next[i] ?? 0))]))
    const parts = form.getValues('parts').map((row) => {
      const litres = amounts.get(row.materialId)
      amounts.delete(row.materialId)
      return litres === undefined ? row : { ...row, litres }
    })
    form.setValue('parts', [
      ...parts,
      ...[...amounts].map(([materialId, litres]) => ({ materialId, litres })),
    ])
  }

  return (
    <>
      <div className={styles.setting}>
        {ids.map((id, corner) => (
          <SelectField
            key={words.corners[corner]}
            label={words.corners[corner] ?? ''}
            value={id}
            onChange={(event) => {
              const next = [...ids] as [string, string, string]
              next[corner] = event.target.value
              setChosen(next)
            }}
          >
            {page.materials
              .filter(
                ({ material, putAway }) =>
                  material.id === id ||
                  (!putAway && CORNER_GROUPS[corner]?.includes(material.group)),
              )
              .map(({ material }) => (
                <option key={material.id} value={material.id}>
                  {material.name}
                </option>
              ))}
          </SelectField>
        ))}
        <SelectField
          label={words.show}
          value={shown}
          onChange={(event) => setShown(event.target.value === 'air' ? 'air' : 'available')}
        >
          <option value="air">{words.air}</option>
          <option value="available">{words.available}</option>
        </SelectField>
      </div>
      {progress !== null && <Progress label={words.working} share={progress} onStop={stop} />}
      {answer && names.length === 3 && (
        <TriangleField
          field={answer}
          names={names}
          shown={shown}
          wish={wish}
          shares={shares}
          onMove={move}
        />
      )}
      <p className={styles.note}>
        {rest.length > 0 && `${words.rest(rest.map(({ material }) => material.name).join(', '))} `}
        {words.keys}
      </p>
    </>
  )
}
