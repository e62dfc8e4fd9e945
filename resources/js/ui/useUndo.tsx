import { App, Button } from 'antd';
import { useCallback } from 'react';
import { t } from '../lang/ui';

/** Says that something is gone, and offers to bring it back. */
export function useUndo() {
  const { notification } = App.useApp();
  return useCallback(
    (says: string, undo: () => Promise<unknown>) => {
      const key = `undo ${says}`;
      notification.open({
        key,
        title: says,
        duration: 12,
        placement: 'bottomLeft',
        actions: (
          <Button
            size="small"
            onClick={() =>
              void undo()
                .then(() => notification.destroy(key))
                .catch((error: Error) => notification.error({ title: error.message }))
            }
          >
            {t('use-undo.undo')}
          </Button>
        ),
      });
    },
    [notification],
  );
}

/** Says at length why a file was not taken in; it stays until it is closed. */
export function useNotTaken() {
  const { notification } = App.useApp();
  return useCallback(
    (error: Error, title = t('use-undo.this-file-was-not')) =>
      notification.error({ title, description: error.message, duration: 0 }),
    [notification],
  );
}
