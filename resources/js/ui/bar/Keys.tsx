import './keys.css';
import { Modal } from 'antd';
import { useEffect, useState } from 'react';
import { useLocation } from 'react-router';
import { t } from '../../lang/bar';
import { DESK, everywhere, type Key, keysAt } from './keyTable';

/** Asks for the keys of the page from elsewhere than the keyboard. */
const ASKED = 'rush-hold:keys';
export const askForKeys = () => window.dispatchEvent(new Event(ASKED));

export function KeyList({ keys }: { keys: Key[] }) {
  return (
    <dl className="key-list">
      {keys.map(([key, does]) => (
        <div key={key}>
          <dt>
            <kbd>{key}</kbd>
          </dt>
          <dd>{does}</dd>
        </div>
      ))}
    </dl>
  );
}

/** The keys of whatever page is open, at ? anywhere but in a field. */
export function Keys() {
  const [open, setOpen] = useState(false);
  const { pathname } = useLocation();
  const here = keysAt(pathname);
  // The desk says more than its keys and answers itself.
  const answers = !DESK.test(pathname);
  useEffect(() => {
    if (!answers) return;
    const ask = () => setOpen(true);
    const onKey = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement;
      if (event.key !== '?' || event.ctrlKey || event.metaKey || event.altKey) return;
      if (!target.closest('input, textarea, [role="combobox"], [contenteditable]')) ask();
    };
    window.addEventListener('keydown', onKey);
    window.addEventListener(ASKED, ask);
    return () => {
      window.removeEventListener('keydown', onKey);
      window.removeEventListener(ASKED, ask);
    };
  }, [answers]);
  return (
    <Modal open={open} onCancel={() => setOpen(false)} footer={null} title={t('keys.keys')} width={460}>
      {here && (
        <>
          <h3 className="keys-of">{here.name}</h3>
          <KeyList keys={here.keys} />
        </>
      )}
      <h3 className="keys-of">{t('keys.everywhere')}</h3>
      <KeyList keys={everywhere} />
    </Modal>
  );
}
