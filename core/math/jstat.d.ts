/** What is used of a package that brings no types. */
declare module 'jstat' {
  interface Distribution {
    cdf(x: number, df: number): number
    inv(p: number, df: number): number
  }
  const jstat: {
    jStat: {
      studentt: Distribution
      chisquare: Distribution
      betaln(a: number, b: number): number
    }
  }
  export default jstat
}
