import { fireEvent, render, screen } from '@testing-library/react-native';

import { DataTable, type TableColumn } from './data-table';
import { Txt } from './txt';

interface Row {
  code: string;
  mm: number | null;
}

const rows: Row[] = [
  { code: 'RW-10', mm: 3 },
  { code: 'RW-2', mm: null },
  { code: 'RW-1', mm: 12.5 },
];
const columns: TableColumn<Row>[] = [
  { id: 'code', head: 'Wheel', width: 'w-20', by: ({ code }) => code, cell: ({ code }) => <Txt>{code}</Txt> },
  { id: 'mm', head: 'Size', width: 'w-20', by: ({ mm }) => mm ?? -1, cell: ({ mm }) => <Txt>{String(mm)}</Txt> },
  { id: 'note', head: 'Note', width: 'w-20', cell: () => null },
];

const show = (given: readonly Row[] = rows) => {
  window.matchMedia = (() => ({ matches: false, addEventListener() {}, removeEventListener() {} })) as never;
  return render(<DataTable label="Wheels" rows={given} columns={columns} idOf={({ code }) => code} />);
};
const shown = () => screen.getAllByText(/^RW-/).map((each) => String(each.props.children));

describe('a table', () => {
  it('shows rows as they come until a head is tapped', () => {
    show();
    expect(shown()).toEqual(['RW-10', 'RW-2', 'RW-1']);
  });

  it('orders codes as people do, forth and back, and then as they came', () => {
    show();
    fireEvent.press(screen.getByTestId('order-by-code'));
    expect(shown()).toEqual(['RW-1', 'RW-2', 'RW-10']);
    fireEvent.press(screen.getByTestId('order-by-code'));
    expect(shown()).toEqual(['RW-10', 'RW-2', 'RW-1']);
    fireEvent.press(screen.getByTestId('order-by-code'));
    expect(shown()).toEqual(['RW-10', 'RW-2', 'RW-1']);
  });

  it('orders figures by size, not by their digits', () => {
    show();
    fireEvent.press(screen.getByTestId('order-by-mm'));
    expect(shown()).toEqual(['RW-2', 'RW-10', 'RW-1']);
  });

  it('has no order by what has none, and keeps its order when rows change', () => {
    const table = show();
    expect(screen.queryByTestId('order-by-note')).toBeNull();
    fireEvent.press(screen.getByTestId('order-by-code'));
    table.rerender(
      <DataTable
        label="Wheels"
        rows={[{ code: 'RW-3', mm: 1 }, ...rows]}
        columns={columns}
        idOf={({ code }) => code}
      />,
    );
    expect(shown()).toEqual(['RW-1', 'RW-2', 'RW-3', 'RW-10']);
  });
});
