import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { BurstPictures, Picture } from '../../api/pictures';
import { answers, asked, bodies, offline, refused, sample } from '../../testing/answers';
import { open } from '../../testing/open';
import { recorded } from '../../testing/recorded';
import BurstPage from './BurstPage';
import { Judged } from './Judged';
import Pictures from './Pictures';

const burst = sample('LoggedBurst', {
  id: '7',
  rush_id: '01',
  rush: 'Tern',
  keepers: 1,
  frames: 2,
  kept: null,
});
const measured = {
  ...sample('Picture').measured,
  verdict: 'kept',
  sure: 0.997,
  width_px: 2.14,
  limit_px: 3,
  long_px: 0.8,
  short_px: 0.7,
  not_found: false,
  untold: null,
  aim: { x: 0, y: 0 },
} as NonNullable<Picture['measured']>;
const picture = (id: string, fields: Partial<Picture> = {}): Picture => ({
  ...sample('Picture'),
  id,
  name: `${id}.jpg`,
  measured,
  kept: true,
  said: null,
  lost_to: null,
  problem: null,
  facts: [],
  wide: 900,
  high: 600,
  ...fields,
});
const state = {
  ...sample('Picture'),
  pictures: 0,
  waiting: 0,
  loose: 0,
  following: 0,
  bytes: 0,
  most_bytes: 5e9,
  keeps_originals: true,
  refused: [],
  seconds_each: null,
} as never;
const nothing = () =>
  answers({
    'GET /api/pictures/state': state,
    'GET /api/pictures/bursts': { items: [], next: null },
    'GET /api/rushes': recorded('rushes'),
  });

