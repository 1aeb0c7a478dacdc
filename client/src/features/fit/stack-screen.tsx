import { heldStacks } from '@cricket/contract/core-record';
import { routes } from '@cricket/contract/routes';
import type { StackAcceptance } from '@cricket/contract/shapes';
import type { End } from '@cricket/core/features';
import { axleAt } from '@cricket/core/model';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { View } from 'react-native';

import { dateText } from '../../ui/date-text';
import { figure, inHundred, mm } from '../../ui/figure-text';
import { useBikeEnd } from '../../job/bike/use-bike-end';
import { SheetLinks } from '../../ui/sheet-links';
import { useOutbox } from '../../data/use-outbox';
import { axleLayout, axleLineTaken, axlePartName, axleScene, type AxleLineData } from '@cricket/core/axle-scene';
import { fileWidth, saveDrawing } from '../../drawing/kit/save-drawing';
import { spokenName } from '../../drawing/axle-line/part-names';
import { Button } from '../../ui/button';
import { Mark, verdictWords } from '../../ui/mark';
import { Notice } from '../../ui/notice';
import { Screen } from '../../ui/screen';
import { Txt } from '../../ui/txt';
import { AxleDrawing } from './axle-drawing';
import { findingTitle } from '../../job/findings/finding-titles';
import { saveFile } from '../../ui/save-file';
import { words as uiWords } from '../../ui/words';
import type { Scene } from '@cricket/core/scene';
import { StackFigures } from './stack-figures';
import { words } from './words';
import { bikePath, endPath } from '../../ui/pages';
import { BikeNotThere } from '../../job/bike/bike-not-there';
import { say } from '../../ui/say';
import { words as findingWords } from '../../job/findings/words';

/** The stack as taken: to fit by, to print, to keep as a file. */
export function StackScreen() {
  const { bikeId, end: endInAddress } = useLocalSearchParams<{ bikeId: string; end: string }>();
  const end: End = endInAddress === 'rear' ? 'rear' : 'front';
  const router = useRouter();
  const { record, state, isPending, refetch } = useBikeEnd(bikeId, end);
  const { writes } = useOutbox();
  if (!record || !state) {
    return <BikeNotThere bikeId={bikeId} asked={[{ isPending, refetch }]} />;
  }
  const waiting = writes.some(
    ({ about, body, refused }) =>
      about.kind === 'acceptance' &&
      about.bikeId === bikeId &&
      (body as { place?: string }).place === axleAt(end) &&
      !refused,
  );
  const taken = [...heldStacks(record)]
    .filter(({ place }) => place === axleAt(end))
    .sort((a, b) => (a.acceptedAt < b.acceptedAt ? 1 : -1))[0];
  if (!taken || waiting) {
    return (
      <Screen title={words.stackTitle(end)} tag={record.bike.tag} backTo={bikePath(bikeId)}>
        {waiting ? (
          <Notice title={words.notYet} because={words.waiting} />
        ) : (
          <Notice
            title={words.noStack}
            because={words.noStackWhy}
            action={{ label: words.toFit, onPress: () => router.navigate(endPath(bikeId, end, 'fit')) }}
          />
        )}
      </Screen>
    );
  }
  const changed = state.fit !== null && (state.fit.verdict === 'stop' || state.fit.verdict === 'unknown');
  const file = `${record.bike.tag}-${end}-stack`;
  const lips = { left: state.facts.sides.left.lip, right: state.facts.sides.right.lip };
  return (
    <Screen
      title={words.stackTitle(end)}
      tag={record.bike.tag}
      backTo={bikePath(bikeId)}
      footer={
        <View className="flex-row flex-wrap gap-2">
          <SheetLinks label={words.pdf} href={routes.stackCard(bikeId, end)} />
          <Button label={words.print} look="do" onPress={() => window.print()} className="grow" />
          <Button
            label={uiWords.drawingFile}
            onPress={() => saveDrawing(file, drawingOf(axleLineTaken(taken, lips)))}
            className="grow"
          />
          <Button
            label={words.json}
            onPress={() => saveFile(`${file}.json`, 'application/json', JSON.stringify(taken, null, 2))}
            className="grow"
          />
        </View>
      }
    >
      {changed ? (
        <View role="alert" className="mx-4 mb-3 border-2 border-stop bg-sheet p-3">
          <Txt bold>{words.readAgain}</Txt>
        </View>
      ) : null}
      <StackSheet end={end} taken={taken} title={`${record.bike.tag}  ${record.bike.name}`} lips={lips} />
    </Screen>
  );
}

