import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useSearchParams } from 'react-router';

/** A form whose texts stand in the address once they are sent, and the answer to them. */
export function useAsked<T>(of: string, fields: readonly string[], question: (asked: Record<string, string>) => Promise<T>) {
  const [params, setParams] = useSearchParams();
  const asked = Object.fromEntries(fields.map((field) => [field, params.get(field) ?? '']));
  const [form, setForm] = useState(asked);
  const sent = params.get('of') === of || (of === 'joint' && !params.has('of'));
  const some = sent && fields.some((field) => asked[field] !== '');
  const answer = useQuery({ queryKey: ['workbench', of, asked], queryFn: () => question(asked), enabled: some, retry: false });
  const bind = (field: string) => ({
    value: form[field] ?? '',
    onChange: (event: { target: { value: string } }) => setForm((now) => ({ ...now, [field]: event.target.value })),
  });
  const put = (field: string) => (value: string) => setForm((now) => ({ ...now, [field]: value }));
  const ask = () => setParams({ of, ...Object.fromEntries(Object.entries(form).filter(([, value]) => value.trim() !== '')) });
  return { form, bind, put, ask, answer, some };
}
