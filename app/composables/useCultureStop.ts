import { feedAmount } from '@renatus/core/planning/amounts'
import type { CultureStop, CultureTask, LooksStop } from '@renatus/core/round/cultureStops'
import { taskAmount } from '@renatus/core/round/roundLines'
import type { Sign } from '@renatus/core/records/vocabulary'
import type { Vat } from '@renatus/core/planning/amounts'
import { usualWater } from '~/components/cultures/usualWater'
import type { Draft } from '~/db/logbook'
import { useRoomStore } from '~/stores/room'
import { ANSWERED_ELSEWHERE } from '~/words/problems'
import { WATER_NAMES } from '~/words/tending'
import { useUndo } from './useUndo'

/** Tasks that are done as proposed with one press; the others want a look at the vessel first. */
const AT_ONCE: readonly CultureTask['kind'][] = [
  'feed',
  'change water',
  'top up',
  'renew',
  'thin out',
]
export const doneAtOnce = (t: CultureTask) => AT_ONCE.includes(t.kind)

/** What is done at vessels in the round, written to the log. Each returns a problem in words, or null. */
export function useCultureStop() {
  const room = useRoomStore()
  const undo = useUndo()
  const subject = (v: Vat) => ({ type: 'culture', id: v.culture.id })
  const did = { amount: null, unit: null, what: '', agent: null, proposed: null, despite: [] }

  function draftOf(v: Vat, t: CultureTask): Draft | null {
    const data = { cultureId: v.culture.id, ...did }
    const litres = v.culture.record.litres
    const text = t.amount ? `${taskAmount(t.amount, room.measures)} ` : ''
    switch (t.kind) {
      case 'feed':
        return {
          kind: 'culture.did',
          subject: subject(v),
          data: { ...data, action: 'feed', what: `${text}${feedAmount(v)?.rule.what ?? ''}` },
        }
      case 'renew':
        return { kind: 'culture.did', subject: subject(v), data: { ...data, action: 'renew' } }
      case 'thin out':
        return {
          kind: 'culture.did',
          subject: subject(v),
          data: { ...data, action: 'takeOut', amount: 1 / 3, unit: 'share', what: 'thinned out' },
        }
      case 'change water':
      case 'top up': {
        const agent = usualWater(v)
        return {
          kind: 'culture.did',
          subject: subject(v),
          data: {
            ...data,
            action: t.kind === 'top up' ? 'topUp' : 'waterChange',
            amount: Math.min(1, (t.amount?.value ?? 0) / (litres * 1000)),
            unit: 'share',
            what: `${text}${WATER_NAMES[agent]}`,
            agent,
          },
        }
      }
      default:
        return null
    }
  }
  async function write(
    drafts: Draft[],
    key: string,
    said: string,
    stop: string,
  ): Promise<string | null> {
    const result = await room.write(drafts, key)
    if (!result.ok) return ANSWERED_ELSEWHERE
    undo.offer(result.act, said, stop)
    return null
  }

  /** Everything of a stop that is done at once, as one act. */
  async function done(stop: CultureStop, tasks: readonly CultureTask[]): Promise<string | null> {
    const drafts = tasks.flatMap(t => draftOf(stop.vat, t) ?? [])
    return drafts.length === 0
      ? null
      : write(
          drafts,
          `${stop.key}:${tasks.map(t => t.kind).join('+')}`.slice(0, 120),
          `${stop.vat.culture.record.name}: ${tasks.map(t => SAID[t.kind]).join(', ')}.`,
          stop.key,
        )
  }
  /** It looks as it is drawn: the grades of the drawing, to the nearest word. */
  async function asDrawn(stop: LooksStop, vats: readonly Vat[]): Promise<string | null> {
    const drafts = vats.map((v): Draft => ({
      kind: 'culture.looked',
      subject: subject(v),
      data: {
        cultureId: v.culture.id,
        signs: Object.fromEntries(
          Object.entries(v.reading.look)
            .filter(([sign]) => v.food.signs[sign as Sign])
            .map(([sign, g]) => [sign, Math.round(g)]),
        ),
      },
    }))
    return write(
      drafts,
      `${stop.key}:${vats.map(v => v.culture.id).join('')}`.slice(0, 120),
      vats.length === 1
        ? `${vats[0]!.culture.record.name}: as drawn.`
        : `${vats.length} vessels: as drawn.`,
      stop.key,
    )
  }
  return { done, asDrawn }
}

const SAID: Record<CultureTask['kind'], string> = {
  'end': 'ended',
  'look': 'looked at',
  'thin out': 'thinned out',
  'feed': 'fed',
  'take': 'drawn from',
  'split': 'split',
  'change water': 'water changed',
  'top up': 'topped up',
  'renew': 'renewed',
}
