import { useQueryClient } from '@tanstack/react-query';
import { App } from 'antd';
import { useCallback, useEffect, useRef } from 'react';
import { useBlocker, useNavigate } from 'react-router';
import type { Refusal, SavedRush } from '../../api/client';
import { useSaveRush } from '../../api/hooks';
import { t } from '../../lang/desk';
import { useConflict } from '../../ui/useConflict';
import type { useDesk } from './useDesk';

/** Saving what is on the desk, and not leaving without it. */
export function useKeeping(
  id: string | undefined,
  saved: SavedRush | undefined,
  desk: ReturnType<typeof useDesk>,
) {
  const save = useSaveRush();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const { message, modal } = App.useApp();
  const conflict = useConflict();
  const leaving = useRef(false);
  const { draft } = desk;

  const keep = useCallback(
    /** Saves it; the id under which it is kept, or nothing where that did not work. */
    async (asCopy = false): Promise<string | undefined> => {
      if (!draft) return undefined;
      try {
        const copy = asCopy || id === undefined;
        const stored = await save.mutateAsync({
          ...(copy ? {} : { id, version: saved?.version ?? 1 }),
          // A copy is told from what it was made of.
          document:
            asCopy && id !== undefined
              ? { ...draft.document, name: t('use-keeping.copy', { name: draft.document.name }) }
              : draft.document,
          pins: draft.pins,
        });
        desk.forget();
        message.success(t('use-keeping.saved'));
        if (copy) {
          leaving.current = true;
          navigate(`/rushes/${stored.id}`, { replace: id === undefined });
        }
        return stored.id;
      } catch (error) {
        conflict(
          error as Refusal,
          () => void keep(true),
          () => {
            desk.forget();
            void queries.invalidateQueries({ queryKey: ['rush', id] }).then(() => navigate(0));
          },
        );
        return undefined;
      }
    },
    [draft, id, saved?.version, save.mutateAsync, desk.forget, message, conflict, navigate, queries],
  );

  useEffect(() => {
    leaving.current = false;
  });
  const blocker = useBlocker(
    ({ currentLocation, nextLocation }) =>
      desk.dirty && !leaving.current && currentLocation.pathname !== nextLocation.pathname,
  );
  useEffect(() => {
    if (blocker.state !== 'blocked') return;
    const asking = modal.confirm({
      title: t('use-keeping.leave-without-saving'),
      content: t('use-keeping.your-changes-stay-in'),
      okText: t('use-keeping.leave'),
      cancelText: t('use-keeping.stay'),
      onOk: () => blocker.proceed(),
      onCancel: () => blocker.reset(),
    });
    return () => asking.destroy();
  }, [blocker, modal]);

  return { keep, busy: save.isPending };
}
