import { WorkerFailed } from '~/engine/workerClient'

type FailureCode =
  | 'full'
  | 'closed'
  | 'newer'
  | 'missing'
  | 'denied'
  | 'unreadable'
  | 'invalid'
  | 'worker'
  | 'gone'
  | 'offline'
  | 'unfetched'
  | 'bug'
  | 'notice'

export interface Failure {
  code: FailureCode
  text: string
}

/** Errors of the browser's database, by name. */
const BY_NAME: Record<string, FailureCode> = {
  QuotaExceededError: 'full',
  DatabaseClosedError: 'closed',
  InvalidStateError: 'closed',
  TransactionInactiveError: 'closed',
  AbortError: 'closed',
  PrematureCommitError: 'closed',
  VersionError: 'newer',
  MissingAPIError: 'missing',
  SecurityError: 'denied',
  OpenFailedError: 'unreadable',
  UnknownError: 'unreadable',
  DataError: 'unreadable',
  ZodError: 'invalid',
  WorkerFailed: 'worker',
  FetchFailed: 'unfetched',
}

const TEXTS: Record<FailureCode, string> = {
  full: 'This device has no room left, so it was not written. Free some space (photos, other sites), or export the room and go on elsewhere; then try again.',
  closed:
    'The browser closed the database, so it was not written. Reload this page; if that does not help, close other tabs of Renatus.',
  newer: 'Another tab runs a newer Renatus, so this one may not write any more. Reload this page.',
  missing:
    'This browser keeps no data for this page (private window, or storage switched off), so nothing can be written. Open it in an ordinary window.',
  denied:
    'This browser does not let this page keep data, so nothing can be written. Allow storage for it in the settings of the browser.',
  unreadable:
    'The database of this device cannot be read. Nothing was changed. Reload; if it stays so, restore the last copy of the room.',
  invalid: 'Something in it does not fit, so it was not written.',
  worker: 'A helper thread of the browser failed twice.',
  gone: 'This tab is older than the app on the server, and a part of it is gone there. Reload: nothing is lost.',
  offline:
    'A part of the app is not on this device yet, and there is no connection to fetch it. Go on with what is here; it comes once there is a connection. What is written is safe.',
  unfetched:
    'The server does not answer, so it could not be fetched. Nothing was changed. Try again later.',
  notice: '',
  bug: 'Something went wrong that should not. What is written is safe.',
}

/** Names that say that something failed and not what: what they wrap tells more. */
const VAGUE: readonly string[] = ['AbortError', 'OpenFailedError', 'DatabaseClosedError']

/** The innermost error that has a name we know: Dexie wraps what the browser said. */
function nameOf(error: unknown): string {
  const e = error as { name?: string; inner?: unknown; failures?: unknown[] } | null
  const own = e?.name ?? ''
  if (BY_NAME[own] && !VAGUE.includes(own)) return own
  const within = e?.inner ?? e?.failures?.[0]
  const inner = within ? nameOf(within) : ''
  return BY_NAME[inner] ? inner : own
}

/** Chunks that did not come: a newer version has taken them away, or there is no connection. */
const isChunk = (message: string) =>
  /dynamically imported module|Importing a module script failed|preload CSS/i.test(message)

function issueText(error: unknown): string {
  const issue = (error as { issues?: { path: (string | number)[]; message: string }[] }).issues?.[0]
  return issue ? ` ${issue.path.join('.')}: ${issue.message}.` : ''
}

const isOffline = () => globalThis.navigator?.onLine === false

function chunkFailure(): Failure {
  const code = isOffline() ? 'offline' : 'gone'
  return { code, text: TEXTS[code] }
}

/** What an error means to a person: what happened, what became of what was typed, what to do. */
export function failureOf(error: unknown): Failure {
  const message = error instanceof Error ? error.message : String(error)
  if (isChunk(message)) return chunkFailure()
  const code = BY_NAME[nameOf(error)] ?? 'bug'
  if (code === 'invalid') return { code, text: TEXTS.invalid + issueText(error) }
  if (code === 'worker') return { code, text: `${TEXTS.worker} (${(error as WorkerFailed).doing})` }
  return { code, text: code === 'bug' ? `${TEXTS.bug} (${message})` : TEXTS[code] }
}

/** Two forms were open at once: the second was saved, the first is not lost. */
export const overtakenWords = (r: { type: string }): string =>
  `${'name' in r ? String(r.name) : `A ${r.type}`} was changed elsewhere while this form was open. What you saved stands; the other version is kept in Setup, under Data, and can be brought back.`

export const HELD_ELSEWHERE =
  'Another tab of an older Renatus holds the database. Close all other tabs of it, then reload this one.'
