import { useState } from 'react';

import { ToldForm } from '../../job/bike/told-form';
import { Field } from '../../ui/field';
import { cablesPath } from '../../ui/pages';
import { Txt } from '../../ui/txt';
import { checkPose, fieldsToPose, poseToFields } from './cable-forms';
import { useOneOf } from '../../job/bike/one-of-list';
import { Gone, type OneFormProps } from './place-forms';
import { TakeOff } from '../../job/bike/take-off';
import { words } from './words';

/** Where the places are when the bike is folded; what is left empty stays. */
export function PoseForm({ record, of }: OneFormProps) {
  const { id, facts } = record.bike;
  const one = useOneOf(facts.cables?.poses ?? [], of);
  // The fields are counted in this list.
  const [anchors] = useState(() => facts.cables?.anchors ?? []);
  if (one.isGone) return <Gone bikeId={id} />;
  return (
    <ToldForm
      record={record}
      title={one.item ? words.poseTitle : words.newPose}
      about={`cables-pose/${of ?? ''}`}
      backTo={cablesPath(id)}
      defaultValues={poseToFields(one.item, anchors)}
      check={checkPose(one.taken, anchors)}
      change={(fields) => ({ cables: { ...facts.cables, poses: one.with(fieldsToPose(fields, anchors)) } })}
      keepId="keep-pose"
    >
      {({ control }, keep) => (
        <>
          <Field control={control} name="id" label={words.fields.pose} />
          <Txt>{words.origin}</Txt>
          {anchors.map((anchor, index) => (
            <Field key={anchor.id} control={control} name={`spots.${index}`} label={anchor.id} hint={words.poseHint} />
          ))}
          {one.item ? (
            <TakeOff onTakeOff={() => void keep({ cables: { ...facts.cables, poses: one.others } })} />
          ) : null}
        </>
      )}
    </ToldForm>
  );
}
