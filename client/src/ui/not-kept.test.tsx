import { fireEvent, render, screen, waitFor, within } from '@testing-library/react-native';
import { useForm } from 'react-hook-form';
import { Pressable } from 'react-native';

import { Choices, Field } from './field';
import { NotKept, shortfalls } from './not-kept';
import { Txt } from './txt';

interface Fields {
  code: string;
  kit: { topology: string; 'motor-ratedW': string };
}

const textOf = (node: { props: { children?: unknown } }) => node.props.children;
const wrong = (message: string) => ({ type: 'value', message });

function Form({ onKept }: { onKept: () => void }) {
  const { control, handleSubmit } = useForm<Fields>({
    defaultValues: { code: '', kit: { topology: '', 'motor-ratedW': '' } },
    resolver: (values) => {
      const kit = {
        ...(values.kit['motor-ratedW'] === '' && { 'motor-ratedW': wrong('Enter a figure in W.') }),
        ...(values.kit.topology === '' && { topology: wrong('Choose one.') }),
      };
      const errors = {
        ...(Object.keys(kit).length > 0 && { kit }),
        ...(values.code === '' && { code: wrong('Enter 1 to 20 characters.') }),
      };
      return Object.keys(errors).length > 0 ? { values: {}, errors } : { values, errors: {} };
    },
  });
  return (
    <>
      <Field control={control} name="code" label="Code" />
      <Choices control={control} name="kit.topology" label="Controller sits" options={[['hub', 'in the hub']]} />
      <Field control={control} name="kit.motor-ratedW" label="Rated power, W" numeric />
      <NotKept control={control} />
      <Pressable onPress={() => void handleSubmit(onKept)()}>
        <Txt>Keep</Txt>
      </Pressable>
    </>
  );
}

describe('a form that is not kept', () => {
  it('says all that is missing at once, by field, in the order of the page, and lets go of each as it is mended', async () => {
    const onKept = jest.fn();
    render(<Form onKept={onKept} />);
    expect(screen.queryByTestId('not-kept')).toBeNull();
    fireEvent.press(screen.getByText('Keep'));
    await waitFor(() => expect(screen.getByText('Not kept: 3 answers are missing or do not hold.')).toBeTruthy());
    const said = ['Code', 'Controller sits', 'Rated power, W'];
    expect(
      within(screen.getByTestId('not-kept'))
        .getAllByText(new RegExp(`^(${said.join('|')})$`))
        .map(textOf),
    ).toEqual(said);
    // A choice says it at its place, too: nothing is refused without a word.
    expect(screen.getByText('Choose one.')).toBeTruthy();

    fireEvent.changeText(screen.getByTestId('field-code'), 'FW-9');
    fireEvent.press(screen.getByText('in the hub'));
    fireEvent.press(screen.getByText('Keep'));
    await waitFor(() => expect(screen.getByText('Not kept: one answer is missing or does not hold.')).toBeTruthy());
    expect(onKept).not.toHaveBeenCalled();
    fireEvent.changeText(screen.getByTestId('field-kit.motor-ratedW'), '250');
    fireEvent.press(screen.getByText('Keep'));
    await waitFor(() => expect(onKept).toHaveBeenCalled());
    expect(screen.queryByTestId('not-kept')).toBeNull();
  });

  it('finds what is wrong however deep it lies', () => {
    const errors = { a: wrong('one'), b: { c: wrong('two'), d: undefined, e: { f: wrong('three') } } } as never;
    expect(shortfalls(errors)).toEqual(['a', 'b.c', 'b.e.f']);
  });
});
