import { Button } from 'antd';
import type { ReactNode } from 'react';
import { t } from '../lang/ui';

type Props = {
  /** What is removed, such as “corner 2”. */
  what: string;
  onRemove: () => void;
  /** It has to stay, as the last of its kind. */
  needed?: boolean;
  children: ReactNode;
};

/** Fields that belong together, one of several, with a button to do away with them. */
export function RemovableRow({ what, onRemove, needed = false, children }: Props) {
  return (
    <div className="row-of">
      {children}
      <Button
        type="text"
        aria-label={t('removable-row.remove', { what })}
        disabled={needed}
        onClick={onRemove}
      >
        ×
      </Button>
    </div>
  );
}
