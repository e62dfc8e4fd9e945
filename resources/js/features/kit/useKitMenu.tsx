import { App, type MenuProps } from 'antd';
import { useSession } from '../../api/hooks';
import {
  kitActions,
  type Listed,
  useFetchKit,
  useHabits,
  useKit,
  useKitAction,
  useSaveHabits,
  useSaveKit,
} from '../../api/kit';
import { t } from '../../lang/kit';
import { nameOfCopy } from '../../ui/names';
import { useUndo } from '../../ui/useUndo';

export type KitThing = Listed<'bodies'> | Listed<'lenses'>;

/** Makes a copy of a body or a lens, under a name that none of the others has. */
function useCopy() {
  const { message } = App.useApp();
  const bodies = useKit('bodies').data ?? [];
  const lenses = useKit('lenses').data ?? [];
  const fetchKit = useFetchKit();
  const saveBody = useSaveKit('bodies');
  const saveLens = useSaveKit('lenses');
  return async (item: KitThing) => {
    const others: { name: string }[] = item.type === 'bodies' ? bodies : lenses;
    const name = nameOfCopy(
      item.name,
      others.map((one) => one.name),
    );
    try {
      if (item.type === 'bodies') {
        const { document } = await fetchKit('bodies', item.id);
        await saveBody.mutateAsync({ document: { ...document, name } });
      } else {
        const { document } = await fetchKit('lenses', item.id);
        await saveLens.mutateAsync({ document: { ...document, name } });
      }
    } catch (error) {
      void message.error((error as Error).message);
    }
  };
}

/** What can be done with a body or a lens of the list; samples stay as they are. */
export function useKitMenu(item: KitThing, onPutUp: () => void): NonNullable<MenuProps['items']> {
  const { message } = App.useApp();
  const undo = useUndo();
  const copy = useCopy();
  const habits = useHabits().data;
  const saveHabits = useSaveHabits();
  const demo = useSession().data?.user?.is_demo;
  const remove = useKitAction(kitActions.remove);
  const restore = useKitAction(kitActions.restore);
  const { type, id, name } = item;
  const onError = (error: Error) => void message.error(error.message);

  const makeUsual = () =>
    habits &&
    saveHabits.mutate(
      { ...habits, [type === 'bodies' ? 'body' : 'lens']: id },
      { onError, onSuccess: () => void message.success(t('kit.new-rushes-start-with', { name })) },
    );
  const removeWithUndo = () =>
    remove.mutate(
      { type, id },
      {
        onError,
        onSuccess: () => undo(t('kit.is-deleted', { name }), () => restore.mutateAsync({ type, id })),
      },
    );

  const ofAll = [
    { key: 'usual', label: t('kit.start-new-rushes-with'), disabled: !habits, onClick: makeUsual },
    { key: 'copy', label: t('kit.make-a-copy'), onClick: () => void copy(item) },
    {
      key: 'file',
      label: (
        <a href={`/api/kit/${type}/${id}/document`} download>
          {t('kit.download')}
        </a>
      ),
    },
  ];
  const ofOwn = [
    { key: 'shelf', label: t('kit.put-it-on-the'), disabled: demo === true, onClick: onPutUp },
    { type: 'divider' as const },
    { key: 'delete', label: t('kit.delete'), onClick: removeWithUndo },
  ];
  return item.sample ? ofAll : [...ofAll, ...ofOwn];
}
