/** What little this device keeps beside the database. Where that is denied, it is kept for this page only. */
const here = new Map<string, string>()

export const local = {
  get(key: string): string | null {
    try {
      return localStorage.getItem(key) ?? here.get(key) ?? null
    } catch {
      return here.get(key) ?? null
    }
  },
  set(key: string, value: string): void {
    here.set(key, value)
    try {
      localStorage.setItem(key, value)
    } catch {
      // Denied or full: it holds until the page is closed.
    }
  },
  remove(key: string): void {
    here.delete(key)
    try {
      localStorage.removeItem(key)
    } catch {
      // Nothing is there then.
    }
  },
}
