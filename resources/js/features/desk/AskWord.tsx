import './hold.css';
import { App, Button, Input } from 'antd';
import { useState } from 'react';
import type { PlanLine } from '../../api/client';
import { type Item, kitActions, useKitAction } from '../../api/kit';
import { t } from '../../lang/desk';

/** Asks once for the word the person’s camera has for what is being looked at. */
export function AskWord({
  line,
  body,
  onNamed,
}: {
  line: PlanLine;
  body: Item<'bodies'>;
  onNamed: (body: Item<'bodies'>) => void;
}) {
  const { message } = App.useApp();
  const name = useKitAction(kitActions.name);
  const [label, setLabel] = useState('');
  const [where, setWhere] = useState('');
  const key = line.ask;
  if (!key) return null;
  const keep = (given: { label: string; where: string }) =>
    name.mutate(
      { id: body.id, key, ...given },
      {
        onError: (error) => message.error(error.message),
        onSuccess: (saved) => {
          onNamed(saved);
          if (body.sample) message.success(t('ask-word.is-in-your-kit', { name: saved.name }));
        },
      },
    );
  return (
    <form
      className="ask-word"
      onSubmit={(event) => {
        event.preventDefault();
        if (label.trim()) keep({ label: label.trim(), where: where.trim() });
      }}
    >
      <p>{t.rich('ask-word.what-does-your-camera', { label: <b>{line.label}</b> })}</p>
      <Input
        size="small"
        maxLength={60}
        placeholder={t('ask-word.its-word')}
        aria-label={t('ask-word.your-cameras-word-for', { label: line.label })}
        value={label}
        onChange={(e) => setLabel(e.target.value)}
      />
      <Input
        size="small"
        maxLength={160}
        placeholder={t('ask-word.where-you-find-it')}
        aria-label={t('ask-word.where-to-find', { label: line.label })}
        value={where}
        onChange={(e) => setWhere(e.target.value)}
      />
      <span>
        <Button size="small" htmlType="submit" disabled={!label.trim()} loading={name.isPending}>
          {t('ask-word.keep')}
        </Button>
        <Button size="small" type="text" onClick={() => keep({ label: '', where: '' })}>
          {t('ask-word.do-not-ask')}
        </Button>
      </span>
    </form>
  );
}
