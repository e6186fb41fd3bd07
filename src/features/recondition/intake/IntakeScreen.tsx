import type { IntakePage } from '../../../messages/recondition/turnover'
import type { SiteView } from '../../../messages/site/site'
import { Button, LinkButton } from '../../../ui/Button'
import { Choice, SelectField, TextField } from '../../../ui/Field'
import { Notice } from '../../../ui/Notice'
import { PageHead } from '../../../ui/PageHead'
import { CoreSample } from '../../../ui/pictures/CoreSample'
import { InningsStrip } from '../../../ui/pictures/InningsStrip'
import { QuantityField } from '../../../ui/QuantityField'
import { SiteProvider, useSite } from '../../../ui/SiteContext'
import { loggedTrouble } from '../../../ui/texts/media/loggedTrouble'
import { media as mediaWords } from '../../../ui/texts/media/media'
import { intake as words } from '../../../ui/texts/recondition/intake'
import { sameFamilyText } from '../../../ui/texts/recondition/rotationGroups'
import { wayNames } from '../../../ui/texts/recondition/wayNames'
import { LotFound } from '../../found/LotFound'
import styles from './IntakeScreen.module.css'
import { TurnoverSteps } from './TurnoverSteps'
import { type Given, useIntake } from './useIntake'

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

function Intake({ page, given }: { page: IntakePage; given: Given }) {
  const { format } = useSite()
  const { form, throwAway, values, found, crop, room, missing, toWays, toRecipe } = useIntake(
    page,
    given,
  )
  const { way } = page.usual
  // A new mix is no recipe for the old one: that way begins where it is compared.
  const usual = way === 'compare' || way === 'replace' ? null : way
  const onward = usual ? toRecipe(usual) : toWays

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
      {page.trouble && <Notice tone="act">{loggedTrouble.intake(page.trouble)}</Notice>}
      {page.standing && (
        <Notice tone="act">
          {words.standing(page.standing.cropName)} <a href={mixFor(page.standing)}>{words.potOn}</a>
          {' · '}
          <a href={`/lots/${page.lot.id}#ledger`}>{words.topUp}</a>. {words.comesOut}
        </Notice>
      )}
      <section aria-labelledby="found">
        <h2 id="found">{words.found}</h2>
        <LotFound
          lotName={page.lot.name}
          lotId={page.lot.id}
          found={page.found}
          triage={page.triage}
          story={page.story}
          problems={page.problems}
        />
      </section>
      <form data-paper className={styles.form} onSubmit={onward} noValidate>
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
                hint={
                  page.answers.looked
                    ? words.looked(format.day(page.answers.looked.on), page.answers.looked.years)
                    : words.dropHint
                }
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
            hint={page.answers.sideOn ? words.byTest(format.day(page.answers.sideOn)) : undefined}
            options={Object.entries(words.sideOptions).map(([value, label]) => ({ value, label }))}
            {...form.register('side')}
          />
        </div>
        <Choice
          label={words.roots}
          hint={
            page.answers.sieveLossShare !== null && page.answers.sieveOn
              ? words.sieved(
                  format.plain(format.percent(page.answers.sieveLossShare)),
                  format.day(page.answers.sieveOn),
                )
              : undefined
          }
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
                  {sameFamilyText(crop.rotationGroup, page.families)}
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
        <TextField
          label={words.every}
          hint={words.everyHint}
          inputMode="decimal"
          error={missing.every}
          {...form.register('every')}
        />
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
        <Choice
          label={words.place}
          hint={words.placeHint}
          options={words.places.map(([value, label, note]) => ({ value, label, note }))}
          {...form.register('place')}
        />
        <Notice>{words.healthy}</Notice>
        <div className={styles.foot}>
          <Button type="submit" weight="main">
            {usual ? words.usually(wayNames[usual]) : words.toWays}
          </Button>
          {usual ? (
            <Button onClick={() => void toWays()}>{words.toWays}</Button>
          ) : (
            <Button onClick={() => void toRecipe('full')()}>{words.go}</Button>
          )}
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

/** The pot and the crop go along: what is designed is for them. */
function mixFor({ plantGroup, cropId, potId }: NonNullable<IntakePage['standing']>): string {
  const pot = potId === null ? '' : `&pot=${potId}`
  return `/mixes/design?group=${plantGroup}&crop=${cropId}${pot}`
}