/** Height of the drawing in its file, in px. */
const fileHeight = 420;

/** The drawing as a file of its own: light, whole, with the names of all parts. */
function drawingOf(data: AxleLineData): Scene {
  return axleScene(data, {
    width: fileWidth,
    height: fileHeight,
    view: 'whole',
    figure,
    nameOf: (part) => say(axlePartName(part)),
  });
}

interface StackSheetProps {
  taken: StackAcceptance;
  end: End;
  title: string;
  lips: AxleLineData['lips'];
}

/** The page that is printed. */
function StackSheet({ taken, end, title, lips }: StackSheetProps) {
  const { wheel, byHand } = taken.input;
  const { stack, findings, verdict } = taken.result;
  const data = axleLineTaken(taken, lips);
  const { parts } = axleLayout(data);
  const hubOutwards = {
    left: parts.filter(({ side }) => side === 'left').reverse(),
    right: parts.filter(({ side }) => side === 'right'),
  };
  const work = findings.filter((finding) => finding.verdict === 'work' && !finding.overridden);
  const overridden = findings.filter((finding) => finding.overridden);
  return (
    <View className="gap-4">
      <View className="px-4">
        <Txt size="title" bold>
          {title}
        </Txt>
        <Txt size="lead">{words.title(end, wheel.code)}</Txt>
        <Txt tone="soft">
          {[
            words.takenBy(dateText(new Date(taken.acceptedAt), 'd MMMM yyyy, HH:mm'), taken.person),
            byHand ? words.asChanged : null,
          ]
            .filter(Boolean)
            .join(' · ')}
        </Txt>
      </View>
      <AxleDrawing data={data} end={end} />
      <View className="flex-row gap-6 px-4">
        {(['left', 'right'] as const).map((side) => (
          <View key={side} className="min-w-0 flex-1 gap-1">
            <Txt size="label" figure tone="soft" heading={2}>
              {words[side]}
            </Txt>
            {hubOutwards[side].map((part, index) => (
              <View key={part.key} className="flex-row justify-between border-b border-rule py-1">
                <Txt>{`${index + 1}  ${spokenName(part)}`}</Txt>
                <Txt size="lead" figure bold>
                  {figure(part.thicknessMm)}
                </Txt>
              </View>
            ))}
          </View>
        ))}
      </View>
      <View className="gap-1 px-4">
        <Txt size="label" figure tone="soft" heading={2}>
          {words.figures}
        </Txt>
        <View className="flex-row items-center gap-2">
          <Mark verdict={verdict} size={26} />
          <Txt size="lead" bold>
            {verdictWords[verdict]}
          </Txt>
        </View>
        <StackFigures stack={stack} />
        <Txt>{words.firstTime(inHundred(stack.firstTimeRight))}</Txt>
        {stack.rotorShimMm > 0 ? <Txt>{words.underRotor(mm(stack.rotorShimMm))}</Txt> : null}
        {stack.caliperShimMm > 0 ? <Txt>{words.underCaliper(mm(stack.caliperShimMm))}</Txt> : null}
      </View>
      {work.length > 0 ? (
        <View className="gap-2 px-4">
          <Txt size="label" figure tone="soft" heading={2}>
            {words.work}
          </Txt>
          {work.map((finding) => (
            <View key={finding.id}>
              <Txt bold>{findingTitle(finding.id)}</Txt>
              <Txt>{[finding.because, ...finding.remedies].map(say).join(' ')}</Txt>
            </View>
          ))}
        </View>
      ) : null}
      {overridden.length > 0 ? (
        <View className="mx-4 gap-2 border-2 border-stop p-3">
          <Txt bold heading={2}>
            {words.overriddenTitle}
          </Txt>
          {overridden.map((finding) => (
            <View key={finding.id}>
              <Txt bold>{findingTitle(finding.id)}</Txt>
              <Txt>{say(finding.because)}</Txt>
              <Txt verbatim>{findingWords.overriddenBy(finding.overridden!.person, finding.overridden!.because)}</Txt>
            </View>
          ))}
        </View>
      ) : null}
      <View className="gap-1 px-4">
        <Txt size="label" tone="soft">
          {words.note}
        </Txt>
        <Txt size="label" tone="soft">
          {words.core(taken.coreVersion)}
        </Txt>
      </View>
    </View>
  );
}
