import { useEffect } from 'react';
import {
  useForm,
  type DefaultValues,
  type FieldValues,
  type UseFormProps,
  type UseFormReturn,
} from 'react-hook-form';
import { isLike } from './isLike.js';
import { hasTyping, keepTyping, onTyping, typingOf } from './keptTyping.js';

const whole = 'form';

/** A form that keeps what is typed until it is saved or begun afresh. */
export function useKeptForm<Values extends FieldValues>(
  sheet: string,
  props: UseFormProps<Values> & { readonly defaultValues: DefaultValues<Values> },
): UseFormReturn<Values> {
  const form = useForm<Values>(props);
  const { reset, watch } = form;
  const { defaultValues } = props;
  useEffect(() => {
    const kept = typingOf(sheet)[whole];
    if (kept !== undefined && isLike(defaultValues, kept)) reset(kept, { keepDefaultValues: true });
    const watching = watch((values, { name }) => {
      if (name !== undefined) keepTyping(sheet, whole, values);
    });
    const endListening = onTyping(() => {
      if (!hasTyping(sheet)) reset();
    });
    return () => {
      watching.unsubscribe();
      endListening();
    };
    // What the form began with is what it was opened on.
    // oxlint-disable-next-line react-hooks/exhaustive-deps
  }, [sheet, reset, watch]);
  return form;
}
