import { computed, ref, type Ref } from 'vue'
import {
  changeShare,
  feedAmount,
  feedInModel,
  renewKept,
  livesBySurface,
  takeShare,
  topUpMl,
  type Tended,
} from '@renatus/core/planning/amounts'
import {
  acidRefusal,
  feedRefusals,
  harvestRefusals,
  waterRefusals,
} from '@renatus/core/planning/refusals'
import type { Tending, TendingKind } from '@renatus/core/planning/tending'
import { usualWater, WATER_NAMES } from '@renatus/core/planning/usualWater'
import type { RefusalId, Water } from '@renatus/core/records/vocabulary'
import { toSpoons } from '@renatus/core/units/toSpoons'
import type { TendCard } from '~/components/cultures/tendCard'
import { useRoomStore } from '~/stores/room'
import { useCultureActions } from './useCultureActions'
import { useUnits } from './useUnits'

/** Share of a vessel that is thinned out at once. */
const THINNED = 1 / 3

/** One thing to do at a vessel, as the card that shows it takes it. */
export interface TendAct {
  kind: TendingKind | 'lower'
  card: TendCard
  /** Which water is asked beside it. */
  water: boolean
  done: (given: number | null, despite: RefusalId[]) => void
}

/** What may be done at a culture, with amounts and what speaks against it: what is due now, and the rest. */
export function useCultureTending(tended: Ref<Tended>, wants: Ref<readonly Tending[]>) {
  const room = useRoomStore()
  const units = useUnits()
  const actions = useCultureActions()
  const { volume } = units
  const record = computed(() => tended.value.culture.record)
  const liquid = computed(() => tended.value.reading.estimate.per === 'mL')
  const vesselMl = computed(() => record.value.litres * 1000)
  const water = ref<Water>(usualWater(tended.value))
  const shareText = (share: number) =>
    liquid.value ? volume(share * vesselMl.value) : `${Math.round(share * 100)} % of the surface`

  /** Due now, by the words of the planner. */
  const due = computed(
    () => new Map(wants.value.filter(w => w.at <= tended.value.now).map(w => [w.kind, w])),
  )
  const isDue = (kind: TendAct['kind']) => kind !== 'lower' && due.value.has(kind)
  const because = (kind: TendingKind) => due.value.get(kind)?.because ?? ''
  const soon = computed(() => wants.value.filter(w => w.at > tended.value.now).slice(0, 3))

  const acid = computed(() => acidRefusal(tended.value.food, room.state!.entries, tended.value.now))
  const withAcid = <T>(list: readonly T[]) => (acid.value ? [acid.value as T, ...list] : list)
  const take = computed(() => takeShare(tended.value))
  /** It is ready, and spares something today. */
  const takes = computed(() => {
    const { ready, tiring } = tended.value.reading.estimate.readiness
    return ready + tiring > 0.5 && take.value.value > 0.01
  })
  const harvestAgainst = computed(() => withAcid(harvestRefusals(tended.value, take.value.value)))

  function feeding(): TendAct[] {
    const feed = feedAmount(tended.value)
    if (!feed) return []
    const { what, gPerMl } = feed.rule
    const amount = () => {
      if (feed.unit === 'each') return units.whole(feed.value)
      if (feed.unit === 'mL') return volume(feed.value)
      const spoons = gPerMl ? toSpoons(feed.value / gPerMl, units.measures.value).spoons : []
      return `${units.grams(feed.value)}${spoons.length ? ` (${units.spoons(spoons)})` : ''}`
    }
    const unit = feed.unit === 'each' ? '' : feed.unit
    const done = (given: number | null, despite: RefusalId[]) => {
      const model = given === null ? null : feedInModel(tended.value, given)
      const gave = given === null ? amount() : `${given} ${unit}`.trim()
      void actions.did(
        record.value,
        {
          action: 'feed',
          amount: model?.amount ?? null,
          unit: model?.unit ?? null,
          what: `${gave} ${what}`,
          proposed: given === null ? null : feed.value,
          despite,
        },
        'fed.',
      )
    }
    return [
      {
        kind: 'feed',
        card: {
          title: 'Feed',
          verb: 'Feed',
          amount: amount(),
          rest: `${what}.`,
          because: because('feed') || tended.value.method.feedingRule,
          why: feed.why,
          refusals: withAcid(feedRefusals(tended.value)),
          unit: unit || 'pieces',
          proposed: feed.value,
          strong: isDue('feed'),
        },
        water: false,
        done,
      },
    ]
  }

  /** Old water for new, or water for what was drawn: both by a measured amount of the water that is chosen. */
  function watering(
    kind: 'change water' | 'top up',
    card: Pick<TendAct['card'], 'title' | 'verb' | 'rest' | 'because' | 'why'>,
    proposed: number,
    action: 'waterChange' | 'topUp',
    said: string,
  ): TendAct[] {
    if (!liquid.value) return []
    const done = (given: number | null, despite: RefusalId[]) => {
      const ml = given ?? proposed
      void actions.did(
        record.value,
        {
          action,
          amount: Math.min(1, ml / vesselMl.value),
          unit: 'share',
          what: `${volume(ml)} of ${WATER_NAMES[water.value]}`,
          agent: water.value,
          proposed: given === null ? null : proposed / vesselMl.value,
          despite,
        },
        said,
      )
    }
    return [
      {
        kind,
        card: {
          ...card,
          amount: volume(proposed),
          refusals: waterRefusals(tended.value, water.value),
          unit: 'mL',
          proposed,
          most: vesselMl.value,
        },
        water: true,
        done,
      },
    ]
  }
  function waters(): TendAct[] {
    const change = changeShare(tended.value)
    const topUp = topUpMl(tended.value)
    const name = WATER_NAMES[water.value]
    const changing = {
      title: 'Water change',
      verb: 'Change',
      rest: `of the water for ${name}.`,
      because: because('change water'),
      why: change.why,
    }
    const topping = {
      title: 'Top up',
      verb: 'Top up with',
      rest: `of ${name}.`,
      because: because('top up') || 'Feed out first, top up after.',
      why: topUp.why,
    }
    const changeMl = change.value * vesselMl.value
    return [
      ...watering('change water', changing, changeMl, 'waterChange', 'water changed.'),
      ...watering('top up', topping, topUp.value, 'topUp', 'topped up.'),
    ]
  }

  function renewing(): TendAct {
    const kept = renewKept(tended.value)
    return {
      kind: 'renew',
      card: {
        title: 'Renew',
        verb: 'Renew it: keep',
        amount: `${Math.round(kept.value * 100)} %`,
        rest: 'of the old in fresh medium.',
        because: because('renew') || tended.value.method.renewRule,
        why: kept.why,
        refusals: withAcid([]),
        unit: '%',
        proposed: kept.value * 100,
        most: 100,
      },
      water: false,
      done: (given, despite) =>
        void actions.did(
          record.value,
          {
            action: 'renew',
            amount: given === null ? null : given / 100,
            unit: given === null ? null : 'share',
            proposed: given === null ? null : kept.value,
            despite,
          },
          'renewed.',
        ),
    }
  }

  function thinning(): TendAct {
    const asked = isDue('thin out')
    const last = tended.value.method.harvest.at(-1)?.text ?? ''
    return {
      kind: 'thin out',
      card: {
        title: asked ? 'Thin out' : 'Take out',
        verb: 'Take out',
        amount: shareText(THINNED),
        rest: asked ? 'as food or for a second vessel.' : 'that goes to no tank.',
        because: asked ? because('thin out') : `What is over: ${last}`,
        unit: 'mL',
        proposed: vesselMl.value * THINNED,
        most: vesselMl.value,
      },
      water: false,
      done: (given, despite) =>
        void actions.did(
          record.value,
          {
            action: 'takeOut',
            amount: given === null ? THINNED : given / vesselMl.value,
            unit: 'share',
            proposed: given === null ? null : THINNED,
            what: 'thinned out',
            despite,
          },
          'thinned out.',
        ),
    }
  }

  const stirring = (): TendAct => ({
    kind: 'stir',
    card: { title: 'Stir', verb: 'Stir it', rest: 'gently, once round.', because: because('stir') },
    water: false,
    done: (_given, despite) =>
      void actions.did(record.value, { action: 'stir', despite }, 'stirred.'),
  })

  /** Of what lives by its surface: as wide as the vessel is, and never in the neck for long. */
  function lowering(): TendAct[] {
    if (!livesBySurface(tended.value.food)) return []
    const done = (_given: number | null, despite: RefusalId[]) =>
      void actions.did(record.value, { action: 'lower', despite }, 'level lowered.')
    const card = {
      title: 'Lower the level',
      verb: 'Pour off',
      rest: 'until the surface is as wide as the vessel; what is poured off starts a second one.',
      because:
        'In the neck they are short of air; with a wide surface they are soon three times as many.',
    }
    return [{ kind: 'lower', card, water: false, done }]
  }

  const acts = computed(() => [
    thinning(),
    ...feeding(),
    ...waters(),
    stirring(),
    ...lowering(),
    renewing(),
  ])
  return {
    water,
    take,
    takes,
    takeText: computed(() => shareText(take.value.value)),
    harvestAgainst,
    isDue,
    because,
    soon,
    dueActs: computed(() => acts.value.filter(a => isDue(a.kind))),
    otherActs: computed(() => acts.value.filter(a => !isDue(a.kind))),
  }
}
