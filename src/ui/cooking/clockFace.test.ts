import { clockFace } from './clockFace';
import type { Stage } from '@/core/cook';

const stage = (more: Partial<Stage>): Stage => ({
  pot: 'electric',
  id: 's1:hold',
  step: 's1',
  stepKind: 'pressure',
  kind: 'hold',
  mark: null,
  expectMin: 10,
  release: 'natural',
  pours: false,
  ...more,
});
const at = (elapsedMin: number, expectMin = 10) => ({
  index: 0,
  since: 0,
  how: 'pressed' as const,
  elapsedMin,
  leftMin: expectMin - elapsedMin,
});

describe('the big clock', () => {
  it('counts a hold down to the second', () => {
    expect(clockFace(stage({}), at(2.5))).toEqual({ text: '7:30', caption: 'left', over: false });
  });
  it('says when a warm-up takes longer than predicted', () => {
    expect(clockFace(stage({ kind: 'warm-up', mark: 'at-pressure' }), at(12.25))).toEqual({
      text: '+2:15',
      caption: 'longer than predicted',
      over: true,
    });
    expect(clockFace(stage({ kind: 'warm-up', mark: 'at-pressure' }), at(4))).toMatchObject({
      caption: 'left, as predicted',
    });
  });
  it('counts up where nothing is predicted', () => {
    expect(
      clockFace(stage({ kind: 'load', mark: 'lid-locked', expectMin: 0 }), at(1.5, 0)),
    ).toEqual({ text: '1:30', caption: 'so far', over: false });
  });
});
