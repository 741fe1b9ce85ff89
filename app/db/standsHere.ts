/** Whether a database of that name was ever made on this device; true where the browser does not say. */
export async function standsHere(name: string): Promise<boolean> {
  try {
    return (await indexedDB.databases()).some(d => d.name === name)
  } catch {
    return true
  }
}
