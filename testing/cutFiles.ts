import {
  closeSync,
  copyFileSync,
  ftruncateSync,
  mkdirSync,
  openSync,
  readdirSync,
  readFileSync,
  writeSync,
} from 'node:fs'
import path from 'node:path'
import {
  type FileNode,
  type FileOperations,
  FlushedFiles,
} from '../src/server/storage/flushedFiles'

const KIND = 0o170000
const FOLDER = 0o040000

/** What was done to a file and is not yet known to be on the disk. */
type Change =
  | { readonly kind: 'write'; readonly position: number; readonly bytes: Uint8Array }
  | { readonly kind: 'length'; readonly size: number }

class File {
  pending: Change[] = []
  private flushed: Uint8Array | null = null

  /** @param base where its contents stood on the disk at the beginning; null for a new one */
  constructor(private readonly base: string | null) {}

  flush(): void {
    if (this.pending.length === 0) return
    this.flushed = apply(this.contents(), this.pending, () => 'done')
    this.pending = []
  }

  writeTo(place: string, fate: () => Fate): void {
    if (this.pending.length === 0 && !this.flushed && this.base) {
      copyFileSync(this.base, place)
      return
    }
    const handle = openSync(place, 'w')
    const bytes = apply(this.contents(), this.pending, fate)
    writeSync(handle, bytes)
    ftruncateSync(handle, bytes.length)
    closeSync(handle)
  }

  private contents(): Uint8Array {
    return this.flushed ?? (this.base ? readFileSync(this.base) : new Uint8Array())
  }
}

class Folder {
  readonly now = new Map<string, Entry>()
  readonly onDisk = new Map<string, Entry>()
  pending: (readonly [name: string, entry: Entry | null][])[] = []

  change(...names: [string, Entry | null][]): void {
    setNames(this.now, names)
    this.pending.push(names)
  }

  /** Names reach the disk in their order: all of them, or up to the one of this entry. */
  flush(upTo?: Entry): void {
    const count = upTo
      ? this.pending.findLastIndex((names) => names.some(([, entry]) => entry === upTo)) + 1
      : this.pending.length
    for (const names of this.pending.splice(0, count)) setNames(this.onDisk, names)
  }

  writeTo(place: string, world: World): void {
    mkdirSync(place, { recursive: true })
    const names = new Map(this.onDisk)
    for (const change of this.pending.slice(0, world.namesOf(this.pending.length))) {
      setNames(names, change)
    }
    for (const [name, entry] of names) {
      if (entry instanceof Folder) entry.writeTo(path.join(place, name), world)
      else entry.writeTo(path.join(place, name), world.fate)
    }
  }
}

type Entry = File | Folder
/** What became of a change that nobody asked to flush: on the disk, not there, or there as a length without contents. */
type Fate = 'done' | 'lost' | 'hollow'

interface World {
  readonly fate: () => Fate
  /** How many of so many changes of names reached the disk. */
  readonly namesOf: (count: number) => number
}

/**
 * A disk that loses power. The engine works on a folder; beside it is known what of it would be there after a cut:
 * contents by flush only; lengths and names perhaps earlier, perhaps as late as they are flushed, names of one folder in
 * their order (as file systems with a journal keep it).
 */
export class CutFiles extends FlushedFiles {
  private readonly root: Folder
  private operations = 0
  private cutAt = Number.POSITIVE_INFINITY
  private onCut = () => {}

  /**
   * @param folder the engine's, made as a copy of `base`
   * @param base stays as it is: what is known to be on the disk at the beginning
   * @param deaf as if nothing were ever flushed: to see that losses are found
   */
  constructor(
    private readonly folder: string,
    base: string,
    private readonly deaf = false,
  ) {
    super(folder)
    this.root = readTree(base)
  }

  /** Calls `then` in the middle of whatever the engine does after so many operations on files. */
  cutAfter(operations: number, then: () => void): void {
    this.cutAt = this.operations + operations
    this.onCut = then
  }

  /** Writes what a cut at this moment would leave. */
  leave(place: string, random: () => number): void {
    const early = random()
    this.root.writeTo(place, {
      fate: () => {
        const drawn = random()
        return drawn < early / 2 ? 'done' : drawn < early ? 'hollow' : 'lost'
      },
      namesOf: (count) =>
        early < 0.3 ? 0 : early > 0.7 ? count : Math.floor(random() * (count + 1)),
    })
  }