describe('pictures', () => {
  beforeEach(nothing);

  it('say what happens with them where there is none', async () => {
    open(<Pictures />);
    expect(await screen.findByRole('heading', { name: 'What happens with them' })).toBeVisible();
    expect(screen.queryByRole('region', { name: 'Room' })).toBeNull();
  });

  it('say why they cannot be had', async () => {
    answers({ 'GET /api/pictures/bursts': offline });
    open(<Pictures />);
    expect(await screen.findByText(/The server does not answer\./)).toBeVisible();
  });

  it('come in bursts by day, each with what is to be done with it', async () => {
    const one = sample('PictureBurst', {
      burst,
      pictures: 2,
      kept: [],
      marked: true,
      following: null,
      zone: 'Etc/UTC',
      clocked: null,
    } as never);
    const list = [
      {
        ...one,
        kept: [true, null, false],
        burst: { ...burst, id: '1', keepers: 3, at: '2026-06-07T05:10:00Z' },
      },
      {
        ...one,
        burst: { ...burst, id: '2', keepers: null, at: '2026-06-07T05:20:00Z' },
        marked: false,
        pictures: 1,
      },
      { ...one, burst: { ...burst, id: '3', keepers: null, rush_id: null, at: '2026-06-06T05:00:00Z' } },
      { ...one, burst: { ...burst, id: '4', at: '2026-06-06T04:00:00Z' }, following: { done: 2, total: 9 } },
    ];
    answers({ 'GET /api/pictures/bursts': { items: list as never, next: null } });
    open(<Pictures />);
    const bursts = within(await screen.findByRole('region', { name: 'Bursts' }));
    expect(bursts.getAllByRole('heading').map((day) => day.textContent)).toEqual([
      'Sun, 7 June 2026',
      'Sat, 6 June 2026',
    ]);
    const [first] = bursts.getAllByRole('link');
    expect([...(first?.querySelectorAll('.burst-beads i') ?? [])].map((bead) => bead.className)).toEqual([
      'kept',
      'unknown',
      'lost',
    ]);
    const cards = bursts.getAllByRole('link').map((card) => card.textContent);
    expect(cards[0]).toContain('3 kept');
    expect(cards[1]).toContain('05:20:00, one frame');
    expect(cards[1]).toContain('Tap the subject to measure');
    expect(cards[2]).toContain('Not matched to a rush');
    expect(cards[2]).toContain('Some not measured');
    expect(cards[3]).toContain('Measuring 2 of 9');
  });

  it('say how far looking at them is, and stop when told to', async () => {
    answers({
      'GET /api/pictures/state': { ...(state as object), pictures: 10, waiting: 4 } as never,
      'DELETE /api/pictures/waiting': undefined,
    });
    const { user } = open(<Pictures />);
    const under = within(await screen.findByRole('region', { name: 'Under way' }));
    expect(under.getByRole('progressbar', { name: /Looked at 6 of 10/ })).toHaveAttribute(
      'aria-valuenow',
      '60',
    );
    await user.click(under.getByRole('button', { name: 'Cancel' }));
    await waitFor(() => expect(asked.some(({ call }) => call === 'DELETE /api/pictures/waiting')).toBe(true));
  });

  it('show a burst as soon as it is one, without being asked', async () => {
    let asks = 0;
    const one = sample('PictureBurst', {
      burst,
      pictures: 2,
      marked: false,
      following: null,
      zone: 'Etc/Nowhere',
    } as never);
    const at = [
      { pictures: 3, waiting: 1, loose: 2 },
      { pictures: 3, waiting: 0, loose: 3 },
      { pictures: 3, waiting: 0, loose: 0 },
    ];
    answers({
      'GET /api/pictures/state': () => ({ ...(state as object), ...at[Math.min(asks++, 2)] }) as never,
      'GET /api/pictures/bursts': () => ({ items: asks > 2 ? [one] : [], next: null }) as never,
    });
    open(<Pictures />);
    expect(await screen.findByRole('link', { name: /2 frames/ }, { timeout: 8000 })).toBeVisible();
    expect(screen.queryByRole('region', { name: 'Under way' })).toBeNull();
  }, 12_000);

  it('try all again that may be', async () => {
    const refusedFiles = ['a', 'b', 'c'].map((id) => ({
      id,
      name: `${id}.jpg`,
      problem: 'It took too long.',
      again: id !== 'c',
    }));
    answers({
      'GET /api/pictures/state': { ...(state as object), refused: refusedFiles } as never,
      'POST /api/pictures/{id}/retry': undefined,
    });
    const { user } = open(<Pictures />);
    await user.click(await screen.findByRole('button', { name: 'Try all again' }));
    const again = () => asked.filter(({ call }) => call.endsWith('/retry')).map(({ path }) => path.id);
    await waitFor(() => expect(again()).toEqual(['a', 'b']));
  });

  it('name the files that were not taken in, and try again those that may', async () => {
    const refusedFiles = [
      { id: 'a', name: 'readme.jpg', problem: 'This is no picture that can be read.', again: false },
      { id: 'b', name: 'slow.jpg', problem: 'It took too long.', again: true },
    ];
    answers({
      'GET /api/pictures/state': { ...(state as object), refused: refusedFiles } as never,
      'POST /api/pictures/{id}/retry': undefined,
    });
    const { user } = open(<Pictures />);
    const list = within(await screen.findByRole('region', { name: 'Not imported' }));
    expect(list.getByText('2 files were not imported')).toBeVisible();
    expect(list.getByText('This is no picture that can be read.')).toBeVisible();
    expect(list.getAllByRole('button', { name: 'Try again' })).toHaveLength(1);
    await user.click(list.getByRole('button', { name: 'Try again' }));
    await waitFor(() => expect(asked.find(({ call }) => call.endsWith('/retry'))?.path).toEqual({ id: 'b' }));
  });

  it('have their originals deleted only after it is asked once more', async () => {
    answers({
      'GET /api/pictures/state': { ...(state as object), pictures: 3, bytes: 2.5e8 } as never,
      'PATCH /api/pictures/state': undefined,
    });
    const { user } = open(<Pictures />);
    const room = within(await screen.findByRole('region', { name: 'Room' }));
    expect(room.getByText('3 pictures, 0.3 GB of 5.0 GB')).toBeVisible();
    await user.click(room.getByRole('switch'));
    expect(bodies('PATCH /api/pictures/state')).toEqual([]);
    await user.click(await screen.findByRole('button', { name: 'Delete them from now on' }));
    await waitFor(() => expect(bodies('PATCH /api/pictures/state')).toEqual([{ keeps_originals: false }]));
  });
});

