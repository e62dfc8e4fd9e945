import { useQueryClient } from '@tanstack/react-query';
import { App, Button } from 'antd';
import { client, take } from '../../api/client';
import { useUsage } from '../../api/hooks';
import { t } from '../../lang/account';
import { figures } from '../../lang/language';
import { NearlyFull } from '../../ui/NearlyFull';
import { UploadButton } from '../../ui/UploadButton';
import { useNotTaken } from '../../ui/useUndo';
import { Part } from './Part';
import { useWork } from './useWork';

const megabytes = (bytes: number) => Number((bytes / 1e6).toFixed(1));

/** How much there is of something, and of how much. */
function Used({ what, used, most }: { what: string; used: number; most: number }) {
  return (
    <li>
      <span>{what}</span>
      <span className="figures">
        {figures(String(used))} <span className="quiet">{t('data.of', { most })}</span>
      </span>
      <span className="usage-bar" aria-hidden="true">
        <i style={{ width: `${Math.min(100, (100 * used) / Math.max(1, most))}%` }} />
      </span>
    </li>
  );
}

/** All of somebody’s data, out and in. */
export function Data({ isDemo }: { isDemo: boolean }) {
  const usage = useUsage();
  const queries = useQueryClient();
  const { message } = App.useApp();
  const notTaken = useNotTaken();
  const { busy, run } = useWork();
  return (
    <Part title={t('data.your-data')}>
      <p>{t('data.one-zip-file-with')}</p>
      <NearlyFull />
      {usage.data && (
        <ul className="usage">
          <Used what={t('data.rushes')} used={usage.data.used.rushes} most={usage.data.most.rushes} />
          <Used
            what={t('data.bodies-lenses-and-subjects')}
            used={usage.data.used.kit}
            most={usage.data.most.kit}
          />
          <Used
            what={t('data.room-mb')}
            used={megabytes(usage.data.used.bytes)}
            most={megabytes(usage.data.most.bytes)}
          />
        </ul>
      )}
      <div className="account-row">
        <Button href="/api/account/archive">{t('data.download-everything')}</Button>
        {!isDemo && (
          <UploadButton
            label={t('data.archive-to-load')}
            accept=".zip,application/zip"
            busy={busy}
            onFile={(file) =>
              void run(async () => {
                try {
                  const loaded = await take(
                    client.POST('/api/account/archive', {
                      body: { file: '' },
                      bodySerializer: () => {
                        const body = new FormData();
                        body.append('file', file);
                        return body;
                      },
                    }),
                  );
                  await queries.invalidateQueries();
                  message.success(
                    t('data.rushes-outings-bursts-and', {
                      rushes: loaded.rushes,
                      outings: loaded.outings,
                      bursts: loaded.bursts,
                      kit: loaded.kit,
                      alreadyThere: loaded.already_there,
                    }),
                  );
                } catch (error) {
                  notTaken(error as Error, t('data.nothing-was-imported'));
                }
              })
            }
          >
            {t('data.load-an-archive')}
          </UploadButton>
        )}
      </div>
    </Part>
  );
}
