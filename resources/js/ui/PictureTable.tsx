import './picture-table.css';
import type { ReactNode } from 'react';
import { useState } from 'react';
import { t } from '../lang/ui';
import { Table } from './Table';

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
        <Table
          caption={caption}
          columns={head.map((name, place) => ({
            head: name,
            cell: (row: (string | number)[]) => row[place],
          }))}
          rows={rows()}
          of={(row) => row.join()}
          scrolls
        />
      ) : (
        children
      )}
    </>
  );
}
