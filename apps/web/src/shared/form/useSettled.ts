import { useEffect, useState } from 'react';

/** A value once it has stood still: for what is dear and not waited for while a knob is being turned. */
export function useSettled<Value>(value: Value, ms = 250): Value {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(value), ms);
    return () => clearTimeout(timer);
  }, [value, ms]);
  return settled;
}
