import 'fake-indexeddb/auto';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { field, rememberPerson } from '../../field/db';
import { send, TAKE_BACK, turnsWaiting } from '../../field/outbox';
import { answers, bodies, offline, refused, told } from '../../testing/answers';
import { open } from '../../testing/open';
import { recorded } from '../../testing/recorded';
import AreaDrill from './AreaDrill';
import ButtonsDrill from './ButtonsDrill';
import FirstSharp from './FirstSharp';
import MomentDrill from './MomentDrill';
import Rehearse from './Rehearse';
import RingDrill from './RingDrill';

const practice = recorded('practice');
const kept = (drill: string, score: object) =>
  ({
    id: '1',
    drill,
    day: '2026-11-30',
    done_at: '2026-11-30T10:00:00Z',
    score: { drill, seed: 7, ...score },
  }) as never;

/** Time goes so many times as fast for the page. */
function hurry(times: number) {
  const real = performance.now.bind(performance);
  const from = real();
  vi.spyOn(performance, 'now').mockImplementation(() => from + (real() - from) * times);
}

beforeEach(() => answers({ 'GET /api/practice': practice, 'GET /api/kit/{type}': [] }));

describe('a drill', () => {
  it('says why its course cannot be had, and can be begun again', async () => {
    answers({ 'POST /api/drills/course': offline });
    const { user } = open(<MomentDrill />);
    await user.click(await screen.findByRole('button', { name: 'Start' }));
    expect(await screen.findByRole('alert')).toHaveTextContent('The server does not answer.');
    expect(screen.getByRole('button', { name: 'Start' })).toBeEnabled();
  });

  it('plays a turn that was given with its document, and says that it is the same for everybody', async () => {
    answers({ 'POST /api/drills/course': refused(422, 'This turn is not whole.', 'document') });
    const { user } = open(<MomentDrill />, { at: '/practice/moment' });
    await user.click(await screen.findByRole('button', { name: 'Start' }));
    expect(await screen.findByText('This turn is not whole.')).toBeVisible();
    expect(bodies('POST /api/drills/course')[0]).toMatchObject({ drill: 'moment' });
  });
});

describe('buttons without looking', () => {
  const course = {
    ...recorded('course-buttons'),
    seconds: 8,
    calls: [
      [1, null],
      [4, 1],
    ] as [number, number | null][],
  };
  const score = { right: 1, median_s: 0.62, reaction_s: 0.31, keys: [] };

  it('calls, takes the key of the control, and sends what was done', async () => {
    hurry(8);
    answers({ 'POST /api/drills/course': course, 'POST /api/drills': kept('buttons', score) });
    const { user } = open(<ButtonsDrill />);
    await user.click(await screen.findByRole('button', { name: 'Start' }));
    expect(await screen.findByText(/Look at your controls: \d/)).toBeVisible();
    const field = screen.getByRole('application');
    await waitFor(() => expect(field).toHaveAttribute('data-call', '-1'), { interval: 5 });
    const code = `Key${screen.getAllByText(/^[A-Z]$/, { selector: 'kbd' })[1]?.textContent}`;
    await waitFor(() => expect(field).toHaveAttribute('data-call', '1'), { interval: 5 });
    expect(screen.getByText('2 of 2')).toBeVisible();
    fireEvent.keyDown(field, { code });
    fireEvent.keyDown(field, { code });
    fireEvent.keyUp(field, { code });
    expect(await screen.findByText('100%')).toBeVisible();
    expect(screen.getByText(/0\.62 s until it was pressed, of which 0\.31 s is reacting/)).toBeVisible();
    const [sent] = bodies('POST /api/drills') as { document: { trace: number[][]; drill: string } }[];
    // Pressed and let go, once each: a key that repeats is no second press.
    expect(sent?.document.trace.map(([, key, down]) => [key, down])).toEqual([
      [1, 1],
      [1, 0],
    ]);
  });

  it('keeps a turn that could not be sent, and sends it again', async () => {
    hurry(40);
    answers({ 'POST /api/drills/course': course, 'POST /api/drills': offline });
    const { user } = open(<ButtonsDrill />);
    await user.click(await screen.findByRole('button', { name: 'Start' }));
    const again = await screen.findByRole('button', { name: 'Send it again' });
    answers({ 'POST /api/drills': kept('buttons', score) });
    await user.click(again);
    expect(await screen.findByText('100%')).toBeVisible();
  });

  it('keeps a turn that could not be sent on the device, and sends it once from the next page', async () => {
    hurry(40);
    rememberPerson('7');
    answers({ 'POST /api/drills/course': course, 'POST /api/drills': offline });
    const { user, unmount } = open(<ButtonsDrill />);
    await user.click(await screen.findByRole('button', { name: 'Start' }));
    expect(await screen.findByRole('alert')).toHaveTextContent('The turn is kept on this device');
    unmount();
    expect(await turnsWaiting('7')).toBe(1);
    const db = await field();
    for (const one of await db.getAll('outbox'))
      await db.put('outbox', { ...one, made: one.made - TAKE_BACK });
    answers({ 'POST /api/drills': kept('buttons', score) });
    await Promise.all([send('7'), send('7')]);
    await send('7');
    expect(await turnsWaiting('7')).toBe(0);
    // Once without an answer, and once for all.
    const [first, second, ...more] = bodies('POST /api/drills');
    expect(second).toEqual(first);
    expect(more).toEqual([]);
  });

  it('does not offer to send again what is refused as it is', async () => {
    hurry(40);
    const nothing = refused(422, 'Nothing was pressed in this turn.', 'document');
    answers({ 'POST /api/drills/course': course, 'POST /api/drills': nothing });
    const { user } = open(<ButtonsDrill />);
    await user.click(await screen.findByRole('button', { name: 'Start' }));
    expect(await screen.findByRole('alert')).toHaveTextContent('Nothing was pressed in this turn.');
    expect(screen.queryByRole('button', { name: 'Send it again' })).toBeNull();
  });
});

