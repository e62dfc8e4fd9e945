import { useQueryClient } from '@tanstack/react-query';
import { App, Button } from 'antd';
import { client, take } from '../../api/client';
import { useUsage } from '../../api/hooks';
import { NearlyFull } from '../../parts/NearlyFull';
import { UploadButton } from '../../parts/UploadButton';
import { useNotTaken } from '../../parts/useUndo';
import { Part } from './Part';
import { useWork } from './useWork';

const megabytes = (bytes: number) => Number((bytes / 1e6).toFixed(1));

/** How much there is of something, and of how much. */
function Used({ what, used, most }: { what: string; used: number; most: number }) {
  return (
    <li>
      <span>{what}</span>
      <span className="figures">
        {used} <span className="quiet">of {most}</span>
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
    <Part title="Your data">
      <p>
        One ZIP file with a document for every rush, body, lens and subject, and your habits. It can be loaded
        into any account here or elsewhere; what is there already is left alone.
      </p>
      <NearlyFull />
      {usage.data && (
        <ul className="usage">
          <Used what="Rushes" used={usage.data.used.rushes} most={usage.data.most.rushes} />
          <Used what="Bodies, lenses and subjects" used={usage.data.used.kit} most={usage.data.most.kit} />
          <Used
            what="Room, MB"
            used={megabytes(usage.data.used.bytes)}
            most={megabytes(usage.data.most.bytes)}
          />
        </ul>
      )}
      <div className="account-row">
        <Button href="/api/account/archive">Download everything</Button>
        {!isDemo && (
          <UploadButton
            label="Archive to load"
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
                    `${loaded.rushes} rushes, ${loaded.outings} outings, ${loaded.bursts} bursts and ${loaded.kit} pieces of kit came in; ${loaded.already_there} were here already.`,
                  );
                } catch (error) {
                  notTaken(error as Error, 'Nothing was imported');
                }
              })
            }
          >
            Load an archive
          </UploadButton>
        )}
      </div>
    </Part>
  );
}
