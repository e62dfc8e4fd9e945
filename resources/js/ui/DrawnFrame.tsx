import { useQuery } from '@tanstack/react-query';
import type { Hold, Rush } from '../api/client';
import { client, Refusal, take } from '../api/client';
import { t } from '../lang/ui';

const MOST_TRIES = 12;
const AGAIN_MS = 600;

/** A frame of a run as the stand-in camera draws it, whole or pixel for pixel around what has to be sharp. */
export function DrawnFrame({
  close,
  says,
  ...asked
}: {
  rush: Rush;
  hold: Partial<Hold>;
  run: number;
  t: number;
  close: boolean;
  says: string;
}) {
  const picture = useQuery({
    queryKey: ['frame', asked.rush, asked.hold, asked.run, asked.t, close],
    queryFn: async ({ signal }) => {
      const blob = await take(
        client.POST('/api/frame', {
          body: { ...asked, close } as never,
          parseAs: 'blob',
          headers: { Accept: 'image/jpeg' },
          signal,
        }),
      );
      return URL.createObjectURL(blob as unknown as Blob);
    },
    staleTime: Number.POSITIVE_INFINITY,
    placeholderData: (before) => before,
    // A few are drawn at a time for one person; the others wait their turn.
    retry: (times, error) => error instanceof Refusal && error.status === 429 && times < MOST_TRIES,
    retryDelay: AGAIN_MS,
  });
  return (
    <figure className={close ? 'out-close' : 'out-whole'} aria-busy={picture.isFetching}>
      {picture.data && (
        <img
          src={picture.data}
          alt={close ? t('drawn-frame.pixel-for-pixel') : t('drawn-frame.the-whole-frame')}
        />
      )}
      {picture.isError && <p role="alert">{picture.error.message}</p>}
      <figcaption className="picture-note">{says}</figcaption>
    </figure>
  );
}
