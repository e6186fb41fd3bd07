import { useState } from 'react'
import type { MaterialRow, MaterialsPage } from '../../messages/media/materials'
import type { SamplePot, StyleguidePage } from '../../messages/styleguide'
import { LinkButton } from '../../ui/Button'
import { EmptyState } from '../../ui/States'
import type { Column, TableQuery } from '../../ui/table/column'
import { DataTable, ServedTable } from '../../ui/table/DataTable'
import { styleguide as styleguideWords } from '../../ui/texts/styleguide'
import { showToast } from '../../ui/toast'
import styles from './Styleguide.module.css'

const words = styleguideWords.table
const names = words.columns

const POTS: readonly Column<SamplePot>[] = [
  { id: 'code', name: names.code, value: ({ code }) => code, fixed: true },
  { id: 'place', name: names.place, value: ({ place }) => place },
  { id: 'shape', name: names.shape, value: ({ shape }) => shape },
  { id: 'height', name: names.height, value: ({ heightCm }) => heightCm, numeric: true },
  {
    id: 'litres',
    name: names.litres,
    value: ({ litres }) => Math.round(litres * 10) / 10,
    numeric: true,
    digits: 1,
  },
  { id: 'air', name: names.air, value: ({ air }) => Math.round(air * 100), numeric: true },
]

const round = (value: number, digits: number) => Number(value.toFixed(digits))
const MATERIALS: readonly Column<MaterialRow>[] = [
  { id: 'name', name: names.name, value: ({ name }) => name, fixed: true },
  { id: 'group', name: names.group, value: ({ group }) => group },
  { id: 'airAt10', name: names.air10, value: (row) => round(row.airAt10 * 100, 0), numeric: true },
  {
    id: 'bulkDensity',
    name: names.density,
    value: (row) => row.bulkDensity,
    numeric: true,
    digits: 2,
  },
  {
    id: 'totalPorosity',
    name: names.porosity,
    value: (row) => round(row.totalPorosity * 100, 0),
    numeric: true,
  },
  { id: 'pH', name: names.ph, value: ({ pH }) => pH, numeric: true, digits: 1 },
  {
    id: 'grainMm',
    name: names.grain,
    value: (row) => row.grainMm,
    numeric: true,
    digits: 1,
    startsHidden: true,
  },
  {
    id: 'ec1to2',
    name: names.ec,
    value: (row) => row.ec1to2,
    numeric: true,
    digits: 2,
    startsHidden: true,
  },
  { id: 'cToN', name: names.cToN, value: ({ cToN }) => cToN, numeric: true, startsHidden: true },
  {
    id: 'pricePerLitre',
    name: names.price,
    value: (row) => row.pricePerLitre,
    numeric: true,
    digits: 2,
  },
  { id: 'stockLitres', name: names.stock, value: (row) => row.stockLitres, numeric: true },
]

async function fetchMaterials(
  { offset, limit, filter, order }: TableQuery,
  signal: AbortSignal,
): Promise<MaterialsPage> {
  const query = new URLSearchParams({
    offset: String(offset),
    limit: String(Math.min(limit, 20)),
    filter,
    ...(order ? { order: order.columnId, descending: String(order.descending) } : {}),
  })
  const answer = await fetch(`/api/media/materials?${query}`, { signal })
  if (!answer.ok) throw new Error(`The server refused with ${answer.status}.`)
  return answer.json()
}

export function Tables({ page }: { readonly page: StyleguidePage }) {
  const [served] = useState({ key: 'materials', fetchPage: fetchMaterials, first: page.materials })
  return (
    <>
      <h3>{words.label}</h3>
      <DataTable
        label={words.label}
        columns={POTS}
        rows={page.pots}
        rowId={({ code }) => code}
        rowName={({ code }) => code}
        bulk={[
          { name: words.water, act: (rows) => showToast({ text: words.watered(rows.length) }) },
        ]}
      />
      <h3 className={styles.next}>{words.served}</h3>
      <ServedTable
        label={words.served}
        columns={MATERIALS}
        rowId={({ id }) => id}
        rowName={({ name }) => name}
        served={served}
      />
      <h3 className={styles.next}>{words.empty}</h3>
      <DataTable
        label={words.empty}
        columns={POTS}
        rows={[]}
        rowId={({ code }) => code}
        rowName={({ code }) => code}
        empty={
          <EmptyState
            title={words.emptyTitle}
            next={words.emptyNext}
            action={<LinkButton href="/lots/new">{words.emptyAction}</LinkButton>}
          />
        }
      />
    </>
  )
}
