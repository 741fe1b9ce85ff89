/** A file of a folder that several devices see; its size and time tell whether it is another one. */
interface FolderFile {
  name: string
  stamp: string
}

/** What is needed of a folder. */
export interface Folder {
  list(): Promise<FolderFile[]>
  read(name: string): Promise<Blob>
  /** The file is whole or the old one stands. @returns its stamp */
  write(name: string, blob: Blob): Promise<string>
}

const stampOf = (file: File) => `${file.size}@${file.lastModified}`

/** A folder of this device that somebody picked (File System Access). */
export function folderOf(handle: FileSystemDirectoryHandle): Folder {
  const fileOf = async (name: string) => (await handle.getFileHandle(name)).getFile()
  return {
    async list() {
      const files: FolderFile[] = []
      for await (const [name, entry] of handle.entries()) {
        if (entry.kind !== 'file' || !name.endsWith('.json')) continue
        files.push({ name, stamp: stampOf(await (entry as FileSystemFileHandle).getFile()) })
      }
      return files
    },
    read: fileOf,
    async write(name, blob) {
      const file = await handle.getFileHandle(name, { create: true })
      const out = await file.createWritable()
      await out.write(blob)
      await out.close()
      return stampOf(await file.getFile())
    },
  }
}
