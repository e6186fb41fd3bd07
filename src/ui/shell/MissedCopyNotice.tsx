import type { MissedCopy, SiteView } from '../../messages/site/site'
import { formatFor } from '../format'
import { Notice } from '../Notice'
import { site as words } from '../texts/site'

/** At the head of every page of who can do something about it: the garden has no copy of that day. */
export default function MissedCopyNotice({
  missed: { day, room, isHere },
  site,
}: {
  readonly missed: MissedCopy
  readonly site: SiteView
}) {
  const on = formatFor(site).day(day)
  return (
    <Notice tone="act">
      {isHere && words.copyNotBrought(on)}
      {!isHere && (room ? words.noRoomForCopy(on, room.free, room.needed) : words.noCopy(on))}
    </Notice>
  )
}
