import * as z from 'zod'
import { foodId, id, instant, lifeAnchor, localDate } from './records'
import {
  ACTION_KINDS,
  AMOUNT_UNITS,
  ANSWERS,
  CLEAN_RULES,
  CLEANERS,
  COLD_STORES,
  ENDINGS,
  GEL_FORMS,
  HAND_UNITS,
  HARVEST_GRADES,
  LEVELS,
  ORDERS,
  ORIGINS,
  REFUSALS,
  SIGNS,
  SOURCE_KINDS,
  STORE_KEEPS,
  WATERS,
} from './vocabulary'

/** Facts of the log. An entry is never changed: a correction supersedes it, an undo strikes out its act. */
const celsius = z.number().min(-5).max(60).brand<'degC'>()
const grams = (max: number) => z.number().min(0).max(max).brand<'g'>()
const fryCount = z.number().int().min(0).max(100_000)
const seen = z.enum(HARVEST_GRADES)
const despite = z.array(z.enum(REFUSALS)).max(10).default([])
const air = z.number().min(-20).max(50).brand<'degC'>()
const positive = z.number().min(1e-6).max(1e6)

/** What went into a vessel of cysts: the setup of a culture that hatches. */
const hatchSetup = z.object({
  lotId: id,
  saltId: id,
  waterL: z.number().min(1e-3).max(200).brand<'L'>(),
  saltG: grams(20_000),
  cystsG: grams(2000),
  sodaG: grams(400),
  temperatureC: celsius,
  lit: z.boolean(),
  decapsulated: z.boolean(),
  /** Rounds at which it is meant to be pulled. */
  pullsAt: z.array(instant).max(2),
  /** What was proposed, when the user did something else. */
  proposed: z.object({ waterL: z.number(), saltG: z.number(), cystsG: z.number() }).nullable(),
})

const dropCount = z.object({
  animals: z.number().int().min(0).max(100_000),
  samples: z.number().int().min(1).max(1000),
  sampleMl: z.number().positive().max(100),
})

/** Where something was drawn from: a culture, or a store of food that no longer grows. */
const source = z.object({ kind: z.enum(SOURCE_KINDS), id })
const about = z.object({ type: z.string().max(20), id: z.string().max(60) })

/** A start of a plan: so many vessels of a food on a day. */
const startLine = z.object({
  food: foodId,
  method: z.string().min(1).max(60),
  on: localDate,
  vessels: z.number().int().min(1).max(100),
})
const keptStart = startLine.extend({
  /** Its own name, also when it is moved. */
  id: z.string().min(1).max(90),
  placeId: id.nullable(),
  litres: z.number().positive().max(20_000),
  orderBy: localDate.nullable(),
  forBrood: z.string().max(60),
  neededOn: localDate,
  failure: z.number().min(0).max(1),
  readyDays: z.number().positive().max(1000),
  readyLogSd: z.number().min(0).max(3),
  why: z.string().max(500),
})
/** What the plan hung on when it was kept. */
const planFacts = z.object({
  broods: z
    .array(
      z.object({
        id,
        name: z.string().max(60),
        freeOn: localDate,
        fry: z.number().min(0),
        foods: z.string().max(4000),
      }),
    )
    .max(500),
  cultures: z
    .array(
      z.object({
        id,
        name: z.string().max(60),
        food: foodId,
        state: z.enum(['well', 'doubtful', 'lost', 'apart']),
      }),
    )
    .max(2000),
  rounds: z.string().max(200),
  foods: z.string().max(8000),
  warmth: z.string().max(40_000).default(''),
})

const handAmount = z.object({ value: z.number().min(0).max(1e9), unit: z.enum(HAND_UNITS) })
const storeName = z.string().max(60).default('')

