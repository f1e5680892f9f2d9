import type { BenchView, RunSheet } from '@/api/types';
import { MorePanel } from './MorePanel';
import { WrongSheet } from './wrong/WrongSheet';
import type { Bench } from './useRun';

export type AsidePanel = 'more' | 'wrong' | null;

type Props = { panel: AsidePanel; bench: Bench; sheet: RunSheet; view: BenchView; pad?: boolean; onPad?: () => void; onTool?: () => void; onClose: () => void };

/** What lies behind + and /. */
export function Aside({ panel, bench, sheet, view, pad = false, onPad, onTool, onClose }: Props) {
  if (panel === 'more') return <MorePanel bench={bench} sheet={sheet} view={view} pad={pad} onPad={onPad} onTool={onTool} onClose={onClose} />;
  return panel === 'wrong' ? <WrongSheet bench={bench} sheet={sheet} view={view} onClose={onClose} /> : null;
}
