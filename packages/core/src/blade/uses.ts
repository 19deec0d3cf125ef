/**
 * What a blade is for, and the windows that follow: angle, finish, thickness behind the edge and the cut
 * force it should reach. Starting points of the trade, as data, so that a bench can put its own in their place.
 */
import { localized } from '../text';
export interface Use {
  readonly id: string;
  readonly label: string;
  /** Per side. */
  readonly angleDeg: readonly [low: number, high: number];
  /** Of the last stone, µm. */
  readonly finishUm: readonly [finest: number, coarsest: number];
  /** Thin the blade from here on, mm; null where thickness is not judged so. */
  readonly limitBehindEdgeMm: number | null;
  /** Median cut force the edge should not exceed on the standard thread, gf. */
  readonly targetForceGf: number;
  /** Bone or frozen food. */
  readonly hard: boolean;
}

// prettier-ignore
export const USES: readonly Use[] = localized([
  { id: 'vegetable-fine', label: 'Fine vegetable work', angleDeg: [10, 14], finishUm: [3, 8], limitBehindEdgeMm: 0.25, targetForceGf: 180, hard: false },
  { id: 'general-hard', label: 'General kitchen, hard steel', angleDeg: [12, 16], finishUm: [3, 8], limitBehindEdgeMm: 0.35, targetForceGf: 180, hard: false },
  { id: 'general-soft', label: 'General kitchen, soft steel', angleDeg: [16, 20], finishUm: [8, 25], limitBehindEdgeMm: 0.5, targetForceGf: 280, hard: false },
  { id: 'raw-fish', label: 'Raw fish', angleDeg: [12, 17], finishUm: [1, 4], limitBehindEdgeMm: 0.25, targetForceGf: 140, hard: false },
  { id: 'raw-meat', label: 'Boneless meat, push cutting', angleDeg: [12, 16], finishUm: [1, 4], limitBehindEdgeMm: 0.35, targetForceGf: 180, hard: false },
  { id: 'bread', label: 'Bread and tomatoes', angleDeg: [14, 20], finishUm: [8, 20], limitBehindEdgeMm: 0.5, targetForceGf: 280, hard: false },
  { id: 'boning', label: 'Boning and filleting', angleDeg: [14, 18], finishUm: [8, 25], limitBehindEdgeMm: 0.5, targetForceGf: 240, hard: false },
  { id: 'butchery', label: 'Butchery', angleDeg: [17, 22], finishUm: [8, 25], limitBehindEdgeMm: 0.6, targetForceGf: 280, hard: false },
  { id: 'field', label: 'Hide, rope, field dressing', angleDeg: [17, 22], finishUm: [12, 35], limitBehindEdgeMm: 0.6, targetForceGf: 280, hard: false },
  { id: 'bone', label: 'Cleaving bone', angleDeg: [22, 28], finishUm: [12, 35], limitBehindEdgeMm: null, targetForceGf: 400, hard: true },
  { id: 'frozen', label: 'Kitchen, bone and frozen food now and then', angleDeg: [16, 20], finishUm: [8, 25], limitBehindEdgeMm: 0.6, targetForceGf: 280, hard: true },
  { id: 'outdoor', label: 'General outdoor', angleDeg: [17, 21], finishUm: [12, 35], limitBehindEdgeMm: 0.8, targetForceGf: 280, hard: false },
  { id: 'woodcarving', label: 'Woodcarving', angleDeg: [10, 13], finishUm: [0.8, 3], limitBehindEdgeMm: null, targetForceGf: 140, hard: false },
  { id: 'leather', label: 'Leather and paper', angleDeg: [15, 22], finishUm: [0.8, 3], limitBehindEdgeMm: 0.4, targetForceGf: 140, hard: false },
  { id: 'razor', label: 'Shaving', angleDeg: [7, 9], finishUm: [0.2, 1], limitBehindEdgeMm: null, targetForceGf: 100, hard: false },
  { id: 'dagger', label: 'Chisel-ground dagger', angleDeg: [25, 32], finishUm: [12, 35], limitBehindEdgeMm: null, targetForceGf: 400, hard: false },
  { id: 'axe-carving', label: 'Carving axe', angleDeg: [12, 16], finishUm: [3, 12], limitBehindEdgeMm: null, targetForceGf: 280, hard: false },
  { id: 'axe-splitting', label: 'Splitting', angleDeg: [16, 22], finishUm: [20, 70], limitBehindEdgeMm: null, targetForceGf: 500, hard: false },
  { id: 'axe-camp', label: 'Camp and all-round axe', angleDeg: [15, 19], finishUm: [3, 12], limitBehindEdgeMm: null, targetForceGf: 320, hard: false },
  { id: 'axe-felling', label: 'Felling', angleDeg: [14, 18], finishUm: [12, 60], limitBehindEdgeMm: null, targetForceGf: 400, hard: false },
], 'label');

export const USE_IDS: readonly string[] = USES.map(({ id }) => id);

/**
 * The use of that id; ids are validated where they come in.
 *
 * @example
 * findUse('razor').hard; // false
 */
export const findUse = (id: string): Use => {
  const use = USES.find((candidate) => candidate.id === id);
  if (!use) throw new Error(`No such use: ${id}`);
  return use;
};
