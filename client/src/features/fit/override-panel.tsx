import { useState } from 'react';
import { View } from 'react-native';

import type { Finding } from '@cricket/core/verdict';
import { mayOverride } from '@cricket/core/overrides';

import { HandOver } from '../../session/hand-over';
import { RoleButton } from '../../session/role-button';
import { useMay } from '../../data/use-session';
import { Button } from '../../ui/button';
import { TextLine } from '../../ui/text-line';
import { Txt } from '../../ui/txt';
import type { Overriding } from './use-overriding';
import { words } from './words';

/** Shortest reason that says something. */
const shortestReason = 8;

/** The owner's way past a stop: with a reason, in the owner's name, shown ever after; and the way back. */
export function OverridePanel({ finding, overriding }: { finding: Finding; overriding: Overriding }) {
  const [asking, setAsking] = useState(false);
  const [because, setBecause] = useState('');
  const { own } = useMay();
  if (finding.overridden) {
    return (
      <RoleButton
        needs="own"
        label={words.overrideBack}
        onPress={() => void overriding.takeBack(finding.id)}
        className="self-start"
      />
    );
  }
  if (!mayOverride(finding)) {
    return finding.verdict === 'stop' ? (
      <Txt size="label" tone="soft">
        {words.neverOverridden}
      </Txt>
    ) : null;
  }
  if (!asking) return <Button label={words.override} onPress={() => setAsking(true)} className="self-start" />;
  if (!own) {
    return (
      <View className="gap-2 border-2 border-stop p-3">
        <HandOver title={words.ownerTakes} to={['owner']} />
        <Button label={words.overrideNot} onPress={() => setAsking(false)} className="self-start" />
      </View>
    );
  }
  const short = because.trim().length < shortestReason;
  return (
    <View className="gap-2 border-2 border-stop p-3">
      <Txt bold>{words.overrideAsk}</Txt>
      <Txt>{words.overrideNote}</Txt>
      <TextLine
        label={words.overrideBecause}
        hint={words.overrideHint(shortestReason)}
        value={because}
        onChange={setBecause}
        maxLength={400}
        testID="override-because"
      />
      {overriding.messages.map((message) => (
        <Txt key={message} tone="stop" role="alert">
          {message}
        </Txt>
      ))}
      <RoleButton
        needs="own"
        label={words.overrideKeep}
        look="stop"
        disabled={short}
        onPress={() => void overriding.override(finding.id, because.trim())}
        testID="override-keep"
      />
    </View>
  );
}
