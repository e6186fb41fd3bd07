// How Node is started by tests: the database's code is not compiled a second time for speed. What takes a minute is over
// before that has paid for itself.
export const ENGINE_FLAGS = ['--liftoff-only']
