import type { BikeRecord } from '@cricket/contract/shapes';
import type { StepCheck, StepState } from '@cricket/core/procedure';
import { toSi, unitName } from '@cricket/core/units';
import { addDays } from 'date-fns/addDays';
import { useState } from 'react';
import { View } from 'react-native';

import { dateText } from '../../ui/date-text';
import { figure } from '../../ui/figure-text';
import { now } from '../../data/clock';
import { Keypad } from '../../job/reading/keypad';
import { useTyped } from '../../job/reading/use-typed';
import { PhotoStrip } from '../../job/photos/photo-strip';
import { Button } from '../../ui/button';
import { Mark } from '../../ui/mark';
import { useShopUnits } from '../../ui/shop-units';
import { Tick } from '../../ui/tick';
import { Txt } from '../../ui/txt';
import { readTyped } from '../../ui/typed-number';
import { checkState, mostNm, type CheckValues } from './check-values';
import { checkAnchor } from './not-ready';
import { words } from './words';
import { say } from '../../ui/say';

export interface CheckRowProps {
  check: StepCheck;
  record: BikeRecord;
  stepId: string;
  values: CheckValues;
  disabled: boolean;
  /** Figures that stood here before and were replaced. */
  replaced?: StepState['replaced'];
  onTick: (id: string, ticked: boolean) => void;
  onFigure: (id: string, value: number | null) => void;
}

/** One check of a step, as large as a glove needs, with what was recorded of it before. */
export function CheckRow({ replaced = [], ...props }: CheckRowProps) {
  const unit = unitOf(props.check);
  return (
    <View nativeID={checkAnchor(props.stepId, props.check)}>
      <Row {...props} />
      {replaced.map(({ value, person, at }) => (
        <Txt key={at} size="label" tone="soft" className="px-4 py-1" testID="replaced">
          {words.replaced(`${figure(value)} ${unit}`.trim(), person, dateText(new Date(at), 'd MMM HH:mm'))}
        </Txt>
      ))}
    </View>
  );
}

function unitOf(check: StepCheck): string {
  return check.kind === 'torque' ? 'N·m' : check.kind === 'measure' ? check.unit : '';
}

function Row({ check, record, stepId, values, disabled, onTick, onFigure }: Omit<CheckRowProps, 'replaced'>) {
  switch (check.kind) {
    case 'confirm': {
      const ticked = values.ticked[check.id] ?? false;
      return (
        <Tick label={say(check.what)} ticked={ticked} disabled={disabled} onTick={(next) => onTick(check.id, next)} />
      );
    }
    case 'photo':
      return (
        <View className="border-b border-rule px-4 py-3">
          <PhotoStrip record={record} about={check.about} title={say(check.what)} />
        </View>
      );
    case 'second-person':
      return (
        <View className="border-b border-rule px-4 py-3">
          <Txt bold>{words.second}</Txt>
          <Txt>{say(check.what)}</Txt>
          <Txt tone="soft">{words.secondHow[check.atOnce ? 'atOnce' : 'later']}</Txt>
        </View>
      );
    case 'count':
      return <CountRow check={check} got={values.figures[check.id]} disabled={disabled} onFigure={onFigure} />;
    default:
      return <FigureRow check={check} stepId={stepId} values={values} disabled={disabled} onFigure={onFigure} />;
  }
}

type OnFigure = CheckRowProps['onFigure'];

function CountRow({
  check,
  got,
  disabled,
  onFigure,
}: {
  check: StepCheck & { kind: 'count' };
  got: number | undefined;
  disabled: boolean;
  onFigure: OnFigure;
}) {
  const shown = got ?? check.count;
  return (
    <View className="min-h-[60px] flex-row items-center gap-2 border-b border-rule px-4 py-1">
      <Txt size="lead" className="min-w-0 flex-1">
        {say(check.what)}
      </Txt>
      <Button
        label="−"
        spoken={`${words.fewer}: ${say(check.what)}`}
        disabled={disabled || shown === 0}
        onPress={() => onFigure(check.id, shown - 1)}
        className="w-14"
      />
      <Txt size="lead" figure bold tone={got !== undefined && got < check.count ? 'stop' : 'ink'}>
        {words.counted(shown, check.count)}
      </Txt>
      <Button
        label="+"
        spoken={`${words.more}: ${say(check.what)}`}
        disabled={disabled}
        onPress={() => onFigure(check.id, shown + 1)}
        className="w-14"
      />
    </View>
  );
}

