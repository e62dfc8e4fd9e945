import { useQueryClient } from '@tanstack/react-query';
import { App, Button, Dropdown } from 'antd';
import type { ReactNode } from 'react';
import { Link, useNavigate } from 'react-router';
import { client, type Habits, take } from '../../api/client';
import { useSession } from '../../api/hooks';
import { forgetPerson } from '../../field/db';
import { t } from '../../lang/bar';
import { chooseLanguage, languages, locale } from '../../lang/language';
import { UNITS, type Units, unitNames } from '../../lang/units';
import type { Mode } from '../theme/theme';
import { askForKeys } from './Keys';
import { Nav, places } from './Nav';
import { usePreferences } from './preferences';
import { Search } from './Search';

export function Wordmark() {
  return (
    <span className="wordmark">
      <svg viewBox="0 0 32 20" width="32" height="20" aria-hidden="true">
        <path d="M1 17C10 16 18 12 31 2" fill="none" stroke="var(--subject)" strokeWidth="1.6" />
        <circle cx="8" cy="15.6" r="2.2" fill="var(--ground)" stroke="var(--text)" strokeWidth="1.4" />
        <circle cx="16.5" cy="11.8" r="2.9" fill="var(--text)" />
        <circle cx="24.5" cy="6.8" r="2.9" fill="var(--text)" />
      </svg>
      {t('top-bar.rush-hold')}
    </span>
  );
}

/** Each language by its own name; where another is chosen and kept the page is loaded anew in it. */
const languageItems = (remember: (language: string) => Promise<void>) =>
  Object.entries(languages).map(([code, name]) => ({
    key: code,
    label: <span lang={code}>{name}</span>,
    icon: <span className="menu-tick">{code === locale ? '✓' : ''}</span>,
    onClick: () => void remember(code).then(() => code !== locale && chooseLanguage(code)),
  }));

/** Name of the product, what this page is about, what can be done here, and the person’s own menu. */
export function TopBar({
  children,
  actions,
  skips = [],
}: {
  children?: ReactNode;
  actions?: ReactNode;
  /** Where else the keyboard may go at once: a name, and what to find it by. */
  skips?: { name: string; to: string }[];
}) {
  const { mode, setMode, units, setUnits } = usePreferences();
  const session = useSession();
  const queries = useQueryClient();
  const navigate = useNavigate();
  const own = session.data?.user != null && !session.data.user.is_demo;

  /** Keeps it for the other devices as well; if that fails, this one has it all the same. */
  async function remember(fields: { units?: Units; colours?: Mode; language?: string }) {
    if (!own) return;
    // What is still on its way says what was before; and what is sent arrives even if the page is left at once.
    void queries.cancelQueries({ queryKey: ['habits'] });
    const known = queries.getQueryData<Habits>(['habits']);
    if (known) queries.setQueryData(['habits'], { ...known, ...fields });
    await (known ? Promise.resolve(known) : take(client.GET('/api/habits')))
      .then((habits) => take(client.PUT('/api/habits', { body: { ...habits, ...fields }, keepalive: true })))
      .then((habits) => queries.setQueryData(['habits'], habits))
      .catch(() => undefined);
  }
  const { message } = App.useApp();

  async function signOut() {
    try {
      await take(client.DELETE('/api/session'));
      await forgetPerson().catch(() => undefined);
      queries.clear();
      navigate('/sign-in');
    } catch (error) {
      message.error((error as Error).message);
    }
  }

  return (
    <header className={children ? 'top-bar of-a-page' : 'top-bar'}>
      {[{ name: t('top-bar.skip-to-the-page'), to: 'main' }, ...skips].map(({ name, to }) => (
        <button
          key={to}
          type="button"
          className="skip"
          onClick={() => {
            const place = document.querySelector<HTMLElement>(to);
            if (place?.matches('main, aside, section')) place.setAttribute('tabindex', '-1');
            place?.focus();
          }}
        >
          {name}
        </button>
      ))}
      <Link to="/" className="home" aria-label={t('top-bar.rush-hold-today')}>
        <Wordmark />
      </Link>
      <div className="top-middle">{children ?? <Nav />}</div>
      <div className="top-actions">
        {actions}
        <Search />
        <Dropdown
          trigger={['click']}
          menu={{
            items: [
              {
                key: 'units',
                type: 'group',
                label: t('top-bar.units'),
                children: UNITS.map((next) => ({
                  key: next,
                  label: unitNames[next],
                  icon: <span className="menu-tick">{next === units ? '✓' : ''}</span>,
                  onClick: () => {
                    setUnits(next);
                    void remember({ units: next });
                  },
                })),
              },
              { type: 'divider' },
              {
                key: 'mode',
                label: mode === 'dark' ? t('top-bar.light-colours') : t('top-bar.dark-colours'),
                onClick: () => {
                  const next = mode === 'dark' ? 'light' : 'dark';
                  setMode(next);
                  void remember({ colours: next });
                },
              },
              {
                key: 'language',
                type: 'group',
                label: t('top-bar.language'),
                children: languageItems((language) => remember({ language })),
              },
              { type: 'divider' },
              ...(children
                ? places.map(({ to, label }) => ({ key: to, label, onClick: () => navigate(to) }))
                : []),
              ...(children ? [] : [{ key: 'keys', label: t('top-bar.keys'), onClick: askForKeys }]),
              { key: 'habits', label: t('top-bar.defaults'), onClick: () => navigate('/habits') },
              { key: 'account', label: t('top-bar.account'), onClick: () => navigate('/account') },
              { key: 'out', label: t('top-bar.sign-out'), onClick: () => void signOut() },
            ],
          }}
        >
          <Button type="text" title={t('top-bar.preferences-and-account')}>
            <span className="user-name">{session.data?.user?.name ?? t('top-bar.account')}</span> ▾
          </Button>
        </Dropdown>
      </div>
    </header>
  );
}
