import './card.css';
import { type ReactNode, useEffect, useRef } from 'react';
import { t } from '../../lang/card';

/** Comes up over the card from below, where the thumb is. */
export function Sheet({
  title,
  children,
  onClose,
}: {
  title: string;
  children: ReactNode;
  onClose: () => void;
}) {
  const dialog = useRef<HTMLDialogElement>(null);
  useEffect(() => {
    dialog.current?.showModal();
  }, []);
  return (
    <dialog ref={dialog} className="card-sheet" aria-label={title} onClose={onClose}>
      <header>
        <h2>{title}</h2>
        <button type="button" onClick={onClose} aria-label={t('sheet.close')}>
          ×
        </button>
      </header>
      {children}
    </dialog>
  );
}
