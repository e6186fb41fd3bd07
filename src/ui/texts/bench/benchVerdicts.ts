import type { BenchVerdict, VerdictKey } from '../../../messages/bench/benchViews'
import type { Format } from '../../format'
import { lower, number, potHeight, type Sentence, share, word } from '../media/verdictWords'
import { lacking } from '../trials/seedlingLacks'
import { heatSentences } from './heatVerdicts'

/** 1:38, or 38 s. */
export function secondsText(seconds: number, format: Format): string {
  if (seconds < 60) return `${format.number(seconds)} s`
  const whole = Math.round(seconds)
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')} min`
}

const doubts: Readonly<Record<string, string>> = {
  'never calibrated': 'it was never calibrated',
  'one buffer': 'it was calibrated in one buffer only',
  'too long ago': 'its last calibration is more than two weeks old',
  slope: 'its slope is outside 85 to 105 %',
  alkaline: 'for an alkaline reading the 10.01 buffer is missing',
}

export function penDoubts(list: readonly string[]): string {
  return list.map((doubt) => doubts[doubt] ?? doubt).join(', ')
}

/** What a test means, in a sentence each. */
/** A ratio with its likely range: "92 % (80 to 104 %)". */
function ratioOf(told: BenchVerdict['told'], name: string, format: Format): string {
  return `${share(told, name, format)} (${share(told, `${name}Low`, format)} to ${share(told, `${name}High`, format)})`
}

