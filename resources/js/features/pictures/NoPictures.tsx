import { Button, Dropdown } from 'antd';
import { useRushes } from '../../api/hooks';
import { t } from '../../lang/pictures';

/** What happens with pictures, where there are none yet; and a way to try it without any. */
export function NoPictures({ shooting, onShoot }: { shooting: boolean; onShoot: (rush: string) => void }) {
  const rushes = useRushes('').data?.pages.flatMap((page) => page.items) ?? [];
  return (
    <div className="pictures-empty">
      <h2>{t('no-pictures.what-happens-with-them')}</h2>
      <ol>
        <li>{t('no-pictures.they-are-put-into')}</li>
        <li>{t('no-pictures.you-tap-the-subject')}</li>
        <li>{t('no-pictures.each-frame-is-measured')}</li>
      </ol>
      {shooting && <p role="status">{t('no-pictures.the-simulated-camera-is')}</p>}
      {!shooting && rushes.length > 0 && (
        <p className="pictures-try">
          {t('no-pictures.no-pictures-at-hand')}{' '}
          <Dropdown
            trigger={['click']}
            menu={{
              items: rushes.map((rush) => ({ key: rush.id, label: rush.name })),
              onClick: ({ key }) => onShoot(key),
            }}
          >
            <Button>{t('no-pictures.let-the-simulated-camera')}</Button>
          </Dropdown>
        </p>
      )}
    </div>
  );
}
