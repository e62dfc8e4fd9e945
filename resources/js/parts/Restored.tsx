import './restored.css';
import { useState } from 'react';

/** Says that what somebody had not saved is here again, and lets them drop it. */
export function Restored({ shown, onDrop }: { shown: boolean; onDrop: () => void }) {
  const [closed, setClosed] = useState(false);
  if (!shown || closed) return null;
  return (
    <p className="restored" role="status">
      Unsaved changes restored.
      <button
        type="button"
        onClick={() => {
          setClosed(true);
          onDrop();
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
