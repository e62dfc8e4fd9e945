import { useQueryClient } from '@tanstack/react-query';
import { App, Button } from 'antd';
import { client, take } from '../../api/client';
import { useUsage } from '../../api/hooks';
import { NearlyFull } from '../../parts/NearlyFull';
import { UploadButton } from '../../parts/UploadButton';
import { useNotTaken } from '../../parts/useUndo';
import { Part } from './Part';
import { useWork } from './useWork';

const megabytes = (bytes: number) => (bytes / 1e6).toFixed(1);

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
        <p className="quiet">
          {usage.data.used.rushes} of at most {usage.data.most.rushes} rushes, {usage.data.used.kit} of{' '}
          {usage.data.most.kit} bodies, lenses and subjects, {megabytes(usage.data.used.bytes)} of{' '}
          {megabytes(usage.data.most.bytes)} MB.
        </p>
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
