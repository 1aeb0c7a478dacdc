import { useEffect, useRef, useState } from 'react';
import { useForm, type DefaultValues, type FieldValues, type UseFormProps, type UseFormReturn } from 'react-hook-form';

import { keepDraft, keptDraft } from './local-draft';
import { useMe } from './use-session';
import { changesOf, withChanges } from './form-changes';

/** What was typed into a form and not kept. */
export interface FormDraft {
  /** It was typed before this page was opened. */
  restored: boolean;
  /** The form is as it was before anything was typed. */
  throwAway: () => void;
  /** It is kept: nothing of it waits any more. */
  done: () => void;
}

/**
 * A form whose entries survive Back, a reload and a phone that is put away, for the person who typed them. Only what was changed
 * is held: what others keep meanwhile shows in the other fields.
 *
 * @param about - names the form and what it is about
 */
export function useFormDraft<T extends FieldValues>(
  about: string,
  { defaultValues, ...rest }: Omit<UseFormProps<T>, 'defaultValues'> & { defaultValues: T },
): { form: UseFormReturn<T>; draft: FormDraft } {
  const { id } = useMe();
  const place = `cricket-form/${about}/${id}`;
  const [defaults] = useState(defaultValues);
  const [kept] = useState(() => keptDraft<Partial<T>>(place));
  const [restored, setRestored] = useState(kept !== null);
  const form = useForm<T>({ ...rest, defaultValues: withChanges(defaults, kept ?? {}) as DefaultValues<T> });
  const { watch, reset } = form;
  const isDone = useRef(false);
  useEffect(() => {
    const { unsubscribe } = watch((values) => {
      if (!isDone.current) keepDraft(place, changesOf(defaults, values as T));
    });
    return unsubscribe;
  }, [watch, place, defaults]);
  return {
    form,
    draft: {
      restored,
      throwAway: () => {
        reset(defaults as DefaultValues<T>);
        keepDraft(place, null);
        setRestored(false);
      },
      done: () => {
        isDone.current = true;
        keepDraft(place, null);
      },
    },
  };
}