describe('a burst of pictures', () => {
  const pictures = [picture('a'), picture('b', { kept: false, said: false })];
  const whole = {
    burst,
    pictures,
    marked: ['a'],
    following: null,
    found_by: 'person',
    matched: ['day', 'hour'],
    clocked: null,
    zone: 'Etc/UTC',
    coc_px: 2,
    before: null,
    after: { id: '8', rush: 'Tern', at: '2026-06-07T06:00:00Z' },
  } as unknown as BurstPictures;
  const page = (fields: Partial<BurstPictures> = {}) => {
    answers({
      'GET /api/rushes': recorded('rushes'),
      'GET /api/bursts/{id}/pictures': { ...whole, ...fields },
    });
    return open(<BurstPage />, { at: '/review/bursts/7', path: '/review/bursts/:id' });
  };
  const frame = () => screen.findByAltText(/^Frame \d of \d/);

  it('is stepped through by keys, and does not step beyond its ends', async () => {
    const { user } = page();
    expect(await frame()).toHaveAccessibleName('Frame 1 of 2: a.jpg');
    await user.keyboard('{ArrowRight}{ArrowRight}');
    expect(await frame()).toHaveAccessibleName('Frame 2 of 2: b.jpg');
    await user.keyboard('{ArrowLeft}{ArrowLeft}');
    expect(await frame()).toHaveAccessibleName('Frame 1 of 2: a.jpg');
  });

  it('tells kept from lost in the strip by words as well', async () => {
    const untold = { ...measured, verdict: 'untold' as const, untold: 'plain' as const };
    page({
      pictures: [
        ...pictures,
        picture('c', { kept: null, measured: null }),
        picture('d', { kept: null, measured: untold }),
      ],
    });
    await frame();
    expect(screen.getByText(/, 1 cannot be told/)).toBeVisible();
    const strip = within(screen.getByRole('navigation', { name: 'Frames' }));
    const names = strip.getAllByRole('button').map((button) => button.getAttribute('aria-label'));
    expect(names).toEqual([
      'Frame 1: kept',
      'Frame 2: lost',
      'Frame 3: not judged',
      'Frame 4: cannot be told',
    ]);
  });

  it('goes on to the next frame when one is judged by key, and takes it back step by step', async () => {
    answers({ 'PATCH /api/pictures/{id}': picture('a') });
    const { user } = page();
    await frame();
    await user.keyboard('k');
    expect(await frame()).toHaveAccessibleName('Frame 2 of 2: b.jpg');
    await user.keyboard('l{Home}');
    expect(await frame()).toHaveAccessibleName('Frame 1 of 2: a.jpg');
    await user.keyboard('z');
    expect(await frame()).toHaveAccessibleName('Frame 2 of 2: b.jpg');
    await user.keyboard('zz');
    expect(await frame()).toHaveAccessibleName('Frame 1 of 2: a.jpg');
    const sent = () =>
      asked
        .filter(({ call }) => call === 'PATCH /api/pictures/{id}')
        .map(({ path, body }) => [path.id, (body as { said: boolean | null }).said]);
    await waitFor(() =>
      expect(sent()).toEqual([
        ['a', true],
        ['b', false],
        ['b', false],
        ['a', null],
      ]),
    );
  });

  it('is judged by keys, and left to the measuring again', async () => {
    answers({ 'PATCH /api/pictures/{id}': picture('a') });
    const { user } = page();
    await frame();
    await user.keyboard('l');
    await user.keyboard('m');
    await waitFor(() =>
      expect(bodies('PATCH /api/pictures/{id}')).toEqual([{ said: false }, { said: null }]),
    );
  });

  it('asks for a tap where nobody has said where the subject is, and sends where it was', async () => {
    answers({ 'PUT /api/bursts/{id}/mark': whole });
    page({ marked: [], found_by: null });
    const image = await frame();
    expect(screen.getByText(/^Tap what has to be sharp/)).toBeVisible();
    vi.spyOn(image, 'getBoundingClientRect').mockReturnValue({
      left: 100,
      top: 50,
      width: 800,
      height: 400,
    } as DOMRect);
    fireEvent.click(image, { clientX: 700, clientY: 150 });
    await waitFor(() =>
      expect(bodies('PUT /api/bursts/{id}/mark')).toEqual([{ picture: 'a', x: 0.25, y: -0.25 }]),
    );
  });

  const strip = () => within(screen.getByRole('navigation', { name: 'Frames' }));
  const five = ['a', 'b', 'c', 'd', 'e'].map((id, i) =>
    picture(id, { kept: i % 2 === 0, said: i < 2 ? i % 2 === 0 : null, taken_at: `2026-06-07T05:00:0${i}Z` }),
  );

  it('shows only the frames that are asked for, with how many there are of each', async () => {
    const { user } = page({
      pictures: five.map((one, i) => (i === 4 ? { ...one, measured: { ...measured, sure: 0.7 } } : one)),
    });
    await frame();
    const which = within(screen.getByRole('radiogroup', { name: 'Which frames' }));
    expect(which.getAllByRole('radio').map((one) => one.parentElement?.textContent)).toEqual([
      'All 5',
      'Kept 3',
      'Lost 2',
      'Not sure 1',
      'Not looked at 3',
    ]);
    await user.keyboard('fff');
    // The one that was shown stays beside those that are asked for.
    expect(strip().getAllByRole('button')).toHaveLength(1);
    expect(await frame()).toHaveAccessibleName('Frame 5 of 5: e.jpg');
  });

  it('judges several at once, which can be undone as one', async () => {
    answers({ 'POST /api/pictures/judge': { undo: 'u1' }, 'POST /api/undo/{id}': undefined });
    const { user } = page({ pictures: five });
    await frame();
    await user.keyboard('{ArrowRight}{Shift>}{ArrowRight}{ArrowRight}{/Shift}');
    expect(within(screen.getByRole('region', { name: 'Chosen frames' })).getByText('3 frames')).toBeVisible();
    await user.keyboard('l');
    await waitFor(() =>
      expect(bodies('POST /api/pictures/judge')).toEqual([{ pictures: ['b', 'c', 'd'], said: false }]),
    );
    await user.click(await screen.findByRole('button', { name: 'Undo' }));
    await waitFor(() => expect(asked.some(({ path }) => path.id === 'u1')).toBe(true));
    // All of them by one key, and taken back by another.
    await user.keyboard('{Shift>}l{/Shift}');
    await waitFor(() =>
      expect(bodies('POST /api/pictures/judge')[1]).toEqual({
        pictures: ['a', 'b', 'c', 'd', 'e'],
        said: false,
      }),
    );
    await screen.findByText('5 frames lost');
    await user.keyboard('z');
    await waitFor(() => expect(asked.filter(({ path }) => path.id === 'u1')).toHaveLength(2));
  });

  it('is split before a frame, and gives frames to the burst after', async () => {
    answers({ 'POST /api/pictures/move': { burst: '9', undo: 'u1' } });
    const { user } = page({ pictures: five });
    await frame();
    // There is nothing before the first frame to be split from.
    await user.keyboard('s{End}s');
    await waitFor(() =>
      expect(bodies('POST /api/pictures/move')).toEqual([{ pictures: ['e'], burst: null }]),
    );
    await user.keyboard('{Home}{Shift>}{ArrowRight}{/Shift}');
    expect(screen.queryByRole('button', { name: 'To the burst before' })).toBeNull();
    await user.click(screen.getByRole('button', { name: 'To the burst after' }));
    await waitFor(() =>
      expect(bodies('POST /api/pictures/move')[1]).toEqual({ pictures: ['a', 'b'], burst: '8' }),
    );
  });

  it('takes frames that are dragged to the burst after', async () => {
    answers({ 'POST /api/pictures/move': { burst: '8', undo: 'u1' } });
    page({ pictures: five });
    await frame();
    const dataTransfer = {
      types: ['application/x-frames'],
      setData: vi.fn(),
      getData: () => 'c',
      effectAllowed: '',
    };
    const after = screen.getByText('After').closest('div') as HTMLElement;
    fireEvent.dragStart(strip().getAllByRole('button')[2] as HTMLElement, { dataTransfer });
    expect(dataTransfer.setData).toHaveBeenCalledWith('application/x-frames', 'c');
    expect(screen.getByText('A burst of their own')).toBeVisible();
    fireEvent.drop(after, { dataTransfer });
    await waitFor(() => expect(bodies('POST /api/pictures/move')).toEqual([{ pictures: ['c'], burst: '8' }]));
  });

  it('is seen all at once, and goes from there to a frame', async () => {
    const { user } = page({
      pictures: five.map((one, i) => ({
        ...one,
        distance_m: 20 - i,
        measured: { ...measured, width_px: 1 + i },
      })),
    });
    await frame();
    await user.keyboard('a');
    expect(
      screen.getByRole('img', { name: 'Blur of 5 frames over 4.0 s, at most 3.0 px may be kept' }),
    ).toBeVisible();
    expect(screen.getByText('focused at')).toBeVisible();
    await user.click(screen.getByRole('button', { name: 'Show frame 4: lost' }));
    expect(await frame()).toHaveAccessibleName('Frame 4 of 5: d.jpg');
  });

  it('goes closer and beside, with two frames together', async () => {
    const { user } = page({ pictures: [picture('a', { original: true }), picture('b', { original: true })] });
    await frame();
    await user.keyboard('b{ArrowRight}+');
    const close = () => screen.getAllByAltText(/200%$/).map((one) => one.getAttribute('src'));
    expect(close()).toEqual([
      '/api/pictures/b/crop?x=0.0000&y=0.0000&side=360',
      '/api/pictures/a/crop?x=0.0000&y=0.0000&side=360',
    ]);
    const figure = screen.getAllByAltText(/200%$/)[0]?.closest('figure') as HTMLElement;
    fireEvent.pointerDown(figure, { clientX: 200, clientY: 100, pointerId: 1 });
    fireEvent.pointerMove(figure, { clientX: 20, clientY: 100, pointerId: 1 });
    fireEvent.pointerUp(figure, { pointerId: 1 });
    // 180 px of the screen are 90 of a picture 900 wide.
    expect(close().every((src) => src?.includes('x=0.1000&y=0.0000'))).toBe(true);
  });

  it('says who found the subject, and that its frames do not say when', async () => {
    page({ found_by: 'camera', clocked: 'numbers', matched: ['said'] });
    await frame();
    expect(screen.getByText(/^Found where the camera says it focused/)).toBeVisible();
    expect(screen.getByRole('note')).toHaveTextContent(/^These frames do not say when they were taken\./);
    expect(screen.getByText(/matched by you/)).toBeVisible();
  });

  it('says how far following is, and lets one stop it', async () => {
    answers({ 'DELETE /api/bursts/{id}/mark': whole });
    const { user } = page({ following: { done: 3, total: 9 } });
    expect(await screen.findByText(/Finding it in the other frames, 3 of 9/)).toBeVisible();
    await user.click(screen.getByRole('button', { name: 'Stop' }));
    await waitFor(() => expect(asked.some(({ call }) => call === 'DELETE /api/bursts/{id}/mark')).toBe(true));
  });

  it('says when its last picture is gone, and when it is not there', async () => {
    const { unmount } = page({ pictures: [] });
    expect(await screen.findByText('There are no pictures in this burst any more.')).toBeVisible();
    unmount();
    answers({ 'GET /api/bursts/{id}/pictures': refused(404, 'This burst is gone.') });
    open(<BurstPage />, { at: '/review/bursts/7', path: '/review/bursts/:id' });
    expect(await screen.findByText('This burst is gone.')).toBeVisible();
  });
});

