import { type PlayedGame } from '@renatus/core/practice/playedGame';
import { type LocalDate } from '@renatus/core/time/localDate';
/** Two weeks of practice of the loft's person, each with the account that was made of it. */
export declare function learnedGames(today: LocalDate, timeZone: string, seed: number, id: (ms: number) => string): PlayedGame[];
