import { type Entry, type EntryData, type EntryKind, type HatchSetup } from '@renatus/core/records/entries';
import { type AnyRecord } from '@renatus/core/records/records';
import { type Round } from '@renatus/core/round/round';
import { type RoomState } from '@renatus/core/stock/roomState';
export declare const uid: (at?: string) => string;
export declare const NAMED: Record<string, string>;
interface Options {
    fry?: number;
    freeSwimmingOn?: string;
    vessels?: number;
    litres?: number;
    temperatureC?: number;
    timeZone?: string;
    grams?: number;
    species?: string;
    rounds?: {
        name: string;
        at: string;
        feedingOnly?: boolean;
    }[];
    foods?: string[];
    tankL?: number;
}
export declare function records(o?: Options): AnyRecord[];
export declare function log<K extends EntryKind>(at: string, kind: K, data: Partial<EntryData<K>>, more?: Partial<Entry>): Entry;
/** A hatch that was started, as an entry; `withHatches` brings the record of its culture. */
export declare const started: (at: string, data?: Partial<HatchSetup> & {
    hatchId?: string;
    vesselId?: string;
}) => {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "tank.fed";
    data: {
        tankId: string;
        roundKey: string;
        portions: {
            foodId: string;
            organisms: number;
            energy: number;
            amount: {
                value: number;
                unit: "cube" | "each" | "g" | "mL" | "piece" | "pinch" | "share" | "wipe" | "worm";
            } | null;
            source: {
                kind: "culture" | "store";
                id: string;
            } | null;
        }[];
        partial: boolean;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "store.filled";
    data: {
        storeId: string;
        name: string;
        foodId: string;
        keep: "brine" | "dry" | "freezer" | "fridge";
        unit: "cube" | "each" | "g" | "mL" | "piece" | "pinch" | "share" | "wipe" | "worm";
        amount: number | null;
        organisms: number | null;
        energy: number;
        fromId: string | null;
        useBy: string | null;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "store.counted";
    data: {
        storeId: string;
        name: string;
        amount: number;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "store.portioned";
    data: {
        storeId: string;
        name: string;
        on: string;
        tanks: {
            tankId: string;
            amount: number;
        }[];
        amount: number;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "store.discarded";
    data: {
        storeId: string;
        name: string;
        amount: number | null;
        reason: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "stop.answered";
    data: {
        key: string;
        roundKey: string;
        how: "done" | "enough" | "not-now";
        minutes: number;
        meals: {
            tankId: string;
            whole: boolean;
            draws: {
                foodId: string;
                sourceId: string;
                unit: "cube" | "each" | "g" | "mL" | "piece" | "pinch" | "share" | "wipe" | "worm";
                value: number;
                meal: number;
            }[];
        }[] | null;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "order.placed";
    data: {
        orderId: string;
        what: "cysts" | "food" | "material" | "starter";
        foodId: string | null;
        startId: string | null;
        comesOn: string;
        materialId?: string | null | undefined;
        amount?: number | undefined;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "order.came";
    data: {
        orderId: string;
        came: boolean;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "brood.awaited";
    data: {
        broodId: string;
        event: "free" | "hatched" | "spawned";
        on: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "vessel.cleaned";
    data: {
        vesselId: string;
        cleaner: "bleach" | "hot water";
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "clock.started";
    data: {
        clockId: string;
        label: string;
        endsAt: string;
        about: {
            type: string;
            id: string;
        };
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "clock.seen";
    data: {
        clockId: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "lot.weighed";
    data: {
        lotId: string;
        grams: number;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "lot.boxed";
    data: {
        lotId: string;
        grams: number & import("zod").$brand<"g">;
        kept: "freezer" | "fridge" | "humid" | "room";
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "purchase.made";
    data: {
        purchaseId: string;
        of: {
            type: string;
            id: string;
        };
        name: string;
        amount: number;
        unit: "each" | "g" | "mL";
        price: number | null;
        months: number | null;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "material.counted";
    data: {
        materialId: string;
        amount: number;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "material.taken";
    data: {
        materialId: string;
        amount: number;
        what: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "material.mixed";
    data: {
        materialId: string;
        amount: number;
        out: {
            materialId: string;
            amount: number;
        }[];
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "trial.valued";
    data: {
        trialId: string;
        memberId: string;
        values: number[] | null;
        hits: {
            hit: number;
            of: number;
        } | null;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "trial.lost";
    data: {
        trialId: string;
        memberId: string;
        reason: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "trial.opened";
    data: {
        trialId: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "trial.ended";
    data: {
        trialId: string;
        how: "alike" | "settled" | "stopped";
        spread: {
            sd: number;
            df: number;
        } | null;
        arms: {
            id: string;
            name: string;
            vessels: number;
            mean: number;
            p10: number;
            p90: number;
            best: number;
        }[];
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "brood.counted";
    data: {
        broodId: string;
        fry: number;
        on: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "brood.event";
    data: {
        broodId: string;
        event: "free" | "hatched" | "spawned";
        on: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "brood.left";
    data: {
        broodId: string;
        fry: number;
        on: string;
        how: "died" | "moved on" | "split";
        toBroodId: string | null;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "brood.ended";
    data: {
        broodId: string;
        on: string;
        reason: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "brood.measured";
    data: {
        broodId: string;
        on: string;
        lengthsMm: number[];
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "brood.bellies";
    data: {
        broodId: string;
        on: string;
        foodId: string;
        preyUm: number;
        bellies: "empty" | "full" | "orange" | "some";
        weaning: boolean;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "weaning.started";
    data: {
        broodId: string;
        foodId: string;
        on: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "weaning.decided";
    data: {
        broodId: string;
        foodId: string;
        take: boolean;
        on: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "tank.temperature";
    data: {
        tankId: string;
        temperatureC: number & import("zod").$brand<"degC">;
        was: (number & import("zod").$brand<"degC">) | null;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "tank.task";
    data: {
        tankId: string;
        broodId: string | null;
        task: string;
        on: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "culture.looked";
    data: {
        cultureId: string;
        signs: Partial<Record<"climbing" | "cloudiness" | "film" | "gathering" | "movers" | "pupae" | "sediment" | "size" | "smell" | "tint", number>>;
        strangers?: ("ciliates" | "copepods" | "fleas" | "larvae" | "rotifers" | "worms" | "yeast")[] | undefined;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "culture.did";
    data: {
        cultureId: string;
        action: "dose" | "feed" | "lower" | "poison" | "renew" | "split" | "stir" | "takeOut" | "topUp" | "waterChange";
        amount: number | null;
        unit: "g" | "mL" | "mgPerL" | "share" | null;
        what: string;
        agent: "aged" | "bleach" | "boiled" | "conditioned" | "hot water" | "medium" | "salt" | "tank" | "tap" | null;
        proposed: number | null;
        despite: ("bleach-near-acid" | "cloudy" | "fresh-conditioner" | "mother" | "pupae" | "quarantine" | "still-fed" | "too-much" | "unready")[];
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "culture.temperature";
    data: {
        cultureId: string;
        temperatureC: number & import("zod").$brand<"degC">;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "culture.course";
    data: {
        how: "file" | "live" | "min-max" | "typed";
        points: {
            at: string;
            c: number;
        }[];
        cultureId: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "culture.tested";
    data: {
        cultureId: string;
        pH: number;
        sodaG: number & import("zod").$brand<"g">;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "place.course";
    data: {
        how: "file" | "live" | "min-max" | "typed";
        points: {
            at: string;
            c: number;
        }[];
        placeId: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "tank.course";
    data: {
        how: "file" | "live" | "min-max" | "typed";
        points: {
            at: string;
            c: number;
        }[];
        tankId: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "lot.decapsulated";
    data: {
        lotId: string;
        grams: number;
        outcome: "feed" | "hatch" | "lost" | "store";
        minutes: number | null;
        warmestC: number | null;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "culture.gravity";
    data: {
        cultureId: string;
        sg: number;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "culture.harvested";
    data: {
        cultureId: string;
        seen: "failed" | "good" | "thin" | null;
        share: number;
        ml: number | null;
        organisms: number | null;
        energy: number;
        count: {
            animals: number;
            samples: number;
            sampleMl: number;
        } | null;
        cupMl: number | null;
        finished: boolean;
        roundKey: string | null;
        portions: {
            tankId: string;
            organisms: number | null;
            ml: number | null;
        }[];
        despite: ("bleach-near-acid" | "cloudy" | "fresh-conditioner" | "mother" | "pupae" | "quarantine" | "still-fed" | "too-much" | "unready")[];
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "culture.refused";
    data: {
        cultureId: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "culture.ended";
    data: {
        cultureId: string;
        how: "discarded" | "failed" | "given away" | "reset" | "used up";
        cleaner: "bleach" | "hot water" | null;
        reason: string;
        despite: ("bleach-near-acid" | "cloudy" | "fresh-conditioner" | "mother" | "pupae" | "quarantine" | "still-fed" | "too-much" | "unready")[];
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "culture.started";
    data: {
        cultureId: string;
        origin: "bought" | "cultures" | "unknown" | "wild";
        parentIds: string[];
        starterMl: number | null;
        despite: ("bleach-near-acid" | "cloudy" | "fresh-conditioner" | "mother" | "pupae" | "quarantine" | "still-fed" | "too-much" | "unready")[];
        taken?: {
            materialId: string;
            amount: number;
        }[] | null | undefined;
        made?: {
            matter: string;
            water: string;
            medium: string;
            remark: string;
        } | null | undefined;
        hatch: {
            lotId: string;
            saltId: string;
            waterL: number & import("zod").$brand<"L">;
            saltG: number & import("zod").$brand<"g">;
            cystsG: number & import("zod").$brand<"g">;
            sodaG: number & import("zod").$brand<"g">;
            temperatureC: number & import("zod").$brand<"degC">;
            lit: boolean;
            decapsulated: boolean;
            pullsAt: string[];
            proposed: {
                waterL: number;
                saltG: number;
                cystsG: number;
            } | null;
        } | null;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "culture.moved";
    data: {
        cultureId: string;
        placeId: string | null;
        level: "bottom" | "middle" | "top";
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "culture.quarantined";
    data: {
        cultureId: string;
        apart: boolean;
        reason: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "culture.crossed";
    data: {
        cultureId: string;
        rule: "after-dirtier-line" | "fed-from-mother" | "quarantine" | "shared-tool" | "tank-water" | "wild-starter";
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "place.temperature";
    data: {
        placeId: string;
        topC: (number & import("zod").$brand<"degC">) | null;
        bottomC: (number & import("zod").$brand<"degC">) | null;
        was: {
            topC: (number & import("zod").$brand<"degC">) | null;
            bottomC: (number & import("zod").$brand<"degC">) | null;
        } | null;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "sample.counted";
    data: {
        of: {
            type: string;
            id: string;
        } | null;
        foodId: string;
        counts: number[];
        dropMl: number;
        how: "by eye" | "picture";
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "water.read";
    data: {
        of: {
            type: string;
            id: string;
        } | null;
        foodId: string;
        reading: {
            by: "secchi";
            depthCm: number;
        } | {
            by: "colour";
            pathCm: number;
            white: number;
            sample: number;
        };
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "lot.measured";
    data: {
        lotId: string;
        lengthsUm: number[];
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "tool.measured";
    data: {
        toolId: string;
        times: number;
        grams: number & import("zod").$brand<"g">;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "learning.reset";
    data: {
        of: {
            type: string;
            id: string;
        };
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "plan.kept";
    data: {
        from: string;
        days: number;
        certainty: number;
        starts: {
            food: string;
            method: string;
            on: string;
            vessels: number;
            id: string;
            placeId: string | null;
            litres: number;
            orderBy: string | null;
            forBrood: string;
            neededOn: string;
            failure: number;
            readyDays: number;
            readyLogSd: number;
            why: string;
        }[];
        pins: {
            food: string;
            method: string;
            on: string;
            vessels: number;
        }[];
        refused: {
            food: string;
            method: string;
            on: string;
            vessels: number;
        }[];
        facts: {
            broods: {
                id: string;
                name: string;
                freeOn: string;
                fry: number;
                foods: string;
            }[];
            cultures: {
                id: string;
                name: string;
                food: string;
                state: "apart" | "doubtful" | "lost" | "well";
            }[];
            rounds: string;
            foods: string;
            warmth: string;
        };
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "sheet.ticked";
    data: {
        key: string;
        text: string;
        who: string;
        done: boolean;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "gel.cooked";
    data: {
        batchId: string;
        mixId: string;
        boxName: string;
        store: "freezer" | "fridge";
        form: "bag" | "coating" | "tray";
        powderG: number;
        powderMl: number | null;
        waterMl: number;
        filledMl: number;
        leftMl: number;
        landedG: number | null;
        pieces: number;
        pieceMm: number | null;
        moisture: number;
        solidShare: number;
        lossShare: number;
        protein: number;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "note";
    data: {
        text: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "undone";
    data: {
        act: string;
    };
};
/** A hatch that was pulled. */
export declare const harvested: (at: string, { hatchId, nauplii, volumeMl, ...data }?: Partial<EntryData<'culture.harvested'>> & {
    hatchId?: string;
    nauplii?: number;
    volumeMl?: number;
}) => {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "tank.fed";
    data: {
        tankId: string;
        roundKey: string;
        portions: {
            foodId: string;
            organisms: number;
            energy: number;
            amount: {
                value: number;
                unit: "cube" | "each" | "g" | "mL" | "piece" | "pinch" | "share" | "wipe" | "worm";
            } | null;
            source: {
                kind: "culture" | "store";
                id: string;
            } | null;
        }[];
        partial: boolean;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "store.filled";
    data: {
        storeId: string;
        name: string;
        foodId: string;
        keep: "brine" | "dry" | "freezer" | "fridge";
        unit: "cube" | "each" | "g" | "mL" | "piece" | "pinch" | "share" | "wipe" | "worm";
        amount: number | null;
        organisms: number | null;
        energy: number;
        fromId: string | null;
        useBy: string | null;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "store.counted";
    data: {
        storeId: string;
        name: string;
        amount: number;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "store.portioned";
    data: {
        storeId: string;
        name: string;
        on: string;
        tanks: {
            tankId: string;
            amount: number;
        }[];
        amount: number;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "store.discarded";
    data: {
        storeId: string;
        name: string;
        amount: number | null;
        reason: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "stop.answered";
    data: {
        key: string;
        roundKey: string;
        how: "done" | "enough" | "not-now";
        minutes: number;
        meals: {
            tankId: string;
            whole: boolean;
            draws: {
                foodId: string;
                sourceId: string;
                unit: "cube" | "each" | "g" | "mL" | "piece" | "pinch" | "share" | "wipe" | "worm";
                value: number;
                meal: number;
            }[];
        }[] | null;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "order.placed";
    data: {
        orderId: string;
        what: "cysts" | "food" | "material" | "starter";
        foodId: string | null;
        startId: string | null;
        comesOn: string;
        materialId?: string | null | undefined;
        amount?: number | undefined;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "order.came";
    data: {
        orderId: string;
        came: boolean;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "brood.awaited";
    data: {
        broodId: string;
        event: "free" | "hatched" | "spawned";
        on: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "vessel.cleaned";
    data: {
        vesselId: string;
        cleaner: "bleach" | "hot water";
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "clock.started";
    data: {
        clockId: string;
        label: string;
        endsAt: string;
        about: {
            type: string;
            id: string;
        };
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "clock.seen";
    data: {
        clockId: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "lot.weighed";
    data: {
        lotId: string;
        grams: number;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "lot.boxed";
    data: {
        lotId: string;
        grams: number & import("zod").$brand<"g">;
        kept: "freezer" | "fridge" | "humid" | "room";
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "purchase.made";
    data: {
        purchaseId: string;
        of: {
            type: string;
            id: string;
        };
        name: string;
        amount: number;
        unit: "each" | "g" | "mL";
        price: number | null;
        months: number | null;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "material.counted";
    data: {
        materialId: string;
        amount: number;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "material.taken";
    data: {
        materialId: string;
        amount: number;
        what: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "material.mixed";
    data: {
        materialId: string;
        amount: number;
        out: {
            materialId: string;
            amount: number;
        }[];
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "trial.valued";
    data: {
        trialId: string;
        memberId: string;
        values: number[] | null;
        hits: {
            hit: number;
            of: number;
        } | null;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "trial.lost";
    data: {
        trialId: string;
        memberId: string;
        reason: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "trial.opened";
    data: {
        trialId: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "trial.ended";
    data: {
        trialId: string;
        how: "alike" | "settled" | "stopped";
        spread: {
            sd: number;
            df: number;
        } | null;
        arms: {
            id: string;
            name: string;
            vessels: number;
            mean: number;
            p10: number;
            p90: number;
            best: number;
        }[];
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "brood.counted";
    data: {
        broodId: string;
        fry: number;
        on: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "brood.event";
    data: {
        broodId: string;
        event: "free" | "hatched" | "spawned";
        on: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "brood.left";
    data: {
        broodId: string;
        fry: number;
        on: string;
        how: "died" | "moved on" | "split";
        toBroodId: string | null;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "brood.ended";
    data: {
        broodId: string;
        on: string;
        reason: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "brood.measured";
    data: {
        broodId: string;
        on: string;
        lengthsMm: number[];
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "brood.bellies";
    data: {
        broodId: string;
        on: string;
        foodId: string;
        preyUm: number;
        bellies: "empty" | "full" | "orange" | "some";
        weaning: boolean;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "weaning.started";
    data: {
        broodId: string;
        foodId: string;
        on: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "weaning.decided";
    data: {
        broodId: string;
        foodId: string;
        take: boolean;
        on: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "tank.temperature";
    data: {
        tankId: string;
        temperatureC: number & import("zod").$brand<"degC">;
        was: (number & import("zod").$brand<"degC">) | null;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "tank.task";
    data: {
        tankId: string;
        broodId: string | null;
        task: string;
        on: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "culture.looked";
    data: {
        cultureId: string;
        signs: Partial<Record<"climbing" | "cloudiness" | "film" | "gathering" | "movers" | "pupae" | "sediment" | "size" | "smell" | "tint", number>>;
        strangers?: ("ciliates" | "copepods" | "fleas" | "larvae" | "rotifers" | "worms" | "yeast")[] | undefined;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "culture.did";
    data: {
        cultureId: string;
        action: "dose" | "feed" | "lower" | "poison" | "renew" | "split" | "stir" | "takeOut" | "topUp" | "waterChange";
        amount: number | null;
        unit: "g" | "mL" | "mgPerL" | "share" | null;
        what: string;
        agent: "aged" | "bleach" | "boiled" | "conditioned" | "hot water" | "medium" | "salt" | "tank" | "tap" | null;
        proposed: number | null;
        despite: ("bleach-near-acid" | "cloudy" | "fresh-conditioner" | "mother" | "pupae" | "quarantine" | "still-fed" | "too-much" | "unready")[];
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "culture.temperature";
    data: {
        cultureId: string;
        temperatureC: number & import("zod").$brand<"degC">;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "culture.course";
    data: {
        how: "file" | "live" | "min-max" | "typed";
        points: {
            at: string;
            c: number;
        }[];
        cultureId: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "culture.tested";
    data: {
        cultureId: string;
        pH: number;
        sodaG: number & import("zod").$brand<"g">;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "place.course";
    data: {
        how: "file" | "live" | "min-max" | "typed";
        points: {
            at: string;
            c: number;
        }[];
        placeId: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "tank.course";
    data: {
        how: "file" | "live" | "min-max" | "typed";
        points: {
            at: string;
            c: number;
        }[];
        tankId: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "lot.decapsulated";
    data: {
        lotId: string;
        grams: number;
        outcome: "feed" | "hatch" | "lost" | "store";
        minutes: number | null;
        warmestC: number | null;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "culture.gravity";
    data: {
        cultureId: string;
        sg: number;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "culture.harvested";
    data: {
        cultureId: string;
        seen: "failed" | "good" | "thin" | null;
        share: number;
        ml: number | null;
        organisms: number | null;
        energy: number;
        count: {
            animals: number;
            samples: number;
            sampleMl: number;
        } | null;
        cupMl: number | null;
        finished: boolean;
        roundKey: string | null;
        portions: {
            tankId: string;
            organisms: number | null;
            ml: number | null;
        }[];
        despite: ("bleach-near-acid" | "cloudy" | "fresh-conditioner" | "mother" | "pupae" | "quarantine" | "still-fed" | "too-much" | "unready")[];
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "culture.refused";
    data: {
        cultureId: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "culture.ended";
    data: {
        cultureId: string;
        how: "discarded" | "failed" | "given away" | "reset" | "used up";
        cleaner: "bleach" | "hot water" | null;
        reason: string;
        despite: ("bleach-near-acid" | "cloudy" | "fresh-conditioner" | "mother" | "pupae" | "quarantine" | "still-fed" | "too-much" | "unready")[];
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "culture.started";
    data: {
        cultureId: string;
        origin: "bought" | "cultures" | "unknown" | "wild";
        parentIds: string[];
        starterMl: number | null;
        despite: ("bleach-near-acid" | "cloudy" | "fresh-conditioner" | "mother" | "pupae" | "quarantine" | "still-fed" | "too-much" | "unready")[];
        taken?: {
            materialId: string;
            amount: number;
        }[] | null | undefined;
        made?: {
            matter: string;
            water: string;
            medium: string;
            remark: string;
        } | null | undefined;
        hatch: {
            lotId: string;
            saltId: string;
            waterL: number & import("zod").$brand<"L">;
            saltG: number & import("zod").$brand<"g">;
            cystsG: number & import("zod").$brand<"g">;
            sodaG: number & import("zod").$brand<"g">;
            temperatureC: number & import("zod").$brand<"degC">;
            lit: boolean;
            decapsulated: boolean;
            pullsAt: string[];
            proposed: {
                waterL: number;
                saltG: number;
                cystsG: number;
            } | null;
        } | null;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "culture.moved";
    data: {
        cultureId: string;
        placeId: string | null;
        level: "bottom" | "middle" | "top";
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "culture.quarantined";
    data: {
        cultureId: string;
        apart: boolean;
        reason: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "culture.crossed";
    data: {
        cultureId: string;
        rule: "after-dirtier-line" | "fed-from-mother" | "quarantine" | "shared-tool" | "tank-water" | "wild-starter";
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "place.temperature";
    data: {
        placeId: string;
        topC: (number & import("zod").$brand<"degC">) | null;
        bottomC: (number & import("zod").$brand<"degC">) | null;
        was: {
            topC: (number & import("zod").$brand<"degC">) | null;
            bottomC: (number & import("zod").$brand<"degC">) | null;
        } | null;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "sample.counted";
    data: {
        of: {
            type: string;
            id: string;
        } | null;
        foodId: string;
        counts: number[];
        dropMl: number;
        how: "by eye" | "picture";
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "water.read";
    data: {
        of: {
            type: string;
            id: string;
        } | null;
        foodId: string;
        reading: {
            by: "secchi";
            depthCm: number;
        } | {
            by: "colour";
            pathCm: number;
            white: number;
            sample: number;
        };
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "lot.measured";
    data: {
        lotId: string;
        lengthsUm: number[];
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "tool.measured";
    data: {
        toolId: string;
        times: number;
        grams: number & import("zod").$brand<"g">;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "learning.reset";
    data: {
        of: {
            type: string;
            id: string;
        };
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "plan.kept";
    data: {
        from: string;
        days: number;
        certainty: number;
        starts: {
            food: string;
            method: string;
            on: string;
            vessels: number;
            id: string;
            placeId: string | null;
            litres: number;
            orderBy: string | null;
            forBrood: string;
            neededOn: string;
            failure: number;
            readyDays: number;
            readyLogSd: number;
            why: string;
        }[];
        pins: {
            food: string;
            method: string;
            on: string;
            vessels: number;
        }[];
        refused: {
            food: string;
            method: string;
            on: string;
            vessels: number;
        }[];
        facts: {
            broods: {
                id: string;
                name: string;
                freeOn: string;
                fry: number;
                foods: string;
            }[];
            cultures: {
                id: string;
                name: string;
                food: string;
                state: "apart" | "doubtful" | "lost" | "well";
            }[];
            rounds: string;
            foods: string;
            warmth: string;
        };
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "sheet.ticked";
    data: {
        key: string;
        text: string;
        who: string;
        done: boolean;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "gel.cooked";
    data: {
        batchId: string;
        mixId: string;
        boxName: string;
        store: "freezer" | "fridge";
        form: "bag" | "coating" | "tray";
        powderG: number;
        powderMl: number | null;
        waterMl: number;
        filledMl: number;
        leftMl: number;
        landedG: number | null;
        pieces: number;
        pieceMm: number | null;
        moisture: number;
        solidShare: number;
        lossShare: number;
        protein: number;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "note";
    data: {
        text: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "undone";
    data: {
        act: string;
    };
};
/** Nauplii in the fridge, as they were put by. */
export declare const chilled: (at: string, data: Partial<EntryData<'store.filled'>> & {
    storeId: string;
}) => {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "tank.fed";
    data: {
        tankId: string;
        roundKey: string;
        portions: {
            foodId: string;
            organisms: number;
            energy: number;
            amount: {
                value: number;
                unit: "cube" | "each" | "g" | "mL" | "piece" | "pinch" | "share" | "wipe" | "worm";
            } | null;
            source: {
                kind: "culture" | "store";
                id: string;
            } | null;
        }[];
        partial: boolean;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "store.filled";
    data: {
        storeId: string;
        name: string;
        foodId: string;
        keep: "brine" | "dry" | "freezer" | "fridge";
        unit: "cube" | "each" | "g" | "mL" | "piece" | "pinch" | "share" | "wipe" | "worm";
        amount: number | null;
        organisms: number | null;
        energy: number;
        fromId: string | null;
        useBy: string | null;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "store.counted";
    data: {
        storeId: string;
        name: string;
        amount: number;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "store.portioned";
    data: {
        storeId: string;
        name: string;
        on: string;
        tanks: {
            tankId: string;
            amount: number;
        }[];
        amount: number;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "store.discarded";
    data: {
        storeId: string;
        name: string;
        amount: number | null;
        reason: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "stop.answered";
    data: {
        key: string;
        roundKey: string;
        how: "done" | "enough" | "not-now";
        minutes: number;
        meals: {
            tankId: string;
            whole: boolean;
            draws: {
                foodId: string;
                sourceId: string;
                unit: "cube" | "each" | "g" | "mL" | "piece" | "pinch" | "share" | "wipe" | "worm";
                value: number;
                meal: number;
            }[];
        }[] | null;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "order.placed";
    data: {
        orderId: string;
        what: "cysts" | "food" | "material" | "starter";
        foodId: string | null;
        startId: string | null;
        comesOn: string;
        materialId?: string | null | undefined;
        amount?: number | undefined;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "order.came";
    data: {
        orderId: string;
        came: boolean;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "brood.awaited";
    data: {
        broodId: string;
        event: "free" | "hatched" | "spawned";
        on: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "vessel.cleaned";
    data: {
        vesselId: string;
        cleaner: "bleach" | "hot water";
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "clock.started";
    data: {
        clockId: string;
        label: string;
        endsAt: string;
        about: {
            type: string;
            id: string;
        };
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "clock.seen";
    data: {
        clockId: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "lot.weighed";
    data: {
        lotId: string;
        grams: number;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "lot.boxed";
    data: {
        lotId: string;
        grams: number & import("zod").$brand<"g">;
        kept: "freezer" | "fridge" | "humid" | "room";
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "purchase.made";
    data: {
        purchaseId: string;
        of: {
            type: string;
            id: string;
        };
        name: string;
        amount: number;
        unit: "each" | "g" | "mL";
        price: number | null;
        months: number | null;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "material.counted";
    data: {
        materialId: string;
        amount: number;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "material.taken";
    data: {
        materialId: string;
        amount: number;
        what: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "material.mixed";
    data: {
        materialId: string;
        amount: number;
        out: {
            materialId: string;
            amount: number;
        }[];
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "trial.valued";
    data: {
        trialId: string;
        memberId: string;
        values: number[] | null;
        hits: {
            hit: number;
            of: number;
        } | null;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "trial.lost";
    data: {
        trialId: string;
        memberId: string;
        reason: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "trial.opened";
    data: {
        trialId: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "trial.ended";
    data: {
        trialId: string;
        how: "alike" | "settled" | "stopped";
        spread: {
            sd: number;
            df: number;
        } | null;
        arms: {
            id: string;
            name: string;
            vessels: number;
            mean: number;
            p10: number;
            p90: number;
            best: number;
        }[];
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "brood.counted";
    data: {
        broodId: string;
        fry: number;
        on: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "brood.event";
    data: {
        broodId: string;
        event: "free" | "hatched" | "spawned";
        on: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "brood.left";
    data: {
        broodId: string;
        fry: number;
        on: string;
        how: "died" | "moved on" | "split";
        toBroodId: string | null;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "brood.ended";
    data: {
        broodId: string;
        on: string;
        reason: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "brood.measured";
    data: {
        broodId: string;
        on: string;
        lengthsMm: number[];
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "brood.bellies";
    data: {
        broodId: string;
        on: string;
        foodId: string;
        preyUm: number;
        bellies: "empty" | "full" | "orange" | "some";
        weaning: boolean;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "weaning.started";
    data: {
        broodId: string;
        foodId: string;
        on: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "weaning.decided";
    data: {
        broodId: string;
        foodId: string;
        take: boolean;
        on: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "tank.temperature";
    data: {
        tankId: string;
        temperatureC: number & import("zod").$brand<"degC">;
        was: (number & import("zod").$brand<"degC">) | null;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "tank.task";
    data: {
        tankId: string;
        broodId: string | null;
        task: string;
        on: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "culture.looked";
    data: {
        cultureId: string;
        signs: Partial<Record<"climbing" | "cloudiness" | "film" | "gathering" | "movers" | "pupae" | "sediment" | "size" | "smell" | "tint", number>>;
        strangers?: ("ciliates" | "copepods" | "fleas" | "larvae" | "rotifers" | "worms" | "yeast")[] | undefined;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "culture.did";
    data: {
        cultureId: string;
        action: "dose" | "feed" | "lower" | "poison" | "renew" | "split" | "stir" | "takeOut" | "topUp" | "waterChange";
        amount: number | null;
        unit: "g" | "mL" | "mgPerL" | "share" | null;
        what: string;
        agent: "aged" | "bleach" | "boiled" | "conditioned" | "hot water" | "medium" | "salt" | "tank" | "tap" | null;
        proposed: number | null;
        despite: ("bleach-near-acid" | "cloudy" | "fresh-conditioner" | "mother" | "pupae" | "quarantine" | "still-fed" | "too-much" | "unready")[];
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "culture.temperature";
    data: {
        cultureId: string;
        temperatureC: number & import("zod").$brand<"degC">;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "culture.course";
    data: {
        how: "file" | "live" | "min-max" | "typed";
        points: {
            at: string;
            c: number;
        }[];
        cultureId: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "culture.tested";
    data: {
        cultureId: string;
        pH: number;
        sodaG: number & import("zod").$brand<"g">;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "place.course";
    data: {
        how: "file" | "live" | "min-max" | "typed";
        points: {
            at: string;
            c: number;
        }[];
        placeId: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "tank.course";
    data: {
        how: "file" | "live" | "min-max" | "typed";
        points: {
            at: string;
            c: number;
        }[];
        tankId: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "lot.decapsulated";
    data: {
        lotId: string;
        grams: number;
        outcome: "feed" | "hatch" | "lost" | "store";
        minutes: number | null;
        warmestC: number | null;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "culture.gravity";
    data: {
        cultureId: string;
        sg: number;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "culture.harvested";
    data: {
        cultureId: string;
        seen: "failed" | "good" | "thin" | null;
        share: number;
        ml: number | null;
        organisms: number | null;
        energy: number;
        count: {
            animals: number;
            samples: number;
            sampleMl: number;
        } | null;
        cupMl: number | null;
        finished: boolean;
        roundKey: string | null;
        portions: {
            tankId: string;
            organisms: number | null;
            ml: number | null;
        }[];
        despite: ("bleach-near-acid" | "cloudy" | "fresh-conditioner" | "mother" | "pupae" | "quarantine" | "still-fed" | "too-much" | "unready")[];
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "culture.refused";
    data: {
        cultureId: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "culture.ended";
    data: {
        cultureId: string;
        how: "discarded" | "failed" | "given away" | "reset" | "used up";
        cleaner: "bleach" | "hot water" | null;
        reason: string;
        despite: ("bleach-near-acid" | "cloudy" | "fresh-conditioner" | "mother" | "pupae" | "quarantine" | "still-fed" | "too-much" | "unready")[];
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "culture.started";
    data: {
        cultureId: string;
        origin: "bought" | "cultures" | "unknown" | "wild";
        parentIds: string[];
        starterMl: number | null;
        despite: ("bleach-near-acid" | "cloudy" | "fresh-conditioner" | "mother" | "pupae" | "quarantine" | "still-fed" | "too-much" | "unready")[];
        taken?: {
            materialId: string;
            amount: number;
        }[] | null | undefined;
        made?: {
            matter: string;
            water: string;
            medium: string;
            remark: string;
        } | null | undefined;
        hatch: {
            lotId: string;
            saltId: string;
            waterL: number & import("zod").$brand<"L">;
            saltG: number & import("zod").$brand<"g">;
            cystsG: number & import("zod").$brand<"g">;
            sodaG: number & import("zod").$brand<"g">;
            temperatureC: number & import("zod").$brand<"degC">;
            lit: boolean;
            decapsulated: boolean;
            pullsAt: string[];
            proposed: {
                waterL: number;
                saltG: number;
                cystsG: number;
            } | null;
        } | null;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "culture.moved";
    data: {
        cultureId: string;
        placeId: string | null;
        level: "bottom" | "middle" | "top";
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "culture.quarantined";
    data: {
        cultureId: string;
        apart: boolean;
        reason: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "culture.crossed";
    data: {
        cultureId: string;
        rule: "after-dirtier-line" | "fed-from-mother" | "quarantine" | "shared-tool" | "tank-water" | "wild-starter";
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "place.temperature";
    data: {
        placeId: string;
        topC: (number & import("zod").$brand<"degC">) | null;
        bottomC: (number & import("zod").$brand<"degC">) | null;
        was: {
            topC: (number & import("zod").$brand<"degC">) | null;
            bottomC: (number & import("zod").$brand<"degC">) | null;
        } | null;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "sample.counted";
    data: {
        of: {
            type: string;
            id: string;
        } | null;
        foodId: string;
        counts: number[];
        dropMl: number;
        how: "by eye" | "picture";
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "water.read";
    data: {
        of: {
            type: string;
            id: string;
        } | null;
        foodId: string;
        reading: {
            by: "secchi";
            depthCm: number;
        } | {
            by: "colour";
            pathCm: number;
            white: number;
            sample: number;
        };
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "lot.measured";
    data: {
        lotId: string;
        lengthsUm: number[];
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "tool.measured";
    data: {
        toolId: string;
        times: number;
        grams: number & import("zod").$brand<"g">;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "learning.reset";
    data: {
        of: {
            type: string;
            id: string;
        };
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "plan.kept";
    data: {
        from: string;
        days: number;
        certainty: number;
        starts: {
            food: string;
            method: string;
            on: string;
            vessels: number;
            id: string;
            placeId: string | null;
            litres: number;
            orderBy: string | null;
            forBrood: string;
            neededOn: string;
            failure: number;
            readyDays: number;
            readyLogSd: number;
            why: string;
        }[];
        pins: {
            food: string;
            method: string;
            on: string;
            vessels: number;
        }[];
        refused: {
            food: string;
            method: string;
            on: string;
            vessels: number;
        }[];
        facts: {
            broods: {
                id: string;
                name: string;
                freeOn: string;
                fry: number;
                foods: string;
            }[];
            cultures: {
                id: string;
                name: string;
                food: string;
                state: "apart" | "doubtful" | "lost" | "well";
            }[];
            rounds: string;
            foods: string;
            warmth: string;
        };
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "sheet.ticked";
    data: {
        key: string;
        text: string;
        who: string;
        done: boolean;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "gel.cooked";
    data: {
        batchId: string;
        mixId: string;
        boxName: string;
        store: "freezer" | "fridge";
        form: "bag" | "coating" | "tray";
        powderG: number;
        powderMl: number | null;
        waterMl: number;
        filledMl: number;
        leftMl: number;
        landedG: number | null;
        pieces: number;
        pieceMm: number | null;
        moisture: number;
        solidShare: number;
        lossShare: number;
        protein: number;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "note";
    data: {
        text: string;
    };
} | {
    id: string;
    at: string;
    by: string;
    act: string;
    subject: {
        type: string;
        id: string;
    };
    supersedes: string | null;
    answers: string | null;
    kind: "undone";
    data: {
        act: string;
    };
};
/** The records of a room with one culture for each hatch of its log; each stands in the first cone. */
export declare function withHatches(list: readonly AnyRecord[], entries: readonly Entry[]): AnyRecord[];
export declare const stateAt: (now: string, entries?: Entry[], options?: Options) => RoomState;
/** The round of a room without cultures, or with readings of those it has. */
export declare function roundFor(list: readonly AnyRecord[], entries: Entry[], now: string): {
    state: RoomState;
    round: Round;
};
export {};
