import type { BikeRecord } from '@cricket/contract/shapes';
import { usualAnchors } from '@cricket/core/cable-question';
import { useRouter } from 'expo-router';
import { View } from 'react-native';

import { FigureRow } from '../../job/bike/figure-row';
import { figure } from '../../ui/figure-text';
import { useTell } from '../../data/use-tell';
import { RoleButton } from '../../session/role-button';
import { Alerts } from '../../ui/alerts';
import { cablesPath, cableThingPath, type CableThing } from '../../ui/pages';
import { Section } from '../../ui/section';
import { otherDiscs } from './cable-forms';
import { say } from '../../ui/say';
import { words } from './words';

/** Everything that the cables are held against, each a way to where it is written down. */
export function CableFigures({ record }: { record: BikeRecord }) {
  const { bike } = record;
  const { id, facts } = bike;
  const { steering, turning, anchors = [], extensions, poses = [] } = facts.cables ?? {};
  const router = useRouter();
  const { tell, messages } = useTell(record);
  const [rear, front] = [words.rearWheel, words.frontWheel].map((name) =>
    turning?.discs.find((disc) => disc.id === name),
  );
  const add = (of: CableThing, label: string) => (
    <RoleButton
      needs="work"
      label={label}
      onPress={() => router.navigate(cableThingPath(id, of))}
      testID={`add-${of}`}
    />
  );
  return (
    <View>
      <Section title={words.figures} />
      <FigureRow
        name={words.rows.steering}
        says={
          steering &&
          words.steeringSays(
            figure(steering.head.angleDeg),
            figure(steering.head.lockDeg.left),
            figure(steering.head.lockDeg.right),
          )
        }
        to={cablesPath(id, 'steering')}
        testID="cables-steering"
      />
      <FigureRow
        name={words.rows.turning}
        says={front && rear && words.turningSays(figure(front.radiusMm), figure(rear.radiusMm))}
        to={cablesPath(id, 'turning')}
        testID="cables-turning"
      />
      <FigureRow
        name={words.rows.extensions}
        says={extensions && (extensions.length > 0 ? words.extensionsSays(extensions.length) : words.none)}
        to={cablesPath(id, 'extensions')}
        testID="cables-extensions"
      />
      <Section title={words.places} />
      {anchors.map(({ id: name, at: [x, y, z], guessed }) => (
        <FigureRow
          key={name}
          name={name}
          says={guessed ? words.guessed : words.placeSays(figure(x), figure(y), figure(z))}
          to={cableThingPath(id, 'place', name)}
        />
      ))}
      <Alerts messages={messages} />
      <View className="flex-row flex-wrap gap-3 px-4 py-3">
        {anchors.length === 0 ? (
          <RoleButton
            needs="work"
            label={words.usualPlaces}
            onPress={() => void tell({ cables: { ...facts.cables, anchors: usualAnchors(facts, bike, say) } })}
            testID="usual-places"
          />
        ) : null}
        {add('place', words.addPlace)}
      </View>
      {turning ? (
        <>
          <Section title={words.rows.discs} />
          {otherDiscs(turning).map((disc) => (
            <FigureRow
              key={disc.id}
              name={disc.id}
              says={`${figure(disc.radiusMm)} mm`}
              to={cableThingPath(id, 'disc', disc.id)}
            />
          ))}
          <View className="flex-row flex-wrap gap-3 px-4 py-3">{add('disc', words.addDisc)}</View>
        </>
      ) : null}
      {anchors.length > 0 ? (
        <View className="flex-row flex-wrap gap-3 px-4 pb-3">
          {add('cable', words.addCable)}
          {add('pose', words.addPose)}
        </View>
      ) : null}
      {poses.map((pose) => (
        <FigureRow
          key={pose.id}
          name={pose.id}
          says={Object.keys(pose.at).join(', ')}
          to={cableThingPath(id, 'pose', pose.id)}
        />
      ))}
    </View>
  );
}
