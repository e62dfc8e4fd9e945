import { readFileSync } from 'node:fs';
import { render, screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { type Answers, answers, asked, bodies, refused, sample, waiting } from '../../testing/answers';
import { open } from '../../testing/open';
import { recorded } from '../../testing/recorded';
import { CauseSketch } from './CauseSketch';
import Why from './Why';

const causes = { ...recorded('causes'), known: [] };
const rush = { ...recorded('rush'), id: '01' };
const next = {
  question: 'held',
  text: 'Was the area on it?',
  hint: 'Look at the frames before.',
  choices: [
    { answer: 'yes', text: 'Yes' },
    { answer: 'no', text: 'No' },
    { answer: 'unknown', text: 'I cannot tell' },
  ],
};
const asking = { ...causes, next };
const found = { ...causes, next: null, leads: true, tells: true };

const ask = (more: Answers, at = '/review/bursts/7/why?of=01') => {
  answers({
    'GET /api/rushes/{id}': rush as never,
    'GET /api/bursts/{id}/pictures': { ...sample('BurstPictures'), pictures: [] },
    'POST /api/frame': waiting,
    ...more,
  });
  return open(<Why />, { at, path: at.includes('bursts') ? '/review/bursts/:id/why' : '/review/why' });
};

describe('why a burst is soft', () => {
  it('asks one question at a time, by press or by its number, and goes back', async () => {
    const { user } = ask({ 'POST /api/cause': asking });
    expect(await screen.findByRole('heading', { name: 'Was the area on it?' })).toBeVisible();
    expect(screen.getByText(/Question 1, of five at most/)).toBeVisible();
    await user.click(screen.getByRole('button', { name: /No/ }));
    expect(await screen.findByText(/Question 2, of five at most/)).toBeVisible();
    await user.click(screen.getByRole('button', { name: 'Back' }));
    expect(await screen.findByText(/Question 1, of five at most/)).toBeVisible();
    await user.keyboard('1');
    await screen.findByText(/Question 2, of five at most/);
    const given = bodies('POST /api/cause').map((body) => (body as { answers?: object }).answers);
    await waitFor(() => expect(given).toContainEqual({ ...causes.given, held: 'no' }));
    expect(given[0]).toBeUndefined();
  });

  it('has the rush drawn where there is nothing of one’s own to look at', async () => {
    ask({ 'POST /api/cause': asking });
    expect(await screen.findByRole('region', { name: 'The rush, drawn' })).toBeVisible();
    await waitFor(() => expect(bodies('POST /api/frame')[0]).toMatchObject({ rush: rush.document, run: 0 }));
  });

  it('draws every cause, each another way', () => {
    const known = readFileSync('core/src/Causes/Cause.php', 'utf8').matchAll(/case \w+ = '([\w-]+)'/g);
    const drawn = [...known].map(([, cause = '']) => {
      const { container } = render(<CauseSketch cause={cause} />);
      return container.querySelector('circle') ? container.innerHTML : `nothing for ${cause}`;
    });
    expect(drawn.length).toBeGreaterThan(15);
    expect(drawn.filter((one) => one.startsWith('nothing'))).toEqual([]);
    // Air and diffraction alike lie as a veil over all of it.
    expect(new Set(drawn).size).toBeGreaterThan(drawn.length - 3);
  });

  it('shows the frames it asks about, the softest beside the sharpest, and what they have said', async () => {
    const frame = (id: string, width_px: number, kept: boolean) => ({
      ...sample('Picture'),
      id,
      name: `${id}.jpg`,
      original: true,
      kept,
      measured: { ...sample('Picture').measured, aim: { x: 0, y: 0 }, width_px, limit_px: 3 },
    });
    const pictures = [
      frame('a', 2.9, true),
      frame('b', 5, false),
      frame('c', 1.5, true),
      frame('d', 9, false),
      frame('e', 4, false),
    ];
    ask({
      'POST /api/cause': { ...asking, known: [{ question: 'How soft?', answer: 'Clearly' }] },
      'GET /api/bursts/{id}/pictures': { ...sample('BurstPictures'), pictures: pictures as never },
    });
    const frames = within(await screen.findByRole('region', { name: 'Frames to look at' }));
    expect(screen.queryByRole('region', { name: 'The rush, drawn' })).toBeNull();
    expect(frames.getAllByText(/^The/).map((one) => one.textContent)).toEqual([
      'The sharpest',
      'The softest',
      'The next',
    ]);
    expect(frames.getAllByText(/\.jpg/).map((one) => one.textContent?.charAt(0))).toEqual(['c', 'd', 'b']);
    expect(screen.getByRole('region', { name: 'Known already' })).toHaveTextContent('How soft?Clearly');
  });

  it('names the rush of the burst, and asks about that burst', async () => {
    ask({ 'POST /api/cause': asking });
    expect(await screen.findByRole('link', { name: rush.document.name })).toHaveAttribute(
      'href',
      '/rushes/01',
    );
    expect(bodies('POST /api/cause')[0]).toMatchObject({ burst: '7', rush_id: null, units: 'metric' });
  });

  it('lists the four likeliest causes with what speaks for them, and the rest when asked', async () => {
    const { user } = ask({ 'POST /api/cause': asking });
    const list = within(await screen.findByRole('region', { name: 'Causes' }));
    expect(list.getAllByRole('listitem')).toHaveLength(4);
    expect(list.getAllByRole('listitem')[0]).toHaveTextContent(`It was not in the frame57%`);
    await user.click(list.getByRole('button', { name: `${causes.causes.length - 4} more` }));
    expect(list.getAllByRole('listitem')).toHaveLength(causes.causes.length);
    await user.click(list.getByRole('button', { name: 'Fewer' }));
    expect(list.getAllByRole('listitem')).toHaveLength(4);
  });

  it('says why it cannot be asked', async () => {
    ask({ 'POST /api/cause': refused(404, 'This burst is not yours or gone.') });
    expect(await screen.findByText('This burst is not yours or gone.')).toBeVisible();
  });
});

describe('what was found', () => {
  const hold = { format: 'rush-hold/hold@1' as const, exposure: { shutter_s: 0.0005 } };
  const confirm = {
    text: 'Ten frames each.',
    frames_of_each: 40,
    bursts_of_each: 4,
    holds: { as_it_was: hold, with_fix: hold },
  };
  const worth = { keeper_rate: 0.25, with_fix: 0.5, frames_of_a_pass: 40, keepers_more: 10 };

  it('gives the fix, what it is worth, and plans the rush with it', async () => {
    const { user, where } = ask({
      'POST /api/cause': { ...found, fix: hold, worth, advice: 'Be quicker.', confirm },
    });
    expect(await screen.findByText('Be quicker.')).toBeVisible();
    expect(screen.getByText('Most likely')).toBeVisible();
    expect(screen.getByText('1/2000 s')).toBeVisible();
    expect(screen.getByText(/instead of/)).toHaveTextContent(
      '20 instead of 10 of 40 frames kept by the model',
    );
    await user.click(screen.getByRole('button', { name: 'Plan the rush with it' }));
    expect(where()).toBe('/rushes/01');
  });

  it('plans the test that confirms it, and stays where that is refused', async () => {
    const { user, where } = ask({
      'POST /api/cause': { ...found, fix: hold, worth, confirm },
      'POST /api/cause/test': refused(422, 'There is room for 500 outings.'),
    });
    await user.click(await screen.findByRole('button', { name: 'Plan the test' }));
    expect(await screen.findByText('There is room for 500 outings.')).toBeInTheDocument();
    expect(where()).toContain('/why');
    expect(bodies('POST /api/cause/test')).toEqual([
      { rush_id: '01', as_it_was: hold, with_fix: hold, bursts: 4 },
    ]);
  });

  it('says so where none is likely enough', async () => {
    ask({ 'POST /api/cause': { ...found, leads: false, tells: false } });
    expect(await screen.findByRole('heading', { name: 'Not enough to tell' })).toBeVisible();
    expect(screen.queryByRole('button', { name: 'Plan the rush with it' })).toBeNull();
  });

  it('tells the likeliest from one that leads', async () => {
    ask({ 'POST /api/cause': { ...found, leads: false } });
    expect(await screen.findByText('Most likely, but close')).toBeVisible();
  });

  it('leads to the bench where the lens focuses beside', async () => {
    const tune = [{ cause: 'fine-tune', label: 'Front or back focus', probability: 0.8, because: [] }];
    const { user, where } = ask({ 'POST /api/cause': { ...found, causes: tune, fix: null, worth: null } });
    await user.click(await screen.findByRole('button', { name: 'To calibration' }));
    expect(where()).toBe('/kit/bench');
  });

  it('begins again without what was answered', async () => {
    const { user } = ask({
      'POST /api/cause': ({ body }) => ((body as { answers?: object }).answers ? asking : found),
    });
    await user.click(await screen.findByRole('button', { name: 'Begin again' }));
    expect(await screen.findByText(/Question 1/)).toBeVisible();
    expect(asked.at(-1)?.body).toMatchObject({ answers: {} });
  });
});
