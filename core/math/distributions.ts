// Every project that reads this file finds the types here: an import of them would be looked for at run time.
// eslint-disable-next-line @typescript-eslint/triple-slash-reference
/// <reference path="./jstat.d.ts" />
import jstat from 'jstat'

const { studentt, chisquare, betaln } = jstat.jStat

/** Chance that a Student t falls below x. */
export const studentCdf = (x: number, df: number): number => studentt.cdf(x, df)
/** The value below which a Student t falls with probability p. */
export const studentQuantile = (p: number, df: number): number => studentt.inv(p, df)
/** The value below which a chi-square falls with probability p. */
export const chiSquareQuantile = (p: number, df: number): number => chisquare.inv(p, df)
/** Logarithm of the beta function. */
export const logBeta = (a: number, b: number): number => betaln(a, b)
