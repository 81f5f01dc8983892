/** The reference library for distributions, as far as tests ask it. */
declare module 'jstat' {
  const jstat: {
    readonly normal: { cdf(x: number, mean: number, deviation: number): number }
    readonly lognormal: { inv(share: number, mean: number, deviation: number): number }
    readonly beta: {
      inv(share: number, a: number, b: number): number
      sample(a: number, b: number): number
    }
    mean(values: readonly number[]): number
    stdev(values: readonly number[], ofSample?: boolean): number
  }
  export default jstat
}
