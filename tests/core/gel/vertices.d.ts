/** Oracle for small linear programmes: every corner of what is allowed, tried one by one. */
export interface Row {
    a: readonly number[];
    at: 'least' | 'most';
    b: number;
}
/** Smallest value of an objective over all corners; null where nothing is allowed. All variables lie between rows that bound them. */
export declare function bestVertex(objective: readonly number[], rows: readonly Row[], equal: readonly {
    a: readonly number[];
    b: number;
}[]): number | null;
