import type { Sign } from '../dynamics/contract'
import type { Food } from '../foods/contract'
import type { CauseId } from './diagnosis'

/** What to do about a likely cause, and what would confirm it before anything is thrown away. */
export interface Advice {
  name: string
  action: string
  confirm: string
}

const degrees = (c: number) => `${Math.round(c)} °C`

/** Advice on a cause for a vessel of a food. */
export function adviceOn(cause: CauseId, food: Food): Advice {
  const middle = degrees((food.rangeC[0] + food.rangeC[1]) / 2)
  const advice: Record<CauseId, Advice> = {
    cold: {
      name: 'too cold',
      action: `Bring it to ${middle}, a few degrees an hour, and wait: what is cold is slow, not lost.`,
      confirm: 'Read a thermometer in the vessel, at the height where it stands.',
    },
    hot: {
      name: 'too hot',
      action: `Carry it to the coolest place, lid open, air on; never ice into it. Below ${degrees(food.rangeC[1])} it stops dying; a third out of a dense one helps.`,
      confirm: 'Read a thermometer in the vessel in the afternoon, not in the morning.',
    },
    starved: {
      name: 'starved',
      action:
        'Feed the usual amount now that it is clear, in two halves some hours apart; take nothing out for two days.',
      confirm: 'Clear water, pale or empty animals under a lens, no food on the bottom.',
    },
    overfed: {
      name: 'overfed',
      action:
        'Stop feeding until it clears; change a third of the water, siphon the bottom, give air.',
      confirm: 'Milky water and a sour or foul smell, with food lying on the bottom.',
    },
    dense: {
      name: 'too dense',
      action: 'Take out a third now, as food or for a second vessel, and again in two days.',
      confirm:
        'Count a drop: near or above what such a vessel carries. Animals crowd at the surface in the morning.',
    },
    contaminated: {
      name: 'contaminated',
      action:
        'Start anew from the backup with boiled water and clean tools; keep this vessel apart and last in the round.',
      confirm:
        'Something else moves under a lens, mould on the surface, or a smell that it never had.',
    },
    poisoned: {
      name: 'poisoned',
      action:
        'Pour what lives through a cloth into clean, aged water at once; start anew from the backup.',
      confirm:
        'Ask what was sprayed, cleaned, topped up or treated within a day: many dead at once, and none growing.',
    },
    old: {
      name: 'grown old',
      action:
        'Renew it: fresh medium, a fifth of this one as starter, a new vessel if the walls are slimy.',
      confirm:
        'A medium that is dark, runny or spent, with a thin layer where there was a thick one.',
    },
  }
  return { ...advice[cause], ...food.advice?.[cause] }
}

/** How a sign is looked at: what to do with the jar in front of you. */
export const HOW_TO_LOOK: Record<Sign, string> = {
  cloudiness: 'Hold print behind it: can you read it?',
  tint: 'Look at its colour against white paper.',
  movers: 'Shine a torch at it from the side and look for what moves.',
  gathering: 'Leave a torch at one side for two minutes and see what gathers.',
  film: 'Look across its surface for a skin.',
  smell: 'Open it and smell.',
  sediment: 'Look at the bottom, or tilt it.',
  climbing: 'Look at the walls above the medium.',
  size: 'Look at a few under a lens: how large are they?',
  pupae: 'Count those that are comma-shaped and do not feed.',
}
