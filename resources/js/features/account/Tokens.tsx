import { useQuery, useQueryClient } from '@tanstack/react-query';
import { App, Button, Input, Select, Typography } from 'antd';
import { useState } from 'react';
import { client, take } from '../../api/client';
import { t } from '../../lang/account';
import { Part } from './Part';

type Days = 7 | 30 | 90 | 365;

const lives = [
  { value: 7, label: t('tokens.for-a-week') },
  { value: 30, label: t('tokens.for-a-month') },
  { value: 90, label: t('tokens.for-three-months') },
  { value: 365, label: t('tokens.for-a-year') },
] satisfies { value: Days; label: string }[];

/** Tokens with which scripts use the API in the person’s name. */
export function Tokens() {
  const queries = useQueryClient();
  const { message } = App.useApp();
  const [name, setName] = useState('');
  const [days, setDays] = useState<Days>(90);
  const [made, setMade] = useState<string | null>(null);
  const tokens = useQuery({ queryKey: ['tokens'], queryFn: () => take(client.GET('/api/account/tokens')) });
  const refresh = () => queries.invalidateQueries({ queryKey: ['tokens'] });

  async function make() {
    try {
      const token = await take(client.POST('/api/account/tokens', { body: { name: name.trim(), days } }));
      setMade(token.token ?? null);
      setName('');
      await refresh();
    } catch (error) {
      message.error((error as Error).message);
    }
  }

  async function withdraw(id: number) {
    try {
      await take(client.DELETE('/api/account/tokens/{id}', { params: { path: { id: String(id) } } }));
      await refresh();
    } catch (error) {
      message.error((error as Error).message);
    }
  }

  return (
    <Part title={t('tokens.tokens-for-scripts')}>
      <p>{t.rich('tokens.a-script-sends-one', { code: (text) => <code>{text}</code> })}</p>
      <div className="account-row">
        <Input
          aria-label={t('tokens.what-the-token-is')}
          placeholder={t('tokens.what-it-is-for')}
          maxLength={60}
          value={name}
          onChange={(e) => setName(e.target.value)}
          onPressEnter={() => name.trim() && void make()}
        />
        <Select<Days>
          aria-label={t('tokens.how-long-it-is')}
          value={days}
          onChange={setDays}
          options={lives}
        />
        <Button disabled={!name.trim()} onClick={() => void make()}>
          {t('tokens.make-a-token')}
        </Button>
      </div>
      {made && (
        <p className="token" role="status">
          {t('tokens.copy-it-now-it')} <Typography.Text copyable={{ text: made }}>{made}</Typography.Text>
        </p>
      )}
      <ul className="token-list">
        {tokens.data?.map((token) => (
          <li key={token.id}>
            <b>{token.name}</b>
            <span className="quiet">
              {t('tokens.made-never-used', {
                createdAt: token.created_at.slice(0, 10),
                isLastUsedAt: token.last_used_at ? 'yes' : 'no',
                lastUsedAt: token.last_used_at?.slice(0, 10),
                isExpiresAt: token.expires_at ? 'yes' : 'no',
                expiresAt: token.expires_at?.slice(0, 10),
              })}
            </span>
            <Button
              size="small"
              onClick={() => void withdraw(token.id)}
              aria-label={t('tokens.withdraw', { name: token.name })}
            >
              {t('tokens.withdraw-2')}
            </Button>
          </li>
        ))}
      </ul>
    </Part>
  );
}
