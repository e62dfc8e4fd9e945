import { screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { answers, bodies, offline, refused } from '../../testing/answers';
import { open } from '../../testing/open';
import { recorded } from '../../testing/recorded';
import HowRight from './HowRight';

const learned = recorded('learned');
const taught = learned.learned as NonNullable<typeof learned.learned>;
const percent = (share: number) => Math.round(100 * share);

describe('what the log has taught', () => {
  it('is nothing yet for somebody new', async () => {
    answers({ 'GET /api/learned': { uses: true, since: null, learned: null } });
    open(<HowRight />);
    expect(await screen.findByRole('heading', { name: 'Nothing learned yet' })).toBeVisible();
    expect(screen.queryByRole('button', { name: 'Reset' })).toBeNull();
  });

  it('says why it cannot be told', async () => {
    answers({ 'GET /api/learned': offline });
    open(<HowRight />);
    expect(await screen.findByText(/The server does not answer\./)).toBeVisible();
  });

  it('stands beside what one has said of oneself', async () => {
    answers({ 'GET /api/learned': learned });
    open(<HowRight />);
    const [aim] = within(await screen.findByRole('region', { name: 'What was learned' })).getAllByRole(
      'listitem',
    );
    const { mean, low, high } = taught.skills.aim;
    expect(aim).toHaveTextContent(`${percent(mean)}% said 50%`);
    expect(aim).toHaveTextContent(`${percent(low)} to ${percent(high)}`);
    const log = percent(taught.log_share);
    expect(screen.getByText(new RegExp(`${log}%`)).closest('.log-share')).toHaveTextContent(
      `${log}% log, ${100 - log}% model 32 bursts, worth ${Math.round(taught.frames_worth)} frames`,
    );
  });

  it('says what each kit keeps more or less, with a sign', async () => {
    const [name, of] = Object.entries(taught.kit)[0] as [string, (typeof taught.kit)[string]];
    const half = { mean: 0.11, low: -0.11, high: 0.26 };
    const kits = { [name]: { ...of, at_half: half } };
    answers({ 'GET /api/learned': { ...learned, learned: { ...taught, kit: kits } } });
    open(<HowRight />);
    const kit = (await screen.findByText(/500 mm f\/4 prime/)).closest('li');
    expect(kit).toHaveTextContent('+11 points');
    expect(kit).toHaveTextContent('(−11 to +26)');
  });

  it('is left out of plans by a tick, and says when that is refused', async () => {
    answers({
      'GET /api/learned': learned,
      'PATCH /api/learned': refused(503, 'There is very much to do just now.'),
    });
    const { user } = open(<HowRight />);
    await user.click(await screen.findByLabelText('Plans use my log'));
    expect(await screen.findByText('There is very much to do just now.')).toBeInTheDocument();
    expect(screen.getByLabelText('Plans use my log')).toBeChecked();
    answers({ 'PATCH /api/learned': { ...learned, uses: false } });
    await user.click(screen.getByLabelText('Plans use my log'));
    await waitFor(() => expect(screen.getByLabelText('Plans use my log')).not.toBeChecked());
    expect(bodies('PATCH /api/learned').at(-1)).toEqual({ uses: false });
  });

  it('is forgotten only after it is asked once more, and can be taken in again', async () => {
    answers({
      'GET /api/learned': learned,
      'PATCH /api/learned': { ...learned, since: '2026-11-30T00:00:00Z' },
    });
    const { user } = open(<HowRight />);
    await user.click(await screen.findByRole('button', { name: 'Reset' }));
    expect(bodies('PATCH /api/learned')).toEqual([]);
    await user.click(await screen.findByRole('button', { name: 'Forget it' }));
    expect(await screen.findByText('from 30 Nov 2026 on')).toBeVisible();
    await user.click(screen.getByRole('button', { name: 'Take all of the log' }));
    await waitFor(() => expect(bodies('PATCH /api/learned')).toEqual([{ from: 'now' }, { from: 'all' }]));
  });
});

describe('how right it has been', () => {
  it('shows the worst misses first, none of them that is not believed', async () => {
    answers({ 'GET /api/learned': learned });
    open(<HowRight />);
    const worst = within(await screen.findByRole('region', { name: 'Worst misses' })).getAllByRole(
      'listitem',
    );
    const off = taught.right.bursts
      .filter((b) => !taught.outliers.includes(b.burst))
      .map((b) => Math.abs(b.keepers / b.frames - b.learned))
      .sort((a, b) => b - a);
    const [first] = taught.right.bursts.filter((b) => Math.abs(b.keepers / b.frames - b.learned) === off[0]);
    expect(worst).toHaveLength(5);
    expect(worst[0]).toHaveTextContent(`${first?.keepers} of ${first?.frames} kept`);
  });

  it('lets one leave out for good what was logged wrongly', async () => {
    const outliers = taught.right.bursts.slice(0, 1).map(({ burst }) => burst);
    answers({
      'GET /api/learned': { ...learned, learned: { ...taught, outliers } },
      'PATCH /api/bursts/{id}': recorded('bursts').items[0] as never,
    });
    const { user } = open(<HowRight />);
    const wrong = within(await screen.findByRole('region', { name: 'Looks logged wrongly' }));
    await user.click(wrong.getByRole('button', { name: 'Exclude' }));
    await waitFor(() => expect(bodies('PATCH /api/bursts/{id}')).toEqual([{ doubted: true }]));
  });

  it('says the mean square missed, with the log and without', async () => {
    answers({ 'GET /api/learned': learned });
    open(<HowRight />);
    const said = await screen.findByText(/Brier score/);
    const { brier } = taught.right;
    expect(said).toHaveTextContent(
      `Brier score ${brier?.learned.toFixed(3)} with your log, ${brier?.model.toFixed(3)} by the model alone`,
    );
  });

  it('is not told before there is anything to hold it against', async () => {
    const right = { bursts: [], brier: null };
    answers({ 'GET /api/learned': { ...learned, learned: { ...taught, right } } });
    open(<HowRight />);
    await screen.findByRole('region', { name: 'What was learned' });
    expect(screen.queryByRole('region', { name: 'Worst misses' })).toBeNull();
  });
});
