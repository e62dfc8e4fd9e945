import { Button } from 'antd';
import type { BurstPictures } from '../../api/pictures';
import type { Culling } from './useCulling';

/** What can be done with several frames at once. */
export function Chosen({ culling, data }: { culling: Culling; data: BurstPictures }) {
  const { range } = culling;
  const ids = range.map((one) => one.id);
  return (
    <section className="judged" aria-label="Chosen frames">
      <div className="judged-verdict">
        <b>{range.length} frames</b>
        <span className="quiet">
          {range[0]?.name} to {range[range.length - 1]?.name}
        </span>
      </div>
      <div className="judged-say">
        <Button onClick={() => culling.sayAll(range, true)}>Keep all</Button>
        <Button onClick={() => culling.sayAll(range, false)}>All lost</Button>
        <Button onClick={() => culling.sayAll(range, null)}>Leave them to the measuring</Button>
      </div>
      <div className="chosen-moves">
        <Button onClick={() => culling.moveTo(ids, null)} disabled={range.length === data.pictures.length}>
          A burst of their own
        </Button>
        {data.before && (
          <Button onClick={() => culling.moveTo(ids, data.before?.id ?? null)}>To the burst before</Button>
        )}
        {data.after && (
          <Button onClick={() => culling.moveTo(ids, data.after?.id ?? null)}>To the burst after</Button>
        )}
        <Button type="text" onClick={() => culling.remove(range)}>
          Delete
        </Button>
      </div>
      <p className="quiet">
        <kbd>Esc</kbd> back to one frame
      </p>
    </section>
  );
}
