/**
 * What a number falls under: the first step whose limit it stays below, else what lies above all.
 * @param steps limits from small to large, each with what holds below it
 * @example bracket(3, [[2, 'few'], [10, 'some']], 'many') // 'some'
 */
export function bracket<T>(value: number, steps: readonly (readonly [number, T])[], above: T): T {
  const found = steps.find(([limit]) => value < limit)
  return found ? found[1] : above
}
