import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { post } from '@/api/client';

/** A form whose texts stand in the address once they are sent, and the answer to them. */
export function useAsked<T>(of: string, path: string, fields: readonly string[], body: (asked: Record<string, string>) => unknown) {
  const [params, setParams] = useSearchParams();
  const asked = Object.fromEntries(fields.map((field) => [field, params.get(field) ?? '']));
  const [form, setForm] = useState(asked);
  const sent = params.get('of') === of || (of === 'joint' && !params.has('of'));
  const some = sent && fields.some((field) => asked[field] !== '');
  const answer = useQuery({ queryKey: ['workbench', path, asked], queryFn: () => post<T>(path, body(asked)), enabled: some, retry: false });
  const bind = (field: string) => ({
    value: form[field] ?? '',
    onChange: (event: { target: { value: string } }) => {
      setForm((now) => ({ ...now, [field]: event.target.value }));
    },
  });
  const put = (field: string) => (value: string) => {
    setForm((now) => ({ ...now, [field]: value }));
  };
  const ask = () => {
    setParams({ of, ...Object.fromEntries(Object.entries(form).filter(([, value]) => value.trim() !== '')) });
  };
  return { form, bind, put, ask, answer, some };
}
