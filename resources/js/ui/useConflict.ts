import { App } from 'antd';
import { useCallback } from 'react';
import type { Refusal } from '../api/client';
import { t } from '../lang/ui';

/** Says that saving was refused; where it was changed in another window meanwhile, lets somebody choose between the two. */
export function useConflict() {
  const { message, modal } = App.useApp();
  return useCallback(
    (refusal: Refusal, onCopy: () => unknown, onOther: () => void) => {
      if (refusal.status !== 409) {
        message.error(refusal.message);
        return;
      }
      modal.confirm({
        title: t('use-conflict.changed-in-another-window'),
        content: refusal.message,
        okText: t('use-conflict.save-mine-as-a'),
        cancelText: t('use-conflict.open-the-other-one'),
        onOk: onCopy,
        onCancel: onOther,
      });
    },
    [message, modal],
  );
}
