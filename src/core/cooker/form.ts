/** What form a piece has for conduction: how thick, and how much of its heat comes in from its sides. */
import { findFood, kindOf, type Food } from '../food';
import type { PieceShape } from './piece';

export interface Cut {
  shape: PieceShape;
  /** Smallest way through the whole piece, mm: thickness or diameter. */
  thicknessMm: number;
  /** g of one piece: it is as long and wide as its weight says; left out where nobody knows. */
  pieceG?: number;
}

export interface PieceForm {
  /** The way that heat goes through, mm. */
  thicknessMm: number;
  /** Area grows with this power of the distance from the middle: 0 an endless slab, 1 a cylinder, 2 a sphere. */
  power: number;
}

/** Most food without the air between its pieces, g/ml. */
const SOLID_G_PER_ML = 1.05;
/** Where no weight is given: how long and wide a piece is, for one of its thickness (common practice). */
const USUAL_SIDES: Readonly<Record<PieceShape, readonly [number, number]>> = {
  slab: [2, 3],
  cylinder: [1, 3],
  sphere: [1, 1],
};
/** A thick piece of no known weight is a joint: longer than thick, up to this many times a ball's weight. */
const JOINT_MM = 60;
const JOINT_BALLS = 3;
/** Flesh about as thick as a piece of it usually is, is taken for such a piece: a breast, a thigh, a fillet. */
const NEARLY = 0.8;
const FLESH: ReadonlySet<Food['group']> = new Set(['meat', 'poultry', 'fish']);
/** A flat piece is about half as long again as wide. */
const SLAB_LENGTH = 1.5;
/**
 * A bird is hollow: what a cook measures from outside is two walls and the room between, and steam is in there
 * as well. A big breast on its bone is two halves (common practice: 24–28 min for a bird of 110 mm).
 */
const BIRD_WALL = 0.55;
const BREAST_HALF = 0.65;
const BREAST_MM = 62;
/** A stuffed pepper is open on top: steam reaches its filling from there and along its wall (estimate). */
const FILLED = 0.7;

/**
 * The form of a piece, as an ellipsoid that has its thickness and its weight.
 *
 * @source equivalent shape of ellipsoids, E = 1 + (a/b)² + (a/c)² (D. Cleland, R. Earle, Journal of Food Science
 *   47, 1982, for freezing times; from memory): area grows with the power E − 1
 */
export function formOf(name: string, cut: Cut): PieceForm {
  const food = findFood(name);
  const { thicknessMm, pieceG } = wallOf(name, food, { ...cut, ...weightOf(food, cut) });
  const a = thicknessMm / 2;
  const [b, c] = sides({ ...cut, thicknessMm }, a, pieceG);
  const power = Math.min(2, (a / b) ** 2 + (a / c) ** 2);
  return { thicknessMm: throughMm(name, food, thicknessMm), power };
}

/** The way that heat goes through, mm: what is hollow by itself is not where it was filled. */
function throughMm(name: string, food: Food | null, thicknessMm: number): number {
  if (!food) return thicknessMm;
  const isPlant = food.group === 'vegetable' || food.group === 'fruit';
  if (isPlant && kindOf(name)?.class === 'casserole') return thicknessMm * FILLED;
  return Math.min(thicknessMm * food.through, food.mostMm ?? Infinity);
}

/**
 * How large a piece is, as it is taken to be: what a picture of it shows.
 *
 * @returns mm: as thick as it is said to be, and as wide and long as its weight or its kind makes it
 */
export function sizeOf(
  name: string,
  cut: Cut,
): { thicknessMm: number; widthMm: number; lengthMm: number } {
  const { thicknessMm } = cut;
  const { pieceG } = { ...cut, ...weightOf(findFood(name), cut) };
  const [b, c] = sides(cut, thicknessMm / 2, pieceG);
  return { thicknessMm, widthMm: 2 * b, lengthMm: 2 * c };
}

