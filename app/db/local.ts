/** What little this device keeps beside the database. Where that is denied, it is kept for this page only. */
function keeper(storage: () => Storage) {
  const here = new Map<string, string>()
  return {
    get(key: string): string | null {
      try {
        return storage().getItem(key) ?? here.get(key) ?? null
      } catch {
        return here.get(key) ?? null
      }
    },
    set(key: string, value: string): void {
      here.set(key, value)
      try {
        storage().setItem(key, value)
      } catch {
        // Denied or full: it holds until the page is closed.
      }
    },
    remove(key: string): void {
      here.delete(key)
      try {
        storage().removeItem(key)
      } catch {
        // Nothing is there then.
      }
    },
  }
}

/** For all tabs and later visits. */
export const local = keeper(() => localStorage)
/** For this tab, until it is closed. */
export const tabOnly = keeper(() => sessionStorage)