const data = {
  /** What a tank was given at a round: each portion names its food and where it came from (null: nobody wrote it down). */
  'tank.fed': z.object({
    tankId: id,
    roundKey: z.string(),
    portions: z
      .array(
        z.object({
          foodId,
          organisms: z.number().min(0).max(1e15),
          /** Of one animal, full yolk = 1. */
          energy: z.number().min(0).max(1).default(1),
          amount: handAmount.nullable().default(null),
          source: source.nullable().default(null),
        }),
      )
      .max(60),
    /** The rest of the meal is still wanted. */
    partial: z.boolean().default(false),
  }),
  /** Food that no longer grows is put by: chilled, frozen, in brine, dry. */
  'store.filled': z.object({
    storeId: id,
    name: z.string().trim().min(1).max(60),
    foodId,
    keep: z.enum(STORE_KEEPS),
    unit: z.enum(HAND_UNITS),
    /** In the unit; null where nobody measured. */
    amount: z.number().positive().max(1e9).nullable(),
    organisms: z.number().min(0).max(1e15).nullable(),
    energy: z.number().min(0).max(1).default(1),
    /** The culture it came out of. */
    fromId: id.nullable().default(null),
    useBy: instant.nullable().default(null),
  }),
  'store.counted': z.object({ storeId: id, name: storeName, amount: z.number().min(0).max(1e9) }),
  /** Put into the day's tub to thaw, and for which tanks. */
  'store.portioned': z.object({
    storeId: id,
    name: storeName,
    on: localDate,
    tanks: z.array(z.object({ tankId: id, amount: z.number().min(0).max(10_000) })).max(200),
    amount: z.number().min(0).max(100_000),
  }),
  'store.discarded': z.object({
    storeId: id,
    name: storeName,
    /** Null: all that was left. */
    amount: z.number().min(0).max(1e9).nullable().default(null),
    reason: z.string().max(200),
  }),
  /** A stop of a round was answered, and how: nothing asks the same again at this round. */
  'stop.answered': z.object({
    key: z.string().max(160),
    roundKey: z.string().max(40),
    how: z.enum(ANSWERS),
    /** Minutes that such a stop takes, as they were reckoned. */
    minutes: z.number().min(0).max(1000).default(0),
  }),
  /** Something is on its way: a starter, cysts, a food; and it came. */
  'order.placed': z.object({
    orderId: id,
    what: z.enum(ORDERS),
    foodId: foodId.nullable().default(null),
    /** The start of the plan that it is for. */
    startId: z.string().max(90).nullable().default(null),
    comesOn: localDate,
  }),
  /** It came; or it is not waited for any more. */
  'order.came': z.object({ orderId: id, came: z.boolean().default(true) }),
  /** It was asked for on its day and had not happened yet. */
  'brood.awaited': z.object({ broodId: id, event: lifeAnchor.shape.event, on: localDate }),
  'vessel.cleaned': z.object({ vesselId: id, cleaner: z.enum(CLEANERS) }),
  /** Set up: from what, and how much of it. Its record lives as long as this stands. */
  'culture.started': z.object({
    cultureId: id,
    origin: z.enum(ORIGINS),
    parentIds: z.array(id).max(20),
    starterMl: z.number().min(0).max(1e7).nullable(),
    despite,
    /** What went in, for a culture that hatches; null for all others. */
    hatch: hatchSetup.nullable().default(null),
  }),
  /** A harvest as it looked in the cup, and the share of the vessel that was taken for it. */
  'culture.harvested': z.object({
    cultureId: id,
    /** Null where nobody judged it: a portion drawn in passing. */
    seen: seen.nullable(),
    share: z.number().min(0).max(1),
    /** What was drawn, where it was measured. */
    ml: z.number().min(0).max(1e7).nullable().default(null),
    organisms: z.number().min(0).max(1e15).nullable().default(null),
    energy: z.number().min(0).max(1).default(1),
    count: dropCount.nullable().default(null),
    /** The cup that a hatch was drawn into, mL. */
    cupMl: z.number().positive().max(20_000).nullable().default(null),
    /** Nothing is left in the vessel: it has ended. */
    finished: z.boolean().default(false),
    /** For whom it was drawn, and at which round. */
    roundKey: z.string().max(40).nullable().default(null),
    portions: z
      .array(
        z.object({
          tankId: id,
          organisms: z.number().min(0).max(1e15).nullable(),
          ml: z.number().min(0).max(1e7).nullable(),
        }),
      )
      .max(100)
      .default([]),
    despite,
  }),
  'culture.ended': z.object({
    cultureId: id,
    how: z.enum(ENDINGS),
    cleaner: z.enum(CLEANERS).nullable().default(null),
    reason: z.string().max(200).default(''),
    despite,
  }),
  'clock.started': z.object({ clockId: id, label: z.string().max(120), endsAt: instant, about }),
  'clock.seen': z.object({ clockId: id }),
  'lot.weighed': z.object({ lotId: id, grams: z.number().min(0).max(100_000) }),
  'brood.counted': z.object({ broodId: id, fry: fryCount, on: localDate }),
  /** A stage of a brood's life that was seen; the dates hang on it from then on. */
  'brood.event': z.object({ broodId: id, event: lifeAnchor.shape.event, on: localDate }),
  /** Fry that died, were moved on, or went into a brood of their own. */
  'brood.left': z.object({
    broodId: id,
    fry: fryCount.min(1),
    on: localDate,
    how: z.enum(['died', 'moved on', 'split']),
    toBroodId: id.nullable(),
  }),
  'brood.ended': z.object({ broodId: id, on: localDate, reason: z.string().max(200) }),
  'brood.measured': z.object({
    broodId: id,
    on: localDate,
    lengthsMm: z.array(z.number().min(1).max(500)).min(1).max(50),
  }),
  'brood.bellies': z.object({
    broodId: id,
    on: localDate,
    foodId,
    preyUm: z.number().positive().max(20_000),
    bellies: z.enum(['empty', 'some', 'full', 'orange']),
    weaning: z.boolean(),
  }),
  'weaning.started': z.object({ broodId: id, foodId, on: localDate }),
  'weaning.decided': z.object({ broodId: id, foodId, take: z.boolean(), on: localDate }),
  /** Water of a tank as read, or as set from now on; `was` is what held before. */
  'tank.temperature': z.object({ tankId: id, temperatureC: celsius, was: celsius.nullable() }),
  'tank.task': z.object({
    tankId: id,
    broodId: id.nullable(),
    task: z.string().min(1).max(40),
    on: localDate,
  }),
  /** Signs of a vessel as graded by eye, nose and torch; 0 none to 3 much. */
  'culture.looked': z.object({
    cultureId: id,
    signs: z.partialRecord(z.enum(SIGNS), z.number().min(0).max(4)),
  }),
  'culture.did': z.object({
    cultureId: id,
    action: z.enum(ACTION_KINDS),
    amount: z.number().min(0).max(1e9).nullable(),
    unit: z.enum(AMOUNT_UNITS).nullable(),
    /** In words: with what, and what was proposed when something else was done. */
    what: z.string().max(200).default(''),
    agent: z
      .enum([...WATERS, ...CLEANERS])
      .nullable()
      .default(null),
    proposed: z.number().min(0).max(1e9).nullable().default(null),
    /** Done although it was refused. */
    despite,
  }),
  'culture.moved': z.object({ cultureId: id, placeId: id.nullable(), level: z.enum(LEVELS) }),
  /** Set apart from the others, or let back. */
  'culture.quarantined': z.object({
    cultureId: id,
    apart: z.boolean(),
    reason: z.string().max(200),
  }),
  /** A rule that keeps a line clean was broken. */
  'culture.crossed': z.object({ cultureId: id, rule: z.enum(CLEAN_RULES) }),
  /** Both thermometers of a place. */
  'place.temperature': z.object({
    placeId: id,
    topC: air,
    bottomC: air,
    was: z.object({ topC: air.nullable(), bottomC: air.nullable() }).nullable(),
  }),
  'culture.temperature': z.object({ cultureId: id, temperatureC: celsius }),
  /** Somebody wanted to harvest and found it not worth it. */
  'culture.refused': z.object({ cultureId: id }),
  /** Animals in drops, or in a picture of one, of a hatch, of a culture, or of neither. */
  'sample.counted': z.object({
    of: about.nullable(),
    foodId,
    counts: z.array(z.number().int().min(0).max(1_000_000)).min(1).max(500),
    dropMl: z.number().min(0.0005).max(1000),
    how: z.enum(['by eye', 'picture']),
  }),
  /** Green water read by the depth at which a stick vanishes, or by its colour against white. */
  'water.read': z.object({
    of: about.nullable(),
    foodId,
    reading: z.discriminatedUnion('by', [
      z.object({ by: z.literal('secchi'), depthCm: z.number().min(0.5).max(300) }),
      z.object({
        by: z.literal('colour'),
        pathCm: z.number().min(0.2).max(100),
        white: z.number().min(1).max(255),
        sample: z.number().min(0).max(255),
      }),
    ]),
  }),
  /** Lengths of newly hatched nauplii of a lot, um. */
  'lot.measured': z.object({
    lotId: id,
    lengthsUm: z.array(z.number().min(200).max(1200)).min(1).max(100),
  }),
  /** So many fillings of a measure weighed so many grams of water. */
  'tool.measured': z.object({
    toolId: id,
    times: z.number().int().min(1).max(1000),
    grams: z.number().min(0.01).max(100_000).brand<'g'>(),
  }),
  /** Forgets what was learned of a food, a lot or a tool: only what is written from now on counts. */
  'learning.reset': z.object({ of: about }),
  /** The plan that is worked by from now on, with what somebody pinned or refused. */
  'plan.kept': z.object({
    from: localDate,
    days: z.number().int().min(1).max(400),
    certainty: z.number().min(0).max(1),
    starts: z.array(keptStart).max(500),
    pins: z.array(startLine).max(200).default([]),
    refused: z.array(startLine).max(200).default([]),
    facts: planFacts,
  }),
  /** A line of a sheet for whoever looks after the room, and who ticked it. */
  'sheet.ticked': z.object({
    key: z.string().min(1).max(160),
    text: z.string().max(300),
    who: z.string().trim().min(1).max(60),
    done: z.boolean(),
  }),
  /** A batch of gel as it was mixed and as it landed. Its box is called by the same id. */
  'gel.cooked': z.object({
    batchId: id,
    mixId: id,
    boxName: z.string().trim().min(1).max(60),
    store: z.enum(COLD_STORES),
    form: z.enum(GEL_FORMS),
    powderG: positive,
    powderMl: positive.nullable(),
    waterMl: positive,
    /** What the trays took, and what was left in the bowl, mL. */
    filledMl: positive,
    leftMl: z.number().min(0).max(1e6),
    /** Weighed as it stands in the box; null where it was not. */
    landedG: positive.nullable(),
    pieces: z.number().int().min(1).max(100_000),
    pieceMm: z.number().positive().max(500).nullable(),
    /** Of the powder, percent; solid share and loss it was reckoned with. */
    moisture: z.number().min(0).max(99),
    solidShare: z.number().min(0.05).max(1),
    lossShare: z.number().min(0).max(0.5),
    protein: z.number().min(0).max(100),
  }),
  'note': z.object({ text: z.string().trim().min(1).max(2000) }),
  /** Strikes out every entry of an act, another undo included. */
  'undone': z.object({ act: id }),
} as const

