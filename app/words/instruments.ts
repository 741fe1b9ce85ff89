import type { LoggerGuess } from '@renatus/core/instruments/loggerFile'
import type { ProbeScenario } from '@renatus/core/instruments/probe'
import type { AlarmKind } from '@renatus/core/instruments/alarms'

/** Why a logger's file gives nothing. */
export const LOGGER_PROBLEMS: Record<NonNullable<LoggerGuess['problem']>, string> = {
  'empty': 'This file is empty.',
  'too-long': 'This file is too long: export a shorter span, a year at most.',
  'no-time': 'No line with a date and a number is in it. Is it the table that the logger exports?',
  'no-temperature': 'There are times in it, but no temperatures that can be read.',
}

export const SCENARIO_NAMES: Record<ProbeScenario, string> = {
  'steady': 'steady at 26 °C',
  'night-drop': 'cooler by night',
  'thermostat-stuck-on': 'thermostat stuck on',
  'lamp-off': 'lamp off',
  'door-open': 'door left open',
  'sensor-gone': 'sensor gone',
  'battery-low': 'battery low',
}

export const ALARM_NAMES: Record<AlarmKind, string> = {
  warning: 'Soon',
  alarm: 'Now',
  dead: 'Silent',
  over: 'Over',
}

/** A reading that is far from the one before. */
export const JUMPS = (now: string, before: string) =>
  `${now}, and ${before} before? Is a point missing? Enter it once more if it is so.`

export const CLOSED_IS_SILENT =
  'A page that is closed cannot ring, nor can a phone that sleeps. Keep it open on a device at its charger; for clocks take the calendar file of the Round.'