describe('a day rehearsed', () => {
  const day = recorded('day');
  const rehearsal = day.layouts[0]?.rehearsal as NonNullable<(typeof day.layouts)[0]['rehearsal']>;
  const layout = (rehearsal.layout ?? []).map((key) => ({ mode: null, area: null, detect: null, ...key }));
  const course = {
    drill: 'rehearsal',
    seed: 5,
    seconds: 9,
    layout,
    answers: (rehearsal.rushes ?? []).map(() => 1),
    comings: [
      { entry: 1, from: 1, due: 3, to: 5 },
      { entry: 0, from: 6, due: 7, to: 8 },
    ],
    document: { ...rehearsal, seed: 5 },
    about: { figure: 'plain', length_m: 1, height_m: 1, sensor_mm: 36 },
  };
  const rush = {
    name: 'Hare bolting',
    by: 'thumb-1',
    warning_s: 1,
    left_s: 0.6,
    asked: 3,
    right: 1,
    in_time: 1,
    missed: 0,
    held_s: 0.7,
    late_s: 0.3,
    lost: 0.2,
    mend: 'confused',
    instead: 'thumb-2',
    setting: null,
  };

  it('lets its rushes come, says what is left to do, and what to change', async () => {
    hurry(6);
    answers({
      'GET /api/outings/{id}': recorded('outing'),
      'POST /api/day': told(day),
      'POST /api/drills/course': course as never,
      'POST /api/drills': kept('rehearsal', { right: 0.5, in_time: 0.5, median_s: 0.7, rushes: [rush] }),
    });
    const { user } = open(<Rehearse />, { at: '/outings/1/rehearse', path: '/outings/:id/rehearse' });
    await user.click(await screen.findByRole('button', { name: 'Start' }));
    expect(bodies('POST /api/drills/course')[0]).toMatchObject({
      drill: 'rehearsal',
      document: { rushes: rehearsal.rushes },
    });
    const field = screen.getByRole('application');
    await waitFor(() => expect(field).toHaveAttribute('data-coming', '0'), { interval: 5 });
    expect(screen.getByText('1 of 2')).toBeVisible();
    const code = `Key${screen.getAllByText(/^[A-Z]$/, { selector: 'kbd' })[1]?.textContent}`;
    fireEvent.keyDown(field, { code });
    expect(await screen.findByText(/^held/)).toBeVisible();
    fireEvent.keyUp(field, { code });
    expect(await screen.findByText('50%', {}, { timeout: 8000 })).toBeVisible();
    const row = screen.getByText('Hare bolting').closest('tr') as HTMLElement;
    expect(row).toHaveTextContent('1 of 3');
    expect(row).toHaveTextContent('1.3 s');
    expect(row).toHaveTextContent('Held instead: the second thumb button.');
  });

  it('says so where there is nothing to tell apart', async () => {
    const bare = { ...day, layouts: day.layouts.map((one) => ({ ...one, rehearsal: null })) };
    answers({ 'GET /api/outings/{id}': recorded('outing'), 'POST /api/day': told(bare) });
    open(<Rehearse />, { at: '/outings/1/rehearse', path: '/outings/:id/rehearse' });
    expect(await screen.findByText(/There is nothing to rehearse/)).toBeVisible();
  });
});

