import { describe, expect, it } from 'vitest';
import { suspectedSlip } from './slips';

// Factors of slips: a foot is 12 inches; a decimal mark is a factor of 10; 1 lbf·ft is 1.356 N·m (NIST SP 811, rounded).
const newtonMetres = { step: 's', low: '30', high: '34', units: [{ code: 'N.m', factor: '1' }] };
const footPounds = { step: 's', low: '8.4', high: '9.2', units: [{ code: 'lbf.ft', factor: '1.3558179483314004' }] };

describe('a suspected slip', () => {
  it('asks about a lost decimal mark', () => {
    expect(suspectedSlip(newtonMetres, '318', 'N.m')?.likely).toBe('31.8');
    expect(suspectedSlip(newtonMetres, '3.2', 'N.m')?.likely).toBe('32');
  });

  it('asks about inch-pounds given as foot-pounds: 78 in-lb is 6.5 ft-lb', () => expect(suspectedSlip(footPounds, '78', 'lbf.ft')?.likely).toBe('6.5'));

  it('asks about foot-pounds given as newton metres', () => expect(suspectedSlip(newtonMetres, '23.6', 'N.m')?.words).toContain('1.356'));

  it('never asks about a reading in its window', () => expect(suspectedSlip(newtonMetres, '32', 'N.m')).toBeNull());

  it('never asks about an honest short or over pull', () => {
    for (const digits of ['27.4', '29.9', '34.1', '38']) expect(suspectedSlip(newtonMetres, digits, 'N.m')).toBeNull();
  });
});
