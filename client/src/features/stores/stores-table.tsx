import type { StorePart } from '@cricket/contract/shapes';
import { useMemo } from 'react';

import { figure } from '../../ui/figure-text';
import { money } from '../../ui/figures';
import { DataTable, type TableColumn } from '../../ui/data-table';
import { Txt } from '../../ui/txt';
import { Count, detailsOf, elsewhere, sizeOf, tabOf, ToLine, type Settle } from './stock-line';
import { words } from './words';

export interface StoresTableProps {
  items: readonly StorePart[];
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

function columnsFor(settle: Settle, narrow: boolean): TableColumn<StorePart>[] {
  const length = (id: 'boreMm' | 'outerMm', head: string): TableColumn<StorePart> => ({
    id,
    head,
    width: 'w-20',
    figure: true,
    by: (part) => mmOf(part, id) ?? 0,
    cell: (part) => {
      const value = mmOf(part, id);
      return value === null ? null : <Txt figure>{figure(value)}</Txt>;
    },
  });
  const kind: TableColumn<StorePart> = {
    id: 'kind',
    head: words.columns.kind,
    width: narrow ? 'w-36' : 'w-44',
    by: ({ kind }) => words.kinds[kind],
    cell: ({ kind }) => <Txt>{words.kinds[kind]}</Txt>,
  };
  const size: TableColumn<StorePart> = {
    id: 'size',
    head: words.columns.size,
    width: narrow ? 'min-w-0 flex-1' : 'w-28',
    by: sortSize,
    cell: (item) => <ToLine item={item} underlined note={narrow ? detailsOf(item).join(' · ') : undefined} />,
  };
  const name: TableColumn<StorePart> = {
    id: 'name',
    head: words.columns.name,
    width: 'min-w-0 flex-1',
    by: ({ label }) => label ?? '',
    cell: (part) => (
      <Txt verbatim={Boolean(part.label)}>
        {[part.label, ...tabOf(part), ...elsewhere(part)].filter(Boolean).join(' · ')}
      </Txt>
    ),
  };
  const each: TableColumn<StorePart> = {
    id: 'each',
    head: words.columns.each,
    width: 'w-16',
    figure: true,
    by: ({ costEach }) => costEach ?? 0,
    cell: ({ costEach }) => (costEach === null ? null : <Txt figure>{money(costEach)}</Txt>),
  };
  const count: TableColumn<StorePart> = {
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

/** A figure of a part; a bolt's thread is what it passes through. */
function mmOf({ spec }: StorePart, name: 'boreMm' | 'outerMm'): number | null {
  const value = spec[name] ?? (name === 'boreMm' ? spec.threadMm : spec.diameterMm);
  return typeof value === 'number' ? value : null;
}

/** What its size is sorted by within its kind. */
function sortSize({ spec }: StorePart): number {
  return Number(spec.widthMm ?? spec.lengthMm ?? spec.thicknessMm ?? spec.diameterMm ?? spec.Wh ?? 0);
}

/** As they lie in the drawers: kind by kind, then by bore and size. */
export function inDrawerOrder(kinds: readonly string[]) {
  return (a: StorePart, b: StorePart) =>
    kinds.indexOf(a.kind) - kinds.indexOf(b.kind) ||
    (mmOf(a, 'boreMm') ?? 0) - (mmOf(b, 'boreMm') ?? 0) ||
    sortSize(a) - sortSize(b) ||
    sizeOf(a).localeCompare(sizeOf(b), 'en', { numeric: true });
}
