import { describe, expect, it } from 'vitest'
import { spokenText } from '@renatus/core/round/spokenText'

describe('a stop read aloud', () => {
  it.each([
    ['Draw 45\u202fmL from Sail jar 2.', 'Draw 45 millilitres from Sail jar 2.'],
    ['Start Cone 2: 2 L water, 50.5 g salt.', 'Start Cone 2: 2 litres water, 50.5 grams salt.'],
    ['Take 1½ pieces, about 21,500 nauplii.', 'Take 1 and a half pieces, about 21500 nauplii.'],
    ['For Grow-out B 1½.', 'For Grow-out B 1 and a half.'],
    ['Hold them 8 h at 28 °C.', 'Hold them 8 hours at 28 degrees.'],
    ['Look at Long bottle L.', 'Look at Long bottle L.'],
  ])('%s', (text, said) => expect(spokenText(text)).toBe(said))
})
