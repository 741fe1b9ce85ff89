/**
 * exp(-z) for z >= 0 by the inverse of its series: positive and falling for every z, within 1e-4 below 0.2.
 * For inner loops of sub-steps, where the exact one is most of the work and the step itself is coarser than that.
 */
export const decay = (z: number) => 1 / (1 + z * (1 + z * (0.5 + z * (1 / 6 + z / 24))))
