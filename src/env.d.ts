/** Brings no types of its own that know Node's server alone. */
declare module 'compression' {
  import type { IncomingMessage, ServerResponse } from 'node:http'
  export default function compression(options: {
    /** Of zlib. */
    readonly level: number
    /** Shorter answers go out as they are, in bytes. */
    readonly threshold: number
  }): (request: IncomingMessage, response: ServerResponse, next: () => void) => void
}

declare namespace App {
  interface Locals {
    /** Who asks for the page; set before it is made. */
    visitor?: import('./server/access').Visitor
    /** Which garden it is; told with what is entered on the page. */
    garden?: string
    /** Why the page is not shown to whoever asks. */
    refused?: import('./messages/problem').Problem
    /** Told on every page to who can do something about it. */
    missedCopy?: import('./messages/site/site').MissedCopy | null
    /** Rows that were lost, told until the garden is whole. */
    lostRows?: import('./messages/site/site').LostRowsView | null
    /** Litres that an update took out of ledgers, until who manages has seen it. */
    mends?: readonly import('./messages/media/audit').MendView[]
  }
}
