import * as z from 'zod'
import type { Draft, RecordDraft } from '../../../records/draft'
import type { EntryData } from '../../../records/entries'
import type { Sign } from '../../../records/vocabulary'
import { HARVEST_GRADES } from '../../../records/vocabulary'
import type { Tended } from '../../../planning/amounts'
import { feedInModel } from '../../../planning/amounts'
import type { OtherDraw } from '../../../planning/reckoning/eaters'
import type { TendingKind } from '../../../planning/tending'
import { WATER_NAMES, usualWater } from '../../../planning/usualWater'
import { likeCulture, newCultures, nextNames } from '../../../stock/newCultures'
import { overdrawn } from '../../overdrawn'
import type { AnswerContext, Written } from '../../stopKind'
import type { VesselStop, VesselTask } from './find'
import { amountText } from './words'

/** What really was drawn and done: shares of what was proposed; how it looked, where it did not look as drawn. */
export const vesselGiven = z.object({
  /** 1 is as proposed; 0 nothing was drawn. */
  drawn: z.number().min(0).max(100).default(1),
  acted: z.number().min(0).max(100).default(1),
  seen: z.enum(HARVEST_GRADES).nullable().default(null),
  looksAsDrawn: z.boolean().default(true),
  /** More than there is was really drawn. */
  insist: z.boolean().default(false),
})
export type VesselGiven = z.infer<typeof vesselGiven>

const subjectOf = (v: Tended) => ({ type: 'culture', id: v.culture.id })

type Did = EntryData<'culture.did'>
const did = (v: Tended, d: Partial<Did> & Pick<Did, 'action'>): Draft => ({
  kind: 'culture.did',
  subject: subjectOf(v),
  data: {
    cultureId: v.culture.id,
    amount: null,
    unit: null,
    what: '',
    agent: null,
    proposed: null,
    despite: [],
    ...d,
  },
})

/** Highest grade that the log keeps. */
const MOST_GRADE = 4

/** Grades of the drawing, to the nearest word. */
export const lookAsDrawn = (v: Tended): Draft => ({
  kind: 'culture.looked',
  subject: subjectOf(v),
  data: {
    cultureId: v.culture.id,
    signs: Object.fromEntries(
      Object.entries(v.reading.look).flatMap(([sign, grade]) => {
        const words = v.food.signs[sign as Sign]
        return words
          ? [[sign, Math.min(MOST_GRADE, words.length - 1, Math.max(0, Math.round(grade)))]]
          : []
      }),
    ),
  },
})

function harvest(
  v: Tended,
  draws: readonly { organisms: number; amount: { value: number; unit: string } }[],
  portions: EntryData<'culture.harvested'>['portions'],
  share: number,
  seen: VesselGiven['seen'],
  roundKey: string,
  insist: boolean,
): Draft[] {
  const organisms = draws.reduce((n, d) => n + d.organisms, 0) * share
  if (organisms <= 0) return []
  const inMl = draws.every(d => d.amount.unit === 'mL')
  const ml = inMl ? draws.reduce((n, d) => n + d.amount.value, 0) * share : null
  const holds = v.reading.estimate.organisms.p50
  return [
    {
      kind: 'culture.harvested',
      subject: subjectOf(v),
      data: {
        cultureId: v.culture.id,
        seen,
        share: holds > 0 ? Math.min(1, organisms / holds) : 0,
        ml,
        organisms,
        energy: 1,
        count: null,
        cupMl: null,
        finished: false,
        roundKey,
        portions,
        despite: insist ? ['too-much'] : [],
      },
    },
  ]
}

/** Everything that is drawn at this stop, for tanks with mouths and for all others. */
function drawn(stop: VesselStop, given: VesselGiven, c: AnswerContext): Draft[] {
  const all = [...stop.draws, ...stop.others]
  const portions = [
    ...stop.draws.map(d => ({ tankId: d.tank.id, d })),
    ...stop.others.flatMap(d => (d.eater.kind === 'grown' ? [{ tankId: d.eater.tank.id, d }] : [])),
  ].map(({ tankId, d }) => ({
    tankId,
    organisms: d.organisms * given.drawn,
    ml: d.amount.unit === 'mL' ? d.amount.value * given.drawn : null,
  }))
  return harvest(stop.tended, all, portions, given.drawn, given.seen, c.roundKey, given.insist)
}

/** Fed with another culture, which was drawn at its own stop or is drawn now. */
function fedOn(stop: VesselStop, o: OtherDraw, share: number): Draft {
  const { tended } = stop
  return did(tended, {
    action: 'feed',
    what: `${Math.round(o.amount.value * share)} mL of ${o.source.name}`,
    ...(feedInModel(tended, o.amount.value * share) ?? {}),
  })
}

