import { defineAsyncComponent, type Component } from 'vue'
import type { StopKindId } from '@renatus/core/round/stop'

/** They know every food: they come after the first view stands, in one file, since each of its own holds the page up. */
const allCards = () => import('./stops/allCards')
const CARDS: Record<StopKindId, keyof Awaited<ReturnType<typeof allCards>>> = {
  tank: 'TankCard',
  vessel: 'VesselCard',
  harvest: 'HarvestCard',
  hatch: 'HatchCard',
  looks: 'LooksCard',
  begin: 'BeginCard',
  ask: 'AskCard',
  provide: 'ProvideCard',
  clean: 'PlainCard',
  clear: 'PlainCard',
  cook: 'PlainCard',
  cool: 'PlainCard',
  order: 'PlainCard',
  tub: 'PlainCard',
}

/** The card of each kind of stop. */
export const STOP_CARDS = Object.fromEntries(
  Object.entries(CARDS).map(([kind, card]) => [
    kind,
    defineAsyncComponent(async (): Promise<Component> => (await allCards())[card]),
  ]),
) as Record<StopKindId, Component>

/**
 * When the cards are here, or will not come: drawn before, one that comes late would push down what stands below it.
 * One that does not come says so where it is shown.
 */
export const cardsCome = (): Promise<unknown> => allCards().catch(() => null)
