import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import type { LibraryFamily } from '@/api/types';
import type { Writing } from './useWriting';

type Props = { families: LibraryFamily[]; writing: Writing; onPut: (next: Partial<Writing>) => void };

/** For which engines, at which joint, with which hardware. */
export function WhatFor({ families, writing, onPut }: Props) {
  const family = families.find((f) => f.id === writing.family);
  const taken = family?.joints.find((known) => known.id === writing.joint)?.options ?? [];
  return (
    <div className="mt-2 grid grid-cols-[1fr_1fr_1fr] items-start gap-4 lg:grid-cols-[13rem_15rem_1fr_14rem]">
      <Choice
        label="For engines of"
        value={writing.family}
        placeholder="Which family"
        onChange={(chosen) => onPut({ family: chosen, joint: '', variant: 'all' })}
        options={families.map((f) => ({ value: f.id, text: f.name }))}
      />
      <Choice
        label="Joint"
        value={writing.joint}
        placeholder={family ? 'Which joint' : 'Choose the family first'}
        onChange={(joint) => onPut({ joint })}
        options={(family?.joints ?? []).map((j) => ({ value: j.id, text: j.name }))}
      />
      <Field
        label="Hardware option"
        value={writing.option}
        onChange={(e) => onPut({ option: e.target.value })}
        placeholder="stock bolts"
        hint={taken.length > 0 ? `There are already: ${taken.join(', ')}.` : undefined}
      />
      {family !== undefined && family.variants.length > 0 && (
        <Choice
          label="For"
          value={writing.variant}
          placeholder="Which engines"
          onChange={(variant) => onPut({ variant })}
          options={[{ value: 'all', text: 'every engine of the family' }, ...family.variants.map((v) => ({ value: v.id, text: v.name }))]}
        />
      )}
    </div>
  );
}
