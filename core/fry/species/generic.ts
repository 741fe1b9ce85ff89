import { ESTIMATE, fish, type Species } from './species'

/** Four size classes for a fish nobody has numbers for: pick the one whose new fry look like yours. */
const sized = (
  id: string,
  name: string,
  [firstFeedingMm, gapePerLength, length14Mm, length30Mm, adultMm]: readonly [
    number,
    number,
    number,
    number,
    number,
  ],
  firstFood: string,
): Species =>
  fish({
    id,
    names: [name],
    latin: [],
    guild: 'omnivore',
    zones: ['column'],
    birth: 'eggs',
    referenceC: 26,
    hatchDays: [3, 1, 7],
    swimDays: [3, 1, 5],
    firstFeedingMm,
    gapePerLength,
    length14Mm,
    length30Mm,
    adultMm,
    firstFood,
    timing: ESTIMATE,
  })

export const generic: readonly Species[] = [
  sized(
    'small',
    'Small fry, any',
    [3.0, 0.055, 5.6, 9.5, 35],
    'ciliates, vinegar eels; nauplii after some ten days',
  ),
  sized(
    'medium',
    'Medium fry, any',
    [4.0, 0.065, 6.8, 11.5, 45],
    'vinegar eels, microworms; nauplii within days',
  ),
  sized('large', 'Large fry, any', [6.0, 0.1, 10, 16, 65], 'nauplii at once'),
  sized(
    'very-large',
    'Very large fry, any',
    [9.0, 0.1, 13.5, 20, 90],
    'nauplii, small water fleas at once',
  ),
]
