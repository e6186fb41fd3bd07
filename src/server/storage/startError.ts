/** A reason not to start, told in one sentence or two: the folder, what was found, what to do. */
export class StartError extends Error {
  override readonly name = 'StartError'
}
