/** The whole room as a file at one tap, from wherever somebody is reminded. What fails is told in the notices. */
export async function exportAtOnce(): Promise<void> {
  const { useRoomFile } = await import('./useRoomFile')
  await useRoomFile().exportNow()
}
