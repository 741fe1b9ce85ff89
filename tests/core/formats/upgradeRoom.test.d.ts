/** Broods as version 1 wrote them. */
export declare const version1: (own: boolean) => Record<string, unknown>[];