/** A torque against its target, or a length or voltage against its range. */
function FigureRow({
  check,
  stepId,
  values,
  disabled,
  onFigure,
}: {
  check: StepCheck & { kind: 'torque' | 'measure' };
  stepId: string;
  values: CheckValues;
  disabled: boolean;
  onFigure: OnFigure;
}) {
  const [typing, setTyping] = useState(false);
  const value = values.figures[check.id];
  const state = checkState(check, values);
  const leftOut = check.kind === 'measure' && check.mayLeaveOut && value === undefined && !typing && !disabled;
  const unit = unitOf(check);
  const aim = check.kind === 'torque' ? check.nm : check.aim;
  const asked =
    check.kind === 'torque'
      ? words.target(figure(check.nm))
      : check.mayLeaveOut
        ? words.mayLeaveOut
        : words.range(
            check.min === null ? null : figure(check.min),
            check.max === null ? null : figure(check.max),
            check.unit,
          );
  return (
    <View className="gap-2 border-b border-rule px-4 py-2">
      <View className="min-h-[56px] flex-row items-center gap-3">
        <View className="min-w-0 flex-1">
          <Txt size="lead">{say(check.what)}</Txt>
          <Txt size="label" tone="soft">
            {check.kind === 'torque'
              ? [
                  words[check.how],
                  ...(check.how === 'final' ? [check.threadLock ? words.threadLock : words.dry] : []),
                  ...(check.source ? [words.source(check.source)] : []),
                ].join(' · ')
              : asked}
          </Txt>
        </View>
        {leftOut ? (
          <Button
            label={words.measureIt}
            spoken={`${say(check.what)}, ${unit}`}
            onPress={() => setTyping(true)}
            testID={`enter-${check.id}`}
          />
        ) : (
          <Txt size="stand" figure bold tone={state === 'against' ? 'stop' : 'ink'}>
            {value === undefined ? (check.kind === 'torque' ? asked : '–') : `${figure(value)} ${unit}`}
          </Txt>
        )}
        {state === 'held' && value !== undefined ? <Mark verdict="goes" size={28} /> : null}
      </View>
      {unit === 'days' && value !== undefined && !disabled ? (
        <Txt>{words.thatIs(dateText(addDays(now(), value), 'd MMMM yyyy'))}</Txt>
      ) : null}
      {state === 'against' && value !== undefined ? (
        <Txt tone="stop" bold role="alert">
          {check.kind === 'torque'
            ? value > check.nm
              ? words.over(figure(value), figure(mostNm(check)))
              : words.under(figure(value), figure(check.nm))
            : words.outOf(`${figure(value)} ${unit}`, asked)}
        </Txt>
      ) : null}
      {typing ? (
        <Entry
          place={`${stepId}/${check.id}`}
          unit={unit}
          signed={check.kind === 'measure' && (check.min === null || check.min < 0)}
          onKeep={(kept) => {
            onFigure(check.id, kept);
            setTyping(false);
          }}
        />
      ) : disabled || leftOut ? null : (
        <View className="flex-row gap-2">
          {aim !== undefined && value === undefined ? (
            <Button
              label={check.kind === 'torque' ? words.reached(figure(aim)) : words.setTo(figure(aim), unit)}
              onPress={() => onFigure(check.id, aim)}
              className="flex-1"
              testID={`reached-${check.id}`}
            />
          ) : null}
          <Button
            label={value === undefined && aim === undefined ? `${say(check.what)}, ${unit}` : words.change}
            onPress={() => setTyping(true)}
            spoken={`${words.change}: ${say(check.what)}`}
            className={aim !== undefined && value === undefined ? '' : 'flex-1'}
            testID={`enter-${check.id}`}
          />
        </View>
      )}
    </View>
  );
}

interface EntryProps {
  place: string;
  /** The unit the figure is stored in; it is typed in the shop's. */
  unit: string;
  signed: boolean;
  onKeep: (value: number) => void;
}

function Entry({ place, unit, signed, onKeep }: EntryProps) {
  const { units } = useShopUnits();
  const accept = (text: string) => {
    const read = readTyped(text);
    if (read.kind !== 'number') return;
    typed.change('');
    onKeep(toSi(read.value, unit, units));
  };
  const typed = useTyped(`stand/${place}`, accept);
  const read = readTyped(typed.text);
  return (
    <View className="gap-2">
      <Txt size="stand" figure bold aria-live="polite">
        {`${typed.text || '–'} ${unitName(unit, units)}`}
      </Txt>
      {read.kind === 'unreadable' ? (
        <Txt tone="stop" role="alert">
          {words.notFigure(typed.text)}
        </Txt>
      ) : null}
      <Keypad onKey={typed.press} signed={signed} />
      <Button label={words.keep} look="do" disabled={read.kind !== 'number'} onPress={() => accept(typed.text)} />
    </View>
  );
}