  protected override adapt(files: FileOperations): void {
    super.adapt(files)
    const { node_ops, stream_ops } = files
    const { mknod, rename, unlink, rmdir, setattr } = node_ops
    const { write, fsync, setattr: setOpen } = stream_ops
    const find = (node: FileNode) => this.find(files.realPath(node))
    const folderOf = (node: FileNode) => {
      const found = find(node)
      if (!(found instanceof Folder)) throw new Error('A name stands in no folder.')
      return found
    }
    node_ops.mknod = (parent, name, mode, device) => {
      this.tick()
      const entry = (mode & KIND) === FOLDER ? new Folder() : new File(null)
      folderOf(parent).change([name, entry])
      return mknod(parent, name, mode, device)
    }
    node_ops.rename = (node, folder, name) => {
      this.tick()
      const entry = find(node) ?? null
      const from = folderOf(node.parent)
      const into = folderOf(folder)
      if (from === into) from.change([node.name, null], [name, entry])
      else {
        into.change([name, entry])
        from.change([node.name, null])
      }
      rename(node, folder, name)
    }
    const remove = (work: typeof unlink) => (parent: FileNode, name: string) => {
      this.tick()
      folderOf(parent).change([name, null])
      work(parent, name)
    }
    node_ops.unlink = remove(unlink)
    node_ops.rmdir = remove(rmdir)
    const resize = (node: FileNode, size: number | undefined) => {
      if (size === undefined) return
      this.tick()
      const file = find(node)
      if (file instanceof File) file.pending.push({ kind: 'length', size })
    }
    node_ops.setattr = (node, change) => {
      resize(node, change.size)
      setattr(node, change)
    }
    stream_ops.setattr = (file, change) => {
      resize(file.node, change.size)
      setOpen(file, change)
    }
    stream_ops.write = (file, buffer, offset, length, position) => {
      this.tick()
      const entry = find(file.node)
      const bytes = new Uint8Array(buffer.slice(offset, offset + length))
      if (entry instanceof File) entry.pending.push({ kind: 'write', position, bytes })
      return write(file, buffer, offset, length, position)
    }
    stream_ops.fsync = (file) => {
      this.tick()
      const done = fsync?.(file) ?? 0
      if (this.deaf) return done
      const entry = find(file.node)
      entry?.flush()
      // A flushed file is found again under its name, as file systems with a journal keep it.
      if (entry instanceof File) folderOf(file.node.parent).flush(entry)
      return done
    }
  }

  private tick(): void {
    this.operations++
    if (this.operations < this.cutAt) return
    this.cutAt = Number.POSITIVE_INFINITY
    this.onCut()
  }

  private find(place: string): Entry | undefined {
    let entry: Entry | undefined = this.root
    for (const name of path.relative(this.folder, place).split(path.sep).filter(Boolean)) {
      entry = entry instanceof Folder ? entry.now.get(name) : undefined
    }
    return entry
  }
}

function readTree(place: string): Folder {
  const folder = new Folder()
  for (const entry of readdirSync(place, { withFileTypes: true })) {
    const inside = path.join(place, entry.name)
    folder.change([entry.name, entry.isDirectory() ? readTree(inside) : new File(inside)])
  }
  folder.flush()
  return folder
}

function setNames(names: Map<string, Entry>, change: readonly [string, Entry | null][]): void {
  for (const [name, entry] of change) {
    if (entry) names.set(name, entry)
    else names.delete(name)
  }
}

function apply(before: Uint8Array, changes: readonly Change[], fate: () => Fate): Uint8Array {
  let bytes = new Uint8Array(before)
  const resize = (size: number) => {
    const next = new Uint8Array(size)
    next.set(bytes.subarray(0, size))
    bytes = next
  }
  for (const change of changes) {
    const became = fate()
    if (became === 'lost') continue
    if (change.kind === 'length') {
      if (change.size !== bytes.length) resize(change.size)
      continue
    }
    const end = change.position + change.bytes.length
    if (end > bytes.length) resize(end)
    if (became === 'done') bytes.set(change.bytes, change.position)
  }
  return bytes
}
