import type { VesselKind } from '@renatus/core/records/vocabulary'

/** Vessels as they are drawn: outline, the water's outline below a level, and how large they stand beside each other. */
export type VesselShape = VesselKind

export interface ShapeDrawing {
  width: number
  height: number
  outline: string
  /** Height of the rim and of the floor. */ rim: number
  floor: number
  /** Half width at a height, around the middle. */ half(y: number): number
  /** What such a vessel usually holds, L: at it, it is drawn at full size. */ litres: number
}

/** How far down a slope from one height to another: 0 above, 1 below. */
const share = (y: number, from: number, to: number) =>
  Math.min(1, Math.max(0, (y - from) / (to - from)))

const SHAPES: Record<VesselShape, ShapeDrawing> = {
  tray: {
    width: 100,
    height: 46,
    rim: 8,
    floor: 42,
    outline: 'M4 8 L10 42 H90 L96 8',
    half: y => 46 - ((y - 8) / 34) * 6,
    litres: 1,
  },
  box: {
    width: 96,
    height: 58,
    rim: 12,
    floor: 54,
    outline: 'M2 6 H94 V12 H90 V54 H6 V12 H2 Z',
    half: () => 42,
    litres: 1.5,
  },
  tub: {
    width: 92,
    height: 66,
    rim: 8,
    floor: 62,
    outline: 'M4 8 L10 62 H82 L88 8',
    half: y => 42 - ((y - 8) / 54) * 6,
    litres: 5,
  },
  jar: {
    width: 70,
    height: 96,
    rim: 6,
    floor: 92,
    outline:
      'M14 6 H56 V14 C62 16 64 20 64 26 V86 C64 90 62 92 58 92 H12 C8 92 6 90 6 86 V26 C6 20 8 16 14 14 Z',
    half: y => 21 + 8 * share(y, 14, 26),
    litres: 1,
  },
  bottle: {
    width: 60,
    height: 114,
    rim: 6,
    floor: 110,
    outline:
      'M24 6 H36 V34 C36 42 54 44 54 56 V106 C54 109 52 110 50 110 H10 C8 110 6 109 6 106 V56 C6 44 24 42 24 34 Z',
    half: y => 6 + 18 * share(y, 34, 56),
    litres: 1,
  },
  bucket: {
    width: 88,
    height: 100,
    rim: 8,
    floor: 96,
    outline: 'M4 8 L12 96 H76 L84 8',
    half: y => 40 - ((y - 8) / 88) * 8,
    litres: 10,
  },
  cone: {
    width: 64,
    height: 112,
    rim: 6,
    floor: 106,
    outline: 'M6 6 H58 V62 L38 106 H26 L6 62 Z',
    half: y => (y < 62 ? 26 : 26 - ((y - 62) / 44) * 20),
    litres: 2,
  },
  tank: {
    width: 120,
    height: 80,
    rim: 6,
    floor: 76,
    outline: 'M4 6 V76 H116 V6',
    half: () => 56,
    litres: 40,
  },
}
export const shapeOf = (shape: VesselShape): ShapeDrawing => SHAPES[shape]

const SMALLEST = 0.72
const LARGEST = 1.35

/** How large a vessel is drawn: edges go with the cube root of what it holds, within what a shelf has room for. */
export const sizeOf = (shape: VesselShape, litres: number) =>
  Math.min(LARGEST, Math.max(SMALLEST, Math.cbrt(litres / SHAPES[shape].litres)))

/** The kind of vessel that holds so much, so deep and so wide. */
export function shapeFor(litres: number, depthCm: number, widthCm: number): VesselShape {
  const slim = depthCm / widthCm
  if (litres > 25) return 'tank'
  if (slim < 0.35) return 'tray'
  if (slim < 0.75) return 'tub'
  if (litres >= 4) return 'bucket'
  return slim > 1.6 ? 'bottle' : 'jar'
}