/** A second vessel of the line: half of what is here, like the first. */
function split(v: Tended, c: AnswerContext): { entries: Draft[]; records: RecordDraft[] } {
  const { record } = v.culture
  const used = new Set(c.state.cultures.map(x => x.name))
  const [name] = nextNames(record.name, 1, used)
  const { placeId, level } = v.culture
  const like = likeCulture(record, { name: name!, startedAt: c.now, starter: 1, placeId, level })
  const [fresh] = newCultures(c.state, [like], c.newId)
  const half = { amount: 0.5, unit: 'share' as const }
  return {
    records: [fresh!],
    entries: [
      did(v, { action: 'split', ...half, what: `into ${name!}` }),
      {
        kind: 'culture.started',
        subject: { type: 'culture', id: fresh!.id },
        data: {
          cultureId: fresh!.id,
          origin: 'cultures',
          parentIds: [v.culture.id],
          starterMl: record.litres * 500,
          despite: [],
          hatch: null,
        },
      },
    ],
  }
}

const ENDED: Record<TendingKind, string> = {
  'end': 'ended',
  'look': 'looked at',
  'thin out': 'thinned out',
  'feed': 'fed',
  'split': 'split',
  'change water': 'water changed',
  'stir': 'stirred',
  'top up': 'topped up',
  'renew': 'renewed',
}

interface Acted {
  stop: VesselStop
  act: VesselTask
  /** Of what was proposed; 1 is all of it. */ share: number
  c: AnswerContext
}
type Act = (a: Acted) => { entries: Draft[]; records: RecordDraft[] }
const only = (...entries: Draft[]) => ({ entries, records: [] })
const proposedText = ({ act, c }: Acted) =>
  act.amount ? `${amountText(act.amount, c.state.room.measures)} ` : ''

const fed: Act = a => {
  const { stop, act, share } = a
  if (stop.feed) return only(fedOn(stop, stop.feed, share))
  const part = share === 1 ? {} : feedInModel(stop.tended, (act.amount?.value ?? 0) * share)
  const what = `${proposedText(a)}${act.amount?.what ?? ''}`
  return only(did(stop.tended, { action: 'feed', what, ...part }))
}
const waterChanged: Act = a => {
  const { tended } = a.stop
  const agent = usualWater(tended)
  const share = ((a.act.amount?.value ?? 0) * a.share) / (tended.culture.record.litres * 1000)
  const what = `${proposedText(a)}${WATER_NAMES[agent]}`
  const amount = Math.min(1, share)
  return only(did(tended, { action: 'waterChange', amount, unit: 'share', what, agent }))
}
const thinned: Act = ({ stop, share }) => {
  const out = { action: 'takeOut' as const, unit: 'share' as const, what: 'thinned out' }
  return only(did(stop.tended, { ...out, amount: Math.min(1, share / 3) }))
}
const ended: Act = ({ stop: { tended }, act }) =>
  only({
    kind: 'culture.ended',
    subject: subjectOf(tended),
    data: {
      cultureId: tended.culture.id,
      how: 'failed',
      cleaner: 'hot water',
      reason: act.because,
      despite: [],
    },
  })

/** What each act of tending writes; a look and what is topped up are written beside it. */
const ACTS: Partial<Record<TendingKind, Act>> = {
  'feed': fed,
  'renew': ({ stop }) => only(did(stop.tended, { action: 'renew' })),
  'thin out': thinned,
  'change water': waterChanged,
  'stir': ({ stop }) => only(did(stop.tended, { action: 'stir' })),
  'split': ({ stop, c }) => split(stop.tended, c),
  'end': ended,
}

function acted(stop: VesselStop, given: VesselGiven, c: AnswerContext): ReturnType<Act> {
  const { act } = stop
  const write = act ? ACTS[act.kind] : undefined
  if (!act || !write || given.acted <= 0) return only()
  return write({ stop, act, share: given.acted, c })
}

function toppedUp(stop: VesselStop): Draft[] {
  const { tended, topUpMl } = stop
  if (topUpMl <= 0) return []
  const amount = Math.min(1, topUpMl / (tended.culture.record.litres * 1000))
  const agent = usualWater(tended)
  return [did(tended, { action: 'topUp', amount, unit: 'share', what: WATER_NAMES[agent], agent })]
}

/** That the vessel cannot give so much, in words. */
export function vesselTooMuch(stop: VesselStop, given: VesselGiven): string | null {
  const draws = [...stop.draws, ...stop.others]
  const source = draws[0]?.source
  const all = draws.reduce((n, d) => n + d.organisms, 0)
  return source ? overdrawn(source, all * given.drawn) : null
}

export function vesselDone(
  stop: VesselStop,
  answer: VesselGiven | null,
  c: AnswerContext,
): Written {
  const given = answer ?? vesselGiven.parse({})
  const { entries, records } = acted(stop, given, c)
  const ends = stop.act?.kind === 'end'
  const looked = stop.look && given.looksAsDrawn && !ends ? [lookAsDrawn(stop.tended)] : []
  const done = stop.act ? ENDED[stop.act.kind] : 'drawn from'
  return {
    entries: [...looked, ...drawn(stop, given, c), ...entries, ...(ends ? [] : toppedUp(stop))],
    records,
    said: `${stop.subject.name}: ${done}.`,
  }
}
