import { tzOffset } from '@date-fns/tz'

const NORTH_DEG = 50
const SOUTH_DEG = -37

/** Southern zones without summer time; those with it tell by their clocks. */
const SOUTHERN: readonly RegExp[] = [
  /^(Australia|Antarctica)\//,
  /^Africa\/(Johannesburg|Maseru|Mbabane|Harare|Lusaka|Maputo|Gaborone|Windhoek|Blantyre|Lubumbashi|Luanda|Dar_es_Salaam|Bujumbura|Kigali|Kinshasa|Brazzaville)$/,
  /^America\/(Argentina\/.*|Buenos_Aires|Montevideo|Sao_Paulo|Bahia|Recife|Fortaleza|Maceio|Belem|Santarem|Manaus|Cuiaba|Campo_Grande|Porto_Velho|Rio_Branco|Araguaina|Lima|La_Paz|Guayaquil|Asuncion|Santiago|Punta_Arenas)$/,
  /^Atlantic\/(Stanley|South_Georgia|St_Helena)$/,
  /^Asia\/(Jakarta|Makassar|Jayapura|Dili)$/,
  /^Indian\/(Antananarivo|Mauritius|Reunion|Comoro|Mahe|Cocos|Christmas|Chagos)$/,
  /^Pacific\/(Auckland|Chatham|Fiji|Tongatapu|Apia|Noumea|Tahiti|Port_Moresby|Guadalcanal|Efate|Pago_Pago|Rarotonga|Norfolk|Pitcairn|Easter|Gambier|Marquesas|Bougainville|Funafuti|Niue|Fakaofo|Wallis)$/,
]

/** This machine's time zone. */
export function machineZone(): string {
  return new Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC'
}

/** A latitude to begin with, by the time zone: it decides on which half of the globe the year is planned. */
export function latitudeOfZone(timeZone: string): number {
  const january = tzOffset(timeZone, new Date('2026-01-15T12:00:00Z'))
  const july = tzOffset(timeZone, new Date('2026-07-15T12:00:00Z'))
  const southern = january > july || SOUTHERN.some((zones) => zones.test(timeZone))
  return southern ? SOUTH_DEG : NORTH_DEG
}
