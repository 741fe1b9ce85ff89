/** What is used of a package that brings no types. */
declare module 'jstat' {
  interface Distribution {
    cdf(x: number, ...parameters: number[]): number
    inv(p: number, ...parameters: number[]): number
  }
  interface JStat {
    studentt: Distribution
    chisquare: Distribution
    beta: Distribution
    betaln(a: number, b: number): number
  }
  const jstat: { jStat: JStat }
  export default jstat
}
