import type { ComponentProps } from 'react'
import { fetchedPart } from '../../ui/fetchedPart'

// Fetched when it is opened: most visits read.
export const { Part: DoneForm } = fetchedPart<ComponentProps<typeof import('./DoneForm').DoneForm>>(
  () => import('./DoneForm').then((file) => file.DoneForm),
)
