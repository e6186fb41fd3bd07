import {
  messages,
  PGlite,
  type PGliteOptions,
  protocol,
  type QueryOptions,
  type Results,
  type Transaction,
} from '@electric-sql/pglite'
import { KeptStatements, leavesTables } from './keptStatements'

const { serialize } = protocol

/** What a value of a parameter may be to be handed over as text as it stands; the engine knows the type it wants. */
type PlainValue = string | number | bigint | boolean | null | undefined

type Answer = Awaited<ReturnType<PGlite['execProtocolStream']>>

/**
 * The engine, asked once for a query instead of six times: to parse it, to describe what it takes, to take it, to
 * describe what it gives, to run it and to end it. A page asks some fifty small questions, and the trips between the two
 * worlds took longer than the answers. Nor are the hundreds of ways to read a value copied for every one of them.
 */
class QuickEngine extends PGlite {
  /** Made at the first question: the engine asks some of its own while it is made itself. */
  private statements?: KeptStatements

  override async query<T>(
    text: string,
    params: unknown[] = [],
    options: QueryOptions = {},
  ): Promise<Results<T>> {
    if (!isQuick(params, options)) return super.query<T>(text, params, options)
    await this._checkReady()
    // Not into the middle of a transaction.
    return this._runExclusiveTransaction(async () => {
      try {
        return await this.ask<T>(text, params, options)
      } finally {
        await this.syncToFs()
      }
    })
  }

  override transaction<T>(work: (tx: Transaction) => Promise<T>): Promise<T> {
    return super.transaction((tx) => work(this.quickened(tx)))
  }

  override exec(text: string, options?: QueryOptions): Promise<Results[]> {
    return super.exec(text, options).finally(() => this.statements?.dropAll())
  }

  private quickened(tx: Transaction): Transaction {
    const exec: Transaction['exec'] = (text, options) =>
      tx.exec(text, options).finally(() => this.statements?.dropAll())
    const query: Transaction['query'] = async <T>(
      text: string,
      params: unknown[] = [],
      options: QueryOptions = {},
    ) => {
      if (tx.closed || !isQuick(params, options)) return tx.query<T>(text, params, options)
      return this.ask<T>(text, params, options)
    }
    return Object.create(tx, { query: { value: query }, exec: { value: exec } }) as Transaction
  }

  private ask<T>(
    text: string,
    params: readonly PlainValue[],
    options: QueryOptions,
  ): Promise<Results<T>> {
    return this._runExclusiveQuery(async () => {
      this.statements ??= new KeptStatements()
      const { name, first } = this.statements.take(text)
      const question = joined([
        ...first,
        serialize.bind({ statement: name, values: params.map(asText) }),
        serialize.describe({ type: 'P' }),
        serialize.execute({}),
        serialize.sync(),
      ])
      try {
        const answer = await this.execProtocolStream(question, { syncToFs: false })
        return readAnswer<T>(answer, { ...options, known: this.parsers })
      } catch (error) {
        this.statements.drop(text)
        // As the engine's own query tells it.
        throw error instanceof messages.DatabaseError
          ? Object.assign(error, { query: text, params, queryOptions: options })
          : error
      } finally {
        if (!leavesTables(text)) this.statements.dropAll()
      }
    })
  }
}

/** Opens an engine on a folder, on a copy, or in memory. */
export async function openQuickEngine(options: PGliteOptions = {}): Promise<PGlite> {
  const engine = new QuickEngine(options)
  await engine.waitReady
  return engine
}

function isQuick(params: readonly unknown[], options: QueryOptions): params is PlainValue[] {
  const { blob, serializers, paramTypes, onNotice } = options
  return !(blob || serializers || paramTypes || onNotice) && params.every(isPlain)
}

function isPlain(value: unknown): value is PlainValue {
  return value == null || ['string', 'number', 'bigint', 'boolean'].includes(typeof value)
}

function asText(value: PlainValue): string | null {
  return value == null ? null : String(value)
}

function joined(parts: readonly Uint8Array[]): Uint8Array {
  const whole = new Uint8Array(parts.reduce((sum, part) => sum + part.length, 0))
  let at = 0
  for (const part of parts) {
    whole.set(part, at)
    at += part.length
  }
  return whole
}

interface Reading extends Pick<QueryOptions, 'rowMode' | 'parsers'> {
  readonly known: PGlite['parsers']
}

function readAnswer<T>(answer: Answer, { rowMode, parsers, known }: Reading): Results<T> {
  const rows: unknown[] = []
  const tag: Partial<Results<T>> = {}
  let fields: Results<T>['fields'] = []
  let readers: ((text: string | null) => unknown)[] = []
  for (const message of answer) {
    if (message instanceof messages.RowDescriptionMessage) {
      fields = message.fields.map(({ name, dataTypeID }) => ({ name, dataTypeID }))
      readers = fields.map(({ dataTypeID }) => {
        const parse = parsers?.[dataTypeID] ?? known[dataTypeID]
        return (text) => (text === null || !parse ? text : parse(text, dataTypeID))
      })
    } else if (message instanceof messages.DataRowMessage) {
      const values = message.fields.map((text, place) => readers[place]?.(text))
      rows.push(
        rowMode === 'array'
          ? values
          : Object.fromEntries(fields.map(({ name }, place) => [name, values[place]])),
      )
    } else if (message instanceof messages.CommandCompleteMessage) {
      Object.assign(tag, readTag(message.text))
    }
  }
  return { affectedRows: 0, ...tag, rows: rows as Results<T>['rows'], fields }
}

/** Such as `INSERT 0 3` or `SELECT 12`. */
function readTag(text: string) {
  const [command = '', ...words] = text.split(' ')
  const count = Number.parseInt(words.at(-1) ?? '', 10)
  const changes = ['INSERT', 'UPDATE', 'DELETE', 'COPY', 'MERGE'].includes(command)
  return {
    command,
    affectedRows: changes ? count : 0,
    ...(Number.isNaN(count) ? {} : { rowCount: count }),
  }
}
