import { fsyncSync } from 'node:fs'
import { NodeFS } from '@electric-sql/pglite/nodefs'

type Init = NodeFS['init']
type EngineOptions = Awaited<ReturnType<Init>>['emscriptenOpts']

/** A file the engine has open; `nfd` is Node's own descriptor of it. */
export interface OpenFile {
  readonly nfd: number
  readonly node: FileNode
}

/** A name in the engine's tree of files. */
export interface FileNode {
  readonly mode: number
  readonly name: string
  readonly parent: FileNode
}

/** The part of the engine's file layer that is looked at or replaced here. */
export interface FileOperations {
  realPath(node: FileNode): string
  readonly node_ops: {
    mknod(parent: FileNode, name: string, mode: number, device: number): FileNode
    rename(node: FileNode, folder: FileNode, name: string): void
    unlink(parent: FileNode, name: string): void
    rmdir(parent: FileNode, name: string): void
    setattr(node: FileNode, change: { readonly size?: number }): void
  }
  readonly stream_ops: {
    fsync?: (file: OpenFile) => number
    write(
      file: OpenFile,
      buffer: Uint8Array,
      offset: number,
      length: number,
      position: number,
    ): number
    setattr(file: OpenFile, change: { readonly size?: number }): void
  }
}

/** Number of "no space left" in the engine's own table of errors. */
const NO_SPACE = 51
const LOG_FOLDER = 'pg_wal'

/**
 * The engine's files on the disk, with the one operation that its own layer lacks: `fsync` really flushes. PostgreSQL
 * then keeps its own order of log, data and checkpoint, and an answered write survives a cut of power.
 */
export class FlushedFiles extends NodeFS {
  /**
   * @param onFull called when the disk is full in the middle of a write, and whether it is the log that cannot grow:
   *   the engine would then turn in a circle for ever. Returns whether room was made, so that it is tried once more.
   */
  constructor(
    folder: string,
    private readonly onFull: (inLog: boolean) => boolean = () => false,
  ) {
    super(folder)
  }

  override async init(...given: Parameters<Init>): ReturnType<Init> {
    const { emscriptenOpts } = await super.init(...given)
    const preRun = [...listOf(emscriptenOpts.preRun), (engine: unknown) => this.prepare(engine)]
    return { emscriptenOpts: { ...emscriptenOpts, preRun } as EngineOptions }
  }

  /** Replaces operations of the file layer before the engine uses it. */
  protected adapt(files: FileOperations): void {
    const { stream_ops } = files
    const { write } = stream_ops
    stream_ops.fsync = (file) => {
      fsyncSync(file.nfd)
      return 0
    }
    stream_ops.write = (...what) => {
      try {
        return write(...what)
      } catch (error) {
        if ((error as { errno?: number }).errno !== NO_SPACE) throw error
        if (!this.onFull(what[0].node.parent.name === LOG_FOLDER)) throw error
        return write(...what)
      }
    }
  }

  private prepare(engine: unknown): void {
    this.adapt((engine as { NODEFS: FileOperations }).NODEFS)
  }
}

function listOf<T>(value: T | readonly T[] | undefined): readonly T[] {
  if (value === undefined) return []
  return Array.isArray(value) ? value : [value as T]
}
