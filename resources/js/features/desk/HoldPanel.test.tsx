import { render, screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import type { Plan } from '../../api/client';
import { Refusal } from '../../api/client';
import { open } from '../../testing/open';
import { recorded } from '../../testing/recorded';
import { HoldLines } from './HoldLines';
import { HoldPanel } from './HoldPanel';
import { orderOf } from './holdOrder';
import { Notices } from './Notices';
import { Transport } from './Transport';

const ranked = recorded('rank');
const formulas = recorded('plan');
const doing = () => ({
  onChoose: vi.fn(),
  onPin: vi.fn(),
  onAdopt: vi.fn(),
  onCompare: vi.fn(),
  onUnpinAll: vi.fn(),
  onWord: vi.fn(),
});
type More = Partial<{ stale: boolean; playing: boolean; pinned: number; chosen: string; width: number }>;
const panel = (plan: Plan | undefined, { width = 1280, ...more }: More = {}) => {
  const does = doing();
  const given = {
    stale: false,
    playing: false,
    pinned: 0,
    chosen: 'exposure.shutter_s',
    body: undefined,
    ...more,
  };
  return { does, ...open(<HoldPanel plan={plan} {...given} {...does} />, { width }) };
};
const hold = () => screen.getByRole('complementary', { name: 'Hold' });
const line = (setting: string) => hold().querySelector(`[data-setting="${setting}"]`) as HTMLElement;

describe('the hold', () => {
  it('shows which of its values are other ones than before, and none at first sight', () => {
    const given = {
      order: orderOf(ranked),
      chosen: undefined,
      onChoose: vi.fn(),
      onPin: vi.fn(),
      explanation: null,
    };
    const { container, rerender } = render(<HoldLines plan={ranked} {...given} />);
    const changed = () => [...container.querySelectorAll('.just-changed')].map((one) => one.textContent);
    expect(changed()).toEqual([]);
    const [first, ...others] = ranked.lines;
    const plan = { ...ranked, lines: [{ ...first, label: 'Something else' }, ...others] } as Plan;
    rerender(<HoldLines plan={plan} {...given} order={orderOf(plan)} />);
    expect(changed()).toEqual(['Something else']);
  });

  it('is empty before anything is known', () => {
    panel(undefined);
    expect(hold()).toBeEmptyDOMElement();
  });

  it('shows a value for each setting, those that matter most first', () => {
    panel(ranked);
    const most = within(screen.getByRole('region', { name: 'Matters most here' }));
    const settings = [...most.getAllByRole('button')].map((button) => button.dataset.setting).filter(Boolean);
    expect(settings).toEqual(ranked.important);
    for (const { setting, label, idle } of ranked.lines)
      if (!idle) expect(line(setting)).toHaveTextContent(label);
  });

  it('says how many frames of a pass are kept, with the range', () => {
    const best = {
      ...ranked.best,
      keeper_rate: 0.5,
      frames: 50,
      keepers: { mean: 25, low: 17.6, high: 32.2 },
    };
    panel({ ...ranked, best, learned: undefined as never });
    expect(screen.getByText(/18 to 32/)).toBeVisible();
    expect(hold().querySelector('.keepers')).toHaveTextContent('25 of 50 (50%) kept');
  });

  it('says no range where there is none', () => {
    const best = {
      ...ranked.best,
      keeper_rate: 0.48,
      frames: 50,
      keepers: { mean: 24, low: 23.8, high: 24.1 },
    };
    panel({ ...ranked, best });
    expect(hold().querySelector('.keepers')).not.toHaveTextContent('24 to 24');
  });

  it('says that it is being played, and that what stands there is older', () => {
    panel({ ...formulas, best: { hold: formulas.best.hold } }, { playing: true, stale: true });
    expect(hold()).toHaveAttribute('aria-busy', 'true');
    expect(hold()).toHaveClass('stale', 'playing');
    expect(screen.getByText('simulating…')).toBeVisible();
  });

  it('gives the reason, the cost and the other choices of the line that is looked at', () => {
    const shutter = ranked.lines.find((l) => l.setting === 'exposure.shutter_s');
    panel(ranked, { chosen: 'exposure.shutter_s' });
    expect(hold().querySelector('.hold-reason')).toHaveTextContent(`${shutter?.name} ${shutter?.reason}`);
    const offered = [...hold().querySelectorAll('.hold-detail li button')].map((b) => b.textContent);
    expect(offered).toEqual(shutter?.alternatives.map((a) => a.label));
    for (const a of shutter?.alternatives ?? []) {
      const button = screen.getAllByTitle(`Pin ${a.label}`)[0];
      if (a.possible) expect(button).toBeEnabled();
      else expect(button).toBeDisabled();
    }
  });

  it('pins a line at its value, another choice at its own, and lets go of a pin', async () => {
    const shutter = ranked.lines.find((l) => l.setting === 'exposure.shutter_s');
    const { user, does, unmount } = panel(ranked);
    await user.click(screen.getByRole('button', { name: `Pin ${shutter?.name}` }));
    expect(does.onPin).toHaveBeenLastCalledWith('exposure.shutter_s', shutter?.value);
    const other = shutter?.alternatives.find((a) => a.possible);
    await user.click(screen.getAllByTitle(`Pin ${other?.label}`)[0] as HTMLElement);
    expect(does.onPin).toHaveBeenLastCalledWith('exposure.shutter_s', other?.value);
    unmount();
    const lines = ranked.lines.map((l) => (l.setting === 'exposure.shutter_s' ? { ...l, pinned: true } : l));
    const pinned = panel({ ...ranked, lines }, { pinned: 1 });
    await pinned.user.click(screen.getByRole('button', { name: `Unpin ${shutter?.name}` }));
    expect(pinned.does.onPin).toHaveBeenLastCalledWith('exposure.shutter_s', undefined);
    await pinned.user.click(screen.getByRole('button', { name: 'Unpin the one' }));
    expect(pinned.does.onUnpinAll).toHaveBeenCalledOnce();
  });

  it('opens and closes the reason below its line on a phone', async () => {
    const { user, does } = panel(ranked, { width: 390 });
    expect(hold().querySelector('.hold-reason')).toBeNull();
    await user.click(line('exposure.shutter_s'));
    expect(does.onChoose).toHaveBeenCalledWith('exposure.shutter_s');
    expect(hold().querySelector('.hold-lines .hold-reason')).not.toBeNull();
    await user.click(line('exposure.shutter_s'));
    expect(hold().querySelector('.hold-reason')).toBeNull();
  });

  it('shows that more is used than may be by more than colour', () => {
    const lines = ranked.lines.map((l) => ({
      ...l,
      margin: { name: 'smear', used: 12, allowed: 8, unit: 'µm', share: 1.5 },
    }));
    panel({ ...ranked, lines });
    const bars = screen.getAllByRole('img', { name: '150% used' });
    expect(bars[0]).toHaveClass('over');
  });

  it('folds away what is not in play', async () => {
    const [first, ...rest] = ranked.lines;
    const idle = { ...(first as (typeof ranked.lines)[0]), setting: 'aim', name: 'Aim point', idle: true };
    const { user } = panel({ ...ranked, lines: [idle, ...rest] });
    const fold = screen.getByRole('button', { name: /^Not in play: .*aim point/ });
    expect(fold).toHaveAttribute('aria-expanded', 'false');
    await user.click(fold);
    expect(line('aim')).toBeVisible();
  });
});

describe('the other views of the hold', () => {
  const view = async (plan: Plan, name: string) => {
    const page = panel(plan);
    await page.user.click(
      screen.getByText(name, { selector: '.ant-segmented-item-label, .ant-segmented-item-label *' }),
    );
    return page;
  };

  it('list the other set-ups, adopt one without its exposure, and compare any but the first', async () => {
    const { user, does } = await view(ranked, 'Alternatives');
    const played = (ranked.ranking ?? []).filter((entry) => entry.rejected_because === undefined);
    const rows = within(screen.getByRole('region', { name: 'Other holds' })).getAllByTitle('Use this hold');
    expect(rows).toHaveLength(played.length);
    await user.click(rows[1] as HTMLElement);
    const [adopted] = does.onAdopt.mock.lastCall ?? [];
    expect(adopted.exposure).toBeUndefined();
    expect(adopted.focus.area).toBe(played[1]?.hold.focus?.area);
    const compare = screen.getAllByTitle('Compare side by side');
    expect(compare).toHaveLength(played.length - 1);
    await user.click(compare[0] as HTMLElement);
    expect(does.onCompare).toHaveBeenCalledWith(played[1]?.hold);
  });

  it('say how many are too close to call', async () => {
    await view({ ...ranked, ties: 'Any of these 4 will do.' }, 'Alternatives');
    expect(screen.getByText('Any of these 4 will do.')).toBeVisible();
  });

  it('tell schools that differ from those that are all one', async () => {
    const side = (school: string, name: string, keeper_rate: number, matters: boolean) =>
      ({ school, side: name, hold: ranked.best.hold, keeper_rate, standard_error: 0.01, matters }) as never;
    const [one, two] = [ranked.by_school?.[0]?.school ?? '', ranked.by_school?.at(-1)?.school ?? ''];
    const by_school = [
      side(one, ranked.by_school?.[0]?.side ?? '', 0.8, true),
      side(one, ranked.by_school?.[1]?.side ?? '', 0.4, true),
      side(two, ranked.by_school?.at(-1)?.side ?? '', 0.6, false),
      side(two, ranked.by_school?.at(-2)?.side ?? '', 0.6, false),
    ];
    const { does, user } = await view(
      { ...ranked, by_school, best: { ...ranked.best, frames: 50 } },
      'Styles',
    );
    const schools = within(screen.getByRole('region', { name: 'Styles' }));
    const buttons = schools.getAllByTitle('Use this hold');
    expect(buttons).toHaveLength(2);
    expect(schools.getByText('No difference here')).toBeVisible();
    expect(buttons[1]?.closest('li')).toHaveTextContent('20');
    await user.click(buttons[0] as HTMLElement);
    expect(does.onAdopt).toHaveBeenCalledOnce();
  });

  it('tell losses by what loses them, with what would help against each', async () => {
    const best = {
      ...ranked.best,
      frames: 50,
      keeper_rate: 0.7,
      losses: { lagging: 0.2, shake: 0.09, air: 0.01 },
    };
    const help = (against: string, sentence: string) =>
      ({
        change: against,
        against,
        sentence,
        helps: true,
        keeper_rate_change: 0.1,
        standard_error: 0.01,
      }) as never;
    const what_if = [help('lagging', 'Stand farther off.'), help('hidden', 'Cut the grass.')];
    await view({ ...ranked, best, what_if }, 'Lost frames');
    const losses = within(screen.getByRole('region', { name: 'Lost frames' }));
    expect(losses.getByText('Kept').closest('.loss')).toHaveTextContent('35');
    expect(losses.getByText('Focus lagging').closest('.loss')).toHaveTextContent('10+5 Stand farther off.');
    expect(losses.getByText('Less than one each').closest('.loss')).toHaveTextContent('heat shimmer');
    // What helps against nothing that loses here is told apart from what does.
    expect(losses.getByText('Cut the grass.').closest('.loss')).toBeNull();
  });

  it('say when hardly any frame is lost', async () => {
    await view(
      { ...ranked, best: { ...ranked.best, keeper_rate: 1, losses: {} }, what_if: [] },
      'Lost frames',
    );
    expect(screen.getByText('Hardly any frame is lost.')).toBeVisible();
  });

  it('cannot be had before anything is played', () => {
    panel({ ...formulas, best: { hold: formulas.best.hold } });
    for (const name of ['Alternatives', 'Styles', 'Lost frames'])
      expect(screen.getByText(name).closest('.ant-segmented-item')).toHaveClass(
        'ant-segmented-item-disabled',
      );
  });
});

describe('notices on the desk', () => {
  const plan = {
    ...formulas,
    misfits: [],
    cautions: [],
    light: { ...formulas.light, shimmer: { level: 'low' as const, sentence: '', arcsec: 0 } },
  };
  const notices = (fields: Partial<Plan>, refused: Refusal | null = null) => {
    const again = vi.fn();
    return {
      again,
      ...open(<Notices plan={{ ...plan, ...fields }} refused={refused} onAgain={again} />, {
        at: '/rushes/7',
      }),
    };
  };

  it('are none where all is well', () => {
    const { container } = notices({});
    expect(container.querySelector('.notice')).toBeNull();
  });

  it('say what cannot be had with the cheapest way out, and the others on demand', async () => {
    const misfit = {
      what: 'dark',
      sentence: 'It is too dark.',
      ways_out: ['Raise the ISO.', 'Open up.', 'Wait.'],
    };
    const { user } = notices({ misfits: [misfit] });
    const notice = screen.getByRole('button', { name: /It is too dark\./ });
    expect(notice).toHaveTextContent('It is too dark. Raise the ISO.2 more ways');
    await user.click(notice);
    expect(await screen.findByText('Open up.')).toBeInTheDocument();
  });

  it('show cautions and unsteady air', () => {
    const shimmer = { level: 'strong' as const, sentence: 'The air trembles.', arcsec: 4 };
    notices({
      cautions: [{ what: 'sun', sentence: 'Do not look at the sun.' }],
      light: { ...formulas.light, shimmer },
    });
    expect(screen.getByText('Do not look at the sun.')).toHaveClass('caution');
    expect(screen.getByText('The air trembles.')).toBeVisible();
  });

  it('lead back to the door after a session has ended', () => {
    notices({}, new Refusal('You are no longer signed in.', 401, null));
    const back = screen.getByRole('link', { name: 'Sign in and go on' });
    expect(back).toHaveAttribute('href', '/sign-in?to=%2Frushes%2F7');
  });

  it('offer to ask again, but not what is wrong as it is', async () => {
    const busy = notices({}, new Refusal('There is very much to do.', 503, null));
    await busy.user.click(screen.getByRole('button', { name: 'Ask again' }));
    expect(busy.again).toHaveBeenCalledOnce();
    busy.unmount();
    notices(
      {},
      new Refusal('The distance must be between 3.5 and 10000 m; 2 was given.', 422, 'path.start_m'),
    );
    expect(screen.getByRole('alert')).toHaveTextContent('Not worked out: The distance must be');
    expect(screen.queryByRole('button', { name: 'Ask again' })).toBeNull();
  });
});

describe('playing a rush', () => {
  it('says where it is, plays and pauses, and offers what there is', async () => {
    const playback = {
      playing: false,
      time: 1.2,
      speed: 1,
      toggle: vi.fn(),
      seek: vi.fn(),
      setSpeed: vi.fn(),
    };
    const another = vi.fn();
    const { user, rerender } = open(
      <Transport playback={playback as never} seconds={2.2} onAnotherRun={another} onOpen={null} />,
    );
    expect(document.querySelector('.clock')).toHaveTextContent('1.20 of 2.2 s');
    await user.click(screen.getByRole('button', { name: 'Play' }));
    expect(playback.toggle).toHaveBeenCalledOnce();
    await user.click(screen.getByRole('button', { name: 'Another pass' }));
    expect(another).toHaveBeenCalledOnce();
    expect(screen.queryByRole('button', { name: 'Preview' })).toBeNull();
    rerender(<span />);
    await waitFor(() => expect(screen.queryByRole('button', { name: 'Play' })).toBeNull());
  });
});

describe('the lines of the hold by keyboard and mouse', () => {
  it('are one stop of the Tab key, and are walked with up and down', async () => {
    const { user, does } = panel(ranked);
    const lines = [...hold().querySelectorAll<HTMLElement>('.hold-open')];
    expect(lines.filter((one) => one.tabIndex === 0)).toHaveLength(1);
    const at = lines.findIndex((one) => one.tabIndex === 0);
    lines[at]?.focus();
    const step = at === 0 ? 1 : -1;
    await user.keyboard(step === 1 ? '{ArrowDown}' : '{ArrowUp}');
    expect(lines[at + step]).toHaveFocus();
    expect(does.onChoose).toHaveBeenLastCalledWith(lines[at + step]?.dataset.setting);
  });

  it('show a pin where the mouse is', async () => {
    const { user } = panel(ranked);
    const aperture = line('exposure.aperture');
    const pin = () => screen.queryByRole('button', { name: 'Pin Aperture' });
    expect(pin()).toBeNull();
    await user.hover(aperture);
    expect(pin()).toBeVisible();
    await user.unhover(aperture);
    expect(pin()).toBeNull();
  });
});
