import type { Entry, EntryData } from '@renatus/core/records/entries'
import type { CultureRecord } from '@renatus/core/records/records'
import type {
  Cleaner,
  HarvestGrade,
  Level,
  RefusalId,
  Sign,
  Stranger,
} from '@renatus/core/records/vocabulary'
import { keepingFoods } from '@renatus/core/stock/keepingFoods'
import type { CultureDraft } from '@renatus/core/stock/newCultures'
import type { CultureState } from '@renatus/core/stock/cultures'
import type { Draft } from '~/db/logbook'
import type { RecordDraft } from '~/db/registry'
import { useRoomStore } from '~/stores/room'
import { useUndo } from './useUndo'

type Did = Partial<EntryData<'culture.did'>> & Pick<EntryData<'culture.did'>, 'action'>
interface Harvest {
  share: number
  seen: HarvestGrade
  ml: number | null
  organisms: number | null
  despite: RefusalId[]
  portions: readonly { tankId: string; organisms: number; ml: number | null; partial: boolean }[]
  roundKey: string
}

const subject = (id: string): Entry['subject'] => ({ type: 'culture', id })

/** What a person does at a culture, written to the log. */
export function useCultureActions() {
  const room = useRoomStore()
  const undo = useUndo()
  async function write(
    said: string,
    drafts: readonly Draft[],
    records: readonly RecordDraft[] = [],
  ): Promise<boolean> {
    const result = await room.write(drafts, null, records)
    if (result.ok) undo.offer(result.act, said)
    return result.ok
  }
  /** What grows here is offered to the broods. */
  const kept = (cultures: readonly CultureDraft[]) =>
    keepingFoods(
      room.state!,
      cultures.map(c => c.foodId),
    )
  const did = (id: string, d: Did): Draft => ({
    kind: 'culture.did',
    subject: subject(id),
    data: {
      cultureId: id,
      amount: null,
      unit: null,
      what: '',
      agent: null,
      proposed: null,
      despite: [],
      ...d,
    },
  })
  const started = (
    c: CultureDraft,
    data: Omit<EntryData<'culture.started'>, 'cultureId' | 'hatch'>,
  ): Draft => ({
    kind: 'culture.started',
    subject: subject(c.id),
    data: { cultureId: c.id, hatch: null, ...data },
  })
  const ended = (
    id: string,
    how: EntryData<'culture.ended'>['how'],
    cleaner: Cleaner | null = null,
    despite: RefusalId[] = [],
  ): Draft => ({
    kind: 'culture.ended',
    subject: subject(id),
    data: { cultureId: id, how, cleaner, reason: '', despite },
  })
  const of = (c: CultureRecord, data: Draft['data'], kind: Draft['kind'], said: string) =>
    write(`${c.name}: ${said}`, [{ kind, subject: subject(c.id), data } as Draft])

  return {
    looked: (
      c: CultureRecord,
      signs: Partial<Record<Sign, number>>,
      note: string,
      strangers: readonly Stranger[] = [],
    ) =>
      write(`${c.name}: the look is written down.`, [
        {
          kind: 'culture.looked',
          subject: subject(c.id),
          data: {
            cultureId: c.id,
            signs,
            ...(strangers.length ? { strangers: [...strangers] } : {}),
          },
        },
        ...(note.trim()
          ? [{ kind: 'note' as const, subject: subject(c.id), data: { text: note.trim() } }]
          : []),
      ]),
    did: (c: CultureRecord, d: Did, said: string) => write(`${c.name}: ${said}`, [did(c.id, d)]),
    /** Drawn, and given to tanks. */
    harvested: (c: CultureRecord, h: Harvest) =>
      write(`${c.name}: the harvest is written down.`, [
        {
          kind: 'culture.harvested',
          subject: subject(c.id),
          data: {
            cultureId: c.id,
            seen: h.seen,
            share: Math.min(1, h.share),
            ml: h.ml,
            organisms: h.organisms,
            energy: 1,
            count: null,
            cupMl: null,
            finished: false,
            roundKey: h.roundKey,
            portions: h.portions.map(({ tankId, organisms, ml }) => ({ tankId, organisms, ml })),
            despite: h.despite,
          },
        },
        ...h.portions.map((p): Draft => ({
          kind: 'tank.fed',
          subject: { type: 'tank', id: p.tankId },
          data: {
            tankId: p.tankId,
            roundKey: h.roundKey,
            portions: [
              {
                foodId: c.foodId,
                organisms: p.organisms,
                energy: 1,
                amount: p.ml === null ? null : { value: p.ml, unit: 'mL' },
                source: { kind: 'culture', id: c.id },
              },
            ],
            partial: p.partial,
          },
        })),
      ]),
    refused: (c: CultureRecord) => of(c, { cultureId: c.id }, 'culture.refused', 'left to grow.'),
    temperature: (c: CultureRecord, temperatureC: number) =>
      of(
        c,
        { cultureId: c.id, temperatureC: temperatureC as never },
        'culture.temperature',
        'the temperature is written down.',
      ),
    gravity: (c: CultureRecord, sg: number) =>
      of(c, { cultureId: c.id, sg }, 'culture.gravity', 'the gravity is written down.'),
    moved: (
      c: CultureRecord,
      placeId: string | null,
      level: Level,
      where: string,
      records: readonly RecordDraft[] = [],
    ) =>
      write(
        `${c.name}: moved to ${where}.`,
        [
          {
            kind: 'culture.moved',
            subject: subject(c.id),
            data: { cultureId: c.id, placeId, level },
          },
        ],
        records,
      ),
    quarantined: (c: CultureRecord, apart: boolean, reason: string) =>
      of(
        c,
        { cultureId: c.id, apart, reason },
        'culture.quarantined',
        apart ? 'stands apart now.' : 'is let back.',
      ),
    crossed: (c: CultureRecord, rule: EntryData<'culture.crossed'>['rule']) =>
      of(c, { cultureId: c.id, rule }, 'culture.crossed', 'its line is no longer clean.'),
    ended: (
      c: CultureRecord,
      how: EntryData<'culture.ended'>['how'],
      cleaner: Cleaner | null = null,
      despite: RefusalId[] = [],
    ) => write(`${c.name}: ended, ${how}.`, [ended(c.id, how, cleaner, despite)]),
    /** Sets up vessels; what is taken of a mother for them is part of the same act. */
    start: (
      cultures: readonly CultureDraft[],
      data: Omit<EntryData<'culture.started'>, 'cultureId' | 'hatch'>,
      mother: { id: string; share: number } | null,
      more: readonly RecordDraft[] = [],
    ) =>
      write(
        `${cultures[0]!.name}${cultures.length > 1 ? ` and ${cultures.length - 1} more` : ''}: started.`,
        [
          ...(mother
            ? [
                did(mother.id, {
                  action: 'takeOut',
                  amount: mother.share,
                  unit: 'share',
                  what: `starter for ${cultures.map(c => c.name).join(', ')}`,
                }),
              ]
            : []),
          ...cultures.map(c => started(c, data)),
        ],
        [...more, ...cultures, ...kept(cultures)],
      ),
    /** Part of a culture goes into new vessels. */
    split: (
      c: CultureRecord,
      into: readonly CultureDraft[],
      share: number,
      proposed: number | null,
    ) =>
      write(
        `${c.name}: split into ${into.map(x => x.name).join(', ')}.`,
        [
          did(c.id, {
            action: 'split',
            amount: share,
            unit: 'share',
            proposed,
            what: `into ${into.map(x => x.name).join(', ')}`,
          }),
          ...into.map(x =>
            started(x, {
              origin: 'cultures',
              parentIds: [c.id],
              starterMl: (share / into.length) * c.litres * 1000,
              despite: [],
            }),
          ),
        ],
        into,
      ),
    /** Emptied, cleaned and started anew from a few clean animals of `from`. */
    reset: (
      c: CultureState,
      anew: CultureDraft,
      from: readonly string[],
      cleaner: Cleaner,
      despite: RefusalId[],
    ) =>
      write(
        `${c.record.name}: reset.`,
        [
          ended(c.id, 'reset', cleaner, despite),
          started(anew, {
            origin: from.length > 0 ? 'cultures' : 'bought',
            parentIds: [...from],
            starterMl: null,
            despite: [],
          }),
        ],
        [anew],
      ),
  }
}
