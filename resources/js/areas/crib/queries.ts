import { useQuery } from '@tanstack/react-query';
import { answerOf, api, asForm } from '@/api/client';
import type { CalibrationTyped, FormRules, ToolFields } from '@/api/types';
import { useCommand } from '@/ui/useCommand';

export const TOOLS = ['tools'] as const;
const LOTS = ['lots'] as const;
const STANDARDS = ['standards'] as const;
export const CASES = ['cases'] as const;
const BOARD_MS = 15_000;
const JUDGING_MS = 1_500;

const of = (tool: string) => ({ params: { path: { tool } } });

export function useTools() {
  return useQuery({ queryKey: [...TOOLS, 'all'], queryFn: () => answerOf(api.GET('/tools')), refetchInterval: BOARD_MS });
}

export function useTool(tool: string) {
  return useQuery({ queryKey: [...TOOLS, tool], queryFn: () => answerOf(api.GET('/tools/{tool}', of(tool))), refetchInterval: BOARD_MS });
}

export function useCalibrationForm(tool: string) {
  return useQuery({ queryKey: ['calibration', tool], queryFn: () => answerOf(api.GET('/tools/{tool}/calibration', of(tool))), staleTime: Infinity });
}

/** What it comes to so far; the last answer stays while the next one is on its way. */
export function useLook(tool: string, typed: CalibrationTyped) {
  return useQuery({
    queryKey: ['calibration', tool, 'look', typed],
    queryFn: () => answerOf(api.POST('/tools/{tool}/calibrations/look', { ...of(tool), body: typed })),
    placeholderData: (before) => before,
    retry: false,
  });
}

export function useStandards() {
  return useQuery({ queryKey: [...STANDARDS, 'all'], queryFn: () => answerOf(api.GET('/reference-standards')) });
}

export function useToolRules() {
  return useQuery({ queryKey: [...STANDARDS, 'rules'], queryFn: () => answerOf(api.GET('/tool-rules')) });
}

export function useLots() {
  return useQuery({ queryKey: [...LOTS, 'all'], queryFn: () => answerOf(api.GET('/lots')) });
}

export function useCalendarAddress() {
  return useQuery({ queryKey: ['calendar'], queryFn: () => answerOf(api.GET('/tools/calendar')), staleTime: Infinity });
}

export function useStudies(tool: string) {
  return useQuery({ queryKey: ['studies', tool], queryFn: () => answerOf(api.GET('/tools/{tool}/studies', of(tool))) });
}

export function useServed() {
  return useQuery({ queryKey: [...TOOLS, 'served'], queryFn: () => answerOf(api.GET('/tools/served')) });
}

export function useCases() {
  return useQuery({ queryKey: [...CASES, 'all'], queryFn: () => answerOf(api.GET('/cases')), refetchInterval: BOARD_MS });
}

export function useCase(number: string) {
  return useQuery({
    queryKey: [...CASES, number],
    queryFn: () => answerOf(api.GET('/cases/{case}', { params: { path: { case: number } } })),
    refetchInterval: ({ state }) => (state.data?.state === 'judging' ? JUDGING_MS : BOARD_MS),
  });
}

export const useCaseCommand = <In, Out>(command: (input: In) => Promise<Out>) => useCommand(command, CASES);

/** A command on tools; whatever comes of it, the board is fetched again. */
export function useToolCommand<In, Out>(command: (input: In) => Promise<Out>) {
  return useCommand(command, TOOLS);
}

export const useStandardCommand = <In, Out>(command: (input: In) => Promise<Out>) => useCommand(command, STANDARDS);
export const useStudyCommand = <In, Out>(command: (input: In) => Promise<Out>) => useCommand(command, ['studies']);
export const useLotCommand = <In, Out>(command: (input: In) => Promise<Out>) => useCommand(command, LOTS);

export type Elsewhere = 'none' | 'some' | 'much';
export type ChainReason = 'dropped' | 'overloaded' | 'suspected';
export type RetireReason = 'worn' | 'broken' | 'lost' | 'sold';

export const lend = (tool: string, badge: string, build: string | null = null) =>
  answerOf(api.POST('/tools/{tool}/lend', { ...of(tool), body: { badge, build } }));
