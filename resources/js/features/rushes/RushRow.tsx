import { App, Button, Checkbox, Dropdown } from 'antd';
import type { RushSummary } from '../../api/client';
import { rushActions, useRushAction } from '../../api/hooks';
import { t } from '../../lang/rushes';
import { useUndo } from '../../ui/useUndo';
import { RushLink } from './RushLink';

type Props = {
  rush: RushSummary;
  chosen: boolean;
  onChoose: (through: boolean) => void;
  onRename: () => void;
};

/** A rush of the list: chosen with others, opened, or done something with by itself. */
export function RushRow({ rush, chosen, onChoose, onRename }: Props) {
  const { message } = App.useApp();
  const undo = useUndo();
  const remove = useRushAction(rushActions.remove);
  const restore = useRushAction(rushActions.restore);
  const duplicate = useRushAction(rushActions.duplicate);
  const onError = (error: Error) => void message.error(error.message);

  const onDelete = () =>
    remove.mutate(rush.id, {
      onError,
      onSuccess: () =>
        undo(t('rush-list.is-deleted', { name: rush.name }), () => restore.mutateAsync(rush.id)),
    });

  const items = [
    { key: 'rename', label: t('rush-list.rename'), onClick: onRename },
    {
      key: 'copy',
      label: t('rush-list.duplicate'),
      onClick: () => duplicate.mutate(rush.id, { onError }),
    },
    {
      key: 'file',
      label: (
        <a href={`/api/rushes/${rush.id}/document`} download>
          {t('rush-list.download')}
        </a>
      ),
    },
    { type: 'divider' as const },
    { key: 'delete', label: t('rush-list.delete-one'), onClick: onDelete },
  ];

  return (
    <li className={chosen ? 'rush-row chosen' : 'rush-row'}>
      <Checkbox
        className="rush-choose"
        aria-label={t('rush-list.select', { name: rush.name })}
        checked={chosen}
        onChange={(event) => onChoose(event.nativeEvent.shiftKey)}
      />
      <RushLink rush={rush} />
      <Dropdown trigger={['click']} menu={{ items }}>
        <Button type="text" aria-label={t('rush-list.more-for', { name: rush.name })}>
          •••
        </Button>
      </Dropdown>
    </li>
  );
}
