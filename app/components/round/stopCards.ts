import { defineAsyncComponent, type Component } from 'vue'
import { breath } from '~/composables/breath'
import type { StopKindId } from '@renatus/core/round/stop'

const plain = () => import('./stops/PlainCard.vue')
const CARDS: Record<StopKindId, () => Promise<{ default: Component }>> = {
  tank: () => import('./stops/TankCard.vue'),
  vessel: () => import('./stops/VesselCard.vue'),
  harvest: () => import('./stops/HarvestCard.vue'),
  hatch: () => import('./stops/HatchCard.vue'),
  looks: () => import('./stops/LooksCard.vue'),
  begin: () => import('./stops/BeginCard.vue'),
  ask: () => import('./stops/AskCard.vue'),
  provide: () => import('./stops/ProvideCard.vue'),
  clean: plain,
  clear: plain,
  cook: plain,
  cool: plain,
  order: plain,
  tub: plain,
}

/** The card of each kind of stop. They know every food: they come after the first view stands. */
export const STOP_CARDS = Object.fromEntries(
  Object.entries(CARDS).map(([kind, card]) => [kind, defineAsyncComponent(card)]),
) as Record<StopKindId, Component>

/** When the cards of these kinds are here, or will not come: drawn before, one that comes late would push down what stands below it. */
export const cardsOf = (kinds: readonly StopKindId[]): Promise<unknown> =>
  Promise.allSettled([...new Set(kinds)].map(kind => CARDS[kind]()))

/** Fetches them while a round is reckoned, each in a task of its own. */
export async function fetchCards(): Promise<void> {
  for (const card of new Set(Object.values(CARDS))) {
    await breath()
    // One that does not come says so where it is shown.
    void card().catch(() => null)
  }
}
