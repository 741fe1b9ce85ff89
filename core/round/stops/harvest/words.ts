import { CUP_ML } from '../../../planning/reckoning/cupMl'
import { animalsText } from '../../../units/countable'
import { formatCount, formatMillilitres } from '../../../units/format'
import { numberText } from '../../../units/numberText'
import { isRinsed } from '../../../stock/hatchPulls'
import type { StopLine } from '../../stopKind'
import type { HarvestStop } from './find'
import { freezeMl } from './freezeMl'

/** "Freeze 100 mL of it as 2 cubes: 5 of 20 wanted are there." */
function freezeText({ freeze, pull }: HarvestStop): string {
  if (!freeze) return ''
  const ml = formatMillilitres(freezeMl(freeze, pull))
  const cubes = `${freeze.cubes} ${freeze.cubes === 1 ? 'cube' : 'cubes'}`
  return ` Freeze ${ml} of it, sieved, as ${cubes}: ${formatCount(freeze.have)} of ${freeze.wanted} wanted are there.`
}

export function harvestWords(stop: HarvestStop): StopLine[] {
  const { pull, subject } = stop
  const tanks =
    stop.tanks.length > 0 ? ` For ${stop.tanks.join(', ')}; the rest goes to the fridge.` : ''
  return [
    {
      subject: subject.name,
      verb: 'Harvest',
      amount: Math.round(pull.nauplii),
      unit: 'nauplii',
      big: formatCount(pull.nauplii),
      text: `Harvest ${subject.name}: about ${animalsText(pull.nauplii, 'nauplii')}, ${isRinsed(pull.hatch) ? 'rinsed' : 'not rinsed'}, into a cup of ${CUP_ML} mL, pull ${pull.pullNo} of ${pull.ofPulls}.${tanks}${freezeText(stop)}`,
      why: whyText(stop),
    },
  ]
}

/** "It was warmer in the bottle than was set: due 2.7 h sooner." */
function whyText({ pull }: HarvestStop): string {
  const { moved, late, why } = pull
  if (late) return 'It was due before: harvest it now, look and smell first.'
  if (moved) {
    const hours = `${numberText(Math.round(Math.abs(moved.byH) * 10) / 10)} h`
    return moved.byH < 0
      ? `It was warmer in the bottle than was set: it is ready ${hours} sooner.`
      : `It was colder in the bottle than was set: it is ready ${hours} later.`
  }
  return why?.rule ?? 'It is due at this round.'
}
