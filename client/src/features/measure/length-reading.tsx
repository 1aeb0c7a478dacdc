import type { LengthFeature } from '@cricket/core/features';
import { identifyStandard } from '@cricket/core/identify-standard';
import { axleAt } from '@cricket/core/model';
import type { ReactNode } from 'react';
import { Pressable, useWindowDimensions, View } from 'react-native';

import { figure, mm } from '../../ui/figure-text';
import { JawDrawing } from '../../drawing/jaws/jaw-drawing';
import { changeSettings } from '../../settings/settings';
import { Button } from '../../ui/button';
import { Screen } from '../../ui/screen';
import { unreadableWords } from '../../ui/number-rule';
import { Txt } from '../../ui/txt';
import { useWide } from '../../ui/use-wide';
import { CaliperPanel } from './caliper/caliper-panel';
import { DotScale } from './dot-scale';
import { featureWords } from '../../job/reading/feature-words';
import { judgeTyped, type JudgedTyped } from './judge-typed';
import { Keypad } from '../../job/reading/keypad';
import { ReadingsSoFar } from './readings-so-far';
import { TellingNext } from './telling-next';
import type { Measuring } from './use-measuring';
import { useLengthUnit } from './use-length-unit';
import { useTyped } from '../../job/reading/use-typed';
import { nextOpen } from './where-next';
import { words } from './words';
import { bikePath } from '../../ui/pages';
import { say, within } from '../../ui/say';

export interface LengthReadingProps {
  measuring: Measuring;
  feature: LengthFeature;
  title: string;
  strip: ReactNode;
}

/** One length: where the jaws go, the number very large, what it means. */
export function LengthReading({ measuring, feature, title, strip }: LengthReadingProps) {
  const { bikeId, end, record, facts, plan, keep, goTo, withdraw } = measuring;
  const { width, height } = useWindowDimensions();
  const wide = useWide();
  const unit = useLengthUnit();
  const readings = record!.readings.filter((item) => item.place === axleAt(end) && item.feature === feature.id);
  const statistics = facts!.lengths.get(feature.id);
  const accept = (text: string, stay = false) => {
    const judged = judgeTyped(text, unit, feature, statistics?.valueMm ?? null);
    if (judged.kind === 'empty' && !stay && statistics && !statistics.askAgain) return goTo(nextOpen(plan, feature.id));
    if (judged.kind !== 'plausible') return;
    typed.change('');
    keep({ valueMm: judged.valueMm, typed: text, unit }, stay);
  };
  /** A reading from a caliper: kept at once when it holds, else left in sight with what is wrong with it. */
  const arrive = (text: string) => {
    typed.change(text);
    accept(text);
  };
  const typed = useTyped(`${bikeId}/${end}/${feature.id}`, (text) => accept(text));
  const judged = judgeTyped(typed.text, unit, feature, statistics?.valueMm ?? null);
  const takeMm = (valueMm: number) => {
    const text = typed.text;
    typed.change('');
    keep({ valueMm, typed: text, unit: 'inch' });
  };
  const next = nextOpen(plan, feature.id);
  const nextTitle = next ? featureWords(next.id).title : null;
  const canKeep = judged.kind === 'plausible';
  const valid = readings
    .filter(({ withdrawnAt }) => !withdrawnAt)
    .flatMap(({ valueMm }) => (valueMm === null ? [] : [valueMm]));
  const drawingWidth = wide ? 400 : width;
  const drawingHeight = wide ? 250 : Math.max(110, Math.min(216, height - 628));
  const shown =
    typed.text ||
    (statistics?.valueMm != null
      ? figure(unit === 'inch' ? statistics.valueMm / 25.4 : statistics.valueMm, unit === 'inch' ? 4 : 2)
      : '–');

  return (
    <Screen
      title={title}
      tag={wide ? undefined : record!.bike.tag}
      backTo={bikePath(bikeId)}
      fixed={strip}
      footer={
        <View className="flex-row gap-2">
          <Button
            label={canKeep ? words.again : words.skip}
            onPress={() => (canKeep ? accept(typed.text, true) : goTo(next))}
            className="min-w-[124px]"
          />
          <Button
            label={
              canKeep
                ? nextTitle
                  ? words.keepNext(within(nextTitle))
                  : words.done
                : nextTitle
                  ? words.next(within(nextTitle))
                  : words.allDone
            }
            look="do"
            disabled={!canKeep && (typed.text !== '' || !statistics)}
            onPress={() => accept(typed.text)}
            className="flex-1"
            testID="keep"
          />
        </View>
      }
    >
      <View className={wide ? 'flex-row gap-4 pr-4' : ''}>
        <View className={wide ? 'w-[400px]' : ''}>
          <View className="items-center border-y-2 border-ink bg-sheet">
            <JawDrawing featureId={feature.id} width={drawingWidth} height={drawingHeight} />
          </View>
          <Txt size="label" tone="soft" className="px-4 pt-2">
            {featureWords(feature.id).how}
          </Txt>
        </View>
        <View className="min-w-0 flex-1">
          <View className="flex-row items-end justify-between px-4">
            <Txt
              size="reading"
              figure
              bold
              testID="reading"
              numberOfLines={1}
              className={typed.text || statistics ? 'min-w-0 flex-1' : 'min-w-0 flex-1 opacity-40'}
              aria-live="polite"
            >
              {shown}
            </Txt>
            <View className="items-end pb-2">
              <View role="radiogroup" aria-label={words.unit} className="flex-row">
                {(['mm', 'inch'] as const).map((name) => (
                  <Pressable
                    key={name}
                    role="radio"
                    aria-checked={unit === name}
                    onPress={() => changeSettings({ unit: name })}
                    className={`min-h-[48px] min-w-[52px] items-center justify-center border-b-4 px-2 ${unit === name ? 'border-ink' : 'border-transparent'}`}
                  >
                    <Txt figure bold={unit === name}>
                      {words[name]}
                    </Txt>
                  </Pressable>
                ))}
              </View>
              {statistics?.uncertaintyMm != null ? (
                <Txt size="lead" figure bold>
                  {`±${figure(statistics.uncertaintyMm)}`}
                </Txt>
              ) : null}
            </View>
          </View>
          <View className="px-4">
            {valid.length > 0 ? (
              <DotScale
                valuesMm={valid}
                oddIndexes={statistics?.oddIndexes ?? []}
                against={flats(measuring, feature)}
              />
            ) : null}
          </View>
          <View className="min-h-[48px] px-4 pb-2" aria-live="polite" testID="says">
            <Says judged={judged} typedText={typed.text} measuring={measuring} feature={feature} onTakeMm={takeMm} />
          </View>
          {feature.id === 'bead-seat' && !statistics && record!.bike.beadSeatMm !== null ? (
            <Button
              label={words.asOnBike(record!.bike.beadSeatMm)}
              onPress={() => keep({ valueMm: record!.bike.beadSeatMm!, typed: null, unit: null })}
              className="mx-4 mb-2"
              testID="as-on-bike"
            />
          ) : null}
          <Keypad onKey={typed.press} signed={feature.minMm < 0} />
          {feature.id === 'rotor-inboard' && !statistics ? (
            <Pressable
              role="link"
              onPress={() => goTo({ ...feature, id: 'rotor-outer' })}
              className="min-h-[48px] justify-center px-4"
            >
              <Txt className="underline">{words.outerFace}</Txt>
            </Pressable>
          ) : null}
          <CaliperPanel feature={feature} medianMm={statistics?.valueMm ?? null} onReading={arrive} />
          <TellingNext measuring={measuring} next={next} />
          <ReadingsSoFar readings={readings} onWithdraw={withdraw} />
        </View>
      </View>
    </Screen>
  );
}

