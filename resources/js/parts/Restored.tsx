import './restored.css';
import { useState } from 'react';
import { useUndo } from './useUndo';

/** Says that what somebody had not saved is here again, and lets them drop it; `onDrop` says how it comes back. */
export function Restored({ shown, onDrop }: { shown: boolean; onDrop: () => (() => void) | undefined }) {
  const undo = useUndo();
  const [closed, setClosed] = useState(false);
  if (!shown || closed) return null;
  return (
    <p className="restored" role="status">
      Unsaved changes restored.
      <button
        type="button"
        onClick={() => {
          setClosed(true);
          const back = onDrop();
          if (back) undo('Unsaved changes dropped', async () => back());
        }}
      >
        Drop it
      </button>
      <button type="button" onClick={() => setClosed(true)}>
        Keep it
      </button>
    </p>
  );
}
