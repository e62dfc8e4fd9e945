import './restored.css';
import { useState } from 'react';
import { t } from '../lang/ui';
import { useUndo } from './useUndo';

/** Says that what somebody had not saved is here again, and lets them drop it; `onDrop` says how it comes back. */
export function Restored({ shown, onDrop }: { shown: boolean; onDrop: () => (() => void) | undefined }) {
  const undo = useUndo();
  const [closed, setClosed] = useState(false);
  if (!shown || closed) return null;
  return (
    <p className="restored" role="status">
      {t('restored.unsaved-changes-restored')}
      <button
        type="button"
        onClick={() => {
          setClosed(true);
          const back = onDrop();
          if (back) undo(t('restored.unsaved-changes-dropped'), async () => back());
        }}
      >
        {t('restored.drop-it')}
      </button>
      <button type="button" onClick={() => setClosed(true)}>
        {t('restored.keep-it')}
      </button>
    </p>
  );
}
