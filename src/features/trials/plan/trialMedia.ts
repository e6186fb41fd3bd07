import type { MediumBody } from '../../../messages/trials/trials'
import type { NewTrialPage } from '../../../messages/trials/trialViews'
import { newTrial as words } from '../../../ui/texts/trials/newTrial'

/** What was chosen of it, as a field holds it. */
export function chosenOf(medium: MediumBody | null): string {
  switch (medium?.kind) {
    case 'mix':
      return `mix:${medium.mixId}:${medium.version}`
    case 'lot':
      return `lot:${medium.lotId}`
    case 'bag':
      return `bag:${medium.materialId}`
    default:
      return ''
  }
}

export function mediumOf(chosen: string): MediumBody | undefined {
  const [kind, id = '', version = ''] = chosen.split(':')
  switch (kind) {
    case 'lot':
      return { kind, lotId: Number(id) }
    case 'mix':
      return { kind, mixId: Number(id), version: Number(version) }
    case 'bag':
      return { kind, materialId: id }
    default:
      return undefined
  }
}

/** The newest is meant where no version is said. */
export function versionName(
  { name, versions }: NewTrialPage['mixes'][number],
  version: number,
): string {
  return version === versions[0] ? name : words.version(name, version)
}

/** A name for what was chosen, where none was typed. */
export function mediumName(page: NewTrialPage, chosen: string): string {
  const medium = mediumOf(chosen)
  const { lots } = page.choices
  switch (medium?.kind) {
    case 'lot':
      return lots.find(({ id }) => id === medium.lotId)?.name ?? ''
    case 'mix': {
      const mix = page.mixes.find(({ id }) => id === medium.mixId)
      return mix ? versionName(mix, medium.version ?? 0) : ''
    }
    case 'bag':
      return page.materials.find(({ id }) => id === medium.materialId)?.name ?? ''
    default:
      return ''
  }
}
