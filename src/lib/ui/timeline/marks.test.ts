import { describe, expect, it } from 'vitest';
import type { Plan } from '$core/plan';
import type { Lane, LanePiece } from './lanes';
import { markRoom, toMarkBars, WAIT_ROOM, WORK_ROOM } from './marks';

const piece = (stepId: string, start: number, end: number): LanePiece => ({
  stepId,
  entryId: stepId.split('.')[0] ?? '',
  stageId: 'cook',
  phase: 'hold',
  start,
  end,
  slack: 0,
  dish: stepId,
  text: '',
  isHands: false,
});
const lane = (id: string, kind: Lane['kind'], pieces: LanePiece[]): Lane => ({
  id,
  kind,
  name: id,
  detail: '',
  litres: 0,
  pieces,
  waits: [],
});
const lanes = [
  lane('large', 'cooker', [
    piece('a.up', -90, -80),
    piece('a.hold', -80, -60),
    piece('b.hold', -40, -20),
  ]),
  lane('you', 'hands', [piece('a.up', -90, -80), piece('b.chop', -110, -105)]),
];
const plan = {
  dishes: [
    { entryId: 'a', ready: -60, waits: 60, mayWait: 15 },
    { entryId: 'b', ready: -2, waits: 2, mayWait: null },
  ],
} as unknown as Plan;
const bars = (steps: string[], waits: string[] = []) =>
  toMarkBars(lanes, [{ label: '1', text: '', steps, waits }], plan);

describe('what is marked on the timeline', () => {
  it('steps in a row are one bar at their pot; with a gap they are two', () => {
    expect(bars(['a.up', 'a.hold', 'b.hold']).byLane.get('large')).toEqual([
      { label: '1', from: -90, to: -60, over: -90, isWait: false },
      { label: '1', from: -40, to: -20, over: -40, isWait: false },
    ]);
  });

  it('work of the hands alone is marked at the hands, what is in a pot only there', () => {
    const { byLane } = bars(['a.up', 'b.chop']);
    expect(byLane.get('you')).toMatchObject([{ from: -110, to: -105 }]);
    expect(byLane.get('large')).toMatchObject([{ from: -90, to: -80 }]);
  });

  it('what speaks of the hands is marked there, also where they work at a pot', () => {
    const mark = { label: '!', text: '', steps: ['a.up', 'b.chop'], atHands: true };
    const { byLane } = toMarkBars(lanes, [mark], plan);
    expect(byLane.get('large')).toBeUndefined();
    expect(byLane.get('you')).toHaveLength(2);
  });

  it('a wait is drawn where the dish was cooked, with the part that is too long', () => {
    const { byLane, unseen } = bars(['a.hold'], ['a']);
    expect(byLane.get('large')).toEqual([
      { label: '1', from: -60, to: 0, over: -45, isWait: true },
    ]);
    expect(markRoom(byLane.get('large'))).toBe(WORK_ROOM + WAIT_ROOM);
    expect(unseen).toEqual([]);
    // One that is served at once has none.
    expect(bars(['b.hold'], ['b'])).toEqual({ byLane: new Map(), unseen: [] });
  });

  it('what lies on the days before is told of', () => {
    expect(bars(['a.soak']).unseen).toEqual(['1']);
  });
});
