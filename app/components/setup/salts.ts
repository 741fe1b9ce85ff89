import { SALT_DENSITY } from '@renatus/core/water/salinity'

/** Kinds of salt as a person knows them from the bag. */
export const SALT_CHOICES = [
  {
    value: 'fine',
    name: 'Fine salt',
    label: 'Fine table or evaporated salt',
    density: SALT_DENSITY.fine,
  },
  {
    value: 'coarse',
    name: 'Coarse salt',
    label: 'Coarse or rock salt',
    density: SALT_DENSITY.coarse,
  },
  {
    value: 'sea-mix',
    name: 'Sea salt mix',
    label: 'Sea salt mix',
    density: SALT_DENSITY['sea-mix'],
  },
  { value: 'own', name: 'Own salt', label: 'Own: I weighed it', density: null },
] as const

export const saltName = (kind: string) =>
  SALT_CHOICES.find(s => s.value === kind)?.name ?? 'Own salt'

/** Loose density of a chosen kind, or the user's own. */
export const densityOf = (kind: string, own: number | null) =>
  SALT_CHOICES.find(s => s.value === kind)?.density ?? own ?? SALT_DENSITY.fine
