import { Button } from 'antd';
import { useRef } from 'react';
import { t } from '../../lang/pictures';
import { add } from './sending';

/** Where pictures come in: dropped anywhere on the page, or chosen. */
export function Adding({ over }: { over: boolean }) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <section className={over ? 'drop over' : 'drop'} aria-label={t('adding.add-pictures')}>
      <p>
        <b>{t('adding.drop-pictures-or-a')}</b>
        <span className="quiet">{t('adding.jpeg-png-webp-heic')}</span>
      </p>
      <Button type="primary" onClick={() => input.current?.click()}>
        {t('adding.choose-files')}
      </Button>
      <input
        ref={input}
        type="file"
        multiple
        hidden
        aria-label={t('adding.pictures')}
        onChange={(event) => {
          add([...(event.target.files ?? [])]);
          event.target.value = '';
        }}
      />
    </section>
  );
}
