import { describe, expect, it } from 'vitest';
import { formOf, sizeOf } from './form';

describe('the form of a piece', () => {
  it('a ball is a sphere, a long one a cylinder, a flat one nearly a slab', () => {
    const of = (shape: 'slab' | 'cylinder' | 'sphere', pieceG: number) =>
      formOf('potato', { shape, thicknessMm: 40, pieceG }).power;
    // A ball of 40 mm weighs 35 g at 1.05 g/ml.
    expect(of('sphere', 35.2)).toBeCloseTo(2, 2);
    expect(of('cylinder', 35_000)).toBeCloseTo(1, 2);
    expect(of('slab', 35_000)).toBeLessThan(0.02);
    expect(of('sphere', 300)).toBeLessThan(of('sphere', 60));
  });

  it('is never rounder than a sphere, whatever is said to weigh too little', () => {
    expect(formOf('potato', { shape: 'sphere', thicknessMm: 60, pieceG: 5 }).power).toBe(2);
  });

  it('a whole bird is walls, a big breast on the bone two halves, a rolled one solid', () => {
    const through = (name: string) =>
      formOf(name, { shape: 'sphere', thicknessMm: 100, pieceG: 1500 }).thicknessMm;
    expect(through('whole chicken')).toBeCloseTo(55, 6);
    expect(through('whole duck')).toBeCloseTo(55, 6);
    expect(through('turkey breast')).toBeCloseTo(65, 6);
    expect(through('boneless turkey breast')).toBe(100);
    expect(through('beef chuck')).toBe(100);
    // On the edge: up to 62 mm a breast is one piece, and a thicker one is never thinner than that.
    const breast = (thicknessMm: number) =>
      formOf('turkey breast', { shape: 'sphere', thicknessMm, pieceG: 1500 }).thicknessMm;
    expect([62, 63, 95].map(breast)).toEqual([62, 62, 62]);
    expect(breast(110)).toBeCloseTo(71.5, 6);
  });

  it('what was filled is hollow no longer', () => {
    const through = (name: string) =>
      formOf(name, { shape: 'sphere', thicknessMm: 100, pieceG: 1500 }).thicknessMm;
    expect(through('stuffed whole chicken')).toBe(100);
    expect(through('bell pepper')).toBe(9);
    expect(through('stuffed peppers')).toBeCloseTo(70, 6);
  });

  it('a bird is no thicker than its weight lets it be', () => {
    const through = (pieceG: number) =>
      formOf('whole chicken', { shape: 'sphere', thicknessMm: 130, pieceG }).thicknessMm;
    expect(through(1500)).toBeCloseTo(1.05 * 110 * 0.55, 6);
    expect(through(3000)).toBeCloseTo(130 * 0.55, 6);
  });

  it('of a cob only the kernels count, and a head is no thicker than its stalk', () => {
    const through = (name: string, thicknessMm: number) =>
      formOf(name, { shape: 'sphere', thicknessMm }).thicknessMm;
    expect(through('corn on the cob', 45)).toBeCloseTo(18, 6);
    expect(through('cauliflower', 40)).toBeCloseTo(20, 6);
    expect(through('cauliflower', 150)).toBe(30);
  });

  it('a picture shows it as thick as it is, hollow or not, and as long as its weight makes it', () => {
    const size = sizeOf('whole chicken', { shape: 'sphere', thicknessMm: 110, pieceG: 1600 });
    expect(size.thicknessMm).toBe(110);
    const ml = (Math.PI / 6) * size.thicknessMm * size.widthMm * size.lengthMm;
    expect(ml / 1000).toBeCloseTo(1600 / 1.05, 0);
  });
});
