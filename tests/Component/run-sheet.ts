import type { RunSheet, RunStep, ToolOffer } from '@/api/types';

const step = (position: string): RunStep => ({
  id: `snug:${position}`,
  stage: 'snug',
  kind: 'torque',
  quantity: 'torque',
  position,
  target: '32 N·m',
  window: '30.4 to 33.6 N·m',
  threshold: null,
  status: 'to_do',
  attempts: [],
});

const WRENCH: ToolOffer = {
  id: 't4',
  code: 'TW-04',
  name: 'Torque wrench',
  range: '12 to 60 N·m',
  kind_words: 'torque wrench',
  unit: { code: 'N.m', symbol: 'N·m' },
  resolution: '0.1',
  reasons: [],
  settings: ['1', '2'].map((p) => ({ step: `snug:${p}`, digits: '32', low: '30.4', high: '33.6' })),
};

/** One round on two bolts, as the server sends it to the bench that has it in hand. */
export const SHEET: RunSheet = {
  id: 'run-1',
  subject: 'sub-1',
  serial: 'TN3-26-0001',
  hardware: 'stock bolts',
  family: 'Tarn TN3',
  joint: 'Main caps',
  revision: 'A',
  newer: null,
  permits: [],
  rounds: ['32 N·m'],
  stages: [{ key: 'snug', motion: 'may_ratchet', why: '' }],
  surfaces: [{ surface: 'thread', condition: 'engine oil' }],
  cautions: ['Eyes are protected while a bolt is pulled.'],
  sketch: {
    map: {
      width: '120',
      height: '80',
      front: 'left',
      parts: [],
      positions: ['1', '2'].map((key, i) => ({ key, number: key, x: String(30 + 60 * i), y: '40', group: 'caps', part: '' })),
    },
    groups: [{ key: 'caps', name: 'cap bolts', fastener: 'bolt' }],
    fasteners: [{ key: 'bolt', head: 'hex', across_flats_mm: '13' }],
  },
  holder: { person: 'p1', person_name: 'Assembler', device: 'bench-1', device_name: 'Bench 1' },
  last_seq: 7,
  finished: false,
  next_step: 'snug:1',
  stopped_at: null,
  stop: null,
  steps: [step('1'), step('2')],
  walk_sheet: ['1', '2'].map((p) => ({ step: `snug:${p}`, quantity: 'torque', low: '30.4', high: '33.6', units: [{ code: 'N.m', factor: '1' }] })),
  tools: { torque: { taken: 'TW-04', offers: [WRENCH] }, angle: { taken: null, offers: [] } },
  marks: ['1', '2'].map((position) => ({ position, strokes: [], old: 0, fault: null })),
};
