import type { NewTrialPage } from '../../../messages/trials/trialViews'
import { type FieldProblem, SelectField } from '../../../ui/Field'
import { useSite } from '../../../ui/SiteContext'
import { filling } from '../../../ui/texts/containers/filling'
import { newTrial as words } from '../../../ui/texts/trials/newTrial'
import { versionName } from './trialMedia'

/** A mix, a lot that waits, a bag; or, of what is tried out, any material. */
export function MediumField({
  page,
  label,
  none = words.control.choose,
  value,
  error,
  withMaterials = false,
  onChoose,
}: {
  readonly page: NewTrialPage
  readonly label: string
  readonly none?: string
  readonly value: string
  readonly error: FieldProblem | undefined
  readonly withMaterials?: boolean
  readonly onChoose: (chosen: string) => void
}) {
  const { format } = useSite()
  const { mixes } = page
  const { lots, bags } = page.choices
  const bagged = withMaterials ? page.materials : bags
  return (
    <SelectField
      label={label}
      value={value}
      error={error}
      onChange={(event) => onChoose(event.target.value)}
    >
      <option value="">{none}</option>
      {mixes.length > 0 && (
        <optgroup label={filling.groups.mix}>
          {mixes.flatMap((mix) =>
            mix.versions.map((version) => (
              <option key={`${mix.id}:${version}`} value={`mix:${mix.id}:${version}`}>
                {versionName(mix, version)}
              </option>
            )),
          )}
        </optgroup>
      )}
      {lots.length > 0 && (
        <optgroup label={filling.groups.lot}>
          {lots.map(({ id, name, litres }) => (
            <option key={id} value={`lot:${id}`}>
              {filling.lotOption(name, format.plain(format.litres(litres)))}
            </option>
          ))}
        </optgroup>
      )}
      <optgroup label={withMaterials ? words.treatments.materials : filling.groups.bag}>
        {bagged.map(({ id, name }) => (
          <option key={id} value={`bag:${id}`}>
            {name}
          </option>
        ))}
      </optgroup>
    </SelectField>
  )
}
