import '../../ui/frames.css';
import './pictures.css';
import '../review/review.css';
import { App, Segmented } from 'antd';
import { useEffect } from 'react';
import { Link, useParams } from 'react-router';
import {
  type BurstPictures,
  type Picture,
  pictureActions,
  useBurstPictures,
  usePictureAction,
} from '../../api/pictures';
import { options } from '../../lang/labels';
import { t } from '../../lang/pictures';
import { Failed } from '../../ui/bar/Messages';
import { TopBar } from '../../ui/bar/TopBar';
import { useTitle } from '../../ui/useTitle';
import { BurstHead } from './BurstHead';
import { Chosen } from './Chosen';
import { Close, pieceOf } from './Close';
import { FILTERS, type Filter, passes } from './filters';
import { Judged } from './Judged';
import { Sheet } from './Sheet';
import { Strip } from './Strip';
import { type Culling, useCulling } from './useCulling';
import { Whole } from './Whole';

/** A burst frame by frame: the strip, one frame whole and close up, what was measured in it, and what the person says. */
export default function BurstPage() {
  const { id = '' } = useParams();
  const answer = useBurstPictures(id);
  const data = answer.data;
  useTitle(data ? t('burst-page.pictures', { rush: data.burst.rush }) : t('burst-page.pictures-2'));
  return (
    <>
      <TopBar />
      {answer.isError ? (
        <Failed message={answer.error.message} />
      ) : data && data.pictures.length > 0 ? (
        <Frames key={id} id={id} data={data} />
      ) : (
        <main className="rushes">
          <p className="quiet" role="status">
            {data ? t('burst-page.there-are-no-pictures') : t('burst-page.loading')}
          </p>
          <Link to="/review/pictures">{t('burst-page.to-the-pictures')}</Link>
        </main>
      )}
    </>
  );
}

function Frames({ id, data }: { id: string; data: BurstPictures }) {
  const culling = useCulling(id, data);
  const { shown, offset, magnified, setOffset } = culling;
  const { message } = App.useApp();
  const judge = usePictureAction(pictureActions.judge);
  useAhead(culling);
  return (
    <main className="burst-page">
      <BurstHead data={data} />
      {culling.sheet ? (
        <Sheet culling={culling} />
      ) : (
        <div className="stage-view">
          <Whole data={data} shown={shown} number={culling.pictures.indexOf(shown) + 1} />
          <div className="view-close">
            {[shown, ...(culling.beside ? [culling.beside] : [])].map((one) => (
              <Close
                key={one === shown ? 'shown' : 'beside'}
                picture={one}
                magnified={magnified}
                offset={offset}
                onOffset={setOffset}
              />
            ))}
          </div>
        </div>
      )}
      {culling.range.length > 1 ? (
        <Chosen culling={culling} data={data} />
      ) : (
        <Judged
          picture={shown}
          causes={options('loss-cause')}
          onSay={(said) => culling.say(shown, said)}
          onCause={(cause) =>
            judge.mutate(
              { id: shown.id, lost_to: cause },
              { onError: (error: Error) => void message.error(error.message) },
            )
          }
          onBeside={() => culling.setBeside(culling.holdsBeside ? null : shown.id)}
          beside={culling.holdsBeside}
          onDelete={() => culling.remove([shown])}
        />
      )}
      <Which culling={culling} />
      <Strip culling={culling} before={data.before} after={data.after} zone={data.zone} />
    </main>
  );
}

/** Which frames the strip shows, and whether all of them are seen at once. */
function Which({ culling }: { culling: Culling }) {
  const count = (filter: Filter) =>
    culling.pictures.filter((one) => passes(one, filter, culling.marked)).length;
  return (
    <div className="strip-which">
      <Segmented
        size="small"
        aria-label={t('burst-page.which-frames')}
        value={culling.filter}
        onChange={culling.setFilter}
        options={FILTERS.map(({ key, label }) => ({
          value: key,
          label: `${label} ${count(key)}`,
          disabled: key !== 'all' && count(key) === 0,
        }))}
      />
      <span className="strip-how">
        <Segmented
          size="small"
          aria-label={t('burst-page.how-they-are-seen')}
          value={culling.sheet ? 'sheet' : 'one'}
          onChange={(how) => culling.setSheet(how === 'sheet')}
          options={[
            { value: 'one', label: t('burst-page.one-by-one') },
            { value: 'sheet', label: t('burst-page.sheet') },
          ]}
        />
      </span>
    </div>
  );
}

/** So many frames after the one that is shown are fetched, so that a step shows them at once. */
const AHEAD = 3;

/** One at a time: a person gets few pieces at once, and the one that is shown comes first. */
function useAhead({ strip, at, magnified, offset }: Culling) {
  const next: Picture[] = strip.slice(at + 1, at + 1 + AHEAD);
  const wanted = next
    .flatMap((one) => [one.preview, pieceOf(one, magnified, offset)])
    .filter((src) => src !== null)
    .join('\n');
  useEffect(() => {
    let left = wanted === '' ? [] : wanted.split('\n');
    const fetchOne = () => {
      const src = left.shift();
      if (!src) return;
      const image = new Image();
      image.onload = fetchOne;
      image.onerror = fetchOne;
      image.src = src;
    };
    fetchOne();
    return () => {
      left = [];
    };
  }, [wanted]);
}
