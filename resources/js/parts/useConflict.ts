import { App } from 'antd';
import { useCallback } from 'react';
import type { Refusal } from '../api/client';

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
        title: 'Changed in another window',
        content: refusal.message,
        okText: 'Save mine as a copy',
        cancelText: 'Open the other one',
        onOk: onCopy,
        onCancel: onOther,
      });
    },
    [message, modal],
  );
}
