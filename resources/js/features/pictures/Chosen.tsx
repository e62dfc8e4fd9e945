import { Button } from 'antd';
import type { BurstPictures } from '../../api/pictures';
import { t } from '../../lang/pictures';
import type { Culling } from './useCulling';

/** What can be done with several frames at once. */
export function Chosen({ culling, data }: { culling: Culling; data: BurstPictures }) {
  const { range } = culling;
  const ids = range.map((one) => one.id);
  return (
    <section className="judged" aria-label={t('chosen.chosen-frames')}>
      <div className="judged-verdict">
        <b>{t('chosen.frames', { range: range.length })}</b>
        <span className="quiet">
          {t('chosen.to', { name: range[0]?.name, name2: range[range.length - 1]?.name })}
        </span>
      </div>
      <div className="judged-say">
        <Button onClick={() => culling.sayAll(range, true)}>{t('chosen.keep-all')}</Button>
        <Button onClick={() => culling.sayAll(range, false)}>{t('chosen.all-lost')}</Button>
        <Button onClick={() => culling.sayAll(range, null)}>{t('chosen.leave-them-to-the')}</Button>
      </div>
      <div className="chosen-moves">
        <Button onClick={() => culling.moveTo(ids, null)} disabled={range.length === data.pictures.length}>
          {t('chosen.a-burst-of-their')}
        </Button>
        {data.before && (
          <Button onClick={() => culling.moveTo(ids, data.before?.id ?? null)}>
            {t('chosen.to-the-burst-before')}
          </Button>
        )}
        {data.after && (
          <Button onClick={() => culling.moveTo(ids, data.after?.id ?? null)}>
            {t('chosen.to-the-burst-after')}
          </Button>
        )}
        <Button type="text" onClick={() => culling.remove(range)}>
          {t('chosen.delete')}
        </Button>
      </div>
      <p className="quiet">{t.rich('chosen.esc-back-to-one', { kbd: (text) => <kbd>{text}</kbd> })}</p>
    </section>
  );
}
