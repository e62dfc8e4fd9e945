import { screen, waitFor } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { answers, asked, refused } from '../../testing/answers';
import { open } from '../../testing/open';
import { recorded } from '../../testing/recorded';
import Progress from './Progress';

const turn = recorded('drills')[0] as ReturnType<typeof recorded<'drills'>>[0];
const played = (id: string, day: string, share: number, aids = {}) => ({
  ...turn,
  id,
  day,
  done_at: `${day}T19:30:00Z`,
  score: { ...turn.score, share, aids },
});
const some = [
  played('3', '2026-11-28', 0.6),
  played('2', '2026-11-27', 0.9, { magnified: true }),
  played('1', '2026-11-26', 0.2),
  played('0', '2026-11-26', 0.4),
];

describe('progress', () => {
  it('leads to a first turn where there is none', async () => {
    answers({ 'GET /api/drills': [] });
    open(<Progress />);
    expect(await screen.findByRole('link', { name: 'Play a turn of it' })).toHaveAttribute(
      'href',
      '/practice/buttons',
    );
  });

  it('says the last day and the best, of days and not of turns', async () => {
    answers({ 'GET /api/drills': some });
    const { user } = open(<Progress />);
    await user.click(await screen.findByText('Slow swimmer'));
    expect(await screen.findByText(/3 days, last/)).toHaveTextContent(
      '3 days, last 60% frames kept · your best day 90%',
    );
    expect(asked.some(({ query }) => query.drill === 'swimmer')).toBe(true);
    expect(screen.getByRole('img', { name: 'Slow swimmer by day' })).toBeInTheDocument();
  });

  it('tells turns without aids from those with', async () => {
    answers({ 'GET /api/drills': some });
    const { user } = open(<Progress />);
    await user.click(await screen.findByText('Slow swimmer'));
    await user.click(await screen.findByText('Without aids'));
    expect(await screen.findByText(/2 days, last/)).toHaveTextContent('2 days, last 60% frames kept');
    await user.click(screen.getByText('Magnified'));
    expect(await screen.findByText(/One day, last/)).toHaveTextContent('90%');
  });

  it('deletes a turn, brings it back, and says when it cannot', async () => {
    let gone = false;
    answers({
      'GET /api/drills': () => (gone ? [] : some.slice(0, 1)),
      'DELETE /api/drills/{id}': refused(503, 'There is very much to do just now.'),
      'POST /api/drills/{id}/restore': () => {
        gone = false;
        return turn;
      },
    });
    const { user } = open(<Progress />);
    const remove = await screen.findByRole('button', { name: /^Delete the turn of/ });
    await user.click(remove);
    expect(await screen.findByText('There is very much to do just now.')).toBeInTheDocument();
    answers({
      'DELETE /api/drills/{id}': () => {
        gone = true;
        return undefined;
      },
    });
    await user.click(remove);
    await screen.findByText(/Nothing of this yet\./);
    await user.click(await screen.findByRole('button', { name: 'Undo' }));
    await waitFor(() => expect(screen.getByText(/One day, last/)).toBeVisible());
  });
});
