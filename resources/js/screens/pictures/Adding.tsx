import { Button } from 'antd';
import { useRef } from 'react';
import { add } from './sending';

/** Where pictures come in: dropped anywhere on the page, or chosen. */
export function Adding({ over }: { over: boolean }) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <section className={over ? 'drop over' : 'drop'} aria-label="Add pictures">
      <p>
        <b>Drop pictures or a folder here</b>
        <span className="quiet">
          JPEG, PNG, WebP, HEIC, TIFF, or raw with a preview. They are seen by nobody but you; where they were
          taken is not read.
        </span>
      </p>
      <Button type="primary" onClick={() => input.current?.click()}>
        Choose files
      </Button>
      <input
        ref={input}
        type="file"
        multiple
        hidden
        aria-label="Pictures"
        onChange={(event) => {
          add([...(event.target.files ?? [])]);
          event.target.value = '';
        }}
      />
    </section>
  );
}