/** What the number means, or what is wrong with it. */
function Says({
  judged,
  typedText,
  measuring,
  feature,
  onTakeMm,
}: {
  judged: JudgedTyped;
  typedText: string;
  measuring: Measuring;
  feature: LengthFeature;
  onTakeMm: (valueMm: number) => void;
}) {
  const statistics = measuring.facts!.lengths.get(feature.id);
  if (judged.kind === 'unreadable') {
    return (
      <Txt tone="stop" bold>
        {unreadableWords(typedText.trim(), judged.why, words.oneFigure)}
      </Txt>
    );
  }
  if (judged.kind === 'implausible') {
    const { asInchesMm } = judged;
    return (
      <View className="gap-2">
        <Txt tone="stop" bold>
          {asInchesMm !== null
            ? words.inches(figure(asInchesMm))
            : words.outOfRange(figure(judged.valueMm), figure(feature.minMm), figure(feature.maxMm))}
        </Txt>
        {asInchesMm !== null ? (
          <Button label={words.takeAsInches(figure(asInchesMm))} onPress={() => onTakeMm(asInchesMm)} />
        ) : null}
      </View>
    );
  }
  if (judged.kind === 'plausible' && judged.odd) {
    const { kind, meantMm } = judged.odd;
    return (
      <Txt tone="work" bold>
        {words.slipped[kind](meantMm === null ? '' : mm(meantMm))}
      </Txt>
    );
  }
  const valueMm = judged.kind === 'plausible' ? judged.valueMm : (statistics?.valueMm ?? null);
  if (valueMm === null) return <Txt tone="soft">{featureWords(feature.id).why}</Txt>;
  if (judged.kind === 'empty' && statistics?.askAgain)
    return (
      <Txt tone="work" bold>
        {words.askAgain(mm(statistics.spreadMm))}
      </Txt>
    );
  return (
    <Txt>
      {[
        nearest(feature, measuring.end, valueMm, statistics?.uncertaintyMm ?? null),
        againstFlats(measuring, feature, valueMm),
      ]
        .filter(Boolean)
        .join(' ') || featureWords(feature.id).why}
    </Txt>
  );
}

function nearest(
  feature: LengthFeature,
  end: 'front' | 'rear',
  valueMm: number,
  uncertaintyMm: number | null,
): string | null {
  if (!feature.standard) return null;
  const { nearest: match } = identifyStandard({
    feature: feature.standard[end],
    valueMm,
    ...(uncertaintyMm !== null && { uncertaintyMm }),
  });
  const { differenceMm } = match;
  // A reading a whole millimetre off is near nothing.
  if (Math.abs(differenceMm) > 1) return null;
  const difference =
    Math.abs(differenceMm) < 0.005
      ? words.exactly
      : differenceMm < 0
        ? words.under(figure(-differenceMm))
        : words.over(figure(differenceMm));
  return words.near(say(match.label), difference);
}

function flats({ wheel }: Measuring, feature: LengthFeature) {
  if (!feature.id.startsWith('slot-width') || !wheel) return null;
  return { valueMm: wheel.axle.flatsMm, name: words.flats(wheel.code) };
}

function againstFlats(measuring: Measuring, feature: LengthFeature, valueMm: number): string | null {
  const wheel = measuring.wheel;
  if (!wheel || !feature.id.startsWith('slot-width')) return null;
  const play = valueMm - wheel.axle.flatsMm;
  return play < 0 ? words.underFlats(mm(-play), wheel.code) : words.overFlats(mm(play), wheel.code);
}