describe('moving the area', () => {
  const course = (move: string) =>
    ({
      drill: 'area',
      seed: 5,
      seconds: 6,
      move,
      near: [0.035, 0.05],
      targets: [{ from: 0.5, to: 6, at: [0.2, -0.2] }],
      document: { drill: 'area', seed: 5, move },
      about: { figure: 'plain', length_m: 1, height_m: 1, sensor_mm: 36 },
    }) as never;
  const score = {
    move: 'stick',
    share: 1,
    median_s: 0.9,
    usual_s: 1.2,
    overshoots: 1,
    moves: [0.9, null],
  };
  const sent = () => (bodies('POST /api/drills') as { document: { trace: number[][] } }[])[0]?.document.trace;

  it('goes with the arrow keys as long as they are held', async () => {
    hurry(6);
    answers({ 'POST /api/drills/course': course('stick'), 'POST /api/drills': kept('area', score) });
    const { user } = open(<AreaDrill />);
    await user.click(await screen.findByRole('button', { name: 'Start' }));
    const field = screen.getByRole('application');
    await waitFor(() => expect(field).toHaveAttribute('data-target', '0.2 -0.2'), { interval: 5 });
    fireEvent.keyDown(field, { code: 'ArrowRight' });
    await new Promise((resolve) => setTimeout(resolve, 80));
    fireEvent.keyUp(field, { code: 'ArrowRight' });
    expect(await screen.findByText('0.90 s')).toBeVisible();
    expect(screen.getByText(/ran past once · guessed 1\.2 s/)).toBeVisible();
    const last = sent()?.at(-1) ?? [];
    expect(last[1]).toBeGreaterThan(0.05);
    expect(last[2]).toBe(0);
  });

  it.each([
    ['touch-absolute', -0.2],
    ['touch-relative', 0.14],
  ])('goes where the thumb is put, or as far as it is dragged: %s', async (move, expected) => {
    hurry(6);
    answers({ 'POST /api/drills/course': course(move), 'POST /api/drills': kept('area', score) });
    const { user } = open(<AreaDrill />, {
      at: { pathname: '/practice/area', state: { document: { drill: 'area', move } } },
    });
    await user.click(await screen.findByRole('button', { name: 'Start' }));
    const field = screen.getByRole('application');
    await waitFor(() => expect(field).toHaveAttribute('data-target', '0.2 -0.2'), { interval: 5 });
    const pad = field.querySelector('.area-pad') as HTMLElement;
    pad.getBoundingClientRect = () => ({ left: 0, top: 0, width: 300, height: 200 }) as DOMRect;
    fireEvent.pointerDown(pad, { clientX: 60, clientY: 100 });
    fireEvent.pointerMove(pad, { clientX: 90, clientY: 100 });
    fireEvent.pointerUp(pad, { clientX: 90, clientY: 100 });
    await screen.findByText('0.90 s');
    expect(sent()?.at(-1)?.[1]).toBeCloseTo(expected, 3);
  });
});

describe('the stopwatch for the first sharp frame', () => {
  it('counts trials of both ways, leaves one out, and keeps the rest', async () => {
    answers({ 'POST /api/drills': kept('first-sharp', {}) });
    const { user } = open(<FirstSharp />);
    const field = await screen.findByRole('application');
    const press = (key: string) => fireEvent.keyDown(field, { key });
    press(' ');
    press(' ');
    expect(screen.getByText('Autofocus, 1')).toBeVisible();
    press('m');
    expect(screen.queryByText('Sharp')).toBeNull();
    press(' ');
    expect(screen.getByRole('button', { name: 'Sharp' })).toBeVisible();
    press('m');
    expect(screen.getByText('went wrong')).toBeVisible();
    await user.click(screen.getByText('By hand, 0'));
    press(' ');
    press(' ');
    expect(screen.getByText('By hand, 1')).toBeVisible();
    await user.click(screen.getByRole('button', { name: 'Leave out trial 1' }));
    await user.click(screen.getByRole('button', { name: 'Keep these 2 trials' }));
    expect(await screen.findByText('Kept.')).toBeVisible();
    const [sent] = bodies('POST /api/drills') as { document: { trace: number[][] } }[];
    expect(sent?.document.trace.map(([hand, , missed]) => [hand, missed])).toEqual([
      [0, 1],
      [1, 0],
    ]);
  });

  it('stops with the button as well, and keeps nothing while it runs', async () => {
    open(<FirstSharp />);
    fireEvent.pointerDown(await screen.findByRole('button', { name: 'Start' }));
    expect(screen.getByRole('button', { name: /^Keep/ })).toBeDisabled();
    fireEvent.pointerDown(screen.getByRole('button', { name: 'Went wrong' }));
    expect(screen.getByRole('button', { name: 'Keep this trial' })).toBeEnabled();
  });
});

describe('the ring', () => {
  it('says how its exercise goes, and takes one from its address', async () => {
    open(<RingDrill />, { at: '/practice/ring?exercise=perch' });
    expect(await screen.findByRole('heading', { name: 'Perch to perch', level: 1 })).toBeVisible();
    expect(screen.getByText(/Set the ring on the post, wait/)).toBeVisible();
    expect(screen.getByRole('slider', { name: 'Focusing ring' })).toHaveAttribute('aria-valuemax', '100');
  });

  it('takes the first exercise for one that it does not know', async () => {
    open(<RingDrill />, { at: '/practice/ring?exercise=juggling' });
    expect(await screen.findByText(/Eight subjects sit/)).toBeVisible();
  });
});