export type EntryKind = keyof typeof data
export type EntryData<K extends EntryKind> = z.infer<(typeof data)[K]>
export type HatchSetup = z.infer<typeof hatchSetup>
/** What a tank was given of one food. */
export type Portion = EntryData<'tank.fed'>['portions'][number]

const common = {
  id,
  at: instant,
  /** The device that wrote it. */
  by: z.string().min(1).max(60),
  /** Entries that were written together share an act, and are undone together. */
  act: id,
  subject: about,
  supersedes: id.nullable(),
  /** The proposal this entry answers, so that a second tab cannot answer it again. */
  answers: z.string().max(160).nullable().default(null),
}

const of = <K extends EntryKind>(kind: K) =>
  z.object({ ...common, kind: z.literal(kind), data: data[kind] })

export const entry = z.discriminatedUnion('kind', [
  of('tank.fed'),
  of('store.filled'),
  of('store.counted'),
  of('store.portioned'),
  of('store.discarded'),
  of('stop.answered'),
  of('order.placed'),
  of('order.came'),
  of('brood.awaited'),
  of('vessel.cleaned'),
  of('clock.started'),
  of('clock.seen'),
  of('lot.weighed'),
  of('brood.counted'),
  of('brood.event'),
  of('brood.left'),
  of('brood.ended'),
  of('brood.measured'),
  of('brood.bellies'),
  of('weaning.started'),
  of('weaning.decided'),
  of('tank.temperature'),
  of('tank.task'),
  of('culture.looked'),
  of('culture.did'),
  of('culture.temperature'),
  of('culture.harvested'),
  of('culture.refused'),
  of('culture.ended'),
  of('culture.started'),
  of('culture.moved'),
  of('culture.quarantined'),
  of('culture.crossed'),
  of('place.temperature'),
  of('sample.counted'),
  of('water.read'),
  of('lot.measured'),
  of('tool.measured'),
  of('learning.reset'),
  of('plan.kept'),
  of('sheet.ticked'),
  of('gel.cooked'),
  of('note'),
  of('undone'),
])

export type Entry = z.infer<typeof entry>
export type EntryOf<K extends EntryKind> = Extract<Entry, { kind: K }>
