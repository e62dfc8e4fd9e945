import { App, Button, Dropdown, Select } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { useRushes } from '../../api/hooks';
import { type BurstPictures, pictureActions, usePictureAction } from '../../api/pictures';
import { label, within } from '../../lang/labels';
import { both, listed } from '../../lang/lists';
import { t } from '../../lang/pictures';
import { useUndo } from '../../ui/useUndo';
import { clockOf, dayOf } from './when';

/** What was read of how it came to its rush: a list within a sentence. */
function matchedBy(signs: string[]): string {
  if (signs.length === 0) return '';
  if (signs.includes('said')) return t('burst-head.matched-by-you');
  return t('burst-head.matched-by', { signs: both(signs.map((sign) => within('sign', sign))) });
}

/** Which burst it is, of which rush, and the ways out of it. */
export function BurstHead({ data }: { data: BurstPictures }) {
  const { burst, pictures } = data;
  const match = usePictureAction(pictureActions.matchAll);
  const undo = usePictureAction(pictureActions.undo);
  const toast = useUndo();
  const { message } = App.useApp();
  const [wanted, setWanted] = useState('');
  const rushes = useRushes(wanted).data?.pages.flatMap((page) => page.items) ?? [];
  const untold = pictures.filter((one) => one.said === null && one.measured?.verdict === 'untold').length;
  const facts = listed(
    dayOf(burst.at, data.zone),
    clockOf(burst.at, data.zone),
    t('burst-head.frames', { pictures: pictures.length }),
    burst.keepers != null && t('burst-head.kept', { keepers: burst.keepers }),
    untold > 0 && t('burst-head.cannot-be-told', { untold }),
    matchedBy(data.matched),
  );
  const file = (kind: string) => `/api/bursts/${burst.id}/${kind}`;
  return (
    <div className="burst-head">
      <Link to="/review/pictures" aria-label={t('burst-head.all-pictures')}>
        ←
      </Link>
      <h1>{burst.rush_id ? burst.rush : t('burst-head.not-matched-to-a')}</h1>
      <span className="quiet burst-facts" title={facts}>
        {facts}
      </span>
      <Link to={`/review/bursts/${burst.id}/why${burst.rush_id ? `?of=${burst.rush_id}` : ''}`}>
        {t('burst-head.why')}
      </Link>
      <Select
        aria-label={t('burst-head.which-rush-this-is')}
        size="small"
        placeholder={t('burst-head.which-rush-is-it')}
        style={{ width: 220 }}
        showSearch
        filterOption={false}
        onSearch={setWanted}
        value={burst.rush_id ?? undefined}
        options={[
          ...rushes.map((rush) => ({ value: rush.id, label: rush.name })),
          ...(burst.rush_id && !rushes.some((rush) => rush.id === burst.rush_id)
            ? [{ value: burst.rush_id, label: burst.rush }]
            : []),
        ]}
        onChange={(rush) =>
          match.mutate(
            { bursts: [burst.id], rush_id: rush },
            {
              onError: (error: Error) => void message.error(error.message),
              onSuccess: (answer) =>
                toast(t('burst-head.the-burst-is-of'), () => undo.mutateAsync(answer.undo)),
            },
          )
        }
      />
      <Dropdown
        menu={{
          items: [
            { key: 'sidecars', label: <a href={file('sidecars')}>{t('burst-head.sidecars-xmp')}</a> },
            { key: 'table', label: <a href={file('table')}>{t('burst-head.table-csv')}</a> },
            { key: 'document', label: <a href={file('document')}>{t('burst-head.document-json')}</a> },
          ],
        }}
      >
        <Button size="small">{t('burst-head.download')}</Button>
      </Dropdown>
      {data.clocked && (
        <p className="burst-clocked" role="note">
          {label('clocked', data.clocked)}
        </p>
      )}
    </div>
  );
}