describe('several bursts', () => {
  const one = sample('PictureBurst', {
    pictures: 2,
    marked: true,
    following: null,
    zone: null,
    clocked: null,
  } as never);
  const list = ['1', '2', '3'].map((id, i) => ({
    ...one,
    burst: { ...burst, id, at: `2026-06-07T05:${i}0:00Z` },
  }));
  const page = () => {
    answers({
      'GET /api/pictures/state': state,
      'GET /api/pictures/bursts': { items: list as never, next: null },
      'GET /api/rushes': recorded('rushes'),
      'POST /api/pictures/bursts/join': { burst: '1', undo: 'u1' },
      'POST /api/pictures/bursts/match': { undo: 'u2' },
      'POST /api/undo/{id}': undefined,
    });
    return open(<Pictures />);
  };

  it('are chosen and made one, and that is undone', async () => {
    const { user } = page();
    const boxes = await screen.findAllByRole('checkbox', { name: /^Choose Tern/ });
    await user.click(boxes[0] as HTMLElement);
    const bar = () => within(screen.getByRole('toolbar', { name: 'Chosen bursts' }));
    expect(bar().queryByRole('button', { name: 'Make them one' })).toBeNull();
    await user.click(boxes[2] as HTMLElement);
    await user.click(bar().getByRole('button', { name: 'Make them one' }));
    await waitFor(() => expect(bodies('POST /api/pictures/bursts/join')).toEqual([{ bursts: ['1', '3'] }]));
    await user.click(await screen.findByRole('button', { name: 'Undo' }));
    await waitFor(() => expect(asked.some(({ path }) => path.id === 'u1')).toBe(true));
    expect(screen.queryByRole('toolbar')).toBeNull();
  });

  it('are joined by dragging one onto another', async () => {
    page();
    const [, second] = await screen.findAllByRole('link', { name: /^Tern/ });
    const dataTransfer = { types: ['application/x-burst'], getData: () => '3' };
    fireEvent.drop(second?.parentElement as HTMLElement, { dataTransfer });
    await waitFor(() => expect(bodies('POST /api/pictures/bursts/join')).toEqual([{ bursts: ['2', '3'] }]));
  });

  it('of a whole day are matched at once, and go out together', async () => {
    const { user } = page();
    await user.click(await screen.findByRole('checkbox', { name: 'Choose all' }));
    await user.click(screen.getByRole('combobox', { name: 'Which rush they are of' }));
    const rush = recorded('rushes').items[0];
    await user.click(await screen.findByTitle(rush?.name ?? ''));
    await waitFor(() =>
      expect(bodies('POST /api/pictures/bursts/match')).toEqual([
        { bursts: ['1', '2', '3'], rush_id: rush?.id },
      ]),
    );
    await user.click(screen.getByRole('button', { name: 'Download the day' }));
    const link = await screen.findByRole('link', { name: 'Sidecars (XMP)' });
    const query = new URL(link.getAttribute('href') ?? '', 'http://x').searchParams;
    expect([query.get('from'), query.get('until')]).toEqual([
      '2026-06-07T05:00:00.000Z',
      '2026-06-07T05:20:01.000Z',
    ]);
  });
});

