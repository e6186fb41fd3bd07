import type { MixDesignPage } from '../../messages/mixes/mixViews'
import { Button, LinkButton } from '../../ui/Button'
import { TextField } from '../../ui/Field'
import { useSite } from '../../ui/SiteContext'
import { mixes as mixesWords } from '../../ui/texts/mixes/mixes'
import { InTrials } from '../trials/InTrials'
import { useMixDesign } from './DesignContext'
import styles from './MixDesign.module.css'

const words = mixesWords.design

/** The pot it is for, and the one that differs most from it in height. */
function potsBeside({ containers }: MixDesignPage, pot: string): string {
  const own = containers[Number(pot)] ? Number(pot) : 0
  const height = (index: number) => containers[index]?.shape.heightCm ?? 0
  const others = containers.map((_, index) => index).filter((index) => index !== own)
  const [farthest] = others.sort(
    (a, b) => Math.abs(height(b) - height(own)) - Math.abs(height(a) - height(own)),
  )
  return [own, farthest].filter((index) => index !== undefined).join(',')
}

/** What else can be done with the mix: a note, its versions, other pots, other mixes. */
export function MixFoot() {
  const { form, page, changed, throwAway, putAway } = useMixDesign()
  const { format } = useSite()
  const { mix } = page
  return (
    <section className={styles.save} data-needs="manage">
      <InTrials trials={page.trials} />
      <TextField label={words.note} {...form.register('note')} />
      <div className={styles.foot}>
        {mix && <LinkButton href={`/mixes/compare?mixes=${mix.id}`}>{words.compare}</LinkButton>}
        {mix && (
          <LinkButton
            href={`/mixes/compare?mixes=${mix.id}&pots=${potsBeside(page, form.getValues('pot'))}`}
          >
            {words.otherPots}
          </LinkButton>
        )}
        {mix && <LinkButton href={`/mixes/layers?mixes=${mix.id}`}>{words.layers}</LinkButton>}
        {mix && <LinkButton href={`/bench/samples/mix/${mix.id}`}>{words.tests}</LinkButton>}
        {mix && (
          <LinkButton href={`/trials/candidates?of=mix:${mix.id}`}>{words.beside}</LinkButton>
        )}
        {mix && (
          <LinkButton data-needs="manage" href={`/trials/new?kind=comparison&mix=${mix.id}`}>
            {words.trial}
          </LinkButton>
        )}
        {changed && (
          <Button
            weight="quiet"
            onClick={() => {
              throwAway()
              window.location.reload()
            }}
          >
            {words.startOver}
          </Button>
        )}
        {mix && (
          <Button weight="quiet" onClick={() => void putAway()}>
            {words.putAwayMix}
          </Button>
        )}
      </div>
      {page.versions.length > 1 && (
        <details className={styles.versions}>
          <summary>{words.versions}</summary>
          <ol reversed>
            {page.versions.map(({ number, on, note }) => (
              <li key={number} value={number}>
                {format.day(on)}
                {note ? `: ${note}` : ''}
              </li>
            ))}
          </ol>
        </details>
      )}
    </section>
  )
}
