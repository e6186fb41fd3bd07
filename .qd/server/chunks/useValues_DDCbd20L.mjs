import { useRef, useMemo } from 'react';
import { useForm } from 'react-hook-form';
import { d as useReady } from './Layout_CULKZlnp.mjs';

function useValues(defaultValues) {
  const form = useForm({ defaultValues });
  const ready = useRef(false);
  ready.current = useReady();
  return useMemo(() => {
    const register = (name, options) => {
      const registered = form.register(name, options);
      if (ready.current) return registered;
      return {
        ...registered,
        ref: (element) => {
          forgetWrittenChoice(element);
          registered.ref(element);
        },
        defaultValue: form.getValues(name)
      };
    };
    return { ...form, register };
  }, [form]);
}
function forgetWrittenChoice(element) {
  if (!(element instanceof HTMLInputElement) || !element.defaultChecked) return;
  element.defaultChecked = false;
  element.checked = false;
}

export { useValues as u };
