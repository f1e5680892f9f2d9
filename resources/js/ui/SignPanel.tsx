import type { QueryKey } from '@tanstack/react-query';
import { useState } from 'react';
import { Field } from './Field';
import { TextArea } from './TextArea';
import { FormPanel } from './FormPanel';

type Signed = { reason: string; password: string };
type Props = {
  title: string;
  /** Who signs, by name. */
  signer: string;
  /** What the signature means. */
  meaning: string;
  verb: string;
  fault?: boolean;
  /** The question whose answer is the reason; absent where none is asked. */
  reason?: string;
  /** False where a reason alone will do. */
  password?: boolean;
  onClose: () => void;
  command: (signed: Signed) => Promise<unknown>;
  refreshes: QueryKey;
};

/** A signature: name, meaning, the password once more. */
export function SignPanel({ title, signer, meaning, verb, fault = false, reason, password = true, onClose, command, refreshes }: Props) {
  const [signed, setSigned] = useState<Signed>({ reason: '', password: '' });
  return (
    <FormPanel title={title} note={meaning} verb={verb} fault={fault} onClose={onClose} command={() => command(signed)} refreshes={refreshes}>
      {reason !== undefined && <TextArea label={reason} value={signed.reason} onChange={(e) => setSigned((now) => ({ ...now, reason: e.target.value }))} />}
      {password && (
        <Field
          label={`Your password, ${signer}`}
          type="password"
          autoComplete="current-password"
          value={signed.password}
          onChange={(e) => setSigned((now) => ({ ...now, password: e.target.value }))}
        />
      )}
    </FormPanel>
  );
}
