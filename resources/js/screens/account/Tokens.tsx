import { useQuery, useQueryClient } from '@tanstack/react-query';
import { App, Button, Input, Select, Typography } from 'antd';
import { useState } from 'react';
import { client, take } from '../../api/client';
import { Part } from './Part';

type Days = 7 | 30 | 90 | 365;

const lives = [
  { value: 7, label: 'for a week' },
  { value: 30, label: 'for a month' },
  { value: 90, label: 'for three months' },
  { value: 365, label: 'for a year' },
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
    <Part title="Tokens for scripts">
      <p>
        A script sends one as <code>Authorization: Bearer …</code> and may then work with your rushes and kit,
        but not change your account. A new password ends them all.
      </p>
      <div className="account-row">
        <Input
          aria-label="What the token is for"
          placeholder="What it is for"
          maxLength={60}
          value={name}
          onChange={(e) => setName(e.target.value)}
          onPressEnter={() => name.trim() && void make()}
        />
        <Select<Days> aria-label="How long it is good for" value={days} onChange={setDays} options={lives} />
        <Button disabled={!name.trim()} onClick={() => void make()}>
          Make a token
        </Button>
      </div>
      {made && (
        <p className="token" role="status">
          Copy it now, it is not shown again:{' '}
          <Typography.Text copyable={{ text: made }}>{made}</Typography.Text>
        </p>
      )}
      <ul className="token-list">
        {tokens.data?.map((t) => (
          <li key={t.id}>
            <b>{t.name}</b>
            <span className="quiet">
              made {t.created_at.slice(0, 10)},{' '}
              {t.last_used_at ? `last used ${t.last_used_at.slice(0, 10)}` : 'never used'}
              {t.expires_at && `, good until ${t.expires_at.slice(0, 10)}`}
            </span>
            <Button size="small" onClick={() => void withdraw(t.id)} aria-label={`Withdraw ${t.name}`}>
              Withdraw
            </Button>
          </li>
        ))}
      </ul>
    </Part>
  );
}
