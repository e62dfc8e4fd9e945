import { describe, expect, it } from 'vitest';
import outlines from './outlines.json';
import { aimOn, fitted, kindOf, type Pose, poseAt, within } from './Silhouette';

const wide = (figure: keyof typeof outlines) => outlines[figure].wide;

describe('outlines', () => {
  it('are as tall as what stands and as long as what lies, and hardly stretched', () => {
    const [w, h] = fitted('runner', 3, 1.8);
    expect(h).toBe(1.8);
    expect(w / h).toBeCloseTo(wide('runner') * 1.15);
    const [long, tall] = fitted('fox', 0.7, 0.02);
    expect(long).toBe(0.7);
    expect(tall).toBeCloseTo((0.7 / wide('fox')) * 0.85);
  });

  it('are as long as what flies, however high its wings are', () => {
    expect(wide('owl')).toBeLessThan(1);
    const [long, tall] = fitted('owl', 0.6, 0.35);
    expect(long).toBe(0.6);
    expect(tall).toBeCloseTo(0.6 / wide('owl'));
  });

  it('stay within a box, in its middle', () => {
    const low = within('fox', 1.6, 1);
    expect(low.wide).toBeCloseTo(1.6);
    expect(low.y).toBeCloseTo((1 - 1.6 / wide('fox')) / 2);
    const upright = within('runner', 1.6, 1);
    expect([upright.high, upright.y]).toEqual([1, 0]);
    expect(upright.x).toBeCloseTo((1.6 - wide('runner')) / 2);
  });

  it('say what they are of', () => {
    expect(['puffin', 'hare', 'hurdler', 'race-car', 'plain'].map(kindOf)).toEqual([
      'bird',
      'animal',
      'person',
      'vehicle',
      'off',
    ]);
  });

  it('have their poses, each from three sides, with its eye, head and chest in it', () => {
    const poses = import.meta.glob<Pose[][]>('./poses/*.json', { eager: true, import: 'default' });
    const named = Object.keys(poses).map((file) => file.replace(/^.*\/|\.json$/g, ''));
    expect(named.sort()).toEqual(Object.keys(outlines).sort());
    for (const [figure, all] of Object.entries(poses))
      for (const views of all) {
        expect(views, figure).toHaveLength(3);
        for (const { path, eye, head, chest } of views) {
          expect(path, figure).toMatch(/^M[-.\d LCMZ]+Z$/);
          for (const place of [eye, head, chest].flat()) {
            expect(place, figure).toBeGreaterThanOrEqual(0);
            expect(place, figure).toBeLessThanOrEqual(1);
          }
        }
      }
  });
});

describe('the pose of a moment', () => {
  const pose = (name: string) => ({ path: name, of: [1, 1] }) as Pose;
  const three = ['up', 'level', 'down'].map((name) => [0, 45, 90].map((view) => pose(`${name} ${view}`))) as [
    Pose,
    Pose,
    Pose,
  ][];

  it('goes there and back again, so many times a second', () => {
    const names = [0, 0.13, 0.26, 0.38, 0.51].map((t) => poseAt(three, 10, 0, t, 2).path);
    expect(names).toEqual(['up 0', 'level 0', 'down 0', 'level 0', 'up 0']);
    expect(poseAt(three, 10, 0, 7, 0).path).toBe('up 0');
  });

  it('is seen as it goes: across, aslant, or at whoever looks', () => {
    const seen = (across: number, along: number) => poseAt(three, across, along, 0, 1).path;
    expect([seen(-10, 1), seen(5, -5), seen(0.2, 8), seen(0, 0)]).toEqual(['up 0', 'up 45', 'up 90', 'up 0']);
  });

  it('says where it has to be sharp', () => {
    const places = { eye: [0.9, 0.1], head: [0.8, 0.2], chest: [0.6, 0.5] } as const;
    const on = (aim: string) => aimOn(places as unknown as Pose, aim);
    expect([on('eye'), on('head'), on('body'), aimOn({}, 'eye')]).toEqual([
      [0.9, 0.1],
      [0.8, 0.2],
      [0.6, 0.5],
      [0.5, 0.5],
    ]);
  });
});
