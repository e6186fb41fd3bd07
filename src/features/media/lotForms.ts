import type { LotPage } from '../../messages/media/lotViews'
import { fetchedPart } from '../../ui/fetchedPart'

interface OfLot {
  readonly page: LotPage
}

// What a lot's page has behind a key or a fold is fetched when it is opened: most visits read.
export const { Part: EntryForm } = fetchedPart<OfLot & { readonly onClose: () => void }>(() =>
  import('./EntryForm').then((file) => file.EntryForm),
)
export const { Part: TransferForm } = fetchedPart<OfLot & { readonly onClose: () => void }>(() =>
  import('./TransferForm').then((file) => file.TransferForm),
)
export const { Part: ReadingForm } = fetchedPart<OfLot>(() =>
  import('./ReadingForm').then((file) => file.ReadingForm),
)
export const { Part: LotChanges } = fetchedPart<OfLot>(() =>
  import('./LotChanges').then((file) => file.LotChanges),
)
