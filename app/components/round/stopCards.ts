import { defineAsyncComponent, type Component } from 'vue'
import type { StopKindId } from '@renatus/core/round/stop'

const Plain = defineAsyncComponent(() => import('./stops/PlainCard.vue'))

/** The card of each kind of stop. They know every food: they come after the first view stands. */
export const STOP_CARDS: Record<StopKindId, Component> = {
  ask: defineAsyncComponent(() => import('./stops/AskCard.vue')),
  begin: defineAsyncComponent(() => import('./stops/BeginCard.vue')),
  harvest: defineAsyncComponent(() => import('./stops/HarvestCard.vue')),
  hatch: defineAsyncComponent(() => import('./stops/HatchCard.vue')),
  looks: defineAsyncComponent(() => import('./stops/LooksCard.vue')),
  provide: defineAsyncComponent(() => import('./stops/ProvideCard.vue')),
  tank: defineAsyncComponent(() => import('./stops/TankCard.vue')),
  vessel: defineAsyncComponent(() => import('./stops/VesselCard.vue')),
  clean: Plain,
  clear: Plain,
  cook: Plain,
  cool: Plain,
  order: Plain,
  tub: Plain,
}
