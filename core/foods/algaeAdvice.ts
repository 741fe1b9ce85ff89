import type { FoodAdvice } from './contract'

/** What goes wrong in a vessel of algae: told by colour, ring, clumps and smell. */
export const algaeAdvice: FoodAdvice = {
  starved: {
    action: 'Give it a quarter of its medium today and look again in two days; take nothing out.',
    confirm: 'It pales to olive or yellow from one day to the next while nothing was taken.',
  },
  dense: {
    action: 'Take out a third now and make up with fresh medium: the lower half must be lit.',
    confirm: 'Dark through and through: a stick vanishes a finger below the surface.',
  },
  contaminated: {
    action:
      'Start anew from the backup in a sterile vessel; keep this one apart and last in the round.',
    confirm:
      'It clears from below within a day or two, clumps form, the colour turns brown or grey.',
  },
  poisoned: {
    action: 'Start anew from the backup, with water and plant food that worked before.',
    confirm: 'Grey or yellow within a day, flocs on the bottom, a smell of rot.',
  },
  old: {
    action: 'From a cup of it into a clean vessel with fresh medium.',
    confirm: 'A ring on the glass, clumps when it is swirled, a dull olive.',
  },
}
