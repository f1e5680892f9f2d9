import { useEffect, useId, useRef, useState } from 'react';
import { answerOf, api, asForm } from '@/api/client';
import { withField } from '@/lib/document';
import { Problem } from '@/lib/problem';
import { Cell } from '@/ui/Cell';
import { FileField } from '@/ui/FileField';
import { RemoveButton } from '@/ui/RemoveButton';
import { Select } from '@/ui/Select';
import { type Thing, thingsOf } from '@/ui/ThingList';
import { pictureAddress } from '../pictures';

type Props = { of: Thing; name: string; onPut: (field: string, value: unknown) => void };

const SHOWS = [
  { value: 'right', text: 'right' },
  { value: 'wrong', text: 'wrong' },
];

const text = (value: unknown) => (typeof value === 'string' ? value : '');

/** Pictures of how it must look, and of how it must not, right beside wrong. */
export function Pictures({ of, name, onPut }: Props) {
  const pictures = thingsOf(of.pictures);
  const change = (next: Thing[]) => onPut('pictures', next);
  // Bringing one takes its time: what was written under the others meanwhile is not lost by it.
  const add = useRef<(file: string) => void>(null);
  useEffect(() => {
    add.current = (file) => change([...pictures, { file, shows: pictures.length % 2 === 0 ? 'right' : 'wrong', says: '' }]);
  });
  return (
    <fieldset>
      <legend className="mb-1 text-sm text-soft">Pictures</legend>
      {pictures.length > 0 && (
        <div className="mb-2 flex flex-wrap gap-4">
          {pictures.map((p, i) => (
            <OnePicture
              key={i}
              picture={p}
              name={`${String(i + 1)}, ${name}`}
              onPut={(field, value) => change(pictures.map((other, at) => (at === i ? withField(other, field, value) : other)))}
              onRemove={() => change(pictures.filter((_, at) => at !== i))}
            />
          ))}
        </div>
      )}
      <Bring name={name} onBrought={(file) => add.current?.(file)} />
    </fieldset>
  );
}

type OneProps = { picture: Thing; name: string; onPut: (field: string, value: string) => void; onRemove: () => void };

function OnePicture({ picture: p, name, onPut, onRemove }: OneProps) {
  return (
    <div className="w-80">
      <img className="aspect-[4/3] w-full border border-hair bg-sheet object-contain" src={pictureAddress(text(p.file))} alt={text(p.says)} />
      <div className="my-1 flex items-center justify-between">
        <Select
          className="w-22"
          label={`What picture ${name} shows`}
          hideLabel
          value={text(p.shows)}
          onValueChange={(v) => onPut('shows', v)}
          options={SHOWS}
        />
        <RemoveButton label={`Take picture ${name} out`} onClick={onRemove} />
      </div>
      <Cell label={`What is to be seen on picture ${name}`} placeholder="what is to be seen" value={text(p.says)} onType={(v) => onPut('says', v)} />
    </div>
  );
}

/** One more, brought from this machine; the server keeps it and says by what it is known. */
function Bring({ name, onBrought }: { name: string; onBrought: (file: string) => void }) {
  const [fault, setFault] = useState<string | null>(null);
  const [bringing, setBringing] = useState(false);
  const [taken, setTaken] = useState(0);
  const id = useId();
  const bring = async (file: File | null) => {
    if (file === null) return;
    setFault(null);
    setBringing(true);
    try {
      onBrought((await answerOf(api.POST('/library/pictures', { body: { file }, bodySerializer: asForm }))).file);
    } catch (e) {
      setFault(e instanceof Problem ? e.message : 'It could not be brought. Try again.');
    }
    setBringing(false);
    setTaken((n) => n + 1);
  };
  return (
    <div className="max-w-xl">
      <FileField
        key={`${id}-${String(taken)}`}
        label={`Another picture, ${name}: PNG or JPEG, at most 20 MB`}
        accept=".png,.jpg,.jpeg"
        onChoose={(f) => void bring(f)}
      />
      <p role="status" className={`mt-1 text-sm ${fault === null ? 'text-soft' : 'text-fault'}`}>
        {bringing ? 'Bringing it …' : fault}
      </p>
    </div>
  );
}
