import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useEffect, useMemo } from 'react';
import { useMe } from '@/api/session';
import type { RunSheet, RunStep, ToolOffer } from '@/api/types';
import { type RunView, runView, unknownTo } from '@/lib/run-view';
import { judge } from '@/lib/straight-path';
import { isOfRun } from './outbox';
import { RUN, type RunCommand, useSheet } from './queries';
import { useOutbox } from './useOutbox';

/** A run as this bench sees it: the server's sheet walked on by what is still on its way, and what can be done to it. */
export function useRun(id: string) {
  const client = useQueryClient();
  const query = useSheet(id);
  const { outbox, state, ready } = useOutbox();
  const sheet = query.data;

  const lastSeq = sheet?.last_seq ?? 0;
  const pending = useMemo(() => {
    const unseen = state.answered.filter(({ outcome }) => outcome.standing === 'applied' && outcome.seq > lastSeq).map(({ observation }) => observation);
    return unknownTo(
      sheet,
      [...unseen, ...state.waiting].filter((o) => isOfRun(o, id)),
    );
  }, [state, id, lastSeq, sheet]);

  const newest = Math.max(0, ...state.answered.filter(({ observation }) => isOfRun(observation, id)).map(({ outcome }) => outcome.seq));
  useEffect(() => {
    if (newest > lastSeq) void client.invalidateQueries({ queryKey: RUN(id) });
  }, [newest, lastSeq, client, id]);

  const command = useMutation({
    mutationFn: async (send: RunCommand) => (await ready()).command((stamp) => send(stamp, id), lastSeq),
    onSuccess: async (next) => {
      // A sheet still on its way was made before this one; coming after it, it would take back what the command did.
      await client.cancelQueries({ queryKey: RUN(id) });
      client.setQueryData(RUN(id), next);
    },
  });

  const view: RunView | null = sheet ? runView(sheet, pending) : null;
  const asides = state.answered.filter(({ observation, outcome }) => isOfRun(observation, id) && outcome.standing !== 'applied');
  return { query, sheet, view, pending, asides, outbox, outboxState: state, command };
}

export type Bench = ReturnType<typeof useRun>;

/** Ways to observe something at a step, put into the outbox with what the bench knows of it. */
export function useObserve(bench: Bench) {
  const me = useMe();
  const { outbox, sheet } = bench;
  const common = (step: string) => ({
    id: crypto.randomUUID(),
    run: sheet?.id ?? '',
    subject: sheet?.subject ?? '',
    sitting: me.sitting ?? '',
    step,
    base_seq: sheet?.last_seq ?? 0,
    device_time: new Date().toISOString(),
    mono_ms: Math.round(performance.now()),
  });
  return {
    reading: async (step: string, value: string, raw: string, tool: ToolOffer, source: 'typed' | 'simulated_tool') => {
      const line = sheet?.walk_sheet.find((l) => l.step === step);
      const verdict = (line && judge(line, value, tool.unit.code)) ?? 'unjudged';
      await outbox?.observe({ ...common(step), kind: 'reading', value, unit: tool.unit.code, raw, tool: tool.id, source, device_verdict: verdict });
      return verdict;
    },
    backedOff: async (step: string) => outbox?.observe({ ...common(step), kind: 'backed_off' }),
  };
}

export function takenTool(sheet: RunSheet, step: RunStep): ToolOffer | null {
  const { taken, offers } = sheet.tools[step.quantity];
  return offers.find((o) => o.code === taken) ?? null;
}
