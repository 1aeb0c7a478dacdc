import type { Wheel } from '@cricket/contract/shapes';
import { useMemo } from 'react';

import { figure } from '../../ui/figure-text';
import { DataTable, type TableColumn } from '../../ui/data-table';
import { ToPage } from '../../ui/to-page';
import { Txt } from '../../ui/txt';
import { words } from './words';
import { wheelPath } from '../../ui/pages';

export interface WheelsTableProps {
  wheels: readonly Wheel[];
  /** The wheel that is open beside the table; there is less room then. */
  openId?: string | undefined;
}

/** The catalogue as rows: what decides between two wheels stands in a column. */
export function WheelsTable({ wheels, openId }: WheelsTableProps) {
  const narrow = openId !== undefined;
  const columns = useMemo(() => (narrow ? allColumns.filter(({ id }) => inNarrow.has(id)) : allColumns), [narrow]);
  return (
    <DataTable
      label={words.title}
      rows={wheels}
      columns={columns}
      idOf={({ id }) => id}
      openId={openId}
      testID="wheels-table"
    />
  );
}

const inNarrow = new Set(['code', 'end', 'power', 'open']);

const number = (id: string, head: string, of: (wheel: Wheel) => number | null | undefined): TableColumn<Wheel> => ({
  id,
  head,
  width: 'w-20',
  figure: true,
  // What nobody has recorded stands before everything that somebody has.
  by: (wheel) => of(wheel) ?? -1,
  cell: (wheel) => {
    const value = of(wheel);
    return value === null || value === undefined ? <Txt tone="soft">–</Txt> : <Txt figure>{figure(value)}</Txt>;
  },
});

const allColumns: TableColumn<Wheel>[] = [
  {
    id: 'code',
    head: words.columns.code,
    width: 'w-40',
    by: ({ code }) => code,
    cell: (wheel) => <Code wheel={wheel} />,
  },
  {
    id: 'end',
    head: words.columns.end,
    width: 'w-16',
    by: ({ soldFor }) => soldFor,
    cell: ({ soldFor }) => <Txt>{words[soldFor]}</Txt>,
  },
  {
    id: 'drive',
    head: words.columns.drive,
    width: 'w-20',
    by: ({ drive }) => drive,
    cell: ({ drive }) => <Txt>{words[drive]}</Txt>,
  },
  {
    id: 'axle',
    head: words.columns.axle,
    width: 'min-w-0 flex-1',
    by: ({ axle }) => axle.threadMm * 100 + axle.flatsMm,
    cell: ({ axle }) => <Txt>{words.flats(figure(axle.threadMm), figure(axle.flatsMm))}</Txt>,
  },
  number('shoulders', words.columns.shoulders, ({ shoulderWidthMm }) => shoulderWidthMm),
  {
    id: 'brake',
    head: words.columns.brake,
    width: 'w-20',
    by: ({ rotorFaceMm }) => (rotorFaceMm === null ? words.noRotor : words.rotor),
    cell: ({ rotorFaceMm }) => <Txt>{rotorFaceMm === null ? words.noRotor : words.rotor}</Txt>,
  },
  number('power', words.columns.power, ({ kit }) => kit?.motor.ratedW),
  number('voltage', words.columns.voltage, ({ kit }) => kit?.controller.fullV),
  number('energy', words.columns.energy, ({ kit }) => kit?.battery?.Wh),
  {
    id: 'open',
    head: words.columns.open,
    width: 'w-20',
    figure: true,
    by: ({ kit }) => kit?.unmeasured?.length ?? 0,
    cell: ({ kit }) =>
      kit?.unmeasured?.length ? (
        <Txt figure tone="unknown">
          {kit.unmeasured.length}
        </Txt>
      ) : null,
  },
];

function Code({ wheel }: { wheel: Wheel }) {
  return (
    <ToPage to={wheelPath(wheel.id)} className="min-h-[48px] justify-center">
      <Txt size="lead" bold className="underline">
        {wheel.code}
      </Txt>
    </ToPage>
  );
}