const sentences: Readonly<Record<VerdictKey, Sentence>> = {
  'drain.as expected': (told, format) =>
    `${format.number(number(told, 'markMl'))} mL ran out after ${secondsText(number(told, 'seconds'), format)}; its recipe lets expect about ${secondsText(number(told, 'expected'), format)}. That fits.`,
  'drain.slower': (told, format) =>
    `Slower than its recipe should be: ${secondsText(number(told, 'seconds'), format)} instead of about ${secondsText(number(told, 'expected'), format)}. There are fines in it, or its structure has closed.`,
  'drain.faster': (told, format) =>
    `Faster than its recipe should be: ${secondsText(number(told, 'seconds'), format)} instead of about ${secondsText(number(told, 'expected'), format)}. Water found a channel or ran down the side, or the mix is coarser.`,
  'drain.stalled': () =>
    'It stalled: the mark was not reached before the end. In a pot this mix would stand wet; open it, or use it low in the bed only.',
  'drain.untimed': () =>
    'What it kept is written down. No time was taken, so nothing can be said of its speed: run it again with the clock.',
  'drain.stop-doubted': () =>
    'It cannot have stopped when that was tapped: far more ran out than could in that time. The end counts as not seen; correct it if you know it.',
  'drain.stood': () => 'Water stood on top: more came than the mix could take.',
  layers: (told, format) =>
    `The wet zone reached ${format.plain(format.cm(number(told, 'cm')))} above the base, on a layer of ${format.plain(format.cm(number(told, 'bottomCm')))}${told.expected === null ? '' : `; the model lets expect under 10 % air up to ${format.plain(format.cm(number(told, 'expected')))}`}. It has not gone away, it has moved up.`,
  'air.as expected': (told, format) =>
    `${share(told, 'measured', format)} air in the test pot${potHeight(told, format)}; its recipe lets expect about ${share(told, 'expected', format)}. That fits.`,
  'air.less air': (told, format) =>
    `${share(told, 'measured', format)} air in the test pot${potHeight(told, format)}, less than the ${share(told, 'expected', format)} its recipe lets expect: it has settled or holds more fines than it should.`,
  'air.more air': (told, format) =>
    `${share(told, 'measured', format)} air in the test pot${potHeight(told, format)}, more than the ${share(told, 'expected', format)} its recipe lets expect: coarser than thought, or not wet through.`,
  'air.elsewhere': (told, format) =>
    told.air != null
      ? `That makes ${share(told, 'air', format)} in its own pot (${lower(word(told, 'pot'))}), where ${lower(word(told, 'crop'))} wants ${share(told, 'airMin', format)} or more.`
      : `Whether that is enough for ${lower(word(told, 'crop'))} depends on its own pot: see what the model learnt.`,
  'porosity.guess': () =>
    'How much water was in it before was supposed from its feel: all pores are good to about five points. Weighing makes it sure; the air does not depend on it.',
  'wetting.wets readily': () => 'It wets readily.',
  'wetting.slightly': () => 'Slightly water-repellent: water it twice, a few minutes apart.',
  'wetting.strongly': () => 'Strongly water-repellent.',
  'wetting.severely': () => 'Severely water-repellent.',
  'wetting.soak': () =>
    'Soak it from below until the surface is dark, before anything is planted; water on top runs past.',
  settling: (told, format) =>
    `Top up with ${format.plain(format.litres(number(told, 'litres')))}. Next time measure out ${format.number(number(told, 'factor'), 2)} times the litres you want.`,
  'squeeze.right': () => 'Right: it can be worked today.',
  'squeeze.too wet': (told) =>
    `Too wet: spread it and dry it about ${word(told, 'days')} more days, then squeeze again. Worked now it would smear.`,
  'squeeze.too dry': () =>
    'Too dry: moisten it a little at a time before mixing, and let it soak in.',
  'squeeze.fines': () =>
    'It keeps its shape although hardly any water comes: many fines, it will settle. A drain test would tell how much.',
  'palm.fibre': () => 'Mostly fibre: it holds water and air, and will rot down over the seasons.',
  'palm.sand': () => 'Sandy.',
  'palm.silt and clay': () => 'Silt or clay: garden soil, or much old, fine compost.',
  'palm.nothing in particular': () => 'Nothing stands out: a mixture.',
  'palm.lacks air': () =>
    'In a pot it would lack air: coarse material opens it. A porosity test tells how much.',
  'palm.lacks water in reach': () => 'It would dry fast: fibre or fine bark holds water in reach.',
  sieve: (told, format) =>
    `${share(told, 'loss', format)} is lost in cleaning; ${share(told, 'woody', format)} was wood.`,
  'look.airless': () =>
    'It had no air: turn it, let it breathe for some days, and look why the pot stayed wet.',
  'look.ammonia': () =>
    'Ammonia: manure or compost that is not done. Let it stand, and test with seedlings before you use it.',
  'look.gnats': () =>
    'Gnats: let the top dry, skim it, and look them up before you use the mix again.',
  'look.grubs': () =>
    'Grubs: which? Compare them with the pictures of the problems and write down what they are: what is to be done hangs on it.',
  'look.sound': () => 'Nothing that speaks against using it.',
  'ph.kept': (told, format) =>
    `pH ${format.number(number(told, 'ph'), 1)}, by a pen that can be trusted.`,
  'ph.inside': (told, format) =>
    `pH ${format.number(number(told, 'ph'), 1)} is inside what ${lower(word(told, 'crop'))} wants (${format.number(number(told, 'low'), 1)} to ${format.number(number(told, 'high'), 1)}): leave it.`,
  'ph.low': (told, format) =>
    `pH ${format.number(number(told, 'ph'), 1)} is below what ${lower(word(told, 'crop'))} wants (${format.number(number(told, 'low'), 1)} to ${format.number(number(told, 'high'), 1)}): lime it by a jar test.`,
  'ph.high': (told, format) =>
    `pH ${format.number(number(told, 'ph'), 1)} is above what ${lower(word(told, 'crop'))} wants (${format.number(number(told, 'low'), 1)} to ${format.number(number(told, 'high'), 1)}): look at the water first, then at sulfur.`,
  'pen.uncertain': (told) =>
    `The pH is kept, but uncertain: ${penDoubts(word(told, 'doubts').split(','))}. It counts with a wide range; lime waits for a surer one. Calibrate the pen and read again.`,
  'ec.band': (told, format) =>
    `Salts are ${word(told, 'band')}: ${format.plain(format.conductivity(number(told, 'sme')))}.`,
  'ec.high': (told, format) =>
    `Salts of ${format.plain(format.conductivity(number(told, 'sme')))} are above what ${lower(word(told, 'crop'))} bears (${format.number(number(told, 'most'), 1)}): leach before planting, or mix with poorer material.`,
  'jar.dose': (told, format) =>
    `${format.number(number(told, 'gPerL'), 1)} g of ${lower(word(told, 'product'))} per litre reach pH ${format.number(number(told, 'target'), 1)}; that holds for about ${format.number(number(told, 'weeks'))} weeks in a pot. The label overrides it.`,
  'jar.there': (told, format) =>
    `The untreated jar is at pH ${format.number(number(told, 'target'), 1)} already: nothing is needed.`,
  'jar.uneven': () =>
    'The jars did not run one way all along; their neighbours were averaged. Reading each twice would tell more.',
  'jar.no-buffer': () =>
    'The untreated jar is too near to the pH wanted to tell how strongly the mix holds on.',
  'seedling.void': () =>
    'Void: too few came up in the trusted mix alone, so nothing can be said of the others. Fresh seed, and once more.',
  'seedling.record': () =>
    'Written down. Whether the difference is real is a question for a trial with repeats.',
  'seedling.clean': (told, format) =>
    `It does not harm seedlings as far as such a test can see: of what came up in the trusted mix ${ratioOf(told, 'sprouted', format)} came up in it. A bar that waits for it is lifted.`,
  'seedling.harmed': (told, format) => {
    const compared = [
      ...(told.sprouted == null ? [] : [`${ratioOf(told, 'sprouted', format)} came up`]),
      ...(told.height == null
        ? []
        : [`they grew to ${ratioOf(told, 'height', format)} of the height`]),
    ]
    const against =
      compared.length === 0 ? [] : [`against the trusted mix ${compared.join(' and ')}`]
    // Leaves first: all of them may have come up.
    const curled =
      told.curled == null
        ? []
        : [`${format.number(number(told, 'curled'))} with twisted or cupped leaves`]
    return `It harms seedlings: ${[...curled, ...against].join('; ')}.`
  },
  'seedling.too-weak': (told) =>
    `Too weak to rule harm out: nothing is lifted by it. Missing: ${lacking(String(told.missing ?? ''))}.`,
  'seedling.weedkiller': () =>
    'Cupped or twisted leaves that the trusted mix does not show point to weedkiller. Do not use it on beans, peas, potatoes, tomatoes or flowers; let it age in the open and test again.',
  weeds: (told, format) =>
    `${format.number(number(told, 'per'), 1)} weeds on 100 cm², likely between ${format.number(number(told, 'low'), 1)} and ${format.number(number(told, 'high'), 1)}.`,
  'weeds.fewer': (told, format) =>
    `Of the untreated ones ${share(told, 'ratio', format)} came up (${share(told, 'low', format)} to ${share(told, 'high', format)}): the treatment worked.`,
  'weeds.no-difference': (told, format) =>
    `Against the untreated tray ${share(told, 'ratio', format)} (${share(told, 'low', format)} to ${share(told, 'high', format)}): that can be chance.`,
  ...heatSentences,
}

export function benchVerdict({ id, told }: BenchVerdict, format: Format): string {
  return sentences[id](told, format)
}