describe('a judgement', () => {
  const judged = (of: Picture, beside = false) => {
    const does = { onSay: vi.fn(), onCause: vi.fn(), onBeside: vi.fn(), onDelete: vi.fn() };
    return { does, ...open(<Judged picture={of} causes={[]} beside={beside} {...does} />) };
  };
  const verdict = () => document.querySelector('.judged-verdict')?.textContent;

  it('is never said to be certain, and says by whom it is', () => {
    const first = judged(picture('a', { measured: { ...measured, sure: 0.9999 } }));
    expect(verdict()).toBe('KeptMeasured: kept, 99% sure.');
    first.unmount();
    judged(picture('a', { kept: false, said: false }));
    expect(verdict()).toBe('LostSaid by you. Measured: kept, 99% sure.');
  });

  it('is none where nothing was measured and nobody has said', () => {
    judged(picture('a', { kept: true, said: null, measured: null }));
    expect(verdict()).toBe('Not judgedNot measured at the subject yet.');
  });

  it('cannot tell where there is nothing to go by, and says why, unless somebody has said', () => {
    const plain = { ...measured, verdict: 'untold' as const, untold: 'plain' as const, sure: 0.5 };
    const first = judged(picture('a', { kept: null, measured: plain }));
    expect(verdict()).toBe('Cannot tellWhere you marked it there is hardly an edge to go by.');
    first.unmount();
    judged(picture('a', { kept: true, said: true, measured: plain }));
    expect(verdict()).toContain('KeptSaid by you.');
  });

  it('says that the subject was not found, and then no figures', () => {
    judged(picture('a', { measured: { ...measured, not_found: true, aim: null as never } }));
    expect(verdict()).toContain('The subject was not found in it.');
    expect(screen.queryByText('Blur')).toBeNull();
  });

  it.each([
    [0.8, 0.7, 'round'],
    [4, 1, 'streaked at 30°'],
    // Hardly any blur has no direction, however long it is for its width.
    [0.4, 0.1, 'round'],
  ])('tells a smear of %d by %d px: %s', (long_px, short_px, says) => {
    judged(picture('a', { measured: { ...measured, long_px, short_px, angle_deg: 30 } }));
    expect(screen.getByText('Shape').nextSibling).toHaveTextContent(says);
    expect(screen.getByText('Blur').nextSibling).toHaveTextContent('2.1 px of 3.0 px');
  });

  it('takes back what was said by saying it again', async () => {
    const { user, does } = judged(picture('a', { said: true }));
    await user.click(screen.getByRole('button', { name: 'Keep' }));
    expect(does.onSay).toHaveBeenLastCalledWith(null);
    await user.click(screen.getByRole('button', { name: 'Lost' }));
    expect(does.onSay).toHaveBeenLastCalledWith(false);
  });
});
