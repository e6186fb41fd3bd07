import type { FillChoices, FillPot } from '../../messages/containers/fillPot'
import { SelectField } from '../../ui/Field'
import type { FieldProps } from '../../ui/form/useForm'
import { useSite } from '../../ui/SiteContext'
import { filling as words } from '../../ui/texts/containers/filling'
import { trialFindings as findingWords } from '../../ui/texts/trials/trialFindings'

/** A lot that waits in the store, an own mix or a bag. */
export function SourceField({
  label = words.source,
  choices,
  ...field
}: FieldProps & { readonly label?: string; readonly choices: FillChoices }) {
  const { format } = useSite()
  return (
    <SelectField label={label} {...field}>
      <option value="">{words.choose}</option>
      {choices.lots.length > 0 && (
        <optgroup label={words.groups.lot}>
          {choices.lots.map(({ id, name, litres }) => (
            <option key={id} value={`lot:${id}`}>
              {words.lotOption(name, format.plain(format.litres(litres)))}
            </option>
          ))}
        </optgroup>
      )}
      {choices.mixes.length > 0 && (
        <optgroup label={words.groups.mix}>
          {choices.mixes.map(({ id, name, standardFor }) => (
            <option key={id} value={`mix:${id}`}>
              {named(name, standardFor)}
            </option>
          ))}
        </optgroup>
      )}
      <optgroup label={words.groups.bag}>
        {choices.bags.map(({ id, name, standardFor }) => (
          <option key={id} value={`bag:${id}`}>
            {named(name, standardFor)}
          </option>
        ))}
      </optgroup>
    </SelectField>
  )
}

/** What a trial made the standard for a crop says so in the list. */
function named(name: string, standardFor: readonly (string | null)[]): string {
  return standardFor.length > 0 ? `${name} · ${findingWords.standardOf(standardFor)}` : name
}

/** What was chosen, as it is asked for. */
export function sourceOf(chosen: string): FillPot['source'] | undefined {
  const [kind, id = ''] = chosen.split(':')
  switch (kind) {
    case 'lot':
      return { kind, lotId: Number(id) }
    case 'mix':
      return { kind, mixId: Number(id) }
    case 'bag':
      return { kind, materialId: id }
    default:
      return undefined
  }
}
