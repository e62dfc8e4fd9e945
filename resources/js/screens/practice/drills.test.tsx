import { fireEvent, screen, waitFor } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { answers, bodies, offline, refused } from '../../testing/answers';
import { open } from '../../testing/open';
import { recorded } from '../../testing/recorded';
import ButtonsDrill from './ButtonsDrill';
import FirstSharp from './FirstSharp';
import MomentDrill from './MomentDrill';
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
