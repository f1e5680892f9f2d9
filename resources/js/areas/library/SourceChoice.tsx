import type { Source } from '@/api/types';
import { Choice } from '@/ui/Choice';
import { sourceOptions } from './choices';

/** The paper on record that something stands in. */
export function SourceChoice({ sources, value, onChange }: { sources: Source[]; value: string; onChange: (code: string) => void }) {
  return <Choice label="Stands in" value={value} onChange={onChange} placeholder="Which paper" options={sourceOptions(sources)} />;
}
