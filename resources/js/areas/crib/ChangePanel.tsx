import { useState } from 'react';
import type { ToolPage } from '@/api/types';
import { Problem } from '@/lib/problem';
import { Button } from '@/ui/Button';
import { Panel } from '@/ui/Panel';
import { Refusal } from '@/ui/Refusal';
import { ToolFieldsForm } from './ToolFieldsForm';
import { change, useToolCommand } from './queries';

/** What is said of a tool, set right; what it is and its number stay. */
export function ChangePanel({ page, onClose }: { page: ToolPage; onClose: () => void }) {
  const [fields, setFields] = useState<Record<string, string>>(() => Object.fromEntries(Object.entries(page.fields).map(([k, v]) => [k, v ?? ''])));
  const save = useToolCommand(() => change(page.tool.code, fields));
  return (
    <Panel title={`What is said of ${page.tool.code}`} note="What was tightened before keeps what was said then." open onClose={onClose} wide>
      <ToolFieldsForm fields={fields} fixed wrong={fieldOf(save.error)} onPut={(field, value) => setFields((now) => ({ ...now, [field]: value }))} />
      <Refusal of={save} className="mt-3" />
      <div className="mt-4 flex gap-3">
        <Button look="main" disabled={save.isPending} onClick={() => save.mutate(undefined, { onSuccess: onClose })}>
          Keep it
        </Button>
        <Button onClick={onClose}>Not now</Button>
      </div>
    </Panel>
  );
}

/** The field that was refused, without what stands before it in a list. */
export function fieldOf(error: unknown): string | null {
  return error instanceof Problem ? (error.field?.split('.').pop() ?? null) : null;
}
