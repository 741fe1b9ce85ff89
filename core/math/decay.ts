/** What the series of exp(z) holds beyond 1, against z. A division costs several products. */
const beyond = (z: number) => 1 + z * (0.5 + z * (1 / 6 + z * (1 / 24)))

/**
 * exp(-z) for z >= 0 by the inverse of its series: positive and falling for every z, within 1e-4 below 0.2.
 * For inner loops of sub-steps, where the exact one is most of the work and the step itself is coarser than that.
 */
export const decay = (z: number) => 1 / (1 + z * beyond(z))

/** (1 - e) / z of the same series, where e is decay(z): the mean of what decays over a step. Exact to z = 0. */
export const meanDecay = (z: number, e: number) => e * beyond(z)
