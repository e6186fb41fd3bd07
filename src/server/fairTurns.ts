/** What is asked at once; the page of a phone asks for six things at the most. */
const AT_ONCE = 6
/** More than any page asks for. */
const MOST_WAITING = 120

interface Device {
  underWay: number
  readonly waiting: (() => void)[]
}

/**
 * Each device has a few requests answered at a time, the others of it wait in their order: one that asks for hundreds of
 * pages at once holds up itself, and everybody else's next question is looked at as soon as those few.
 */
export function createFairTurns({ atOnce = AT_ONCE, mostWaiting = MOST_WAITING } = {}) {
  const devices = new Map<string, Device>()

  function next(name: string, device: Device): void {
    device.underWay--
    const waiting = device.waiting.shift()
    if (waiting) {
      device.underWay++
      waiting()
    } else if (device.underWay === 0) devices.delete(name)
  }

  return {
    /**
     * @param work begins when it is its turn; calls what it is given once it is over, however often
     * @returns false where too many wait already
     */
    take(name: string, work: (over: () => void) => void): boolean {
      const device = devices.get(name) ?? { underWay: 0, waiting: [] }
      devices.set(name, device)
      const begin = () => {
        let isOver = false
        work(() => {
          if (isOver) return
          isOver = true
          next(name, device)
        })
      }
      if (device.underWay < atOnce) {
        device.underWay++
        begin()
        return true
      }
      if (device.waiting.length >= mostWaiting) return false
      device.waiting.push(begin)
      return true
    },
  }
}
