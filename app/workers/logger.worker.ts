import { expose } from 'comlink'
import { loggerFile, type LoggerHints } from '@renatus/core/instruments/loggerFile'
import { thinCourse } from '@renatus/core/instruments/thinCourse'

/** Skipped lines that are shown. */
const SHOWN = 20

/** Reads logger files off the page, and hands over no more of them than is kept. */
const reader = {
  read(text: string, timeZone: string, hints: LoggerHints) {
    const { readings, guessed, skipped } = loggerFile(text, timeZone, hints)
    return {
      guessed,
      total: readings.length,
      points: thinCourse(readings),
      skipped: skipped.slice(0, SHOWN),
      skippedTotal: skipped.length,
    }
  },
}

export type LoggerReader = typeof reader
export type ReadLogger = ReturnType<typeof reader.read>
expose(reader)
