import type { Operation } from '../messages/operation'
import { defineEndpoint, type Endpoint, type Handler } from './defineEndpoint'

/** Endpoints by the name of their operation. */
export type Endpoints<Names extends string> = Readonly<Record<Names, Endpoint>>

/** The endpoints of an area: a handler for each of its operations. */
export function endpoints<Declared extends Readonly<Record<string, Operation>>>(
  operations: Declared,
  handlers: { readonly [Name in keyof Declared]: Handler<Declared[Name]> },
): Endpoints<keyof Declared & string> {
  const named = Object.entries(operations).map(([name, operation]) => [
    name,
    defineEndpoint(operation as Operation, handlers[name] as Handler<Operation>),
  ])
  return Object.fromEntries(named)
}
