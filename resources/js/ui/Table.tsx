import './table.css';
import type { Key, ReactNode } from 'react';

export type Column<Row> = {
  head: string;
  cell: (row: Row) => ReactNode;
  /** It names its row. */
  names?: boolean;
  /** Figures stand under each other by their ends. */
  figures?: boolean;
  /** How a cell is to be taken, as a class: `right`, `wrong`, `quiet`, `long` for what is read rather than compared. */
  as?: (row: Row) => string;
};

type Props<Row> = {
  /** What is in the rows, for those who come to the table first. */
  caption: string;
  /** The caption is there for all to see. */
  captioned?: boolean;
  columns: Column<Row>[];
  rows: Row[];
  of: (row: Row, place: number) => Key;
  /** It may be wider, or longer, than there is room, and scrolls. */
  scrolls?: boolean;
};

/** Rows that are compared, under heads that say what is compared. */
export function Table<Row>({ caption, captioned, columns, rows, of, scrolls }: Props<Row>) {
  const classes = (column: Column<Row>, row?: Row) =>
    [column.figures ? 'figures' : '', (row !== undefined && column.as?.(row)) || ''].join(' ').trim() ||
    undefined;
  const table = (
    <table className="table">
      <caption className={captioned ? undefined : 'sr-only'}>{caption}</caption>
      <thead>
        <tr>
          {columns.map((column, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: two columns may have one head
            <th key={i} scope="col" className={classes(column)}>
              {column.head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((row, place) => (
          <tr key={of(row, place)}>
            {columns.map((column, i) => {
              const Cell = column.names ? 'th' : 'td';
              return (
                // biome-ignore lint/suspicious/noArrayIndexKey: two columns may have one head
                <Cell key={i} scope={column.names ? 'row' : undefined} className={classes(column, row)}>
                  {column.cell(row)}
                </Cell>
              );
            })}
          </tr>
        ))}
      </tbody>
    </table>
  );
  if (!scrolls) return table;
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: it scrolls, so that keys must reach it
    <section className="table-scroll" tabIndex={0} aria-label={caption}>
      {table}
    </section>
  );
}
