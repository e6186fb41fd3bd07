import type { LabelSize, LabelsPage, LabelView } from '../../messages/labels'
import type { SiteView } from '../../messages/site/site'
import { Button, LinkButton } from '../../ui/Button'
import { SelectField, TextField } from '../../ui/Field'
import { Notice } from '../../ui/Notice'
import { PageHead } from '../../ui/PageHead'
import { CoreSample } from '../../ui/pictures/CoreSample'
import { Sideways } from '../../ui/Sideways'
import { SiteProvider } from '../../ui/SiteContext'
import { EmptyState } from '../../ui/States'
import { common as commonWords } from '../../ui/texts/common'
import { labels as words } from '../../ui/texts/containers/labels'
import { Label } from './Label'
import styles from './Labels.module.css'
import { type LabelMixes, mixesOf } from './mixesOf'
import { sheetsOf } from './sheets'

/** Of the picture of a mix, as it is drawn in lists. */
const CORE = '0 0 30 54'
const A4 = { widthMm: 210, heightMm: 297 }

/** Labels as they will lie on the paper, and how to print them. */
export default function LabelsScreen({
  page,
  site,
}: {
  readonly page: LabelsPage
  readonly site: SiteView
}) {
  return (
    <SiteProvider site={site} isStill>
      {page.labels.length === 0 && !page.asked.place ? <Nothing /> : <Labels page={page} />}
    </SiteProvider>
  )
}

function Nothing() {
  return (
    <>
      <PageHead title={words.title} />
      <EmptyState
        title={words.none}
        next={words.noneNext}
        action={
          <LinkButton weight="main" data-needs="manage" href="/lots/new">
            {commonWords.actions.newLot}
          </LinkButton>
        }
      />
    </>
  )
}

function Labels({ page }: { readonly page: LabelsPage }) {
  const { asked, size, labels, left, places, origin, isOnlyHere, skip } = page
  const mixes = mixesOf(labels)
  const isOfAll = !asked.pots && !asked.lots
  return (
    <>
      <div className={styles.above}>
        <PageHead
          title={words.title}
          lead={words.lead(labels.length)}
          actions={
            <Button weight="main" data-print>
              {words.print}
            </Button>
          }
        />
        <form className={styles.bar} action="/labels" method="get" aria-label={words.title}>
          {asked.pots && <input type="hidden" name="pots" value={asked.pots} />}
          {asked.lots && <input type="hidden" name="lots" value={asked.lots} />}
          <SelectField label={words.size} name="size" defaultValue={size.id}>
            {Object.entries(words.sizes).map(([id, name]) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </SelectField>
          {isOfAll && (
            <SelectField label={words.place} name="place" defaultValue={asked.place ?? ''}>
              <option value="">{words.everywhere}</option>
              {places.map((place) => (
                <option key={place} value={place}>
                  {place}
                </option>
              ))}
            </SelectField>
          )}
          {!size.isRoll && (
            <TextField
              label={words.skip}
              hint={words.skipHint}
              name="skip"
              inputMode="numeric"
              defaultValue={skip > 0 ? String(skip) : ''}
            />
          )}
          <TextField
            label={words.at}
            hint={words.atHint(origin)}
            name="at"
            inputMode="url"
            defaultValue={asked.at ?? ''}
          />
          <Button type="submit">{words.show}</Button>
        </form>
        {isOnlyHere && <Notice tone="act">{words.onlyHere(origin)}</Notice>}
        {left > 0 && <Notice>{words.more(left)}</Notice>}
        <p className={styles.note}>{words.printHint}</p>
      </div>
      <div className={styles.paper}>
        <MixPictures mixes={mixes} />
        <Sideways label={words.title}>
          {size.isRoll
            ? labels.map((label) => (
                <Roll key={`${label.kind} ${label.id}`} label={label} size={size} mixes={mixes} />
              ))
            : sheetsOf(labels, size, skip).map((sheet, index) => (
                <Sheet key={index} places={sheet} size={size} mixes={mixes} />
              ))}
        </Sideways>
      </div>
    </>
  )
}

/** Drawn once each, and shown by every label of that mix. */
function MixPictures({ mixes }: { readonly mixes: LabelMixes }) {
  return (
    <svg className={styles.mixes} width={0} height={0} aria-hidden="true">
      {mixes.pictures.map(({ id, strata }) => (
        <symbol key={id} id={id} viewBox={CORE} preserveAspectRatio="none">
          <CoreSample strata={strata} isNamed={false} />
        </symbol>
      ))}
    </svg>
  )
}

function Roll({
  label,
  size,
  mixes,
}: {
  readonly label: LabelView
  readonly size: LabelSize
  readonly mixes: LabelMixes
}) {
  return (
    <svg
      className={`${styles.roll} ${size.id === 'roll-62' ? styles.roll62 : styles.roll50}`}
      width={`${size.widthMm}mm`}
      height={`${size.heightMm}mm`}
      viewBox={`0 0 ${size.widthMm} ${size.heightMm}`}
      role="img"
      aria-label={`${label.code} ${label.name}`}
    >
      <Label label={label} size={size} mixId={mixes.idOf(label)} />
    </svg>
  )
}

function Sheet({
  places,
  size,
  mixes,
}: {
  readonly places: readonly (LabelView | null)[]
  readonly size: LabelSize
  readonly mixes: LabelMixes
}) {
  const { widthMm, heightMm, columns, leftMm, topMm, gapMm, id } = size
  return (
    <svg
      className={styles.sheet}
      width={`${A4.widthMm}mm`}
      height={`${A4.heightMm}mm`}
      viewBox={`0 0 ${A4.widthMm} ${A4.heightMm}`}
      role="img"
      aria-label={places.map((label) => label?.code ?? '').join(' ')}
    >
      {places.map((label, place) => (
        <g
          key={place}
          transform={`translate(${leftMm + (place % columns) * (widthMm + gapMm)} ${topMm + Math.floor(place / columns) * heightMm})`}
        >
          <rect
            className={id === 'stakes' ? styles.cut : styles.edge}
            width={widthMm}
            height={heightMm}
            rx={id === 'stakes' ? 0 : 2}
          />
          {label && <Label label={label} size={size} mixId={mixes.idOf(label)} />}
        </g>
      ))}
    </svg>
  )
}
