import { routes } from '@cricket/contract/routes';
import type { BikeRecord, Photo } from '@cricket/contract/shapes';
import { placeShown } from '@cricket/core/model';
import { useId, useState } from 'react';
import { Pressable, View } from 'react-native';

import { useOutbox } from '../../data/use-outbox';
import { useRefusal } from '../../data/use-refusal';
import { useWrites } from '../../data/use-writes';
import { dateText } from '../../ui/date-text';
import { Button } from '../../ui/button';
import { Txt } from '../../ui/txt';
import { PictureError, shrink } from './shrink';
import { words } from './words';

export interface PhotoStripProps {
  record: BikeRecord;
  /** Place in the work that these photos belong to. */
  about: string;
  /** What it is called on the page. */
  title: string;
  /** What should be seen on it. */
  hint?: string;
}

/** The photos of one place in the work: looked at, added from the camera or a file, withdrawn. */
export function PhotoStrip({ record, about, title, hint }: PhotoStripProps) {
  const inputId = useId();
  const { addPhoto, withdrawPhoto } = useWrites();
  const refusal = useRefusal<never>();
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const [shown, setShown] = useState<string | null>(null);
  const source = usePictures(record.bike.id);
  const photos = record.photos.filter((photo) => photo.about === about && !photo.withdrawnAt);
  const large = photos.find(({ id }) => id === shown);
  const take = async (file: File | undefined) => {
    if (!file) return;
    setBusy(true);
    setProblem(null);
    try {
      const picture = await shrink(file);
      await refusal.settle(
        await addPhoto(record.bike.id, crypto.randomUUID(), { place: placeShown(about), about, picture }),
      );
    } catch (error) {
      if (!(error instanceof PictureError)) throw error;
      setProblem(error.kind === 'unreadable' ? words.unreadable : words.tooLarge);
    } finally {
      setBusy(false);
    }
  };
  return (
    <View className="gap-2" testID={`photos-${about}`}>
      <Txt bold>
        {title}
        {hint ? <Txt tone="soft">{`  ${hint}`}</Txt> : null}
      </Txt>
      <View className="flex-row flex-wrap gap-2">
        {photos.map((photo) => (
          <Pressable
            key={photo.id}
            role="button"
            aria-label={words.look(title, dateText(new Date(photo.takenAt), 'd MMM, HH:mm'))}
            aria-expanded={photo.id === shown}
            onPress={() => setShown(photo.id === shown ? null : photo.id)}
            className={`h-[88px] w-[88px] overflow-hidden rounded-md border-2 ${photo.id === shown ? 'border-lime' : 'border-ink'}`}
          >
            <img src={source(photo, true)} alt="" className="h-full w-full object-cover" />
          </Pressable>
        ))}
        <label
          htmlFor={inputId}
          className="flex h-[88px] min-w-[88px] cursor-pointer items-center justify-center rounded-md border-2 border-dashed border-ink bg-sheet px-3 text-center font-text text-body font-bold text-ink focus-within:outline focus-within:outline-2"
        >
          {busy ? words.busy : words.take}
          <input
            id={inputId}
            type="file"
            accept="image/*"
            capture="environment"
            className="sr-only"
            disabled={busy}
            data-testid={`photo-${about}`}
            onChange={({ target }) => {
              void take(target.files?.[0]);
              // The same file again is a change, too.
              target.value = '';
            }}
          />
        </label>
      </View>
      {[...(problem ? [problem] : []), ...refusal.messages].map((message) => (
        <Txt key={message} role="alert" tone="stop" bold>
          {message}
        </Txt>
      ))}
      {large ? (
        <LargePhoto
          key={large.id}
          photo={large}
          source={source(large, false)}
          alt={title}
          onClose={() => setShown(null)}
          onWithdraw={() => {
            setShown(null);
            void withdrawPhoto(record.bike.id, large.id);
          }}
        />
      ) : null}
    </View>
  );
}

interface LargePhotoProps {
  photo: Photo;
  source: string;
  alt: string;
  onClose: () => void;
  onWithdraw: () => void;
}

function LargePhoto({ photo, source, alt, onClose, onWithdraw }: LargePhotoProps) {
  const [sure, setSure] = useState(false);
  const [missing, setMissing] = useState(false);
  return (
    <View className="gap-2 border-2 border-ink bg-sheet p-2">
      {missing ? (
        <Txt>{words.offline}</Txt>
      ) : (
        <img src={source} alt={alt} className="max-h-[70vh] w-full object-contain" onError={() => setMissing(true)} />
      )}
      <Txt size="label" tone="soft" verbatim>
        {words.by(photo.person, dateText(new Date(photo.takenAt), 'd MMM yyyy, HH:mm'))}
        {photo.note ? ` · ${photo.note}` : ''}
      </Txt>
      <View className="flex-row gap-2">
        <Button label={words.close} onPress={onClose} className="flex-1" />
        <Button
          label={sure ? words.sure : words.withdraw}
          look={sure ? 'stop' : 'other'}
          onPress={() => (sure ? onWithdraw() : setSure(true))}
          className="flex-1"
        />
      </View>
    </View>
  );
}

/** Where a photo's picture is: with the server, or still in the write that waits for it. */
function usePictures(bikeId: string): (photo: Photo, small: boolean) => string {
  const { writes } = useOutbox();
  return ({ id }, small) => {
    const waiting = writes.find(({ about }) => about.kind === 'photo' && about.id === id);
    if (waiting) return `data:image/jpeg;base64,${(waiting.body as { picture: string }).picture}`;
    return `${routes.fact(bikeId, 'photo', id)}${small ? '?size=small' : ''}`;
  };
}
