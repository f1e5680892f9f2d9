import type { BenchView, RunSheet } from '@/api/types';
import { MorePanel } from './MorePanel';
import type { Bench } from './useRun';

export type AsidePanel = 'more' | null;

type Props = { panel: AsidePanel; bench: Bench; sheet: RunSheet; view: BenchView; pad?: boolean; onPad?: () => void; onTool?: () => void; onClose: () => void };

/** What lies behind +. */
export function Aside({ panel, bench, sheet, view, pad = false, onPad, onTool, onClose }: Props) {
  return panel === 'more' ? <MorePanel bench={bench} sheet={sheet} view={view} pad={pad} onPad={onPad} onTool={onTool} onClose={onClose} /> : null;
}
