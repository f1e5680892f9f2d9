import { useState } from 'react';

type Change = (event: { target: { value: string } }) => void;

/** The texts of a form: what they are, and for each field what to do on a change. */
export function useForm<T extends Record<string, string>>(begin: T) {
  const [form, setForm] = useState(begin);
  const put = (field: keyof T) => (value: string) => setForm((now) => ({ ...now, [field]: value }));
  const bind = (field: keyof T): { value: string; onChange: Change } => ({
    value: form[field] ?? '',
    onChange: (event) => put(field)(event.target.value),
  });
  return { form, put, bind };
}
