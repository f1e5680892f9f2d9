import type { JointOnStand } from '@/api/types';

/** Where a joint of an engine stands, in a sentence. */
export function jointSentence(joint: JointOnStand): { text: string; fault: boolean } {
  const { run, given, outside } = joint;
  if (run) {
    const who = run.person ?? 'somebody';
    if (run.finished) return { text: `done by ${who}`, fault: false };
    if (joint.stop) return { text: `stopped by the shop, at ${String(run.done)} of ${String(run.all)}`, fault: true };
    if (run.stopped) return { text: `stopped: ${who} must back a bolt off`, fault: true };
    if (run.left || run.parked) return { text: `left for now by ${run.left?.person_name ?? who}, at ${String(run.done)} of ${String(run.all)}`, fault: false };
    if (run.done === run.all) return { text: `every step done, ${who} has not finished it`, fault: false };
    return { text: `${who} is at ${String(run.done)} of ${String(run.all)}`, fault: false };
  }
  if (given && joint.stop) return { text: `on ${given.person ?? 'somebody'}’s hook, stopped by the shop`, fault: true };
  if (given) return { text: `on ${given.person ?? 'somebody'}’s hook, not begun`, fault: false };
  if (outside) return { text: outside.kind === 'stayed' ? 'not opened in this build' : 'not in the record', fault: outside.kind === 'told' };
  if (joint.options.length === 0) return { text: 'no approved procedure', fault: true };
  if (joint.hardware === null) return { text: 'hardware not chosen', fault: true };
  return joint.revision ? { text: 'not given to anybody yet', fault: false } : { text: `nothing approved for ${joint.hardware.option}`, fault: true };
}
