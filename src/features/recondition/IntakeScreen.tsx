import { useMemo, useState } from 'react'
import { useForm } from 'react-hook-form'
import { litresAtLevel } from '../../core/recondition'
import type { IntakeAnswers, IntakePage } from '../../messages/recondition/turnover'
import type { SiteView } from '../../messages/site'
import { Button, LinkButton } from '../../ui/Button'
import { Choice, SelectField } from '../../ui/Field'
import { Notice } from '../../ui/Notice'
import { PageHead } from '../../ui/PageHead'
import { CoreSample } from '../../ui/pictures/CoreSample'
import { InningsStrip } from '../../ui/pictures/InningsStrip'
import { QuantityField } from '../../ui/QuantityField'
import { readQuantity } from '../../ui/readQuantity'
import { SiteProvider, useSite } from '../../ui/SiteContext'
import { media as mediaWords } from '../../ui/texts/media'
import { recondition as reconditionWords } from '../../ui/texts/recondition'
import { useDraft } from '../../ui/useDraft'
import { recipeAddress } from './answers'
import styles from './IntakeScreen.module.css'
import { TurnoverSteps } from './TurnoverSteps'

interface Values {
  drop: string
  roots: IntakeAnswers['roots']
  side: IntakeAnswers['side']
  crop: string
  pots: string[]
  litres: string
  share: string
  feed: IntakeAnswers['feed']
}

type Given = Partial<IntakeAnswers>

/** What was found in a tired lot, and what it is wanted for. */
export default function IntakeScreen({
  page,
  given,
  site,
}: {
  page: IntakePage
  given: Given
  site: SiteView
}) {
  return (
    <SiteProvider site={site}>
      <Intake page={page} given={given} />
    </SiteProvider>
  )
}

function defaultsOf(page: IntakePage, given: Given): Values {
  const own = page.pots.filter((pot) => pot.own).map(({ id }) => id)
  const drop = given.drop ?? page.lot.expectedDropCm
  return {
    drop: drop === null || drop === undefined ? '' : `${Math.round(drop * 10) / 10} cm`,
    roots: given.roots ?? 'fine',
    side: given.side ?? 'no',
    crop: given.crop ?? '',
    pots: (given.pots ?? own).map(String),
    litres: given.litres ? `${Math.round(given.litres * 10) / 10} L` : '',
    share: String(given.share ?? 0.3),
    feed: given.feed ?? 'organic',
  }
}

