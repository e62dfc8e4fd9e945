import { App, AutoComplete, Button, Input } from 'antd';
import { useState } from 'react';
import type { RushSummary } from '../../api/client';
import { rushActions, useRushAction, useTags } from '../../api/hooks';
import { t } from '../../lang/rushes';
import { useUndo } from '../../ui/useUndo';

const LONGEST = 30;

/** Puts a tag to what is selected, and takes those away that any of it has. */
export function TagField({ selected }: { selected: RushSummary[] }) {
  const { message } = App.useApp();
  const undo = useUndo();
  const tags = useTags().data ?? [];
  const tagged = useRushAction(rushActions.tag);
  const takenBack = useRushAction(rushActions.undo);
  const [typed, setTyped] = useState('');
  const theirs = [...new Set(selected.flatMap((rush) => rush.tags))];
  const put = (tag: string, on: boolean) => {
    const clean = tag.trim();
    if (clean === '') return;
    setTyped('');
    tagged.mutate(
      { rushes: selected.map(({ id }) => id), tag: clean, on },
      {
        onError: (error) => message.error(error.message),
        onSuccess: (done) =>
          undo(on ? t('tag-field.tagged', { clean }) : t('tag-field.is-taken-away', { clean }), () =>
            takenBack.mutateAsync(done.undo),
          ),
      },
    );
  };
  return (
    <>
      <AutoComplete
        className="tag-field"
        open={typed !== ''}
        value={typed}
        options={tags.filter((tag) => tag.includes(typed)).map((tag) => ({ value: tag }))}
        onChange={setTyped}
        onSelect={(tag: string) => put(tag, true)}
      >
        <Input
          aria-label={t('tag-field.tag')}
          placeholder={t('tag-field.tag')}
          maxLength={LONGEST}
          onPressEnter={() => put(typed, true)}
        />
      </AutoComplete>
      {theirs.map((tag) => (
        <Button
          key={tag}
          size="small"
          type="text"
          onClick={() => put(tag, false)}
          aria-label={t('tag-field.take-away-the-tag', { tag })}
        >
          {tag} ×
        </Button>
      ))}
    </>
  );
}
