/** So often, and after so long, a route that is busy with another answer for this client is asked again. */
const TRIES = 5
const BUSY_MS = 700
const BUSY = 429

/** Fetches from a route that works on one answer at a time for a client, such as two tabs of one device. */
export async function patientFetch(url: string): Promise<Response> {
  for (let i = 1; i < TRIES; i++) {
    const answer = await fetch(url)
    if (answer.status !== BUSY) return answer
    await new Promise(resolve => setTimeout(resolve, BUSY_MS))
  }
  return fetch(url)
}
