import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { loggerFile } from '@renatus/core/instruments/loggerFile'

const ROME = 'Europe/Rome'
const read = (text: string, zone = 'UTC', hints = {}) => loggerFile(text, zone, hints)
const values = (text: string, zone = 'UTC', hints = {}) =>
  read(text, zone, hints).readings.map(r => [r.at.slice(0, 16), Math.round(r.c * 100) / 100])
const FIRST = [
  ['2026-03-24T05:30', 26.1],
  ['2026-03-24T05:40', 26.2],
]

describe('a logger file', () => {
  it.each([
    ['commas', 'Time,Temperature(°C)\n2026-03-24 05:30:00,26.1\n2026-03-24 05:40:00,26.2'],
    ['semicolons, decimal commas', 'Zeit;Temp °C\n24.03.2026 05:30;26,1\n24.03.2026 05:40;26,2'],
    [
      'tabs, number of the row',
      '#\tdate\tCelsius\n1\t2026/03/24 05:30\t26.1\n2\t2026/03/24 05:40\t26.2',
    ],
    ['comma for both', 'Date,Temp\n24.03.2026 05:30,26,1\n24.03.2026 05:40,26,2'],
    ['quotes', '"Time","Temp (C)"\n"2026-03-24 05:30","26,1"\n"2026-03-24 05:40","26,2"'],
    [
      'date and clock apart',
      'Date;Time;Humidity;Temp\n24/03/2026;5:30;60;26.1\n24/03/2026;5:40;61;26.2',
    ],
    ['twelve hours', 'Date,Temp\n3/24/2026 5:30:00 AM,26.1\n3/24/2026 5:40:00 AM,26.2'],
    ['Fahrenheit named', 'Date,Temp (°F)\n03/24/26 05:30,78.98\n03/24/26 05:40,79.16'],
    ['Fahrenheit by its size', '2026-03-24 05:30,78.98\n2026-03-24 05:40,79.16'],
    ['unit in the cells', '2026-03-24 05:30;26.1 °C\n2026-03-24 05:40;26.2 °C'],
    [
      'lines above the head',
      'Logger 7\nSerial;12\n\nTime;Temp\n2026-03-24 05:30;26.1\n2026-03-24 05:40;26.2',
    ],
    ['newest first', 'Time;Temp\n2026-03-24 05:40;26.2\n2026-03-24 05:30;26.1'],
    ['seconds since 1970', 'ts,temp\n1774330200,26.1\n1774330800,26.2'],
    ['with its offset', 'time,temp\n2026-03-24T06:30:00+01:00,26.1\n2026-03-24T05:40:00Z,26.2'],
    [
      'carriage returns and a mark',
      '\uFEFFTime;Temp\r\n2026-03-24 05:30;26.1\r\n2026-03-24 05:40;26.2\r\n',
    ],
  ])('is read: %s', (_, text) => {
    expect(values(text)).toEqual(FIRST)
  })

  it('goes through both nights in which clocks change', () => {
    const autumn = ['02:40', '02:50', '02:00', '02:10', '02:50', '03:00'].map(
      t => `2026-10-25 ${t};20`,
    )
    expect(values(autumn.join('\n'), ROME).map(([at]) => at)).toEqual([
      '2026-10-25T00:40',
      '2026-10-25T00:50',
      '2026-10-25T01:00',
      '2026-10-25T01:10',
      '2026-10-25T01:50',
      '2026-10-25T02:00',
    ])
    const spring = read('2026-03-29 01:50;20\n2026-03-29 02:10;20\n2026-03-29 03:10;21', ROME)
    expect(spring.readings.map(r => r.at.slice(11, 16))).toEqual(['00:50', '01:10'])
    expect(spring.skipped).toMatchObject([{ line: 2, why: expect.stringMatching(/summer time/) }])
  })

  it('finds the order of a date by how it goes on, and says where it cannot', () => {
    const days = ['03/04/2026', '04/04/2026', '05/04/2026'].map(d => `${d} 08:00;20`)
    expect(read(days.join('\n')).guessed).toMatchObject({ order: 'dmy', orderDoubtful: false })
    const other = ['04/03/2026', '04/04/2026', '04/05/2026'].map(d => `${d} 08:00;20`)
    expect(read(other.join('\n')).guessed).toMatchObject({ order: 'mdy', orderDoubtful: false })
    const one = '03/04/2026 08:00;20\n03/04/2026 08:10;20'
    expect(read(one).guessed).toMatchObject({ order: 'dmy', orderDoubtful: true })
    expect(values(one, 'UTC', { order: 'mdy' })[0]![0]).toBe('2026-03-04T08:00')
  })

  it('leaves out what is no reading, and says why', () => {
    const { readings, skipped } = read(
      'Time;Temp\n2026-03-24 05:30;26\n2026-03-24 05:40;\n2026-02-30 05:50;26\nrubbish;x\n2026-03-24 06:00;-127\n2026-03-24 05:30;26\n2026-03-24 06:10;26',
    )
    expect(readings).toHaveLength(2)
    expect(skipped.map(s => s.line)).toEqual([3, 4, 5, 6, 7])
    expect(skipped.map(s => s.why).join()).toMatch(
      /no temperature.*no such day.*no time.*-127.*same time/,
    )
  })

  it('names columns and devices where there are several, and reads the one that is wanted', () => {
    const text =
      'Time;Device;Temp A;Temp B\n2026-03-24 05:30;left;20;24\n2026-03-24 05:40;right;21;25'
    expect(read(text).guessed).toMatchObject({
      columns: ['Temp A', 'Temp B'],
      devices: ['left', 'right'],
      device: 'left',
    })
    expect(values(text, 'UTC', { column: 'Temp B', device: 'right' })).toEqual([
      ['2026-03-24T05:40', 25],
    ])
    expect(read(text).skipped[0]!.why).toBe('of another device: right')
  })

  it('tells gaps by what is usual between two readings', () => {
    const at = [0, 10, 20, 30, 90, 100]
    const text = at.map(
      m =>
        `2026-03-24 ${String(5 + Math.floor(m / 60)).padStart(2, '0')}:${String(m % 60).padStart(2, '0')};20`,
    )
    expect(read(text.join('\n')).guessed).toMatchObject({
      everyMinutes: 10,
      gaps: [{ from: '2026-03-24T05:30:00.000Z', to: '2026-03-24T06:30:00.000Z' }],
    })
  })

  it.each([
    ['', 'empty'],
    ['\n \n', 'empty'],
    ['{"a": [1, 2]}', 'no-time'],
    ['%PDF-1.7\n%\u0000\u0001', 'no-time'],
    ['name,price\nsalt,3', 'no-time'],
    ['Time;Humidity\n2026-03-24 05:30;60\n2026-03-24 05:40;61', 'no-temperature'],
  ])('of another kind is told as such: %j', (text, problem) => {
    expect(read(text)).toMatchObject({ readings: [], guessed: { problem } })
  })

  it('gives back what was written, in any dress, in any zone', () => {
    const dress = fc.record({
      separator: fc.constantFrom(';', '\t', '|'),
      decimal: fc.constantFrom('.', ','),
      zone: fc.constantFrom('UTC', ROME, 'Asia/Kathmandu', 'America/St_Johns'),
      start: fc.integer({ min: 0, max: 365 * 24 }),
      c: fc.array(fc.integer({ min: 50, max: 400 }), { minLength: 5, maxLength: 40 }),
    })
    fc.assert(
      fc.property(dress, ({ separator, decimal, zone, start, c }) => {
        const wanted = c.map((tenths, i) => ({
          at: new Date(Date.UTC(2026, 0, 1) + (start + i) * 3_600_000).toISOString(),
          c: tenths / 10,
        }))
        const shown = (at: string) =>
          new Date(at).toLocaleString('sv-SE', { timeZone: zone, hour12: false })
        const lines = wanted.map(
          r => `${shown(r.at)}${separator}${String(r.c).replace('.', decimal)}`,
        )
        expect(read(`Time${separator}Temp (C)\n${lines.join('\n')}`, zone).readings).toEqual(wanted)
      }),
      { numRuns: 60 },
    )
  })
})
