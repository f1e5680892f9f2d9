import { useQuery } from '@tanstack/react-query';
import { answerOf, api, asForm } from '@/api/client';
import { useCommand } from '@/ui/useCommand';

export const CARDS = ['cards'] as const;
const BOARD_MS = 15_000;

export function useCards() {
  return useQuery({ queryKey: [...CARDS, 'all'], queryFn: () => answerOf(api.GET('/cards')), refetchInterval: BOARD_MS });
}

export function useCard(card: string) {
  return useQuery({ queryKey: [...CARDS, card], queryFn: () => answerOf(api.GET('/cards/{card}', { params: { path: { card } } })), refetchInterval: BOARD_MS });
}

/** A command on a card; whatever comes of it, the cards are fetched again. */
export function useCardCommand<T>(command: (input: T) => Promise<unknown>) {
  return useCommand(command, CARDS);
}

export type Reason = 'not_needed' | 'spoiled' | 'printed_twice' | 'other_revision';

export const cardBack = (card: string, body: { worked_by: string; worked_on: string }) =>
  answerOf(api.POST('/cards/{card}/back', { params: { path: { card } }, body }));

export const voidCard = (card: string, reason: Reason) => answerOf(api.POST('/cards/{card}/void', { params: { path: { card } }, body: { reason } }));

export const loseCard = (card: string) => answerOf(api.POST('/cards/{card}/lose', { params: { path: { card } } }));

export const keepScan = (card: string, file: File) =>
  answerOf(api.POST('/cards/{card}/scan', { params: { path: { card } }, body: { file }, bodySerializer: asForm }));

export const compareCard = (card: string, differ: string[]) => answerOf(api.POST('/cards/{card}/compare', { params: { path: { card } }, body: { differ } }));

/** Where the card itself is printed from, and its scan looked at. */
export const paperOf = (card: string) => `/api/cards/${card}/paper.pdf`;
export const scanOf = (card: string) => `/api/cards/${card}/scan`;