export const findTool = async (tool: string) => (await answerOf(api.GET('/tools/{tool}', of(tool)))).tool;
export const takeBack = (tool: string, elsewhere: Elsewhere) => answerOf(api.POST('/tools/{tool}/return', { ...of(tool), body: { elsewhere } }));
export const chain = (tool: string, reason: ChainReason) => answerOf(api.POST('/tools/{tool}/chain', { ...of(tool), body: { reason } }));
export const check = (tool: string, body: { nominal: string; reading: string }) => answerOf(api.POST('/tools/{tool}/check', { ...of(tool), body }));
export const retire = (tool: string, reason: RetireReason) => answerOf(api.POST('/tools/{tool}/retire', { ...of(tool), body: { reason } }));
export const setInterval = (tool: string, months: number) => answerOf(api.POST('/tools/{tool}/interval', { ...of(tool), body: { months } }));
export const send = (tools: string[], laboratory: string) => answerOf(api.POST('/tools/away', { body: { tools, laboratory } }));
export const bringBack = (tools: string[]) => answerOf(api.POST('/tools/back', { body: { tools } }));
export const register = (tools: ToolFields[]) => answerOf(api.POST('/tools', { body: { tools } }));
export const readTable = (csv: string) => answerOf(api.POST('/tools/read', { body: { csv } }));
export const change = (tool: string, fields: ToolFields) => answerOf(api.POST('/tools/{tool}', { ...of(tool), body: { fields } }));
export const record = (tool: string, typed: CalibrationTyped) => answerOf(api.POST('/tools/{tool}/calibrations', { ...of(tool), body: typed }));
export const readReadings = (tool: string, text: string) => answerOf(api.POST('/tools/{tool}/calibrations/read', { ...of(tool), body: { text } }));
type StudyBody = { text: string; window: string | null };
export const lookAtStudy = (tool: string, body: StudyBody) => answerOf(api.POST('/tools/{tool}/studies/look', { ...of(tool), body }));
export const keepStudy = (tool: string, body: StudyBody) => answerOf(api.POST('/tools/{tool}/studies', { ...of(tool), body }));
export const keepCertificate = (calibration: string, file: File) =>
  answerOf(api.POST('/calibrations/{calibration}/certificate', { params: { path: { calibration } }, body: { file }, bodySerializer: asForm }));

type Standard = {
  code: string;
  name: string;
  measures: 'torque' | 'angle' | 'length';
  uncertainty: string;
  certificate: string;
  laboratory: string;
  valid_from: string;
  valid_until: string;
};
export const keepStandard = (body: Standard) => answerOf(api.POST('/reference-standards', { body }));
export const setRules = (form: string, rules: FormRules) => answerOf(api.POST('/tool-rules/{form}', { params: { path: { form } }, body: { rules } }));

type NewLot = {
  number: string;
  kind: 'fastener' | 'gasket' | 'locker' | 'lubricant' | 'sealant';
  name: string;
  certificate: string;
  quantity: string;
  unit: string;
  expires_on: string | null;
  place: string;
};
export const receiveLot = (body: NewLot) => answerOf(api.POST('/lots', { body }));
export const countLot = (lot: string, quantity: string) => answerOf(api.POST('/lots/{lot}/count', { params: { path: { lot } }, body: { quantity } }));
export const closeLot = (lot: string) => answerOf(api.POST('/lots/{lot}/close', { params: { path: { lot } } }));

export type CaseDecision = 'use_as_is' | 'redo' | 'replace' | 'recall' | 'audited';
const inCase = (number: number) => ({ params: { path: { case: String(number) } } });
export type Fastener = { joint: string; position: string };

export const decideCase = (number: number, body: { builds: string[]; decision: CaseDecision; fasteners?: Fastener[] }) =>
  answerOf(api.POST('/cases/{case}/decisions', { ...inCase(number), body }));
export const closeCase = (number: number) => answerOf(api.POST('/cases/{case}/close', inCase(number)));
export const doubtStandard = (standard: string, body: { since: string; off: string | null }) =>
  answerOf(api.POST('/reference-standards/{standard}/doubt', { params: { path: { standard } }, body }));

/** Where things are printed or saved from. */
export const labelsOf = (tools: string[]) => `/api/tools/labels.pdf?tools=${encodeURIComponent(tools.join(','))}`;
export const TABLE_CSV = '/api/tools/table.csv';
export const sheetOf = (calibration: string) => `/api/calibrations/${calibration}/sheet.pdf`;
export const certificateOf = (calibration: string) => `/api/calibrations/${calibration}/certificate`;
export const lettersOf = (number: number) => `/api/cases/${String(number)}/letters.pdf`;
export const tableOf = (number: number) => `/api/cases/${String(number)}/letters.csv`;
