import type { StoreItem } from '@cricket/contract/shapes';
import { useMemo } from 'react';

import { figure } from '../ui/figure-text';
import { money } from '../ui/figures';
import { DataTable, type TableColumn } from '../ui/data-table';
import { Txt } from '../ui/txt';
import { Count, detailsOf, sizeOf, ToLine, type Settle } from './stock-line';
import { words } from './words';

export interface StoresTableProps {
  items: readonly StoreItem[];
  settle: Settle;
  /** The line that is open beside the table; there is less room then. */
  openId?: string | undefined;
}

/** The drawers as rows: a line is found by eye in the column that one thinks of. */
export function StoresTable({ items, settle, openId }: StoresTableProps) {
  const columns = useMemo(() => columnsFor(settle, openId !== undefined), [settle, openId]);
  return (
    <DataTable
      label={words.title}
      rows={items}
      columns={columns}
      idOf={({ id }) => id}
      openId={openId}
      testID="stores-table"
    />
  );
}

function columnsFor(settle: Settle, narrow: boolean): TableColumn<StoreItem>[] {
  const length = (id: 'boreMm' | 'outerMm', head: string): TableColumn<StoreItem> => ({
    id,
    head,
    width: 'w-20',
    figure: true,
    by: (item) => item[id] ?? 0,
    cell: (item) => (item[id] === null ? null : <Txt figure>{figure(item[id])}</Txt>),
  });
  const kind: TableColumn<StoreItem> = {
    id: 'kind',
    head: words.columns.kind,
    width: narrow ? 'w-36' : 'w-44',
    by: ({ kind }) => words.kinds[kind],
    cell: ({ kind }) => <Txt>{words.kinds[kind]}</Txt>,
  };
  const size: TableColumn<StoreItem> = {
    id: 'size',
    head: words.columns.size,
    width: narrow ? 'min-w-0 flex-1' : 'w-28',
    by: ({ details, thicknessMm }) => details?.tyre?.widthMm ?? details?.lengthMm ?? thicknessMm,
    cell: (item) => <ToLine item={item} underlined note={narrow ? detailsOf(item).join(' · ') : undefined} />,
  };
  const name: TableColumn<StoreItem> = {
    id: 'name',
    head: words.columns.name,
    width: 'min-w-0 flex-1',
    by: ({ details }) => details?.label ?? '',
    cell: (item) => (
      <Txt verbatim={Boolean(item.details?.label)}>
        {[
          item.details?.label,
          item.tabWidthMm !== null && item.tabDepthMm !== null
            ? words.tab(figure(item.tabWidthMm), figure(item.tabDepthMm))
            : null,
          item.withBikes > 0 ? words.withBikes(item.withBikes) : null,
        ]
          .filter(Boolean)
          .join(' · ')}
      </Txt>
    ),
  };
  const each: TableColumn<StoreItem> = {
    id: 'each',
    head: words.columns.each,
    width: 'w-16',
    figure: true,
    by: ({ details }) => details?.costEach ?? 0,
    cell: ({ details }) => (typeof details?.costEach === 'number' ? <Txt figure>{money(details.costEach)}</Txt> : null),
  };
  const count: TableColumn<StoreItem> = {
    id: 'count',
    head: words.columns.count,
    width: 'w-[170px]',
    figure: true,
    by: (item) => item.count,
    cell: (item) => <Count item={item} settle={settle} />,
  };
  return narrow
    ? [kind, size, count]
    : [kind, size, length('boreMm', words.columns.bore), length('outerMm', words.columns.outer), name, each, count];
}

/** As they lie in the drawers: kind by kind, then by bore and size. */
export function inDrawerOrder(kinds: readonly string[]) {
  return (a: StoreItem, b: StoreItem) =>
    kinds.indexOf(a.kind) - kinds.indexOf(b.kind) ||
    (a.boreMm ?? 0) - (b.boreMm ?? 0) ||
    a.thicknessMm - b.thicknessMm ||
    sizeOf(a).localeCompare(sizeOf(b), 'en', { numeric: true });
}
