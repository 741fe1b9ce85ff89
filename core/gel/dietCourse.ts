import type { Guild } from '../fry/species/species'
import { crumbSize, grainSieve, jobOf, type CrumbSize, type Job } from './particles'
import { stageAt, type LifeStageTargets } from './targets'

/** A diet as a mouth of a size wants it. */
export interface DietOn {
  stage: LifeStageTargets['id']
  stageName: string
  sieveUm: number
  crumb: CrumbSize | null
}
export interface MouthOn {
  day: number
  lengthMm: number
  gapeUm: number
}

/** What a brood wants at a length: formula by its stage, grain by its gape, crumbs where it swallows. */
export function dietOn(
  mouth: Pick<MouthOn, 'lengthMm' | 'gapeUm'>,
  guild: Guild,
  job: Job = jobOf(guild),
): DietOn {
  const stage = stageAt(mouth.lengthMm)
  return {
    stage: stage.id,
    stageName: stage.name,
    sieveUm: grainSieve(mouth.gapeUm),
    crumb: job === 'pick' ? crumbSize(mouth.gapeUm) : null,
  }
}

export interface DietChange {
  day: number
  lengthMm: number
  to: DietOn
  /** What is new. */ what: ('formula' | 'grain' | 'crumb')[]
}

/** Every day on which formula, grain or crumb changes, in order. */
export function dietChanges(
  mouths: readonly MouthOn[],
  guild: Guild,
  job: Job = jobOf(guild),
): DietChange[] {
  const changes: DietChange[] = []
  for (let i = 1; i < mouths.length; i++) {
    const was = dietOn(mouths[i - 1]!, guild, job)
    const to = dietOn(mouths[i]!, guild, job)
    const what: DietChange['what'] = []
    if (was.stage !== to.stage) what.push('formula')
    if (was.sieveUm !== to.sieveUm) what.push('grain')
    if (was.crumb?.throughUm !== to.crumb?.throughUm || was.crumb?.overUm !== to.crumb?.overUm)
      what.push('crumb')
    if (what.length > 0)
      changes.push({ day: mouths[i]!.day, lengthMm: mouths[i]!.lengthMm, to, what })
  }
  return changes
}
