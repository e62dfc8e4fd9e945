import './hold.css';
import { App, Button, Input } from 'antd';
import { useState } from 'react';
import type { PlanLine } from '../../api/client';
import { type Item, kitActions, useKitAction } from '../../api/kit';

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
          if (body.sample) message.success(`“${saved.name}” is in your kit now, with this word.`);
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
      <p>
        What does your camera call <b>{line.label}</b>?
      </p>
      <Input
        size="small"
        maxLength={60}
        placeholder="Its word"
        aria-label={`Your camera’s word for ${line.label}`}
        value={label}
        onChange={(e) => setLabel(e.target.value)}
      />
      <Input
        size="small"
        maxLength={160}
        placeholder="Where you find it"
        aria-label={`Where to find ${line.label}`}
        value={where}
        onChange={(e) => setWhere(e.target.value)}
      />
      <span>
        <Button size="small" htmlType="submit" disabled={!label.trim()} loading={name.isPending}>
          Keep
        </Button>
        <Button size="small" type="text" onClick={() => keep({ label: '', where: '' })}>
          Do not ask
        </Button>
      </span>
    </form>
  );
}
