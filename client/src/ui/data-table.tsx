import {
  createColumnHelper,
  getCoreRowModel,
  getSortedRowModel,
  useReactTable,
  type SortingState,
} from '@tanstack/react-table';
import { useMemo, useState, type ReactNode } from 'react';
import { Pressable, View } from 'react-native';

import { Txt } from './txt';

export interface TableColumn<T> {
  id: string;
  head: string;
  /** How wide it is, as a class. */
  width: string;
  /** What rows are ordered by; a column without it has no order. */
  by?: (row: T) => string | number;
  /** Figures stand at the right. */
  figure?: boolean;
  cell: (row: T) => ReactNode;
}

export interface DataTableProps<T> {
  label: string;
  rows: readonly T[];
  columns: readonly TableColumn<T>[];
  idOf: (row: T) => string;
  /** Of the row whose work stands beside the table. */
  openId?: string | undefined;
  testID?: string;
}

/** Rows on a wide screen, in the order of whichever head was tapped last. */
export function DataTable<T>({ label, rows, columns, idOf, openId, testID }: DataTableProps<T>) {
  const [sorting, setSorting] = useState<SortingState>([]);
  const defined = useMemo(() => {
    const helper = createColumnHelper<T>();
    return columns.map(({ id, by }) =>
      by
        ? helper.accessor(by, { id, sortDescFirst: false, sortingFn: compared })
        : helper.display({ id, enableSorting: false }),
    );
  }, [columns]);
  const data = useMemo(() => [...rows], [rows]);
  const table = useReactTable({
    data,
    columns: defined,
    state: { sorting },
    onSortingChange: setSorting,
    getRowId: idOf,
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
  });
  return (
    <View role="table" aria-label={label} testID={testID}>
      <View role="row" className="flex-row items-end gap-3 border-b-2 border-ink px-4 pb-1">
        {columns.map(({ id, head, width, by, figure }) => {
          const column = table.getColumn(id)!;
          const sorted = column.getIsSorted();
          const order = sorted === 'asc' ? 'ascending' : sorted === 'desc' ? 'descending' : 'none';
          return (
            <View
              key={id}
              role="columnheader"
              className={`${width} ${figure ? 'items-end' : ''}`}
              {...(by && { 'aria-sort': order })}
            >
              {by ? (
                <Pressable
                  role="button"
                  onPress={() => column.toggleSorting()}
                  className="min-h-[40px] justify-end"
                  testID={`order-by-${id}`}
                >
                  <Txt size="label" figure bold={sorted !== false} tone="soft" className="underline">
                    {head}
                  </Txt>
                </Pressable>
              ) : (
                <Txt size="label" figure tone="soft">
                  {head}
                </Txt>
              )}
            </View>
          );
        })}
      </View>
      {table.getRowModel().rows.map(({ id, original }) => (
        <View
          key={id}
          role="row"
          className={`min-h-[56px] flex-row items-center gap-3 border-b border-rule px-4 ${id === openId ? 'bg-sheet' : ''}`}
        >
          {columns.map((column) => (
            <View key={column.id} role="cell" className={`${column.width} ${column.figure ? 'items-end' : ''}`}>
              {column.cell(original)}
            </View>
          ))}
        </View>
      ))}
    </View>
  );
}

/** Figures by size, words as people order them: RW-2 before RW-10. */
function compared(
  a: { getValue: (id: string) => unknown },
  b: { getValue: (id: string) => unknown },
  column: string,
): number {
  const [one, other] = [a.getValue(column), b.getValue(column)];
  if (typeof one === 'number' && typeof other === 'number') return one - other;
  return String(one).localeCompare(String(other), 'en', { numeric: true });
}
