import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useEffect, useMemo } from 'react';
import { useMe } from '@/api/session';
import type { RunSheet, RunStep, ToolOffer } from '@/api/types';
import { type RunView, runView, unknownTo } from '@/lib/run-view';
import { judge } from '@/lib/straight-path';
import { motionOf, nameOf } from './names';
import { type RunObservation, clocks, isAtStep, isOfRun } from './outbox';
import { RUN, type RunCommand, useSheet } from './queries';
import { useOutbox } from './useOutbox';

/** A run as this bench sees it: the server's sheet walked on by what is still on its way, and what can be done to it. */
export function useRun(id: string) {
  const client = useQueryClient();
  const query = useSheet(id);
  const { outbox, state, ready } = useOutbox();
  const told = query.data;

  const lastSeq = told?.last_seq ?? 0;
  const pending = useMemo(() => {
    const unseen = state.answered.filter(({ outcome }) => outcome.standing === 'applied' && outcome.seq > lastSeq).map(({ observation }) => observation);
    return unknownTo(
      told,
      [...unseen, ...state.waiting].filter((o) => isOfRun(o, id)),
    );
  }, [state, id, lastSeq, told]);

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

  const sheet = useMemo(() => told && withTools(told, pending), [told, pending]);
  const view: RunView | null = sheet ? runView(sheet, pending.filter(isAtStep)) : null;
  const asides = state.answered.filter(({ observation, outcome }) => isOfRun(observation, id) && outcome.standing !== 'applied');
  return { query, sheet, view, pending, asides, outbox, outboxState: state, command };
}

export type Bench = ReturnType<typeof useRun>;

/** Ways to observe something in a run, put into the outbox with what the bench knows of it. */
export function useObserve(bench: Bench) {
  const me = useMe();
  const { outbox, sheet } = bench;
  const common = () => ({
    v: 1 as const,
    id: crypto.randomUUID(),
    run: sheet?.id ?? '',
    subject: sheet?.subject ?? '',
    sitting: me.sitting ?? '',
    base_seq: sheet?.last_seq ?? 0,
    ...clocks(),
  });
  const observe = async (seen: RunObservation) => (await outbox?.observe(seen)) ?? false;
  return {
    reading: (step: RunStep, value: string, raw: string, tool: ToolOffer, source: 'typed' | 'simulated_tool') => {
      const line = sheet?.walk_sheet.find((l) => l.step === step.id);
      const verdict = line ? judge(line, value, tool.unit.code) : null;
      const says = verdict === null ? {} : { device_says: { standing: 'applied' as const, verdict } };
      const shown = sheet ? { shown: shownFor(sheet, step, tool) } : {};
      return observe({
        ...common(),
        type: 'reading_taken',
        step: step.id,
        value: `${value} ${tool.unit.code}`,
        raw,
        tool: tool.id,
        source,
        ...shown,
        ...says,
      });
    },
    backedOff: (step: string) => observe({ ...common(), type: 'backed_off', step }),
    replaced: (position: string) => observe({ ...common(), type: 'fastener_replaced', position }),
    toolTaken: (quantity: RunStep['quantity'], tool: string) => observe({ ...common(), type: 'tool_taken', quantity, tool }),
  };
}

/** The number to reach as the screen gave it, with all that belongs to it. */
function shownFor(sheet: RunSheet, step: RunStep, tool: ToolOffer) {
  const setting = tool.settings.find((s) => s.step === step.id);
  return {
    number: setting?.digits ?? step.target,
    unit: tool.unit.symbol,
    ...(setting ? { setting: `${setting.low}–${setting.high}` } : {}),
    hardware: sheet.hardware,
    sentence: `${nameOf(sheet, step).bolt}, ${motionOf(sheet, step)}`,
  };
}

/** The sheet with the tools that were taken here and have not been answered yet. */
function withTools(sheet: RunSheet, pending: RunObservation[]): RunSheet {
  const tools = { ...sheet.tools };
  for (const observation of pending) {
    if (observation.type === 'tool_taken') {
      const { offers } = tools[observation.quantity];
      tools[observation.quantity] = { offers, taken: offers.find((o) => o.id === observation.tool)?.code ?? null };
    }
  }
  return { ...sheet, tools };
}

export function takenTool(sheet: RunSheet, step: RunStep): ToolOffer | null {
  const { taken, offers } = sheet.tools[step.quantity];
  return offers.find((o) => o.code === taken) ?? null;
}
