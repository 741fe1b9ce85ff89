import { type World } from './sloppy';
/** One food of each family, with a method and the moments of its life at which it is read, in ready days of the card. */
export declare const CASES: readonly [readonly ['microworm', 'oats'], readonly ['infusoria', 'scalded-leaf'], readonly ['moina', 'yeast-and-spirulina'], readonly ['green-water', 'thinned-daily'], readonly ['brine-shrimp', 'one-pull'], readonly ['mosquito-larva', 'leaf-bucket']];
export declare const median: (x: number[]) => number;
/** By how many days the ready day is missed on the day the card names it, by a reading and by the card. */
export declare function readyErrors(food: string, method: string, cultures: number, world: World): {
    own: number;
    card: number;
};
export interface Figures {
    food: string;
    held: number;
    readings: number;
    error: number;
    cardError: number;
    failed: [flagged: number, of: number];
    healthy: [flagged: number, of: number];
    /** Called ready, and was not. */
    wrongReady: [wrong: number, of: number];
    ms: number;
    errors: {
        own: number;
        card: number;
    }[];
}
/** How well vessels are read whose truth the filter does not see. */
export declare function figures(food: string, method: string, cultures: number, world?: World): Figures;
