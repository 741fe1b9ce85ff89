import { probit } from 'simple-statistics'

/** The value below which a standard normal falls with probability p, 0 < p < 1. */
export const normalQuantile = (p: number): number => probit(p)
