import type { Wheel } from '@cricket/contract/shapes';
import { unitName } from '@cricket/core/units';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';

import { useWheels } from '../../data/use-bikes';
import { useRefusal } from '../../data/use-refusal';
import { useWrites } from '../../data/use-writes';
import { Keypad } from '../../job/reading/keypad';
import { useTyped } from '../../job/reading/use-typed';
import { RoleButton } from '../../session/role-button';
import { Button } from '../../ui/button';
import { NotThere } from '../../ui/not-there';
import { Notice } from '../../ui/notice';
import { Screen } from '../../ui/screen';
import { useShopUnits } from '../../ui/shop-units';
import { Txt } from '../../ui/txt';
import { kitFields, type KitFieldName } from './kit-form';
import { kitWords } from './kit-words';
import { measureFigure } from './measure-figure';
import { fieldAt, figureText, wheelFields } from './wheel-form';
import { words } from './words';
import { wheelPath } from '../../ui/pages';

/** A wheel that began as a pattern: one figure after the other, with the keys of the measuring page. */
export function MeasureWheelScreen() {
  const { wheelId } = useLocalSearchParams<{ wheelId: string }>();
  const router = useRouter();
  const { data, isPending, refetch } = useWheels();
  const [later, setLater] = useState<readonly string[]>([]);
  // The next figure is in sight before the server has answered: what it says no to is said there.
  const refusal = useRefusal<Wheel>();
  const wheel = data?.find(({ id }) => id === wheelId);
  if (!wheel) {
    const gone = data && { title: words.gone, to: { label: words.toCatalogue, path: '/wheels' as const } };
    return <NotThere title={words.title} backTo="/wheels" asked={[{ isPending, refetch }]} gone={gone} />;
  }
  const left = wheel.kit?.unmeasured ?? [];
  const [path] = left.filter((item) => !later.includes(item)).concat(later.filter((item) => left.includes(item)));
  const back = wheelPath(wheelId);
  if (path === undefined) {
    const action = { label: words.measuring.toWheel, onPress: () => router.navigate(back) };
    return (
      <Screen title={wheel.code} backTo={back}>
        <Notice title={words.measuring.done} because={words.measuring.doneWhy} action={action} />
      </Screen>
    );
  }
  return (
    <OneFigure
      key={path}
      wheel={wheel}
      path={path}
      left={left.length}
      refusal={refusal}
      onLater={() => setLater([...later.filter((item) => item !== path), path])}
    />
  );
}

interface OneFigureProps {
  wheel: Wheel;
  path: string;
  left: number;
  refusal: ReturnType<typeof useRefusal<Wheel>>;
  onLater: () => void;
}

function OneFigure({ wheel, path, left, refusal, onLater }: OneFigureProps) {
  const { putWheel } = useWrites();
  const [busy, setBusy] = useState(false);
  const [wrong, setWrong] = useState<string | null>(null);
  const { kit, name } = fieldAt(path);
  const { units } = useShopUnits();
  const unit = kit ? unitName(unitOf(name as KitFieldName), units) : 'mm';
  const title = kit ? kitWords.fields[name as KitFieldName] : words.fields[name as keyof typeof words.fields];
  const asPattern = figureText(wheelFields(wheel), path);
  const keep = async (text: string) => {
    const measured = measureFigure(wheel, path, text);
    if ('wrong' in measured) return setWrong(measured.wrong);
    setBusy(true);
    typed.change('');
    const outcome = await putWheel(wheel.id, measured.entry);
    // What was typed comes back where the server did not take it.
    if (outcome.kind === 'refused') typed.change(text);
    await refusal.settle(outcome);
    setBusy(false);
  };
  const typed = useTyped(`${wheel.id}/${path}`, (text) => void keep(text));
  const press = (key: string) => {
    setWrong(null);
    typed.press(key);
  };
  const shown = unit ? `${asPattern} ${unit}` : asPattern;
  return (
    <Screen
      title={title}
      backTo={wheelPath(wheel.id)}
      footer={
        <View className="flex-row gap-2">
          <Button label={words.measuring.later} onPress={onLater} className="min-w-[124px]" testID="measure-later" />
          <RoleButton
            needs="work"
            label={typed.text ? words.measuring.keep : words.measuring.asPattern(shown)}
            look="do"
            disabled={busy}
            onPress={() => void keep(typed.text || asPattern)}
            className="flex-1"
            testID="keep-figure"
          />
        </View>
      }
    >
      <View className="gap-1 px-4 pb-2">
        <Txt size="label" figure tone="soft">
          {`${wheel.code} · ${words.measuring.at(left)}`}
        </Txt>
        <View className="flex-row items-end gap-3">
          <Txt size="reading" figure bold testID="figure" aria-live="polite" tone={typed.text ? 'ink' : 'soft'}>
            {typed.text || asPattern}
          </Txt>
          <Txt size="title" figure className="pb-3">
            {unit}
          </Txt>
        </View>
        <View className="min-h-[48px]" aria-live="polite">
          {wrong === null ? (
            <Txt tone="soft">{words.measuring.pattern(shown)}</Txt>
          ) : (
            <Txt role="alert" tone="stop" bold>
              {wrong}
            </Txt>
          )}
          {refusal.messages.map((message) => (
            <Txt key={message} role="alert" tone="stop" bold>
              {message}
            </Txt>
          ))}
        </View>
      </View>
      <Keypad onKey={press} signed />
    </Screen>
  );
}

function unitOf(name: KitFieldName): string {
  const field = kitFields[name];
  return field.how === 'figure' ? field.unit : '';
}
