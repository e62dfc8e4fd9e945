import './picture-table.css';
import type { ReactNode } from 'react';
import { useState } from 'react';
import { t } from '../lang/ui';

type Props = {
  /** What is in the rows, for those who come to the table first. */
  caption: string;
  head: string[];
  rows: () => (string | number)[][];
  /** The picture that says the same. */
  children: ReactNode;
  /** What stands in the line with the switch. */
  title?: ReactNode;
};

/** A picture, and behind it the same as a table for those who cannot see it or would rather read figures. */
export function PictureTable({ caption, head, rows, children, title }: Props) {
  const [asTable, setAsTable] = useState(false);
  return (
    <>
      <div className="picture-head">
        {title}
        <button
          type="button"
          className="picture-switch"
          aria-pressed={asTable}
          aria-label={`${asTable ? t('picture-table.picture') : t('picture-table.table')}: ${caption}`}
          onClick={() => setAsTable(!asTable)}
        >
          {asTable ? t('picture-table.picture') : t('picture-table.table')}
        </button>
      </div>
      {asTable ? (
        // biome-ignore lint/a11y/noNoninteractiveTabindex: it scrolls, so that keys must reach it
        <section className="picture-table" tabIndex={0} aria-label={caption}>
          <table>
            <caption className="sr-only">{caption}</caption>
            <thead>
              <tr>
                {head.map((name) => (
                  <th key={name} scope="col">
                    {name}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {rows().map((row) => (
                <tr key={row.join()}>
                  {row.map((cell, i) => (
                    <td key={head[i]}>{cell}</td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      ) : (
        children
      )}
    </>
  );
}