function Intake({ page, given }: { page: IntakePage; given: Given }) {
  const { site, format } = useSite()
  const words = reconditionWords.intake
  const defaults = useMemo(() => defaultsOf(page, given), [page, given])
  const form = useForm<Values>({ defaultValues: defaults })
  const throwAway = useDraft(`turnover/${page.lot.id}`, form, defaults)
  const [tried, setTried] = useState(false)
  const values = form.watch()
  const found = litresFound(page, values.drop, site)
  const crop = page.crops.find(({ id }) => id === values.crop)
  const last = page.crops.find(({ id }) => id === page.lot.lastCropId)
  const chosen = page.pots.filter(({ id }) => asList(values.pots).includes(String(id)))
  const room = chosen.reduce((sum, { litres }) => sum + litres, 0)
  const drop = readQuantity(values.drop, 'length', site.measures)
  const litres = readQuantity(values.litres, 'volume', site.measures)
  const missing = {
    crop: tried && !crop ? words.chooseCrop : undefined,
    pots: tried && chosen.length === 0 ? words.choosePot : undefined,
    drop: found !== null && !(found > 0) ? words.nothingLeft : undefined,
    litres:
      litres.value !== null && litres.value > room * 1.001
        ? words.tooMuch(
            format.plain(format.litres(litres.value)),
            format.plain(format.litres(room)),
          )
        : litres.value === 0
          ? words.nothingWanted
          : undefined,
  }

  const go = form.handleSubmit(() => {
    setTried(true)
    const wrong = !crop || chosen.length === 0 || drop.problem || litres.problem
    if (wrong || missing.drop || missing.litres) {
      const first =
        drop.problem || missing.drop
          ? 'drop'
          : !crop
            ? 'crop'
            : litres.problem || missing.litres
              ? 'litres'
              : 'pots'
      form.setFocus(first)
      return
    }
    window.location.assign(
      recipeAddress({
        lot: page.lot.id,
        drop: drop.value ?? 0,
        roots: values.roots,
        side: values.side,
        crop: values.crop,
        pots: chosen.map(({ id }) => id),
        litres: litres.value,
        share: Number(values.share),
        feed: values.feed,
      }),
    )
  })

  return (
    <>
      <PageHead
        title={words.title(page.lot.name)}
        beside={`${mediaWords.lotNumber(page.lot.id)} · ${page.lot.where}`}
        lead={words.lead}
      />
      <div className={styles.way}>
        <TurnoverSteps now={0} />
      </div>
      {page.openOrderId !== null && (
        <Notice tone="act">
          {words.openOrder} <a href={`/turnover/orders/${page.openOrderId}`}>{words.toOrder}</a>
        </Notice>
      )}
      <form className={styles.form} onSubmit={go} noValidate>
        <div className={styles.lot}>
          <CoreSample strata={page.lot.strata} />
          <InningsStrip innings={page.lot.innings} nextOpen />
        </div>
        <div className={styles.row}>
          {page.lot.expectedDropCm === null ? (
            <p>{words.inBin(format.plain(format.litres(page.lot.litres)))}</p>
          ) : (
            <div>
              <QuantityField
                label={words.drop}
                hint={words.dropHint}
                dimension="length"
                typed={values.drop}
                error={missing.drop}
                {...form.register('drop')}
              />
              {found !== null && found > 0 && (
                <p className={styles.found}>
                  {words.dropLitres(
                    format.plain(format.litres(found)),
                    page.pots.filter((pot) => pot.own).length,
                  )}
                </p>
              )}
            </div>
          )}
          <Choice
            label={words.side}
            options={Object.entries(words.sideOptions).map(([value, label]) => ({ value, label }))}
            {...form.register('side')}
          />
        </div>
        <Choice
          label={words.roots}
          options={Object.entries(words.rootsOptions).map(([value, [label, note]]) => ({
            value,
            label,
            note,
          }))}
          {...form.register('roots')}
        />
        <div className={styles.row}>
          <SelectField
            label={words.crop}
            error={missing.crop}
            hint={
              crop && (
                <>
                  {words.wants(
                    format.number(crop.airMin * 100),
                    format.plain(format.percent(crop.airMax)),
                    format.number(crop.pHLow, 1),
                    format.number(crop.pHHigh, 1),
                  )}{' '}
                  {last &&
                    last.rotationGroup !== 'none' &&
                    last.rotationGroup === crop.rotationGroup &&
                    words.sameFamily(last.name)}
                </>
              )
            }
            {...form.register('crop')}
          >
            <option value="">{words.chooseCrop}</option>
            {page.crops.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </SelectField>
          <QuantityField
            label={words.litres}
            hint={words.litresHint(format.plain(format.litres(room)))}
            dimension="volume"
            typed={values.litres}
            error={missing.litres}
            {...form.register('litres')}
          />
        </div>
        {page.pots.length === 0 ? (
          <Notice tone="act">{words.noPots}</Notice>
        ) : (
          <Choice
            kind="checkbox"
            label={words.pots}
            error={missing.pots}
            options={page.pots.map(({ id, code, name, place, litres: holds }) => ({
              value: String(id),
              label: `${code} ${name}`,
              note: `${place} · ${format.plain(format.litres(holds))}`,
            }))}
            {...form.register('pots')}
          />
        )}
        <Choice
          label={words.share}
          hint={words.shareHint}
          options={words.shares.map(([value, label, note]) => ({
            value,
            label,
            note: note || undefined,
          }))}
          {...form.register('share')}
        />
        <Choice
          label={words.feed}
          options={words.feeds.map(([value, label, note]) => ({ value, label, note }))}
          {...form.register('feed')}
        />
        <Notice tone="act">{words.healthy}</Notice>
        <div className={styles.foot}>
          <Button type="submit" weight="main">
            {words.go}
          </Button>
          <Button
            weight="quiet"
            onClick={() => {
              throwAway()
              window.location.assign(`/lots/${page.lot.id}`)
            }}
          >
            {words.throwAway}
          </Button>
          <LinkButton weight="quiet" href={`/lots/${page.lot.id}`}>
            {words.toLot}
          </LinkButton>
        </div>
      </form>
    </>
  )
}

/** A lone checkbox arrives as one value, several as a list. */
function asList(value: readonly string[] | string | false): readonly string[] {
  if (!value) return []
  return typeof value === 'string' ? [value] : value
}

function litresFound(page: IntakePage, drop: string, site: SiteView): number | null {
  const own = page.pots.filter((pot) => pot.own)
  const read = readQuantity(drop, 'length', site.measures)
  if (own.length === 0 || read.problem) return null
  return own.reduce(
    (sum, { shape, headspaceCm }) => sum + litresAtLevel(shape, headspaceCm, read.value ?? 0),
    0,
  )
}