/** The way that heat goes through a piece of this thickness, mm: the wall of a bird, the half of a big breast. */
export function wallMm(name: string, thicknessMm: number): number {
  return wallOf(name, findFood(name), { shape: 'sphere', thicknessMm }).thicknessMm;
}

/** g of one piece as it is said, or as such pieces usually are; nothing where neither tells. */
function weightOf(food: Food | null, cut: Cut): Pick<Cut, 'pieceG'> {
  if (cut.pieceG !== undefined || !food || !FLESH.has(food.group)) return {};
  const { thicknessMm } = cut;
  if (food.pieceG && food.pieceMm > 0 && thicknessMm >= NEARLY * food.pieceMm)
    return { pieceG: food.pieceG * (thicknessMm / food.pieceMm) ** 2 };
  const ballG = ((Math.PI / 6) * thicknessMm ** 3 * SOLID_G_PER_ML) / 1000;
  return thicknessMm >= JOINT_MM && cut.shape === 'sphere' ? { pieceG: JOINT_BALLS * ballG } : {};
}

/** Half-axes across and along, mm, neither shorter than the half thickness. */
function sides(cut: Cut, a: number, pieceG: number | undefined): [number, number] {
  if (pieceG === undefined) {
    const [wide, long] = USUAL_SIDES[cut.shape];
    return [a * wide, a * long];
  }
  const product = Math.max(a * a, (3 * 1000 * (pieceG / SOLID_G_PER_ML)) / (4 * Math.PI * a));
  if (cut.shape === 'cylinder') return [a, product / a];
  if (cut.shape === 'sphere') return [Math.sqrt(product), Math.sqrt(product)];
  const b = Math.max(a, Math.sqrt(product / SLAB_LENGTH));
  return [b, product / b];
}

/** The wall of a hollow bird, half of a big breast; any other piece as it is. */
function wallOf(name: string, food: Food | null, cut: Cut): Pick<Cut, 'thicknessMm' | 'pieceG'> {
  const isBird = isHollow(name, food, cut.thicknessMm);
  const isBreast = food?.group === 'poultry' && isBoneIn(name, food);
  if (!isBird && !(isBreast && cut.thicknessMm > BREAST_MM)) return cut;
  if (!isBird) return { ...cut, thicknessMm: Math.max(BREAST_MM, cut.thicknessMm * BREAST_HALF) };
  const thicknessMm = birdMm(food, cut) * BIRD_WALL;
  return cut.pieceG === undefined ? { thicknessMm } : { thicknessMm, pieceG: cut.pieceG / 2 };
}

/** Birds of one weight differ by so much (estimate). */
const WIDE = 1.05;

/** A bird measured wider than its weight can be is wide by its legs and its hollow: flesh goes by weight. */
function birdMm(food: Food | null, { thicknessMm, pieceG }: Cut): number {
  if (!food?.pieceG || pieceG === undefined) return thicknessMm;
  return Math.min(thicknessMm, WIDE * food.pieceMm * Math.cbrt(pieceG / food.pieceG));
}

/** A bird that was cut up is no longer hollow: its pieces are much thinner than it was. */
const CUT_UP = 0.6;
const LEAST_BIRD_MM = 45;

function isHollow(name: string, food: Food | null, thicknessMm: number): boolean {
  const isBird = kindOf(name)?.keep === 'whole-poultry' || food?.keep === 'whole-poultry';
  const usual = food?.keep === 'whole-poultry' ? food.pieceMm : 0;
  // Opened flat, cut in joints or filled, it is no longer hollow.
  if (/\b(?:stuffed|filled|spatchcock|butterfl|joint|halve|quarter|portion)/i.test(name))
    return false;
  return isBird && thicknessMm >= Math.max(LEAST_BIRD_MM, CUT_UP * usual);
}

/** Rolled and boned ones are solid. */
const isBoneIn = (name: string, food: Food): boolean =>
  food.id.endsWith('-breast') && !/\b(?:boneless|boned|rolled|joint|stuffed|roll)\b/i.test(name);
