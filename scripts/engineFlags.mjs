// How Node is started by tests: the database's code is not compiled a second time for speed. What takes a minute is over
// before that has paid for itself. And two of them share two cores: helpers that clear up beside each only cost (a
// twentieth of the time of the processor, in each of five pairs).
export const ENGINE_FLAGS = ['--liftoff-only', '--single-threaded-gc']

// How it is started for growers (the scripts of package.json say the same): a nursery's garden keeps a third of this, and
// without a limit the engine lets half a gigabyte of what nobody needs lie about on a small machine. It begins with room for
// what a few pages leave behind: with less it clears up under every sixth page, which then takes twice as long.
export const GROWER_FLAGS = ['--max-old-space-size=320', '--initial-heap-size=128']
