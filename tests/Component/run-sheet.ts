import type { BenchView, Call, RunSheet, Scale } from '@/api/types';

const SCALE: Scale = {
  unit: { code: 'N.m', symbol: 'N·m' },
  digits: '32',
  low: '30.4',
  high: '33.6',
  least: '30.4',
  most: '33.6',
  doubts: [
    { from: '304', to: '336', says: 'a decimal mark is a factor of 10', over: '10' },
    { from: '60', says: 'TW-04 is for 12–60 N·m', beyond: true },
  ],
};

export const READ: Call = {
  kind: 'read',
  title: 'Bolt 1',
  says: ['in one free motion', 'engine oil on threads', 'TW-04, torque wrench'],
  step: 'snug:1:1',
  position: '1',
  scale: SCALE,
  fields: [{ name: 'value', label: 'Reading of TW-04', kind: 'value', into: 'value', optional: false, scale: SCALE }],
  answers: [{ key: 'Enter', says: 'Take', takes: ['value'], good: true, event: { type: 'reading_taken', step: 'snug:1:1', tool: 't4' } }],
};

const TOOLS: Call = {
  kind: 'tool',
  title: 'Take a torque wrench',
  says: [],
  fields: [],
  answers: [{ key: '1', says: 'TW-04', takes: [], good: true, event: { type: 'tool_taken', quantity: 'torque', tool: 't4' } }],
  offers: [
    { id: 't4', code: 'TW-04', name: 'Torque wrench', range: '12–60 N·m', reasons: [], key: '1' },
    { id: 't7', code: 'TW-07', name: 'Dial wrench', range: '15–75 lbf·ft', reasons: ['TW-07 is out of calibration.'] },
  ],
};

export const viewOf = (call: Call): BenchView => ({
  call,
  tools: [TOOLS],
  done: 0,
  all: 2,
  rounds: [{ stage: 'snug', done: 0, all: 2 }],
  marks: ['1', '2'].map((position) => ({ position, strokes: [], old: 0 })),
  last: null,
  wet: [],
  put_off: [],
  blocks: [],
  card: null,
  parked: false,
  finished: false,
  last_seq: 7,
  next_step: 'snug:1:1',
  stopped_at: null,
});

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
  rounds: [{ stage: 'snug', line: '32 N·m', why: '' }],
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
  kit: [],
  time: null,
  left: null,
  card: null,
  holder: { person: 'p1', person_name: 'Assembler', device: 'bench-1', device_name: 'Bench 1', partner_name: null, supervisor_name: null, heard_at: null },
  stops: 0,
  engine: [],
  last_seq: 7,
  view: viewOf(READ),
  beside: { plan: 'a'.repeat(64), state: {}, rack: {} },
};
