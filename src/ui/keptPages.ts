/** Name of the browser's store of pages that can be read without a connection. */
export const KEPT_PAGES = 'innings-pages'

/** Name of the meta element with the time a page was made, where it is read from this device. */
export const KEPT_AT = 'innings-kept-at'
